import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { UnitSystem } from '@/core/quantity';
import type { SchemeId } from '@/core/scheme';

/** How this person looks at the bench. It is not part of the bench, of its files or of undo. */
interface Preferences {
  readonly kit: string | null;
  readonly scheme: SchemeId;
  readonly units: UnitSystem;
  /** Screen pixels per millimetre on the mat. */
  readonly matScale: number;
}

export const matScales = [0.25, 0.4, 0.6, 0.9, 1.4] as const;

export const usePreferences = create<Preferences>()(
  persist<Preferences>(() => ({ kit: null, scheme: 'five-cs', units: 'metric', matScale: 0.6 }), {
    name: 'vivid-acorn-preferences',
    version: 1,
  }),
);

export function prefer(part: Partial<Preferences>): void {
  usePreferences.setState(part);
}
