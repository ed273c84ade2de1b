import { somebody, type Brief } from '../brief/brief';
import type { Check, Gear } from '../gear';
import type { Bench, Loadout } from './bench';

/**
 * A bench as it is handed to others: of its people nothing but how many they are, nobody’s name, no words about where and how
 * a piece was tried, and nothing of what was found on rounds, used on trips or is to be got.
 */
export function forOthers(bench: Bench): Bench {
  return {
    ...bench,
    shelf: new Map([...bench.shelf].map(([id, gear]) => [id, gearForOthers(gear)])),
    rounds: new Map(),
    wants: new Map(),
    trips: new Map(),
    loadouts: new Map([...bench.loadouts].map(([id, loadout]) => [id, kitForOthers(loadout)])),
    versions: new Map(
      [...bench.versions].map(([id, version]) => [
        id,
        {
          ...version,
          loadout: kitForOthers(version.loadout),
          along: version.along.map(kitForOthers),
          gear: version.gear.map(gearForOthers),
        },
      ]),
    ),
  };
}

function kitForOthers(loadout: Loadout): Loadout {
  const { brief, otherBriefs } = loadout;
  return {
    ...loadout,
    brief: brief && briefForOthers(brief),
    otherBriefs: otherBriefs.map(briefForOthers),
    copyOf: loadout.copyOf && { ...loadout.copyOf, forWhom: '' },
  };
}

function briefForOthers(brief: Brief): Brief {
  return { ...brief, people: brief.people.map(() => somebody), noteLeftWith: '' };
}

/** Who has a piece, or whose it is, where no name is told. */
const unnamed = 'somebody';

function gearForOthers(gear: Gear): Gear {
  const { lentTo, borrowedFrom, checks } = gear;
  return {
    ...gear,
    lentTo: lentTo === null ? null : unnamed,
    borrowedFrom: borrowedFrom === null ? null : unnamed,
    checks: checks.map(bare),
  };
}

/** A check without where it was and how it went. */
function bare({ what, kind, on, passed }: Check): Check {
  return { what, kind, on, passed };
}

/** A piece as it came back from others, with the names and words about it that stayed here. */
export function withOwnWords(theirs: Gear, mine: Gear | undefined): Gear {
  if (!mine) return theirs;
  const named = (told: string | null, own: string | null) =>
    told === unnamed && own !== null ? own : told;
  return {
    ...theirs,
    lentTo: named(theirs.lentTo, mine.lentTo),
    borrowedFrom: named(theirs.borrowedFrom, mine.borrowedFrom),
    checks: theirs.checks.map(
      (check) => (isBare(check) && mine.checks.find((own) => isSameCheck(own, check))) || check,
    ),
  };
}

function isBare({ where, note }: Check): boolean {
  return where === undefined && note === undefined;
}

function isSameCheck(one: Check, other: Check): boolean {
  return (
    one.what === other.what &&
    one.kind === other.kind &&
    one.on === other.on &&
    one.passed === other.passed
  );
}

/** A kit as it came back from others, with what its people say of themselves as it is here: nothing of that is lost by it. */
export function withOwnPeople(theirs: Loadout, mine: Loadout | undefined): Loadout {
  if (!mine) return theirs;
  return {
    ...theirs,
    brief: theirs.brief && peopled(theirs.brief, mine.brief),
    otherBriefs: theirs.otherBriefs.map((each, at) => peopled(each, mine.otherBriefs[at] ?? null)),
  };
}

function peopled(theirs: Brief, mine: Brief | null): Brief {
  const saysNothing =
    JSON.stringify(theirs.people) === JSON.stringify(theirs.people.map(() => somebody));
  if (!saysNothing || mine?.people.length !== theirs.people.length) return theirs;
  const noteLeftWith = theirs.noteLeftWith === '' ? mine.noteLeftWith : theirs.noteLeftWith;
  return { ...theirs, people: mine.people, noteLeftWith };
}
