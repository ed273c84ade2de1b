import { workedOut, type WorkedOutKit } from '@/core/kit';
import { underBrief } from '@/core/kit/under-brief';
import { findingInWords } from '@/core/judge';
import type { ConditionId } from '@/core/loadout';
import type { Need, NeedId } from '@/core/needs';
import { benchOfKinds, type KindKit } from './kits-of-kinds';
import { everyFinding } from './every-finding';

/** The day on which kits of kinds are looked at. */
export const kindDay = '2027-09-01';

/** The kit `k` of kinds, worked out; without a brief told it has one of an autumn trip. */
export function kindKit(kit: KindKit, holding: readonly ConditionId[] = []): WorkedOutKit {
  const bench = benchOfKinds({ brief: {}, ...kit });
  return workedOut(bench, bench.loadouts.get('k')!, kindDay, undefined, new Set(holding));
}

/** One need of a kit under its own brief. */
export function needIn(kit: WorkedOutKit, id: NeedId): Need {
  return underBrief(kit, kit.own.brief!, 'metric').needs.find(({ need }) => need === id)!;
}

/** What is found by rules whose ids begin so, in words: `warn: …`. */
export function foundIn(kit: WorkedOutKit, ...rules: readonly string[]): readonly string[] {
  return everyFinding(kit)
    .filter(({ rule }) => rules.some((each) => rule.startsWith(each)))
    .map((finding) => `${finding.severity}: ${findingInWords(finding, kit, 'metric')}`);
}
