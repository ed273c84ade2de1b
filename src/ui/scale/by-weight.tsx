'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { printMass } from '@/core/quantity';
import { gearOf, placementOf, type Loadout } from '@/core/loadout';
import { kitchenStepG, massOfBranch, weighedIn } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { OnTheScale } from './on-the-scale';

interface ByWeightProps {
  readonly view: KitView;
  /** The kit as it is looked at: as it is kept, or with what goes along in it. */
  readonly loadout: Loadout;
  /** The holder; null for the whole kit. */
  readonly placement: string | null;
  /** Ticks what the scale vouches for, where there is a round to tick it in. */
  readonly onTick?: (placements: readonly string[]) => void;
}

/** A holder, or a whole kit, on the scale with all in it, held against what it should weigh. */
export function ByWeight({ view, loadout, placement, onTick }: ByWeightProps) {
  const { bench, own, units, kit } = view;
  const [readingG, setReadingG] = useState<number | null>(null);
  const expected = massOfBranch(loadout, bench.shelf, placement);
  const weighed =
    readingG === null ? null : weighedIn(loadout, bench.shelf, placement, readingG, kitchenStepG);
  const nameOf = (id: string) => gearOf(bench.shelf, placementOf(loadout, id)!).name;
  const mass = (massG: number) => printMass(massG, units);
  const name = placement === null ? loadout.name : nameOf(placement);
  const isSealed = placement !== null && placementOf(own, placement) !== undefined;

  function seal(massG: number, expectedG: number): void {
    const others = own.seals.filter((each) => each.placement !== placement);
    const seals = [...others, { placement: placement!, massG, expectedG, on: kit.day }];
    perform(
      { do: 'change kit', id: own.id, change: { seals } },
      `${name} is sealed at ${mass(massG)}.`,
    );
  }

  return (
    <>
      <OnTheScale
        what={`${name} with all in it`}
        likelyG={Number((expected ?? 0).toFixed(1))}
        onReading={setReadingG}
      />
      {weighed && readingG !== null && (
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
                {onTick && (
                  <Button onClick={() => onTick(weighed.vouchedFor)}>
                    Tick {weighed.vouchedFor.length} as there
                  </Button>
                )}
                {isSealed && (
                  <Button
                    variant={onTick ? 'bare' : 'plain'}
                    onClick={() => seal(readingG, weighed.expectedG)}
                  >
                    Seal it at {mass(readingG)}
                  </Button>
                )}
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
    </>
  );
}
