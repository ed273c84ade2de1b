import { bearingKg, bodyOf } from '../brief';
import type { BriefRule } from '../brief/rules';
import {
  amountInWords,
  areActs,
  jobsInWords,
  muchInWords,
  type Form,
  type Gear,
  type JobId,
} from '../gear';
import { carriedMassG, isOnGround, setsOutG, type Placement } from '../loadout';
import { printLength, printMass, printMoney, printNumber, printSize } from '../quantity';
import { schemesOf } from '../scheme';
import { amountOf, singleLosses, type Way, type Ways } from '../ways';
import type { WorkedOutKit } from '../kit';
import type { Edge, Rule } from './finding';

/** How a kit stands to one rule of its brief: kept, broken, or not known. */
export interface RuleKept {
  readonly rule: BriefRule;
  readonly kept: boolean | null;
  /** What it is in the rule’s unit, where it has one. */
  readonly is: number | null;
  /** The placements that break it. */
  readonly about: readonly string[];
}

/** Every rule of a brief held against the kit as it stands. */
export function rulesKept(kit: WorkedOutKit, rules: readonly BriefRule[]): readonly RuleKept[] {
  return rules.map((rule) => ({ rule, ...keptBy(kit, rule) }));
}

type Kept = Omit<RuleKept, 'rule'>;

const hair = 1e-6;

function atMost(is: number, most: number, about: readonly string[] = []): Kept {
  const kept = is <= most + hair;
  return { kept, is, about: kept ? [] : about };
}

function said(kept: boolean | null, about: readonly string[] = []): Kept {
  return { kept, is: null, about };
}

function keptBy(kit: WorkedOutKit, rule: BriefRule): Kept {
  const { whole, own, ways, totals } = kit;
  switch (rule.rule) {
    case 'most mass':
      return atMost(setsOutG(whole, totals), rule.massG);
    case 'most share': {
      const people = own.brief?.people ?? [];
      const bodiesG = people.reduce((sum, person) => sum + bearingKg(bodyOf(person)) * 1000, 0);
      const carriedG = carriedMassG(whole, totals, kit.bench.shelf);
      return bodiesG === 0 ? said(null) : atMost(carriedG / bodiesG, rule.share);
    }
    case 'most price':
      return atMost(totals.whole.priceMinor, rule.priceMinor);
    case 'outside':
      return outside(kit, ([long, wide, high]) => {
        const [a, b, c] = descending(rule.sidesMm);
        return Math.max(long / a, wide / b, high / c) <= 1 + hair;
      });
    case 'girth':
      return {
        ...outside(kit, (sides) => girthOf(sides) <= rule.girthMm + hair),
        is: girthMm(kit),
      };
    case 'lids close': {
      const open = kit.loads.filter(({ answer }) => answer.reasons.length > 0);
      return said(open.length === 0, [...new Set(open.map(({ placement }) => placement))]);
    }
    case 'categories': {
      const scheme = schemesOf(kit.bench).find(({ id }) => id === rule.scheme);
      if (!scheme) return said(null);
      const { covered, outOf } = kit.cover(scheme);
      return { kept: covered >= outOf, is: covered, about: [] };
    }
    case 'ways': {
      const depth = ways.depth(rule.anyOf);
      return { kept: depth >= rule.ways, is: depth, about: [] };
    }
    case 'amount': {
      const is = reliedAmount(ways, rule.job);
      const supplied = ways.byJob.get(rule.job) ?? [];
      // That it is there, and nobody knows how much, is no lack of it.
      if (is === null && supplied.some(isRelied)) return said(null);
      return { kept: (is ?? 0) >= rule.least - hair, is: is ?? 0, about: [] };
    }
    case 'must have':
      return said(named(kit, rule.what).length > 0);
    case 'must not have': {
      const there = named(kit, rule.what);
      return said(there.length === 0, there);
    }
    case 'second vessel': {
      const vessels = (ways.byJob.get('carry-water') ?? []).filter(isRelied);
      const count = vessels.reduce(
        (sum, { source }) => sum + ways.formula.sources[source]!.items,
        0,
      );
      return { kept: count >= 2, is: count, about: [] };
    }
    case 'without a holder': {
      if (ways.depth(rule.anyOf) === 0) return said(false);
      const holders = singleLosses(ways.formula, rule.anyOf).filter(
        ({ kind }) => kind === 'holder',
      );
      return said(
        holders.length === 0,
        holders.map(({ placement }) => placement),
      );
    }
  }
}

/** How much of a job there is but for what is improvised, in its unit; null where no amount is known. */
function reliedAmount(ways: Ways, job: JobId): number | null {
  const relied = (ways.byJob.get(job) ?? []).filter(isRelied);
  return amountOf({ ...ways, byJob: new Map(ways.byJob).set(job, relied) }, job);
}

function isRelied({ supply }: Way): boolean {
  return supply.fitness !== 'improvised';
}

type Sides = readonly [long: number, wide: number, high: number];

/** How far it is round a box across its longest side, in mm. */
function girthOf([, wide, high]: Sides): number {
  return 2 * (wide + high);
}

/** How far it is round the largest holder that stands on a ground, in mm; null where there is none, or not all are known. */
export function girthMm(kit: WorkedOutKit): number | null {
  const sides = outmostHolders(kit).map(({ id }) => sidesOf(kit.gear(id).form));
  return sides.length === 0 || sides.includes(null)
    ? null
    : Math.max(...sides.map((each) => girthOf(descending(each!))));
}

