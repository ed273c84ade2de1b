'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { parseMass, printMass } from '@/core/quantity';
import { gearOf, placementOf, type Placement, type Round, type RoundLine } from '@/core/loadout';
import { goodLine, weighedIn } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Folded } from '@/ui/fields/folded';
import { LabelledInput } from '@/ui/fields/labelled-input';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

/** The step of a kitchen scale, in g. */
const stepG = 1;

interface ByWeightProps {
  readonly view: KitView;
  readonly round: Round;
  readonly placement: Placement;
  readonly onWrite: (lines: readonly RoundLine[]) => void;
}

/** A holder on the scale with all in it, instead of opening it. */
export function ByWeight({ view, round, placement, onWrite }: ByWeightProps) {
  const { bench, own, units, kit } = view;
  const [typed, setTyped] = useState('');
  const read = typed.trim() === '' ? null : parseMass(typed.trim(), units === 'us' ? 'oz' : 'g');
  const weighed = read?.ok ? weighedIn(own, bench.shelf, placement.id, read.value, stepG) : null;
  const holder = gearOf(bench.shelf, placement);
  const nameOf = (id: string) => gearOf(bench.shelf, placementOf(own, id)!).name;
  const mass = (massG: number) => printMass(massG, units);

  function tick(ids: readonly string[]): void {
    const done = new Set(round.lines.map((line) => line.placement));
    onWrite(
      ids
        .filter((id) => !done.has(id))
        .map((id) => {
          const each = placementOf(own, id)!;
          return { ...goodLine(each, gearOf(bench.shelf, each), kit.day), isByWeight: true };
        }),
    );
  }

  function seal(massG: number, expectedG: number): void {
    const others = own.seals.filter((each) => each.placement !== placement.id);
    const seals = [...others, { placement: placement.id, massG, expectedG, on: kit.day }];
    perform(
      { do: 'change kit', id: own.id, change: { seals } },
      `${holder.name} is sealed at ${mass(massG)}.`,
    );
  }

  return (
    <Folded title="Weigh it instead of opening it">
      <LabelledInput
        label={`${holder.name} with all in it`}
        inputMode="decimal"
        placeholder={units === 'us' ? '12 lb 4 oz' : '5400 g'}
        maxWidth="220px"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {read && !read.ok && (
        <Text role="alert" color="fg.error">
          {read.problem.message}
        </Text>
      )}
      {weighed && read?.ok && (
        <Box marginTop="2" role="status">
          <Text>
            {weighed.seal
              ? `Sealed at ${mass(weighed.seal.massG)} on ${weighed.seal.on}`
              : `By its pieces ${mass(weighed.expectedG)} ± ${mass(weighed.sigmaG)}`}
            ; the scale says {mass(Math.abs(weighed.differenceG))}{' '}
            {weighed.differenceG < 0 ? 'less' : 'more'}.
          </Text>
          {weighed.unknown.length > 0 && (
            <Text>
              Nothing can be told: nobody weighed{' '}
              {weighed.unknown.slice(0, 3).map(nameOf).join(', ')}.
            </Text>
          )}
          {weighed.agrees && (
            <>
              <Text fontWeight="600" color="leaf.fg">
                ● It agrees. The scale vouches for {weighed.vouchedFor.length} of its lines; what is
                lighter than {mass(weighed.toleranceG)} it cannot tell. Of dates, charge and damp it
                says nothing.
              </Text>
              <Flex gap="2" wrap="wrap" marginTop="2">
                <Button onClick={() => tick(weighed.vouchedFor)}>
                  Tick {weighed.vouchedFor.length} as there
                </Button>
                <Button variant="bare" onClick={() => seal(read.value, weighed.expectedG)}>
                  Seal it at {mass(read.value)}
                </Button>
              </Flex>
            </>
          )}
          {!weighed.agrees && weighed.unknown.length === 0 && (
            <>
              <Text fontWeight="600" color="signal.fg">
                ▲ That is more than {mass(weighed.toleranceG)} off: open it.
              </Text>
              {weighed.lacks.length > 0 && (
                <Text>
                  So much weighs:{' '}
                  {weighed.lacks.map((ids) => ids.map(nameOf).join(' with ')).join('; ')}.
                </Text>
              )}
              {weighed.differenceG > 0 && (
                <Text>Something is in it that is not written down, or wet.</Text>
              )}
            </>
          )}
          {weighed.weighNext.length > 0 && (
            <Text color="fg.muted">
              Surer once these are weighed:{' '}
              {weighed.weighNext.map(({ placement: id }) => nameOf(id)).join(', ')}.
            </Text>
          )}
        </Box>
      )}
    </Folded>
  );
}
