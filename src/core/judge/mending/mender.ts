import type { WorkedOutKit } from '../../kit';
import type { Background } from '../background';
import type { Finding, Fix, Rule } from '../finding';

export interface MendAsked<Figures> {
  readonly kit: WorkedOutKit;
  readonly background: Background;
  readonly finding: Finding<Figures>;
  /** Ids for what comes anew. */
  readonly newId: () => string;
}

/** What may mend the findings of a rule, the likeliest first: each is tried before it is offered. */
export interface Mender {
  readonly rule: string;
  /** Null for a fix that was tried here already and does not help. */
  readonly fixes: (asked: MendAsked<unknown>) => Iterable<Fix | null>;
  /** Whether what is still found of it afterwards is less, where no single change mends all of it. */
  readonly isEased?: ((before: unknown, after: unknown) => boolean) | undefined;
}

/** A mender that knows the figures of its rule. */
export function mends<Figures>(
  { id }: Rule<Figures>,
  fixes: (asked: MendAsked<Figures>) => Iterable<Fix | null>,
  isEased?: (before: Figures, after: Figures) => boolean,
): Mender {
  return { rule: id, fixes: fixes as Mender['fixes'], isEased: isEased as Mender['isEased'] };
}
