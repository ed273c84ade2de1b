import type { Currency, UnitSystem } from '../quantity';
import type { Command } from '../loadout';
import type { WorkedOutKit } from '../kit';

/** How much a finding would cost: it stops the kit, it warns, or it is worth knowing. */
export type Severity = 'stop' | 'warn' | 'note';

/**
 * One judgement as facts. Words are made of it at the edge, in the person's units, so that it can be told from another
 * of the same rule, set aside until its figures change, and put in order.
 */
export interface Finding<Figures = unknown> {
  readonly rule: string;
  readonly severity: Severity;
  /** The placements it is about; empty where it is about what is not there. */
  readonly about: readonly string[];
  /** What it was found by: plain data, quantities in the core's units. */
  readonly figures: Figures;
  /** Changes that would mend it, each by itself. */
  readonly fixes: readonly Command[];
}

/** How facts are put into words: in whose units and money, and what placements are called. */
export interface Edge {
  readonly units: UnitSystem;
  readonly currency: Currency;
  readonly name: (placement: string) => string;
}

/** One rule: what it finds in a kit, and what it says of it, in one sentence. */
export interface Rule<Figures = unknown> {
  readonly id: string;
  readonly find: (kit: WorkedOutKit) => readonly Found<Figures>[];
  readonly says: (figures: Figures, edge: Edge, about: readonly string[]) => string;
}

export type Found<Figures> = Omit<Finding<Figures>, 'rule' | 'fixes'> & {
  readonly fixes?: readonly Command[];
};
