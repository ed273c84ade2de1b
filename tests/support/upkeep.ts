import { gearOfKind, kindOf } from '@/core/catalogue';
import type { Gear, Lot } from '@/core/gear';
import { apply, type Bench, type Command } from '@/core/loadout';
import { emptyBrief, climateFor, type Brief, type Store } from '@/core/brief';

/** A lot of which nothing is known but what is said. */
export function lot(id: string, count: number, known: Partial<Lot> = {}): Lot {
  return {
    id,
    count,
    cameOn: null,
    goodUntil: null,
    openedOn: null,
    filledOn: null,
    checkedOn: null,
    store: '',
    storedOn: null,
    kit: null,
    amiss: null,
    ...known,
  };
}

/** A piece of a kind, as the catalogue has it, with lots. */
export function kept(
  kindId: string,
  id: string,
  lots: readonly Lot[] = [],
  more: Partial<Gear> = {},
): Gear {
  const count = lots.length === 0 ? 1 : lots.reduce((sum, each) => sum + each.count, 0);
  return { ...gearOfKind(kindOf(kindId)!, id, id), count, lots, ...more };
}

/** A brief in lake land at 61° N that says where the kit is kept. */
export function keptIn(storedIn: Store, more: Partial<Brief> = {}): Brief {
  const place = { latitude: 61, longitude: 27.5 };
  const where = { altitudeM: 110, setting: 'inland', country: 'boreal-lakes' } as const;
  const heard = climateFor({ ...place, ...where }, '2026-01-01');
  return { ...emptyBrief, ...where, place: { name: 'lakes', ...place }, heard, storedIn, ...more };
}

/** The bench after a command that has to be taken. */
export function after(bench: Bench, command: Command): Bench {
  const next = apply(bench, command);
  if (!next.ok) throw new Error(next.problem.message);
  return next.value;
}

/** Ids that count up. */
export function counting(start = 'new'): () => string {
  let at = 0;
  return () => `${start}-${(at += 1)}`;
}
