'use client';

import { Box, Text } from '@chakra-ui/react';
import { askedBy, withAsked, withoutAsked, type Asked } from '@/core/brief/country-asks';
import type { CountryId } from '@/core/catalogue/country-climates';
import { jobsInWords, muchInWords } from '@/core/gear/job-words';
import type { UnitSystem } from '@/core/quantity';
import { Tick } from '@/ui/fields/tick';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import type { BriefProps } from './use-brief';

interface CountryAsksListProps {
  readonly country: CountryId;
  readonly brief: BriefProps['brief'];
  readonly view: KitView;
}

/** What the kind of country asks for beyond any kit, taken singly as wishes and rules of the kit; they go with the country. */
export function CountryAsksList({ country, brief, view }: CountryAsksListProps) {
  const { own, units } = view;
  const wished = { wishes: own.wishes, rules: brief.rules };
  const asked = askedBy(country, brief.people.length, wished);
  if (asked.length === 0) return null;
  return (
    <Box marginTop="3">
      <Text fontSize="sm" fontWeight="600">
        This country proposes
      </Text>
      {asked.map((each) => (
        <Box key={each.because} marginTop="1.5">
          <Tick
            isOn={each.isTaken}
            onChange={(isOn) => {
              const { wishes, rules } = isOn ? withAsked(wished, each) : withoutAsked(wished, each);
              perform({
                do: 'change kit',
                id: own.id,
                change: { brief: { ...brief, rules }, wishes },
              });
            }}
          >
            {askedInWords(each, units)}
          </Tick>
          <Text fontSize="sm" color="fg.muted">
            {each.because}
          </Text>
        </Box>
      ))}
    </Box>
  );
}

function askedInWords({ as }: Asked, units: UnitSystem): string {
  switch (as.rule) {
    case null:
      return `${jobsInWords(as.anyOf)}: ${as.ways === 1 ? 'a way' : `${as.ways} ways`}`;
    case 'amount':
      return `At least ${muchInWords(as.job, as.least, units)}`;
    case 'must have':
      return `A ${as.what} in the kit`;
  }
}
