import { create } from 'zustand';
import type { EventBefore } from '@/core/exchange/calendar';
import type { UnitSystem } from '@/core/quantity';
import type { Connection } from './connection';

/** Screen pixels per millimetre on the mat, from far to near. */
export const matScales = [0.25, 0.4, 0.6, 0.9, 1.4] as const;

export const bells = ['off', 'here', 'system'] as const;

/** How this person looks at the bench. It is not part of the bench, of its files or of undo. */
interface Preferences {
  /** The kit on the table. */
  readonly kit: string | null;
  /** The id of a scheme that ships, or of one of the bench’s own. */
  readonly scheme: string;
  readonly units: UnitSystem;
  readonly matScale: (typeof matScales)[number];
  /** Whether single letters act; those who speak or brush keys by mistake may want them off. */
  readonly letterKeys: boolean;
  /** What rings when something falls due: nothing, a line in the application, or the system’s own notice beside it. */
  readonly bell: (typeof bells)[number];
  /** The day on which it rang last, so that it rings once a day. */
  readonly rangOn: string | null;
  /** The events of the calendar that was written last, so that the next one goes on from it. */
  readonly calendar: readonly EventBefore[];
  /** The day on which all of the bench was written to a back-up. */
  readonly backedUpOn: string | null;
  /** A back-up is kept up to date in a folder. */
  readonly hasFolder: boolean;
}

const usual: Preferences = {
  kit: null,
  scheme: 'five-cs',
  units: 'metric',
  matScale: 0.6,
  letterKeys: true,
  bell: 'off',
  rangOn: null,
  calendar: [],
  backedUpOn: null,
  hasFolder: false,
};

export const usePreferences = create<Preferences>(() => usual);

export function prefer(part: Partial<Preferences>): void {
  usePreferences.setState(part);
}

/**
 * Takes over what was kept in the database, and keeps every later change there, beside the bench: so a
 * browser that is killed comes back to the kit that was on the table.
 */
export async function keepPreferences(connection: Connection): Promise<void> {
  usePreferences.setState(
    understood(await connection.use((database) => database.get('preferences', 'mine'))),
  );
  keptIn?.();
  keptIn = usePreferences.subscribe((preferences) => {
    // A preference that cannot be kept is asked for again next time; it is no reason to stop.
    void connection
      .use((database) => {
        const writing = database.transaction('preferences', 'readwrite', { durability: 'strict' });
        const put = writing.store.put(preferences, 'mine');
        // At once, not when this page next comes to it: it may be left or loaded again before.
        writing.commit();
        return Promise.all([put, writing.done]);
      })
      .catch(() => undefined);
  });
}

/** Ends the keeping that a bench opened before began. */
let keptIn: (() => void) | null = null;

/**
 * What another version may have kept, field by field, with the usual for what is not of this one. By hand, as
 * it is all the parsing that a first load needs.
 */
function understood(kept: unknown): Preferences {
  const found: Partial<Record<keyof Preferences, unknown>> =
    typeof kept === 'object' && kept !== null ? kept : {};
  return {
    kit: typeof found.kit === 'string' ? found.kit : usual.kit,
    scheme: typeof found.scheme === 'string' ? found.scheme : usual.scheme,
    units: (['metric', 'us'] as const).find((units) => units === found.units) ?? usual.units,
    matScale: matScales.find((scale) => scale === found.matScale) ?? usual.matScale,
    letterKeys: typeof found.letterKeys === 'boolean' ? found.letterKeys : usual.letterKeys,
    bell: bells.find((bell) => bell === found.bell) ?? usual.bell,
    rangOn: typeof found.rangOn === 'string' ? found.rangOn : usual.rangOn,
    calendar: Array.isArray(found.calendar) ? found.calendar.filter(isEvent) : usual.calendar,
    backedUpOn: typeof found.backedUpOn === 'string' ? found.backedUpOn : usual.backedUpOn,
    hasFolder: found.hasFolder === true,
  };
}

function isEvent(kept: unknown): kept is EventBefore {
  const { uid, sequence, day, summary, isCancelled } = (kept ?? {}) as Partial<
    Record<keyof EventBefore, unknown>
  >;
  return (
    [uid, day, summary].every((text) => typeof text === 'string') &&
    Number.isInteger(sequence) &&
    typeof isCancelled === 'boolean'
  );
}
