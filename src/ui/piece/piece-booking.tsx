import { Flex } from '@chakra-ui/react';
import { elsewhereOf, havingHereOnly, wishingForASecond } from '@/core/kit/double-booked';
import { isOfModule } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { perform } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

/** A piece that is in two kits: have it in this one only, wish for a second, or let it go from kit to kit. */
export function PieceBooking({ view: { bench, loadout }, placement, gear }: PieceProps) {
  const elsewhere = elsewhereOf(bench, loadout.id, gear.id);

  function haveItHere(): void {
    const kits = elsewhere.map(({ kit }) => kit.name).join(', ');
    perform(
      havingHereOnly(bench, loadout.id, gear),
      `${gear.name} is in ${loadout.name} only; it left ${kits}.`,
    );
  }

  function buyASecond(): void {
    perform(
      wishingForASecond(loadout.id, placement, gear, newId),
      `A second ${gear.name} is wished for, and laid out here in its place.`,
    );
  }

  return (
    <Flex gap="2" wrap="wrap" role="group" aria-label={`${gear.name} is in two kits`}>
      {elsewhere.length > 0 && (
        <Button size="sm" onClick={haveItHere}>
          Have it here only
        </Button>
      )}
      {!isOfModule(placement.id) && (
        <Button size="sm" onClick={buyASecond}>
          Wish for a second
        </Button>
      )}
      <Button
        size="sm"
        onClick={() =>
          perform(
            { do: 'change gear', id: gear.id, change: { isShared: true } },
            `${gear.name} goes from kit to kit.`,
          )
        }
      >
        Let it go from kit to kit
      </Button>
    </Flex>
  );
}
