import type { WorkedOutKit } from '../kit';
import { printMass, type UnitSystem } from '../quantity';
import type { Scheme } from '../scheme';
import { drained } from '../steps';
import { backgroundOf, type Background } from './background';
import { holderTakes, type TakenAlong } from './holder';
import { needShort, shortInWords, type NeedShort } from './need-short';
import type { Edge, Finding, Fix, Found, Rule } from './finding';
import { rules } from './rules';
import { causes } from './telling/causes';
import { inOrder } from './telling/order';
import { told } from './telling/told';

/**
 * All findings on a kit, one for each cause, the gravest first, and of those what hurts first.
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
  return inOrder(told(found, kit, background), background);
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
  mendedBy: 'look at this by eye; a file of the kit helps to correct the rule',
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

/** Whether findings of a rule only gather what others found. */
export function isCause(id: string): boolean {
  return causes.some(({ rule }) => rule.id === id);
}

export function ruleOf(id: string): Rule {
  return (
    rules.find((rule) => rule.id === id) ??
    (causes.find(({ rule }) => rule.id === id)?.rule as Rule | undefined) ??
    failedRule
  );
}

/** So long is what the bar over a kit says of its first finding. */
const longestHeadline = 44;

/** A finding in a few words, for who looks up from something else: `Drink: 6 L of 83 L`. */
export function headlineOf(finding: Finding, kit: WorkedOutKit, units: UnitSystem): string {
  if (finding.rule === needShort.id) return shortInWords(finding.figures as NeedShort, units);
  if (finding.rule === holderTakes.id) {
    const { gone } = finding.figures as TakenAlong;
    return `Only in ${kit.gear(finding.about[0]!).name}: ${gone[0]}`;
  }
  const [clause = ''] = findingInWords(finding, kit, units).split(/[.:;]\s|\.$/u);
  return clause.length <= longestHeadline
    ? clause
    : clause.slice(0, clause.lastIndexOf(' ', longestHeadline)).replace(/[,:;]$/u, '');
}

/** What a fix is called, and by how much the kit is over its own limit with it. */
export function fixInWords({ says, overLimitG }: Fix, units: UnitSystem): string {
  return overLimitG === undefined
    ? says
    : `${says}: then ${printMass(overLimitG, units)} over the kit’s limit`;
}

/** Placements of one piece are named once, however they were typed. */
function eachOnce(about: readonly string[], kit: WorkedOutKit): readonly string[] {
  const named = new Set<string>();
  return about.filter((id) => {
    const gear = kit.tree.byId.get(id)?.gear ?? id;
    return !named.has(gear) && named.add(gear);
  });
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
  return ruleOf(rule).says(figures, edge, eachOnce(about, kit));
}
