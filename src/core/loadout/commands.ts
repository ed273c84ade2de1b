import type { Currency } from '../quantity';
import type { Gear } from '../gear';
import type { Bench, Loadout, Place, Placement } from './bench';

/** A person's act, as plain data. Ids of new things come with the command, so that it can be replayed. */
export type Command =
  | { readonly do: 'add gear'; readonly gear: readonly Gear[] }
  | { readonly do: 'change gear'; readonly id: string; readonly change: GearChange }
  /** Every figure of gear that is there already, taken over from another source. */
  | { readonly do: 'replace gear'; readonly gear: readonly Gear[] }
  | { readonly do: 'remove gear'; readonly id: string }
  | { readonly do: 'add kit'; readonly loadout: Loadout }
  | { readonly do: 'change kit'; readonly id: string; readonly change: LoadoutChange }
  | { readonly do: 'remove kit'; readonly id: string }
  | { readonly do: 'place'; readonly loadout: string; readonly placement: Placement }
  | MoveCommand
  | {
      readonly do: 'set count';
      readonly loadout: string;
      readonly placement: string;
      readonly count: number;
    }
  | TakeOutCommand
  | { readonly do: 'count in'; readonly currency: Currency }
  /** Every kit and all gear leave the bench. */
  | { readonly do: 'clear' }
  /** Several acts that are one to the person: done together or not at all. */
  | { readonly do: 'together'; readonly label: string; readonly commands: readonly Command[] };

export interface MoveCommand {
  readonly do: 'move';
  readonly loadout: string;
  readonly placement: string;
  readonly to: Place;
}

export interface TakeOutCommand {
  readonly do: 'take out';
  readonly loadout: string;
  readonly placement: string;
  /** What becomes of what is in it: it leaves the kit too, or is laid on the mat. */
  readonly contents: 'leave too' | 'to the mat';
}

export type GearChange = Partial<Omit<Gear, 'id'>>;
export type LoadoutChange = Partial<Omit<Loadout, 'id' | 'placements'>>;

/** The act in a few words, on the bench that it is done to, for the undo button and the history. */
export function describe(command: Command, bench: Bench): string {
  switch (command.do) {
    case 'add gear':
      return `add ${command.gear.length === 1 ? command.gear[0]!.name : `${command.gear.length} pieces`}`;
    case 'change gear':
      return `change ${gearName(bench, command.id)}`;
    case 'replace gear':
      return 'replace gear';
    case 'remove gear':
      return `remove ${gearName(bench, command.id)}`;
    case 'add kit':
      return `add kit ${command.loadout.name}`;
    case 'change kit':
      return `change kit ${kitName(bench, command.id)}`;
    case 'remove kit':
      return `remove kit ${kitName(bench, command.id)}`;
    case 'place':
      return `lay out ${gearName(bench, command.placement.gear)}`;
    case 'move':
      return `move ${placedName(bench, command)}`;
    case 'set count':
      return `count ${command.count} of ${placedName(bench, command)}`;
    case 'take out':
      return `take out ${placedName(bench, command)}`;
    case 'count in':
      return `count in ${command.currency}`;
    case 'clear':
      return 'clear the bench';
    case 'together':
      return command.label;
  }
}

function gearName(bench: Bench, id: string): string {
  return bench.shelf.get(id)?.name ?? 'gear';
}

function kitName(bench: Bench, id: string): string {
  return bench.loadouts.get(id)?.name ?? '';
}

function placedName(
  bench: Bench,
  { loadout, placement }: { readonly loadout: string; readonly placement: string },
): string {
  const placed = bench.loadouts.get(loadout)?.placements.find(({ id }) => id === placement);
  return gearName(bench, placed?.gear ?? '');
}
