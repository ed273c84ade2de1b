import type { Currency, UnitSystem } from '../quantity';
import type { Command } from '../loadout';
import type { WorkedOutKit } from '../kit';
import type { Background } from './background';

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
  /** What tells it from others of the same rule: it is mended when the rule no longer speaks of this. */
  readonly of: string;
  /** What it was found by: plain data, quantities in the core's units. */
  readonly figures: Figures;
  /** Findings that this one says too: opened, it shows them, each with its fix. */
  readonly parts?: readonly Finding[];
}

/** How facts are put into words: in whose units and money, and what placements are called. */
export interface Edge {
  readonly units: UnitSystem;
  readonly currency: Currency;
  readonly name: (placement: string) => string;
}

/** A change that is offered as what mends a finding, and what it is called. */
export interface Fix {
  readonly says: string;
  readonly command: Command;
  /** With it the kit is over its own limit of mass by so much, in g. */
  readonly overLimitG?: number;
}

/** One rule: what it finds in a kit, and what it says of it. What may mend it stands with the menders. */
export interface Rule<Figures = unknown> {
  readonly id: string;
  /** The severities that it may have, the gravest first. */
  readonly severities: readonly Severity[];
  /** When it speaks, and how it is mended, as the list of rules has it. */
  readonly speaksWhen: string;
  readonly mendedBy: string;
  /** What has to be known before it can speak; null where it always can. */
  readonly asks: string | null;
  /** Why it matters, in a sentence. */
  readonly because: string;
  readonly find: (kit: WorkedOutKit, background: Background) => Finds<Figures>;
  readonly says: (figures: Figures, edge: Edge, about: readonly string[]) => string;
}

/** What a rule finds; one that looks at every piece by all needs does it a piece at a time, so that others get their turn. */
export type Finds<Figures> = readonly Found<Figures>[] | Generator<void, readonly Found<Figures>[]>;

export type Found<Figures> = Omit<Finding<Figures>, 'rule' | 'of' | 'parts'> & {
  readonly of?: string;
};
