import type { WorkedOutKit } from '../kit';
import { printMass, type UnitSystem } from '../quantity';
import type { Scheme } from '../scheme';
import { drained } from '../steps';
import { backgroundOf, type Background } from './background';
import type { Edge, Finding, Fix, Found, Rule, Severity } from './finding';
import { rules } from './rules';

const order: readonly Severity[] = ['stop', 'warn', 'note'];

/**
 * All findings on a kit, the costliest first.
 *
 * @param scheme the grouping whose categories count; the Five Cs where nobody says.
 */
export function findingsOf(kit: WorkedOutKit, scheme?: Scheme): readonly Finding[] {
  return drained(judgingOf(kit, scheme));
}

/** {@link findingsOf}, step by step: between two steps the caller can do other things, or stop. */
export function* judgingOf(
  kit: WorkedOutKit,
  scheme?: Scheme,
): Generator<void, readonly Finding[], void> {
  const background = backgroundOf(kit, scheme);
  const found: Finding[] = [];
  for (const rule of rules) {
    found.push(...(yield* lookingBy(rule, kit, background)));
    yield;
  }
  return found.sort((one, other) => order.indexOf(one.severity) - order.indexOf(other.severity));
}

/** What a rule finds; one that fails is told instead of what it would have found, and silences no other. */
function* lookingBy(
  rule: Rule,
  kit: WorkedOutKit,
  background: Background,
): Generator<void, readonly Finding[]> {
  try {
    const found = rule.find(kit, background);
    return ('next' in found ? yield* found : found).map((each) => findingBy(rule, each));
  } catch {
    const figures = { rule: rule.id };
    return [findingBy(failedRule, { severity: 'warn', about: [], of: rule.id, figures })];
  }
}

/** What one rule finds in a kit. */
export function foundBy(rule: Rule, kit: WorkedOutKit, background: Background): readonly Finding[] {
  return drained(lookingBy(rule, kit, background));
}

/** Stands for a rule that failed: what it looks for is not known, which is not the same as not there. */
const failedRule: Rule = {
  id: 'judge/failed',
  severities: ['warn'],
  speaksWhen: 'a rule could not be worked out',
  mendedBy: 'look for it yourself; a file of the kit helps to put the rule right',
  asks: null,
  because: 'It is a fault of this program. What the rule looks for may be there or not.',
  find: () => [],
  says: (figures) => {
    const { rule } = figures as { readonly rule: string };
    return `Not looked at, as a rule failed: ${ruleOf(rule).speaksWhen}. All other rules were.`;
  },
};

/** A finding as its rule made it. */
export function findingBy({ id }: Rule, { of, ...found }: Found<unknown>): Finding {
  return { ...found, rule: id, of: of ?? found.about.join(' ') };
}

/** How many rules there are. */
export const ruleCount = rules.length;

export function ruleOf(id: string): Rule {
  return rules.find((rule) => rule.id === id) ?? failedRule;
}

/** A finding in one sentence, with its figures. */
/** What a fix is called, and by how much the kit is over its own limit with it. */
export function fixInWords({ says, overLimitG }: Fix, units: UnitSystem): string {
  return overLimitG === undefined
    ? says
    : `${says}: then ${printMass(overLimitG, units)} over the kit’s limit`;
}

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
  return ruleOf(rule).says(figures, edge, about);
}