function outmostHolders({ whole, gear }: WorkedOutKit): readonly Placement[] {
  return whole.placements.filter(
    ({ id, place }) => isOnGround(place) && place.on !== 'mat' && gear(id).cavities.length > 0,
  );
}

function outside(kit: WorkedOutKit, fits: (sides: Sides) => boolean): Kept {
  const roots = outmostHolders(kit);
  const sides = roots.map(({ id }) => sidesOf(kit.gear(id).form));
  if (roots.length === 0 || sides.includes(null)) return said(null);
  const large = roots.filter((_, at) => !fits(descending(sides[at]!)));
  return said(
    large.length === 0,
    large.map(({ id }) => id),
  );
}

function sidesOf(form: Form | null): Sides | null {
  if (form?.shape === 'box') return [form.lengthMm, form.widthMm, form.heightMm];
  return form?.shape === 'cylinder' ? [form.diameterMm, form.diameterMm, form.heightMm] : null;
}

function descending(sides: readonly number[]): Sides {
  const [a, b, c] = [...sides].sort((one, other) => other - one);
  return [a!, b!, c!];
}

/** Pieces that are there and are of that kind, or have every one of those words in their name. */
function named({ whole, gear, ways }: WorkedOutKit, what: string): readonly string[] {
  const words = what
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');
  return whole.placements
    .filter(({ id }) => !ways.absences.has(id) && isNamed(gear(id), words))
    .map(({ id }) => id);
}

function isNamed({ kind, name }: Gear, words: readonly string[]): boolean {
  const own = `${name} ${kind ?? ''}`.toLowerCase().split(/[^\p{L}\p{N}]+/u);
  const singular = new Set(own.map(withoutS));
  return words.every((word) => singular.has(withoutS(word)));
}

function withoutS(word: string): string {
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/** A rule as somebody would say it. */
export function ruleInWords(
  rule: BriefRule,
  { units, currency }: Pick<Edge, 'units' | 'currency'>,
): string {
  switch (rule.rule) {
    case 'most mass':
      return `At most ${printMass(rule.massG, units)}`;
    case 'most share':
      return `At most ${printNumber(rule.share * 100, 0)} % of the bodies’ mass on the back`;
    case 'most price':
      return `At most ${printMoney(rule.priceMinor, currency)}`;
    case 'outside':
      return `No larger outside than ${printSize(rule.sidesMm, units)}`;
    case 'girth':
      return `No more round than ${printLength(rule.girthMm, units)}`;
    case 'lids close':
      return 'Every lid closes';
    case 'categories':
      return `Every category of ${rule.scheme} has something`;
    case 'ways':
      return waysInWords(rule.anyOf, rule.ways);
    case 'amount':
      return `At least ${muchInWords(rule.job, rule.least, units)}`;
    case 'must have':
      return `Must have: ${rule.what}`;
    case 'must not have':
      return `Must not have: ${rule.what}`;
    case 'second vessel':
      return 'A second vessel for water';
    case 'without a holder':
      return `When any one holder is gone, ${areActs(rule.anyOf) ? 'it can still' : 'there is still'} ${jobsInWords(rule.anyOf)}`;
  }
}

/** `A way to cut`, `Something for light`, `2 independent ways: bearing`. */
function waysInWords(anyOf: readonly JobId[], ways: number): string {
  const does = areActs(anyOf);
  if (ways === 1) return `${does ? 'A way to' : 'Something for'} ${jobsInWords(anyOf)}`;
  return `${ways} independent ways${does ? ' to' : ':'} ${jobsInWords(anyOf)}`;
}

/** A rule of the brief is broken. */
export const briefRule: Rule<Omit<RuleKept, 'about'>> = {
  id: 'brief/rule',
  severities: ['stop'],
  speaksWhen: 'a rule of the brief is broken',
  mendedBy: 'change the kit, or change the rule in the brief',
  asks: 'rules in the brief',
  because: 'The kit was set this bound by its owner.',
  find: (kit) =>
    rulesKept(kit, kit.own.brief?.rules ?? []).flatMap(({ rule, kept, is, about }) =>
      kept === false
        ? [
            {
              severity: 'stop' as const,
              about,
              of: JSON.stringify(rule),
              figures: { rule, kept, is },
            },
          ]
        : [],
    ),
  says: ({ rule, is }, edge, about) => {
    const names = about.map(edge.name);
    return `A rule of the brief is broken: ${ruleInWords(rule, edge)}${isInWords(rule, is, edge)}${names.length > 0 ? ` (${names.slice(0, 3).join(', ')})` : ''}.`;
  },
};

function isInWords(rule: BriefRule, is: number | null, { units, currency }: Edge): string {
  if (is === null) return '';
  switch (rule.rule) {
    case 'most mass':
      return `, and it is ${printMass(is, units)}`;
    case 'most share':
      return `, and it is ${printNumber(is * 100, 0)} %`;
    case 'most price':
      return `, and it is ${printMoney(is, currency)}`;
    case 'girth':
      return `, and it is ${printLength(is, units)}`;
    case 'amount':
      return `, and it is ${amountInWords(rule.job, is, units)}`;
    default:
      return `, and there are ${printNumber(is, 0)}`;
  }
}
