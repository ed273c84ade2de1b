import type { UnitSystem } from '../quantity';
import type { Bench, Loadout } from '../loadout';

/** How much a finding would cost: it stops the kit, it warns, or it is worth knowing. */
export type Severity = 'stop' | 'warn' | 'note';

/** One judgement, with its figures in the message. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly message: string;
  /** The placements it is about; empty where it is about what is not there. */
  readonly placements: readonly string[];
}

/** What a rule judges: a kit on its bench, on a day (YYYY-MM-DD), with figures printed in `units`. */
export interface Case {
  readonly bench: Bench;
  readonly loadout: Loadout;
  readonly today: string;
  readonly units: UnitSystem;
}

export type Rule = (judged: Case) => readonly Finding[];
