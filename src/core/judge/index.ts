import { coverOfJobs } from './cover';
import type { Case, Finding, Rule, Severity } from './finding';
import { cavitiesThatDoNotFit, notStowed, overItsLimits } from './stow';
import { cellsMissing, pastTheirDate, placedTwice } from './upkeep';

export type { Case, Finding, Severity } from './finding';

const rules: readonly Rule[] = [
  coverOfJobs,
  cavitiesThatDoNotFit,
  overItsLimits,
  placedTwice,
  cellsMissing,
  pastTheirDate,
  notStowed,
];

const order: readonly Severity[] = ['stop', 'warn', 'note'];

/** All findings on a kit, the costliest first. */
export function findingsOf(judged: Case): readonly Finding[] {
  return rules
    .flatMap((rule) => rule(judged))
    .sort((one, other) => order.indexOf(one.severity) - order.indexOf(other.severity));
}
