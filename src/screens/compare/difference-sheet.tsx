'use client';

import { Box, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { Printer } from 'lucide-react';
import { printMass, printMoney, printVolume } from '@/core/quantity';
import { differenceOf, setsOutG, swapSteps, totalsOf, type Spot } from '@/core/loadout';
import { coverDifference, schemeOf, type Standing } from '@/core/scheme';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import type { KitView } from '@/ui/kit/kit-view';
import { groundInWords } from '@/ui/kit/place-in-words';
import { Mats } from './mats';
import type { NamedSide } from './sides';

interface DifferenceSheetProps {
  readonly view: KitView;
  readonly from: NamedSide;
  readonly to: NamedSide;
}

/** What differs between two kits or versions, and what the hands have to do to turn one into the other. */
export function DifferenceSheet({ view, from, to }: DifferenceSheetProps) {
  const { scheme } = usePreferences();
  const { bench, units } = view;
  const difference = differenceOf(from.side, to.side);
  const cover = coverDifference(from.side, to.side, schemeOf(bench, scheme), view.kit.day);
  const { before, after } = difference;
  const [wasG, isG] = [from.side, to.side].map(({ loadout, shelf }) =>
    setsOutG(loadout, totalsOf(loadout, shelf)),
  ) as [number, number];
  const steps = swapSteps(difference);
  return (
    <Flex as="article" aria-label="Difference" direction="column" gap="4">
      <Grid templateColumns="repeat(auto-fit, minmax(150px, 1fr))" gap="2">
        <Shift
          name="Mass"
          before={printMass(wasG, units)}
          after={printMass(isG, units)}
          by={signed(isG - wasG, (massG) => printMass(massG, units))}
        />
        <Shift
          name="Bulk"
          before={printVolume(before.bulk.looseMl, units)}
          after={printVolume(after.bulk.looseMl, units)}
          by={signed(after.bulk.looseMl - before.bulk.looseMl, (volume) =>
            printVolume(volume, units),
          )}
        />
        <Shift
          name="Price"
          before={printMoney(before.priceMinor, bench.currency)}
          after={printMoney(after.priceMinor, bench.currency)}
          by={signed(after.priceMinor - before.priceMinor, (minor) =>
            printMoney(minor, bench.currency),
          )}
        />
        <Shift
          name={`Cover, ${cover.after.scheme.name}`}
          before={`${cover.before.covered} of ${cover.before.outOf}`}
          after={`${cover.after.covered} of ${cover.after.outOf}`}
          by={
            cover.shifts.length === 0
              ? 'no category stands otherwise'
              : cover.shifts
                  .map(
                    (shift) => `${shift.name}: ${inWords(shift.before)} → ${inWords(shift.after)}`,
                  )
                  .join(', ')
          }
        />
      </Grid>
      <Mats from={from} to={to} units={units} currency={bench.currency} />
      <Box
        as="section"
        aria-label="Swap list"
        bg="panel"
        borderWidth="1px"
        borderRadius="16px"
        padding="4"
      >
        <Flex justify="space-between" align="center" gap="2">
          <Heading as="h2" fontSize="lg">
            Swap list: from {from.name} to {to.name}
          </Heading>
          <Button className="no-print" onClick={() => window.print()}>
            <Printer size={18} aria-hidden /> Print
          </Button>
        </Flex>
        {steps.length === 0 ? (
          <Text marginTop="2">Nothing has to be moved.</Text>
        ) : (
          <Box as="ol" listStyleType="none" marginTop="2">
            {steps.map((step, at) => (
              <Flex
                as="li"
                key={at}
                gap="3"
                paddingY="1"
                borderBottomWidth="1px"
                borderStyle="dotted"
              >
                <Text as="span" aria-hidden fontSize="lg" lineHeight="1.2">
                  ☐
                </Text>
                <span>
                  <b>{step.do === 'take out' ? 'Take out' : 'Put in'}</b>{' '}
                  {(step.do === 'take out' ? step.from : step.to).count} × {step.gear.name},{' '}
                  {spotInWords(step.do === 'take out' ? step.from : step.to)}
                </span>
              </Flex>
            ))}
          </Box>
        )}
      </Box>
    </Flex>
  );
}

interface ShiftProps {
  readonly name: string;
  readonly before: string;
  readonly after: string;
  readonly by: string;
}

function Shift({ name, before, after, by }: ShiftProps) {
  return (
    <Box bg="panel" borderWidth="1px" borderRadius="12px" padding="3" data-shift={name}>
      <Text fontSize="xs" color="fg.muted" fontWeight="600">
        {name}
      </Text>
      <Text fontFamily="heading" fontWeight="700">
        {before} → {after}
      </Text>
      <Text fontSize="sm" color="fg.muted">
        {by}
      </Text>
    </Box>
  );
}

function spotInWords({ ground, within }: Spot): string {
  return within.length === 0 ? groundInWords(ground) : `in ${within.join(' › ')}`;
}

function signed(by: number, print: (value: number) => string): string {
  if (Math.abs(by) < 0.05) return 'the same';
  return by > 0 ? `${print(by)} more` : `${print(-by)} less`;
}

function inWords(standing: Standing | null): string {
  return standing ?? 'open';
}
