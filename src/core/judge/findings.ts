import type { UnitSystem } from '../quantity';
import type { WorkedOutKit } from '../kit';
import type { Edge, Finding, Severity } from './finding';
import { rules } from './rules';

const order: readonly Severity[] = ['stop', 'warn', 'note'];

/** All findings on a kit, the costliest first. */
export function findingsOf(kit: WorkedOutKit): readonly Finding[] {
  return rules
    .flatMap(({ id, find }) =>
      find(kit).map((found): Finding => ({ fixes: [], ...found, rule: id })),
    )
    .sort((one, other) => order.indexOf(one.severity) - order.indexOf(other.severity));
}

/** A finding in one sentence, with its figures. */
export function findingInWords(
  { rule, figures, about }: Finding,
  kit: WorkedOutKit,
  units: UnitSystem,
): string {
  const edge: Edge = {
    units,
    currency: kit.bench.currency,
    name: (placement) => kit.gear(placement).name,
  };
  return rules.find(({ id }) => id === rule)!.says(figures, edge, about);
}
