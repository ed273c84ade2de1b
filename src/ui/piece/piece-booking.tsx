import { Flex } from '@chakra-ui/react';
import { isOfModule, kitsByName, type Command } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { perform } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

/** A piece that is in two kits: have it in this one only, wish for a second, or let it go from kit to kit. */
export function PieceBooking({ view: { bench, loadout }, placement, gear }: PieceProps) {
  const elsewhere = kitsByName(bench).flatMap((kit) =>
    kit.id === loadout.id
      ? []
      : kit.placements
          .filter((other) => other.gear === gear.id)
          .map((other) => ({ kit, placement: other.id })),
  );

  function haveItHere(): void {
    const commands = elsewhere.map(
      ({ kit, placement: other }) =>
        ({ do: 'take out', loadout: kit.id, placement: other, contents: 'to the mat' }) as const,
    );
    const kits = elsewhere.map(({ kit }) => kit.name).join(', ');
    perform(
      { do: 'together', label: `have ${gear.name} here only`, commands },
      `${gear.name} is in ${loadout.name} only; it left ${kits}.`,
    );
  }

  function buyASecond(): void {
    const second = {
      ...gear,
      id: newId(),
      name: gear.name,
      count: placement.count,
      lots: [],
      ownership: 'wished',
      massTrust: gear.massTrust === 'weighed' ? 'stated' : gear.massTrust,
      photo: null,
    } as const;
    const commands: readonly Command[] = [
      { do: 'add gear', gear: [second] },
      { do: 'stand in', loadout: loadout.id, placement: placement.id, gear: second.id },
    ];
    perform(
      { do: 'together', label: `wish for a second ${gear.name}`, commands },
      `A second ${gear.name} is wished for, and laid out here in its place.`,
    );
  }

  return (
    <Flex gap="2" wrap="wrap" role="group" aria-label={`${gear.name} is in two kits`}>
      {elsewhere.length > 0 && (
        <Button size="sm" minHeight="11" onClick={haveItHere}>
          Have it here only
        </Button>
      )}
      {!isOfModule(placement.id) && (
        <Button size="sm" minHeight="11" onClick={buyASecond}>
          Wish for a second
        </Button>
      )}
      <Button
        size="sm"
        minHeight="11"
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
