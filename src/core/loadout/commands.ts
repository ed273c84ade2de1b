import type { Currency } from '../quantity';
import type { Gear, JobId } from '../gear';
import type { Bench, Loadout, Module, Place, Placement, Version } from './bench';
import type { OwnScheme } from './own-scheme';
import type { ReferenceList } from './reference-list';
import type { Round, Want } from './round';
import type { Trip } from './trip';

/** A person's act, as plain data. Ids of new things come with the command, so that it can be replayed. */
export type Command =
  | { readonly do: 'add gear'; readonly gear: readonly Gear[] }
  | { readonly do: 'change gear'; readonly id: string; readonly change: GearChange }
  /** Every figure of gear that is there already, taken over from another source. */
  | { readonly do: 'replace gear'; readonly gear: readonly Gear[] }
  | { readonly do: 'remove gear'; readonly id: string }
  | { readonly do: 'add kit'; readonly loadout: Loadout }
  | { readonly do: 'change kit'; readonly id: string; readonly change: LoadoutChange }
  /** A kit that is there already, taken over whole from another source. */
  | { readonly do: 'replace kit'; readonly loadout: Loadout }
  | { readonly do: 'remove kit'; readonly id: string }
  | { readonly do: 'place'; readonly loadout: string; readonly placement: Placement }
  | MoveCommand
  | {
      readonly do: 'set count';
      readonly loadout: string;
      readonly placement: string;
      readonly count: number;
    }
  | ArrangeCommand
  | {
      readonly do: 'pin';
      readonly loadout: string;
      readonly placement: string;
      readonly isPinned: boolean;
    }
  | {
      readonly do: 'assume';
      readonly loadout: string;
      readonly placement: string;
      readonly isAssumed: boolean;
    }
  | TakeOutCommand
  | StandInCommand
  | {
      readonly do: 'lay for';
      readonly loadout: string;
      readonly placement: string;
      readonly job: JobId | null;
    }
  | { readonly do: 'take along'; readonly loadout: string; readonly module: Module }
  | {
      readonly do: 'move module';
      readonly loadout: string;
      readonly module: string;
      readonly to: Place;
    }
  | { readonly do: 'leave module'; readonly loadout: string; readonly module: string }
  | UseCommand
  | CutCommand
  | { readonly do: 'keep scheme'; readonly scheme: OwnScheme }
  | { readonly do: 'remove scheme'; readonly id: string }
  | { readonly do: 'keep list'; readonly list: ReferenceList }
  | { readonly do: 'remove list'; readonly id: string }
  | { readonly do: 'keep version'; readonly version: Version }
  | { readonly do: 'remove version'; readonly id: string }
  | { readonly do: 'keep round'; readonly round: Round }
  | { readonly do: 'remove round'; readonly id: string }
  | { readonly do: 'keep want'; readonly want: Want }
  | { readonly do: 'remove want'; readonly id: string }
  | { readonly do: 'keep trip'; readonly trip: Trip }
  | { readonly do: 'remove trip'; readonly id: string }
  /** The kit is as it was in a version again; gear that is gone from the shelf comes back with it. */
  | { readonly do: 'put back'; readonly version: string }
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

/** Many pieces of a kit brought to their places at once, in whatever order: as if all were in the hand meanwhile. */
export interface ArrangeCommand {
  readonly do: 'arrange';
  readonly loadout: string;
  readonly places: readonly { readonly placement: string; readonly to: Place }[];
}

export interface TakeOutCommand {
  readonly do: 'take out';
  readonly loadout: string;
  readonly placement: string;
  /** What becomes of what is in it: it leaves the kit too, or is laid on the mat. */
  readonly contents: 'leave too' | 'to the mat';
}

/** Another piece in the very place of one: the better that came, or the one that is to be bought. */
export interface StandInCommand {
  readonly do: 'stand in';
  readonly loadout: string;
  readonly placement: string;
  readonly gear: string;
}

