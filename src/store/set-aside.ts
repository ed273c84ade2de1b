import { parts, type Loadout } from '@/core/loadout';
import type { BadRecord } from './bad-record';
import type { Database } from './database';

/**
 * Takes a bad record out of the bench’s way, in one transaction: it stays in the database among those set aside, as it
 * was. Placements of gear that is set aside leave their kits, and what was in them is laid on the mat. Nothing can be undone
 * then.
 */
export async function setAside(database: Database, bad: BadRecord): Promise<void> {
  const { part, key, why } = bad;
  const writing = database.transaction([...parts, 'entries', 'about', 'aside'], 'readwrite', {
    durability: 'strict',
  });
  const store = writing.objectStore(part);
  const record: unknown = await store.get(key as never);
  await writing.objectStore('aside').put({ part, key, why, record }, `${part} ${key}`);
  // What can be undone hangs together: with one record gone, acts lead from what was to nowhere.
  await writing.objectStore('entries').clear();
  if (part === 'about') {
    const { revision } = (record ?? {}) as { readonly revision?: unknown };
    const next = Number.isInteger(revision) ? Number(revision) + 1 : 1;
    await store.put({ revision: next, currency: 'EUR', cursor: 0 } as never, 'bench' as never);
  } else {
    if (part !== 'entries') await store.delete(key as never);
    const about = await writing.objectStore('about').get('bench');
    if (about) await writing.objectStore('about').put({ ...about, cursor: 0 }, 'bench');
  }
  if (part === 'gear' || part === 'loadouts') {
    const loadouts = writing.objectStore('loadouts');
    for (const loadout of await loadouts.getAll()) {
      const mended = part === 'gear' ? withoutGear(loadout, key) : withoutKit(loadout, key);
      if (mended !== loadout) await loadouts.put(mended);
    }
  }
  await writing.done;
}

function withoutGear(loadout: Loadout, gear: string | number): Loadout {
  if (!Array.isArray(loadout.placements)) return loadout;
  const gone = new Set(loadout.placements.filter((each) => each.gear === gear).map(({ id }) => id));
  if (gone.size === 0) return loadout;
  const laidOut = <T extends Pick<Loadout['placements'][number], 'place'>>(standing: T): T =>
    'in' in standing.place && gone.has(standing.place.in)
      ? { ...standing, place: { on: 'mat' } }
      : standing;
  return {
    ...loadout,
    placements: loadout.placements.filter(({ id }) => !gone.has(id)).map(laidOut),
    modules: loadout.modules.map(laidOut),
  };
}

function withoutKit(loadout: Loadout, kit: string | number): Loadout {
  return Array.isArray(loadout.modules) && loadout.modules.some((module) => module.kit === kit)
    ? { ...loadout, modules: loadout.modules.filter((module) => module.kit !== kit) }
    : loadout;
}
