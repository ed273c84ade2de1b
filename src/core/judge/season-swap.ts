import type { Brief } from '../brief';
import type { Loadout, Placement } from '../loadout';
import { isAnyWorseOff, type Need, type NeedId } from '../needs';
import type { UnitSystem } from '../quantity';
import { needFixes, type NeedFix } from '../kit/need-fixes';
import { needsKitUnder, needsUnder } from '../kit/under-brief';
import { without } from '../kit/without';
import type { WorkedOutKit } from '../kit';
import { brokenRules, isVital } from './needed';

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
        !isVital(kit, placement),
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
    if (
      !isAnyWorseOff(there.needs, under(alone, to).needs) &&
      isAnyWorseOff(here, under(alone, from).needs)
    ) {
      const left = without(
        whole,
        [...leave, candidate].map(({ placement }) => placement.id),
      );
      const isFine =
        !isAnyWorseOff(there.needs, under(left, to).needs) && brokenRules(kit, left, to) <= rules;
      if (isFine) leave.push(candidate);
    }
  }
  const take = there.needs
    .filter(({ standing }) => standing === 'short' || standing === 'none')
    .map((need) => ({ need, fix: needFixes(kit, to, need.need, 1)[0] ?? null }));
  return { leave, leaveG: leave.reduce((sum, { massG }) => sum + massG, 0), take };
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
