import { asWish, type Gear } from '../gear';
import { kitsByName, type Bench, type Command, type Loadout, type Placement } from '../loadout';

/** The kits other than one that hold a piece, each with the placement that it has there. */
export function elsewhereOf(
  bench: Bench,
  kit: string,
  gear: string,
): readonly { readonly kit: Loadout; readonly placement: string }[] {
  return kitsByName(bench).flatMap((other) =>
    other.id === kit
      ? []
      : other.placements
          .filter((placement) => placement.gear === gear)
          .map(({ id }) => ({ kit: other, placement: id })),
  );
}

/** A piece leaves every other kit than one; what is in it there is laid on the mat. */
export function havingHereOnly(bench: Bench, kit: string, { id, name }: Gear): Command {
  const commands = elsewhereOf(bench, kit, id).map((other): Command => ({
    do: 'take out',
    loadout: other.kit.id,
    placement: other.placement,
    contents: 'to the mat',
  }));
  return { do: 'together', label: `have ${name} here only`, commands };
}

/** A second of a piece is wished for, and lies in its place: nothing of the first one’s history is its own. */
export function wishingForASecond(
  kit: string,
  { id, count }: Placement,
  gear: Gear,
  newId: () => string,
): Command {
  const second = asWish(gear, newId(), count);
  return {
    do: 'together',
    label: `wish for a second ${gear.name}`,
    commands: [
      { do: 'add gear', gear: [second] },
      { do: 'stand in', loadout: kit, placement: id, gear: second.id },
    ],
  };
}
