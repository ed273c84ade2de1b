import { coverOfJobs } from './cover';
import type { Case, Finding, Rule, Severity } from './finding';
import { cavitiesThatDoNotFit, notStowed, overItsLimits } from './stow';
import { cellsMissing, notThere, pastTheirDate, placedTwice } from './upkeep';

export type { Case, Finding, Severity } from './finding';
export * from './thrift';

const rules: readonly Rule[] = [
  coverOfJobs,
  cavitiesThatDoNotFit,
  overItsLimits,
  placedTwice,
  cellsMissing,
  pastTheirDate,
  notThere,
  notStowed,
];

const order: readonly Severity[] = ['stop', 'warn', 'note'];

/** All findings on a kit, the costliest first. */
export function findingsOf(judged: Case): readonly Finding[] {
  return rules
    .flatMap((rule) => rule(judged))
    .sort((one, other) => order.indexOf(one.severity) - order.indexOf(other.severity));
}
