import type { Gear } from '@/core/gear';
import { newPlacement, type Command, type Loadout } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { perform } from '@/ui/notice/notice';

/** Puts gear on the shelf as one act, and lays it on a kit’s mat where that is asked for. */
export function bringGear(gear: readonly Gear[], layIn: Loadout | null): boolean {
  const pieces = gear.length === 1 ? '1 piece' : `${gear.length} pieces`;
  const commands: readonly Command[] = [
    { do: 'add gear', gear },
    ...(layIn === null
      ? []
      : gear
          .filter(({ count }) => count > 0)
          .map(
            ({ id, count }) =>
              ({
                do: 'place',
                loadout: layIn.id,
                placement: newPlacement(newId(), id, { on: 'mat' }, count),
              }) as const,
          )),
  ];
  return perform(
    { do: 'together', label: `bring in ${pieces}`, commands },
    layIn ? `${pieces} laid on the mat of ${layIn.name}.` : `${pieces} put on the shelf.`,
  );
}
