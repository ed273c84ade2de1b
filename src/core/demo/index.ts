import { emptyBench, type Bench } from '../loadout';
import { demoKits } from './kits';
import { demoShelf } from './shelf';

/** The kit that the demo opens on. */
export const demoOpensOn = 'portage-pack-kit';

/** The made-up bench that ships: over seventy pieces, three kits, and real faults to find. */
export const demoBench: Bench = {
  ...emptyBench,
  shelf: new Map(demoShelf.map((gear) => [gear.id, gear])),
  loadouts: new Map(demoKits.map((loadout) => [loadout.id, loadout])),
};
