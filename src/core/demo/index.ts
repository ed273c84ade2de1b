import { emptyBench, versionOf, type Bench, type Loadout } from '../loadout';
import { demoKits } from './kits';
import { demoLists } from './lists';
import { demoOpensOn } from './opens-on';
import { demoRound } from './rounds';
import { demoShelf } from './shelf';
import { demoTrips } from './trips';

export { demoOpensOn } from './opens-on';

const asIsNow: Bench = {
  ...emptyBench,
  shelf: new Map(demoShelf.map((gear) => [gear.id, gear])),
  loadouts: new Map(demoKits.map((loadout) => [loadout.id, loadout])),
  lists: new Map(demoLists.map((list) => [list.id, list])),
};

/** The same kit in July: warmer nights, more insects, and the whetstone still at home. */
const inJuly: Loadout = {
  ...asIsNow.loadouts.get(demoOpensOn)!,
  placements: demoKits[0]!.placements.flatMap((placement) => {
    if (['whetstone', 'dry-layers', 'hat', 'wax-tinder'].includes(placement.id)) return [];
    return [placement.id === 'candle' ? { ...placement, count: 2 } : placement];
  }),
};

/** The made-up bench that ships: over ninety pieces, three kits, and real faults to find. */
export const demoBench: Bench = {
  ...asIsNow,
  rounds: new Map([
    ['spring-round', demoRound(asIsNow.loadouts.get('boathouse-box-kit')!, asIsNow.shelf)],
  ]),
  trips: new Map(demoTrips(inJuly, asIsNow.shelf).map((trip) => [trip.id, trip])),
  versions: new Map([
    [
      'july',
      versionOf({ ...asIsNow, loadouts: new Map([[inJuly.id, inJuly]]) }, demoOpensOn, {
        id: 'july',
        day: '2026-07-12',
        note: 'July, two light nights',
      }),
    ],
  ]),
};
