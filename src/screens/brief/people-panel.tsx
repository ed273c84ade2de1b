'use client';

import { Box, Flex } from '@chakra-ui/react';
import { Plus, X } from 'lucide-react';
import { briefRanges, mostPeople, somebody, type Person } from '@/core/brief';
import { sexes, works, type Sex, type Work } from '@/core/models/words';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { Tick } from '@/ui/fields/tick';
import { FigureField } from './figure-field';
import { OwnMedicines } from './own-medicines';
import { TextField } from './text-field';
import type { BriefProps } from './use-brief';

/** Who: each with as much as they like to say; what they say stays in this browser and in their own back-up. */
export function PeoplePanel({ brief, change }: BriefProps) {
  const { people, work, workHours } = brief;
  const setPerson = (at: number, part: Partial<Person>) =>
    change({ people: people.map((each, which) => (which === at ? { ...each, ...part } : each)) });
  return (
    <Panel
      title="Who"
      says="What is not said is taken for a grown person of 75 kg. A kit’s file for others says none of it unless you tick that; the file of the whole bench keeps all."
    >
      {people.map((person, at) => (
        <Box
          key={at}
          as="fieldset"
          borderTopWidth={at === 0 ? 0 : '1px'}
          paddingY="2"
          aria-label={`Person ${at + 1}`}
        >
          <Flex gap="2" wrap="wrap" align="flex-start">
            <TextField
              label="Name"
              flex="1 1 110px"
              value={person.name}
              onChange={(name) => setPerson(at, { name })}
            />
            <FigureField
              label="kg"
              width="76px"
              range={briefRanges.bodyKg}
              value={person.bodyKg}
              onChange={(bodyKg) => setPerson(at, { bodyKg })}
            />
            <FigureField
              label="cm tall"
              width="76px"
              range={briefRanges.heightCm}
              value={person.heightCm}
              onChange={(heightCm) => setPerson(at, { heightCm })}
            />
            <FigureField
              label="Years"
              width="76px"
              range={briefRanges.ageYears}
              value={person.ageYears}
              onChange={(ageYears) => setPerson(at, { ageYears })}
            />
            <Choice<Sex>
              label="Sex"
              minWidth="110px"
              value={person.sex}
              options={sexes.map((sex) => [sex, sex === 'unknown' ? 'not said' : sex] as const)}
              onChange={(sex) => setPerson(at, { sex })}
            />
            <FigureField
              label="Shoe (EU)"
              width="82px"
              range={briefRanges.shoeSize}
              value={person.shoeSize}
              onChange={(shoeSize) => setPerson(at, { shoeSize })}
            />
            <FigureField
              label="Glove"
              width="70px"
              range={briefRanges.gloveSize}
              value={person.gloveSize}
              onChange={(gloveSize) => setPerson(at, { gloveSize })}
            />
            {people.length > 1 && (
              <Button
                size="icon"
                variant="bare"
                alignSelf="flex-end"
                aria-label={`Person ${at + 1} does not come`}
                onClick={() => change({ people: people.filter((_, which) => which !== at) })}
              >
                <X size={18} aria-hidden />
              </Button>
            )}
          </Flex>
          <Flex gap="2" wrap="wrap" align="flex-end" marginTop="2">
            <OwnMedicines
              medicines={person.medicines}
              onChange={(medicines) => setPerson(at, { medicines })}
            />
            <TextField
              label="Grave allergy"
              flex="1 1 130px"
              placeholder="none"
              value={person.graveAllergy}
              onChange={(graveAllergy) => setPerson(at, { graveAllergy })}
            />
            <Tick
              isOn={person.wearsSpectacles}
              onChange={(wearsSpectacles) => setPerson(at, { wearsSpectacles })}
            >
              needs spectacles
            </Tick>
          </Flex>
        </Box>
      ))}
      <Flex gap="3" wrap="wrap" align="flex-end" marginTop="3">
        <Button
          disabled={people.length >= mostPeople}
          onClick={() => change({ people: [...people, somebody] })}
        >
          <Plus size={18} aria-hidden /> One more comes
        </Button>
        <Choice<Work>
          label="How hard they move"
          value={work}
          options={works.map((each) => [each, each] as const)}
          onChange={(next) => change({ work: next })}
        />
        <FigureField
          label="Hours a day"
          isAsked
          width="110px"
          range={briefRanges.workHours}
          value={workHours}
          onChange={(next) => change({ workHours: next ?? 0 })}
        />
      </Flex>
    </Panel>
  );
}
