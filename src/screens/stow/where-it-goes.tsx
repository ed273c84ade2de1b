'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Pin, PinOff } from 'lucide-react';
import { memo } from 'react';
import { gearOf, isOnGround, placementOf, samePlace, type Place } from '@/core/loadout';
import type { PackedFrom, PackedMove, Packing } from '@/core/pack';
import { becauseInWords, roomName } from '@/core/pack/in-words';
import { capital } from '@/core/gear';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { beginPacking } from '@/ui/kit/packing';
import { groundInWords } from '@/ui/kit/place-in-words';
import { perform } from '@/ui/notice/notice';

interface WhereItGoesProps {
  readonly view: KitView;
  readonly packing: Packing;
  readonly from: PackedFrom;
}

/** Every piece by the room that it goes into, with why; what is to stay is pinned, and all is packed once more round it. */
export const WhereItGoes = memo(function WhereItGoes(props: WhereItGoesProps) {
  const { view, packing, from } = props;
  const { bench, own } = view;
  const rooms = new Map<string, PackedMove[]>();
  for (const move of packing.moves) {
    const name = whereInWords(move.to, view);
    rooms.set(name, [...(rooms.get(name) ?? []), move]);
  }
  const pinned = own.placements.filter(({ isPinned }) => isPinned);
  function pin(placement: string, isPinned: boolean): void {
    const isDone = perform({ do: 'pin', loadout: own.id, placement, isPinned });
    if (isDone) void beginPacking(own.id, from);
  }
  // What changes is looked at first.
  const isChanged = ({ placement, to }: PackedMove) =>
    !samePlace(placementOf(own, placement)!.place, to);
  const inOrder = [...rooms].sort(
    ([, one], [, other]) => Number(other.some(isChanged)) - Number(one.some(isChanged)),
  );
  return (
    <Box css={{ columns: '2 380px', columnGap: '2rem' }}>
      {inOrder.map(([name, moves]) => (
        <Box key={name} marginBottom="3">
          <Heading as="h3" fontSize="sm">
            {name}
          </Heading>
          <Box as="ul" listStyleType="none">
            {moves.map(({ placement, to, why }) => {
              const { place, gear: gearId } = placementOf(own, placement)!;
              const gear = bench.shelf.get(gearId)!;
              return (
                <Flex
                  as="li"
                  key={placement}
                  align="center"
                  gap="2"
                  minHeight="11"
                  css={{ breakInside: 'avoid' }}
                >
                  <GearIcon look={gear.look} size={24} />
                  <Text flex="1" minWidth="0">
                    {gear.name}
                    <Text as="span" color="fg.muted">
                      {' '}
                      · {becauseInWords(why, own, bench)}
                    </Text>
                  </Text>
                  {!samePlace(place, to) && !isOnMat(place) && (
                    <Button
                      size="sm"
                      aria-label={`Leave ${gear.name} where it is`}
                      onClick={() => pin(placement, true)}
                    >
                      <Pin size={15} aria-hidden /> Leave it
                    </Button>
                  )}
                </Flex>
              );
            })}
          </Box>
        </Box>
      ))}
      {pinned.length > 0 && (
        <Box>
          <Heading as="h3" fontSize="sm">
            Pinned: stays where it is
          </Heading>
          <Box as="ul" listStyleType="none">
            {pinned.map((placement) => (
              <Flex as="li" key={placement.id} align="center" gap="2" minHeight="11">
                <GearIcon look={gearOf(bench.shelf, placement).look} size={24} />
                <Text flex="1" minWidth="0">
                  {gearOf(bench.shelf, placement).name}
                  <Text as="span" color="fg.muted">
                    {' '}
                    · {whereInWords(placement.place, view)}
                  </Text>
                </Text>
                <Button size="sm" onClick={() => pin(placement.id, false)}>
                  <PinOff size={15} aria-hidden /> Unpin
                </Button>
              </Flex>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
});

function isOnMat(place: Place): boolean {
  return isOnGround(place) && place.on === 'mat';
}

function whereInWords(place: Place, { bench, own }: KitView): string {
  return isOnGround(place) ? capital(groundInWords(place.on)) : roomName(place, own, bench);
}
