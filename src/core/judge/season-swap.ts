import type { Brief } from '../brief';
import type { Loadout, Placement } from '../loadout';
import type { Need, NeedId } from '../needs';
import type { UnitSystem } from '../quantity';
import { needFixes, type NeedFix } from '../kit/need-fixes';
import { needsKitUnder, needsUnder } from '../kit/under-brief';
import { without } from '../kit/without';
import { workedOut, type WorkedOutKit } from '../kit';
import { rulesKept } from './brief-rules';

/** What one piece is asked for by one brief and not by the other. */
export interface Needless {
  readonly placement: Placement;
  readonly massG: number;
  /** The needs that it answers under the brief that it was packed for. */
  readonly answers: readonly NeedId[];
}

/** A need that is short under the other brief, and what would answer it best. */
export interface SwapShort {
  readonly need: Need;
  readonly fix: NeedFix | null;
}

/** What changes in a kit when it goes under another brief. */
export interface SeasonSwap {
  readonly leave: readonly Needless[];
  /** What those weigh together, in g. */
  readonly leaveG: number;
  readonly take: readonly SwapShort[];
}

/** Jobs by which a piece stays whatever the needs say: each loss of them is a finding of its own. */
const staysFor: readonly string[] = [
  'cut',
  'first-aid',
  'bleed-control',
  'roof',
  'cord',
  'carry-water',
  'boil',
  'treat-water',
  'flame',
  'spark',
];

/**
 * What of a kit the other brief does not ask for, and what it lacks there. Needless is what a need of the one brief stands on,
 * and all that together could stay behind without any need or rule of the other standing worse, or a job undone that
 * somebody's life hangs on; the heaviest is tried first. What is past its date there is no matter of the season.
 */
export function seasonSwap(
  kit: WorkedOutKit,
  from: Brief,
  to: Brief,
  units: UnitSystem,
): SeasonSwap {
  const { whole, totals } = kit;
  const under = (loadout: Loadout, brief: Brief) =>
    needsUnder(needsKitUnder(loadout, kit, brief, units));
  const here = under(whole, from).needs;
  const there = under(whole, to);
  const rules = brokenRules(kit, whole, to);
  const answers = answersIn(here);
  const candidates = whole.placements
    .filter(
      (placement) =>
        answers.has(placement.id) &&
        !there.kit.ways.absences.has(placement.id) &&
        isAlone(kit, placement) &&
        !isKept(kit, placement),
    )
    .map((placement) => ({
      placement,
      massG: totals.branches.get(placement.id)!.massG,
      answers: answers.get(placement.id)!,
    }))
    .sort((one, other) => other.massG - one.massG);
  const leave: Needless[] = [];
  for (const candidate of candidates) {
    const alone = without(whole, [candidate.placement.id]);
    if (!isWorse(there.needs, under(alone, to).needs) && isWorse(here, under(alone, from).needs)) {
      const left = without(
        whole,
        [...leave, candidate].map(({ placement }) => placement.id),
      );
      const isFine =
        !isWorse(there.needs, under(left, to).needs) && brokenRules(kit, left, to) <= rules;
      if (isFine) leave.push(candidate);
    }
  }
  const take = there.needs
    .filter(({ standing }) => standing === 'short' || standing === 'none')
    .map((need) => ({ need, fix: needFixes(kit, to, need.need, 1)[0] ?? null }));
  return { leave, leaveG: leave.reduce((sum, { massG }) => sum + massG, 0), take };
}

/** How many rules of a brief such pieces break. */
function brokenRules({ bench, own, day }: WorkedOutKit, pieces: Loadout, brief: Brief): number {
  if (brief.rules.length === 0) return 0;
  const tried = { ...pieces, id: own.id, modules: [], brief };
  const loadouts = new Map(bench.loadouts).set(own.id, tried);
  const kept = rulesKept(workedOut({ ...bench, loadouts }, tried, day), brief.rules);
  return kept.filter((each) => each.kept === false).length;
}

function answersIn(needs: readonly Need[]): ReadonlyMap<string, readonly NeedId[]> {
  const answers = new Map<string, NeedId[]>();
  for (const { need, placements } of needs) {
    for (const id of placements) answers.set(id, [...(answers.get(id) ?? []), need]);
  }
  return answers;
}

function isAlone({ tree }: WorkedOutKit, { id }: Placement): boolean {
  return tree.within(id).length === 0;
}

/** The only one that does something that is never left behind. */
function isKept({ ways }: WorkedOutKit, { id }: Placement): boolean {
  return staysFor.some((job) => {
    const does = ways.all.filter((way) => way.job === job && way.supply.fitness !== 'improvised');
    return (
      does.some(({ placement }) => placement.id === id) &&
      does.every(({ placement }) => placement.id === id)
    );
  });
}

function isWorse(before: readonly Need[], after: readonly Need[]): boolean {
  return after.some((need, at) => isWorseOff(before[at]!, need));
}

/** A need that stood and does not, or that was short and is shorter. */
function isWorseOff(before: Need, after: Need): boolean {
  if (rank[after.standing] > rank[before.standing]) return true;
  if (before.standing === 'met') return false;
  const isLess =
    before.supply !== null && after.supply !== null && lack(after) > lack(before) + 1e-9;
  return isLess || (before.days ?? 0) > (after.days ?? 0) + 1e-9;
}

/** How far what is given lies from what is asked; the temperature slept through lies above it. */
function lack({ need, demand, supply }: Need): number {
  const less = (demand ?? 0) - (supply ?? 0);
  return need === 'sleep' || need === 'load' ? -less : less;
}

const rank = { met: 0, 'not known': 1, short: 2, none: 3 } as const;
