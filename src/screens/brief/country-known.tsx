'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import {
  asTheTableSays,
  briefRanges,
  countryOf,
  makeDoThere,
  otherwiseKnown,
  withMakeDo,
  type CountryAsKnown,
} from '@/core/brief';
import { countries } from '@/core/catalogue/countries';
import { swarms, views, waters, woods } from '@/core/catalogue/country-words';
import { makeDoAnywhere, type MakeDo } from '@/core/catalogue/make-do';
import { jobIds, jobs, type JobId } from '@/core/gear';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { FigureField } from './figure-field';
import type { BriefProps } from './use-brief';

/** The row of the country as it holds for this brief: every figure can be corrected by who knows better. */
export function CountryKnown({ brief, change }: BriefProps) {
  const { asKnown } = brief;
  const there = countryOf(brief);
  if (there === null || brief.country === null) return null;
  const row = countries[brief.country];
  const known = (part: Partial<CountryAsKnown>) => change({ asKnown: { ...asKnown, ...part } });
  const corrected = otherwiseKnown(asKnown);
  return (
    <Box marginTop="2" aria-label="What the country is like" role="group">
      <Text fontSize="sm" color="fg.muted">
        These are planning values. What you know better holds for this brief, and comes along when
        another kit goes to the same kind of country.
      </Text>
      <Flex gap="3" wrap="wrap" marginTop="2">
        <OneOf
          label="The view is"
          words={views}
          value={there.view}
          usual={row.view}
          onChange={(view) => known({ view })}
        />
        <OneOf
          label="Insects that bite"
          words={swarms}
          value={there.insects}
          usual={row.insects}
          onChange={(insects) => known({ insects })}
        />
        <OneOf
          label="Firewood"
          words={woods}
          value={there.firewood}
          usual={row.firewood}
          onChange={(firewood) => known({ firewood })}
        />
        <OneOf
          label="Water is found"
          words={waters}
          value={there.water}
          usual={row.water}
          onChange={(water) => known({ water })}
        />
        <YesOrNo
          label="The ground bites"
          value={there.groundBites}
          usual={row.groundBites}
          onChange={(groundBites) => known({ groundBites })}
        />
        <YesOrNo
          label="Wood and tinder are wet"
          value={there.isWet}
          usual={row.isWet}
          onChange={(isWet) => known({ isWet })}
        />
        <YesOrNo
          label="The sun glares"
          value={there.glare}
          usual={row.glare}
          onChange={(glare) => known({ glare })}
        />
      </Flex>
      <Text fontSize="sm" fontWeight="600" marginTop="3">
        Made from what lies there
      </Text>
      <Text fontSize="sm" color="fg.muted">
        How hard each is, and how many minutes it takes, for one, a metre or a go: the evening and
        the proposed order reckon with it.
      </Text>
      <Flex wrap="wrap" columnGap="7" rowGap="1.5" marginTop="1">
        {madeThere(row.makeDo).map((job) => (
          <MakeDoRow
            key={job}
            job={job}
            there={makeDoThere(brief, job)!}
            isKnown={asKnown.makeDo.some((each) => each.job === job)}
            onChange={(next) => change({ asKnown: withMakeDo(asKnown, job, next) })}
          />
        ))}
      </Flex>
      {corrected > 0 && (
        <Button marginTop="3" onClick={() => change({ asKnown: asTheTableSays })}>
          Back to the planning values ({corrected} corrected)
        </Button>
      )}
    </Box>
  );
}

/** What is made from the land at all, somewhere. */
function madeThere(row: Readonly<Partial<Record<JobId, MakeDo>>>): readonly JobId[] {
  return jobIds.filter((job) => job in makeDoAnywhere || job in row);
}

interface OneOfProps<W extends string> {
  readonly label: string;
  readonly words: readonly W[];
  readonly value: W;
  /** What the table says. */
  readonly usual: W;
  /** Null goes back to the table. */
  readonly onChange: (value: W | null) => void;
}

function OneOf<W extends string>({ label, words, value, usual, onChange }: OneOfProps<W>) {
  return (
    <Choice<W>
      label={value === usual ? label : `${label} (corrected)`}
      value={value}
      options={words.map((each) => [each, each] as const)}
      onChange={(next) => onChange(next === usual ? null : next)}
    />
  );
}

interface YesOrNoProps {
  readonly label: string;
  readonly value: boolean;
  readonly usual: boolean;
  readonly onChange: (value: boolean | null) => void;
}

function YesOrNo({ label, value, usual, onChange }: YesOrNoProps) {
  const word = (is: boolean) => (is ? 'yes' : 'no');
  return (
    <OneOf
      label={label}
      words={['no', 'yes']}
      value={word(value)}
      usual={word(usual)}
      onChange={(next) => onChange(next === null ? null : next === 'yes')}
    />
  );
}

const hardnesses = ['easy', 'some work', 'hard', 'cannot'] as const;

interface MakeDoRowProps {
  readonly job: JobId;
  readonly there: MakeDo;
  readonly isKnown: boolean;
  readonly onChange: (known: MakeDo | null) => void;
}

function MakeDoRow({ job, there, isKnown, onChange }: MakeDoRowProps) {
  const { name } = jobs[job];
  return (
    <Flex
      as="fieldset"
      aria-label={name}
      align="center"
      gap="2"
      width={{ base: '100%', md: '320px' }}
    >
      <Text flex="1" fontSize="sm">
        {name}
        {isKnown && (
          <Text as="span" display="block" fontSize="xs" color="fg.muted">
            corrected
          </Text>
        )}
      </Text>
      <Choice<(typeof hardnesses)[number]>
        isLabelHidden
        label={`How hard: ${name}`}
        minWidth="112px"
        value={hardnesses[there.hardness]}
        options={hardnesses.map((each) => [each, each] as const)}
        onChange={(next) =>
          onChange({ ...there, hardness: hardnesses.indexOf(next) as MakeDo['hardness'] })
        }
      />
      <FigureField
        isLabelHidden
        label={`Minutes: ${name}`}
        width="72px"
        range={briefRanges.minutes}
        value={there.minutes}
        onChange={(minutes) => onChange({ ...there, minutes })}
      />
    </Flex>
  );
}