/** Which placement the used or cut pieces are of, and the ids of placements for what comes of them. */
export interface PartedFrom {
  readonly loadout: string;
  readonly placement: string;
  readonly placements: readonly string[];
}

/** Some of a line is used up, in the unit of its contents. */
export interface UseCommand {
  readonly do: 'use';
  readonly gear: string;
  readonly amount: number;
  readonly openedId: string;
  readonly from: PartedFrom | null;
  /** The day of it, YYYY-MM-DD: what is opened was opened then. Nothing is written where it is left out. */
  readonly on?: string;
}

/** One hank of a line is cut into lengths and a rest. */
export interface CutCommand {
  readonly do: 'cut';
  readonly gear: string;
  readonly lengthsM: readonly number[];
  readonly ids: readonly string[];
  readonly from: PartedFrom | null;
}

export type GearChange = Partial<Omit<Gear, 'id'>>;
export type LoadoutChange = Partial<Omit<Loadout, 'id' | 'placements' | 'modules'>>;

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
    case 'replace kit':
      return `replace kit ${command.loadout.name}`;
    case 'change kit':
      return `change kit ${kitName(bench, command.id)}`;
    case 'remove kit':
      return `remove kit ${kitName(bench, command.id)}`;
    case 'place':
      return `lay out ${gearName(bench, command.placement.gear)}`;
    case 'move':
      return `move ${placedName(bench, command)}`;
    case 'arrange':
      return `pack ${command.places.length} ${command.places.length === 1 ? 'piece' : 'pieces'}`;
    case 'pin':
      return `${command.isPinned ? 'pin' : 'unpin'} ${placedName(bench, command)}`;
    case 'assume':
      return `${command.isAssumed ? 'take for granted' : 'count'} ${placedName(bench, command)}`;
    case 'set count':
      return `count ${command.count} of ${placedName(bench, command)}`;
    case 'take out':
      return `take out ${placedName(bench, command)}`;
    case 'stand in':
      return `put ${gearName(bench, command.gear)} in the place of ${placedName(bench, command)}`;
    case 'lay for':
      return `lay ${placedName(bench, command)} in another lane`;
    case 'take along':
      return `take ${kitName(bench, command.module.kit)} along`;
    case 'move module':
      return `move ${moduleName(bench, command)}`;
    case 'leave module':
      return `leave ${moduleName(bench, command)}`;
    case 'use':
      return `use some ${gearName(bench, command.gear)}`;
    case 'cut':
      return `cut ${gearName(bench, command.gear)}`;
    case 'keep scheme':
      return `keep the scheme ${command.scheme.name}`;
    case 'remove scheme':
      return `remove the scheme ${bench.schemes.get(command.id)?.name ?? ''}`;
    case 'keep list':
      return `keep the list ${command.list.name}`;
    case 'remove list':
      return `remove the list ${bench.lists.get(command.id)?.name ?? ''}`;
    case 'keep version':
      return `keep a version of ${command.version.loadout.name}`;
    case 'remove version':
      return `remove a version of ${bench.versions.get(command.id)?.loadout.name ?? ''}`;
    case 'keep round':
      return `write down the round of ${command.round.kitName}`;
    case 'remove round':
      return `remove a round of ${bench.rounds.get(command.id)?.kitName ?? ''}`;
    case 'keep want':
      return `put ${gearName(bench, command.want.gear)} on the restock list`;
    case 'keep trip':
      return `write down the trip of ${command.trip.to}`;
    case 'remove trip':
      return `remove the trip of ${bench.trips.get(command.id)?.to ?? ''}`;
    case 'remove want':
      return `take ${gearName(bench, bench.wants.get(command.id)?.gear ?? '')} off the restock list`;
    case 'put back':
      return `put back a version of ${bench.versions.get(command.version)?.loadout.name ?? ''}`;
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

function moduleName(
  bench: Bench,
  { loadout, module }: { readonly loadout: string; readonly module: string },
): string {
  const found = bench.loadouts.get(loadout)?.modules.find(({ id }) => id === module);
  return kitName(bench, found?.kit ?? '');
}
