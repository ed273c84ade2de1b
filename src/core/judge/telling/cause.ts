import type { Edge, Finding, Rule, Severity } from '../finding';

/** A finding that is told as part of another. */
export type Part = Omit<Finding, 'parts'>;

/** What a finding of several is found by: each of them. */
export interface Together {
  readonly parts: readonly Part[];
}

/**
 * Several findings of one cause, told in one sentence. It finds nothing by itself: it gathers what rules found, and opened it shows
 * each of them with its own fix.
 */
export interface Cause {
  readonly rule: Rule<Together>;
  /** What a finding is gathered by; null where it is of another cause. */
  readonly keyOf: (finding: Finding) => string | null;
  /** So many are told together; fewer stay as they are. */
  readonly from: number;
  /** What these rules find stays as it is where nothing else is with it. */
  readonly alone: readonly string[];
}

type Says = (parts: readonly Part[], edge: Edge) => string;

interface CauseSaid extends Pick<Rule, 'id' | 'speaksWhen' | 'mendedBy' | 'because'> {
  readonly severities?: readonly Severity[];
  readonly keyOf: (finding: Finding) => string | null;
  readonly from?: number;
  readonly alone?: readonly string[];
  readonly says: Says;
}

export function cause({
  severities = ['warn', 'note'],
  keyOf,
  from = 2,
  alone = [],
  says,
  ...told
}: CauseSaid): Cause {
  return {
    keyOf,
    from,
    alone,
    rule: {
      ...told,
      severities,
      asks: null,
      find: () => [],
      says: ({ parts }, edge) => says(parts, edge),
    },
  };
}

/** The gravest of several severities. */
export function gravest(all: readonly Severity[]): Severity {
  return all.includes('stop') ? 'stop' : all.includes('warn') ? 'warn' : 'note';
}

/** The names of pieces that parts are about, each once and not more than a few. */
export function namesOf(parts: readonly Part[], { name }: Edge, most = 6): readonly string[] {
  const all = [...new Set(parts.flatMap(({ about }) => about.map(name)))];
  return all.length > most ? [...all.slice(0, most - 1), `${all.length - most + 1} more`] : all;
}

/** A finding of several, as it is told. */
export function together(
  { rule }: Cause,
  of: string,
  parts: readonly Finding[],
  severity: Severity = gravest(parts.map((each) => each.severity)),
): Finding<Together> {
  const about = [...new Set(parts.flatMap((part) => part.about))];
  return { rule: rule.id, severity, about, of, figures: { parts }, parts };
}
