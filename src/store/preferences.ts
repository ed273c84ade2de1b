import { create } from 'zustand';
import * as v from 'valibot';
import { schemeIds } from '@/core/scheme';
import type { Database } from './database';

/** Screen pixels per millimetre on the mat, from far to near. */
export const matScales = [0.25, 0.4, 0.6, 0.9, 1.4] as const;

/** Each falls back by itself where what was kept is not of this version. */
const preferencesSchema = v.object({
  /** The kit on the table. */
  kit: v.fallback(v.nullable(v.string()), null),
  scheme: v.fallback(v.picklist(schemeIds), 'five-cs'),
  units: v.fallback(v.picklist(['metric', 'us']), 'metric'),
  matScale: v.fallback(v.picklist(matScales), 0.6),
  /** Whether single letters act; those who speak or brush keys by mistake may want them off. */
  letterKeys: v.fallback(v.boolean(), true),
});

/** How this person looks at the bench. It is not part of the bench, of its files or of undo. */
type Preferences = Readonly<v.InferOutput<typeof preferencesSchema>>;

export const usePreferences = create<Preferences>(() => v.parse(preferencesSchema, {}));

export function prefer(part: Partial<Preferences>): void {
  usePreferences.setState(part);
}

/**
 * Takes over what was kept in the database, and keeps every later change there, beside the bench: so a
 * browser that is killed comes back to the kit that was on the table.
 */
export async function keepPreferences(database: Database): Promise<void> {
  const kept = await database.get('preferences', 'mine');
  const read = v.safeParse(preferencesSchema, kept ?? {});
  if (read.success) usePreferences.setState(read.output);
  usePreferences.subscribe((preferences) => {
    const writing = database.transaction('preferences', 'readwrite', { durability: 'strict' });
    // A preference that cannot be kept is asked for again next time; it is no reason to stop.
    Promise.all([writing.store.put(preferences, 'mine'), writing.done]).catch(() => undefined);
  });
}
