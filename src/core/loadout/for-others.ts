import { somebody, type Brief } from '../brief/brief';
import type { Bench, Loadout } from './bench';

/**
 * A bench as it is handed to others: of its people nothing but how many they are and for whom a kit was made after another,
 * and nothing of what was found on rounds, used on trips or is to be got.
 */
export function forOthers(bench: Bench): Bench {
  return {
    ...bench,
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
  return { ...brief, people: brief.people.map(() => somebody) };
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
  return saysNothing && mine?.people.length === theirs.people.length
    ? { ...theirs, people: mine.people }
    : theirs;
}
