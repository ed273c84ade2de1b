import { cavityQuestion, stowWithin, type Stowage } from '@/core/fit/laid-out';
import { withModules, type Bench } from '@/core/loadout';

/** One cavity of a kit, with the kits that go along in it, laid out for a moment. */
export function stowed(bench: Bench, kit: string, placement: string, cavity: string): Stowage {
  const whole = withModules(bench, bench.loadouts.get(kit)!);
  const question = cavityQuestion(whole, bench.shelf, placement, cavity)!;
  return stowWithin(question.loads, { seed: 1, steps: 5 });
}
