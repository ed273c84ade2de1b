import { somebody, type Brief } from '../brief/brief';
import type { Bench, Loadout } from './bench';

/** A bench as it is handed to others: of its people nothing but how many they are. */
export function forOthers(bench: Bench): Bench {
  return {
    ...bench,
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
  };
}

function briefForOthers(brief: Brief): Brief {
  return { ...brief, people: brief.people.map(() => somebody) };
}
