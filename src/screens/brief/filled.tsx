'use client';

import { Flex, Text } from '@chakra-ui/react';
import { upTo } from '@/core/gear';
import { printVolume } from '@/core/quantity';
import type { KitView } from '@/ui/kit/kit-view';
import { FigureField } from './figure-field';
import type { BriefProps } from './use-brief';

/** What the kit’s vessels hold when they set out: it is drunk, and it is carried. */
export function Filled({ brief, change, view }: BriefProps & { readonly view: KitView }) {
  const vessels = vesselsOf(view);
  if (vessels.length === 0) return null;
  return (
    <>
      <Text fontSize="sm" fontWeight="600" marginTop="3">
        Filled when they set out, mL
      </Text>
      <Flex gap="3" wrap="wrap" marginTop="1">
        {vessels.map(({ id, name, roomMl }) => (
          <FigureField
            key={id}
            label={name}
            width="150px"
            range={upTo(roomMl)}
            value={brief.filled.find(({ placement }) => placement === id)?.ml ?? null}
            unlessTyped={`empty; holds ${printVolume(roomMl, view.units)}`}
            onChange={(ml) => {
              const others = brief.filled.filter(({ placement }) => placement !== id);
              change({
                filled: ml === null || ml === 0 ? others : [...others, { placement: id, ml }],
              });
            }}
          />
        ))}
      </Flex>
    </>
  );
}

/** Vessels that nothing lies in, each with what it holds, in mL. */
function vesselsOf({ kit }: KitView): readonly { id: string; name: string; roomMl: number }[] {
  const seen = new Set<string>();
  return (kit.ways.byJob.get('carry-water') ?? []).flatMap(
    ({ placement, gear, supply, isToBeEmptied }) => {
      const isVessel = supply.fitness !== 'improvised' && supply.amount !== null;
      if (!isVessel || isToBeEmptied || seen.has(placement.id)) return [];
      seen.add(placement.id);
      const roomMl = supply.amount! * placement.count;
      return [{ id: placement.id, name: gear.name, roomMl }];
    },
  );
}
