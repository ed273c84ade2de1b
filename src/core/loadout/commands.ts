import type { Currency } from '../quantity';
import type { Gear } from '../gear';
import type { Loadout, Place, Placement } from './bench';

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

/** The act in a few words, for the undo button and the history. */
export function describe(command: Command): string {
  switch (command.do) {
    case 'add gear':
      return `add ${command.gear.length === 1 ? command.gear[0]!.name : `${command.gear.length} pieces`}`;
    case 'change gear':
      return 'change gear';
    case 'replace gear':
      return 'replace gear';
    case 'remove gear':
      return 'remove gear';
    case 'add kit':
      return `add kit ${command.loadout.name}`;
    case 'change kit':
      return 'change kit';
    case 'remove kit':
      return 'remove kit';
    case 'place':
      return 'place';
    case 'move':
      return 'move';
    case 'set count':
      return `set count to ${command.count}`;
    case 'take out':
      return 'take out';
    case 'count in':
      return `count in ${command.currency}`;
    case 'clear':
      return 'clear the bench';
    case 'together':
      return command.label;
  }
}
