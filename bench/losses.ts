import { workedOut, type WorkedOutKit } from '../src/core/kit';
import { lossesOfKit, lossId, questionsOf, whatCanBeLost, type Question } from '../src/core/losses';
import { allLost, roundsOf } from '../src/core/ways';
import { conditionIds, type Loss } from '../src/core/loadout';
import { benchToPack, benchWith } from './kits';
import { timed } from './timing';

/** `npm run bench:losses`: all minimal sets of losses of a kit beside trying every set, and that both find the same. */
const day = '2026-10-01';

/** Sets tried at most before the rest is reckoned from them. */
const mostTried = 60_000;

function kitOf(make: typeof benchWith, pieces: number): WorkedOutKit {
  const bench = make(pieces);
  return workedOut(bench, bench.loadouts.get('kit')!, day);
}

function exactly({ ways, own }: WorkedOutKit, upTo: 2 | 3): Set<string> {
  const found = new Set<string>();
  for (const { question, sets } of lossesOfKit(ways.formula, questionsOf(ways, own.wishes), {
    upTo,
    conditions: conditionIds,
  }))
    for (const set of sets) found.add(named(question, set));
  return found;
}

function named({ id }: Question, set: readonly Loss[]): string {
  return `${id}: ${set.map(lossId).sort().join(' ')}`;
}

/** Every set up to a size, each looked at for all jobs at once: how many there are, what they found, and how long it took. */
function byTryingAll({ ways, own, whole, tree }: WorkedOutKit, upTo: 2 | 3) {
  const questions = questionsOf(ways, own.wishes).map((question) => ({
    question,
    sources: question.anyOf.flatMap((job) => ways.formula.byJob.get(job) ?? []),
  }));
  const losses = whatCanBeLost(whole).flatMap((loss) =>
    loss.kind === 'piece'
      ? Array.from({ length: Math.min(3, tree.byId.get(loss.placement)!.count) }, () => loss)
      : [loss],
  );
  const done = new Set(
    questions.filter(({ sources }) => sources.some((at) => ways.rounds[at] !== 0)),
  );
  const found = new Set<string>();
  const started = performance.now();
  let tried = 0;
  const tryOut = (from: number, set: readonly Loss[], size: number): void => {
    if (tried >= mostTried) return;
    if (set.length < size) {
      for (let at = from; at < losses.length; at += 1) tryOut(at + 1, [...set, losses[at]!], size);
      return;
    }
    tried += 1;
    const rounds = roundsOf(ways.formula, allLost(set));
    for (const each of done) {
      if (each.sources.some((at) => rounds[at] !== 0)) continue;
      const isMinimal = !partsOf(set).some((part) => found.has(named(each.question, part)));
      if (isMinimal) found.add(named(each.question, set));
    }
  };
  for (let size = 1; size <= upTo; size += 1) tryOut(0, [], size);
  const n = losses.length;
  const all = n + (n * (n - 1)) / 2 + (upTo === 3 ? (n * (n - 1) * (n - 2)) / 6 : 0);
  return { all, tried, found, ms: ((performance.now() - started) * all) / tried };
}

function partsOf(set: readonly Loss[]): readonly (readonly Loss[])[] {
  const [first, ...others] = set;
  if (first === undefined) return [];
  const without = partsOf(others);
  return [[first], ...without, ...without.map((part) => [first, ...part])];
}

const columns = ['exact', 'p95', 'all sets', 'trying all', 'times', 'same'];
process.stdout.write(
  `${'Losses'.padEnd(34)}${columns.map((each) => each.padStart(12)).join('')}\n`,
);
for (const [name, make] of [
  ['spread over bags', benchWith],
  ['in one pack', benchToPack],
] as const) {
  for (const pieces of [50, 150, 300]) {
    const kit = kitOf(make, pieces);
    for (const upTo of [2, 3] as const) {
      const { medianMs, p95Ms } = timed(() => exactly(kit, upTo), 15);
      const slow = byTryingAll(kit, upTo);
      const isWhole = slow.tried === slow.all;
      const figures = [
        `${medianMs.toFixed(1)} ms`,
        `${p95Ms.toFixed(1)} ms`,
        slow.all.toFixed(0),
        `${isWhole ? '' : '~'}${(slow.ms / 1000).toFixed(1)} s`,
        (slow.ms / medianMs).toFixed(0),
        isWhole ? String(isSame(exactly(kit, upTo), slow.found)) : '–',
      ];
      process.stdout.write(
        `${`  ${pieces} pieces ${name}, ${upTo}`.padEnd(34)}${figures.map((each) => each.padStart(12)).join('')}\n`,
      );
    }
  }
}

function isSame(one: ReadonlySet<string>, other: ReadonlySet<string>): boolean {
  return one.size === other.size && [...one].every((each) => other.has(each));
}
