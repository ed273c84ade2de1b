import { stowWithin, volumeMm3, wrongWith, type LoadItem } from '../../src/core/fit/laid-out';
import { leastVolumeMm3 } from '../../src/core/fit/load/forms';
import { LoadSearch } from '../../src/core/fit/laid-out';
import { randomFrom } from '../../src/core/fit/load/random';
import { cut, mixed, possible, type Instance } from './families';
import { kitHolders, kitInto } from './kits';
import { shareByBinPacking } from './plain-packer';

/** `npm run bench:fit`, or with `-- SEEDS BUDGETS FAMILIES`, as in `-- 3 100,2000 mixed`: budgets in ms. */
const [seedsWord = '3', budgetsWord = '100,2000,30000', only = ''] = process.argv.slice(2);
const seeds = Number(seedsWord);
const budgetsMs = budgetsWord.split(',').map(Number);

const families: readonly (readonly [string, (seed: number) => Instance])[] = [
  ...[20, 40, 80].map((count) => [`cut ${count}`, (seed: number) => cut(count, seed)] as const),
  ...[3, 12, 50].map((kinds) => [`mixed ${kinds}`, (seed: number) => mixed(kinds, seed)] as const),
  ...kitHolders.map(
    ([holder, share]) =>
      [`kit in ${holder}`, (seed: number) => kitInto(holder, share, seed)] as const,
  ),
];

print(
  ['family', 'pieces', 'offered', '`binpackingjs`', 'ms']
    .concat(budgetsMs.map((ms) => `${ms / 1000} s`))
    .concat(['seconds used', 'peak MB']),
);
print(Array.from({ length: 7 + budgetsMs.length }, () => '---'));
for (const [name, make] of families.filter(([family]) => family.startsWith(only))) {
  const instances = Array.from({ length: seeds }, (_, at) => make(at + 1));
  const offered = mean(instances.map(offeredShare));
  const started = performance.now();
  const plain = instances.map(shareByBinPacking);
  const plainMs = (performance.now() - started) / seeds;
  const runs = budgetsMs.map((budgetMs) => instances.map((instance) => packed(instance, budgetMs)));
  print([
    name,
    mean(instances.map(({ items }) => items.length)).toFixed(0),
    percent(offered),
    plain.includes(null) ? '—' : percent(mean(plain as number[])),
    plain.includes(null) ? '—' : plainMs.toFixed(0),
    ...runs.map((each) => percent(mean(each.map(({ share }) => share)))),
    runs.map((each) => mean(each.map(({ seconds }) => seconds)).toFixed(2)).join(' / '),
    (process.memoryUsage().rss / 1e6).toFixed(0),
  ]);
}
possibleLoads();
firstAnswers();

/** How many loads that are known to be possible are found so within 2 s. */
function possibleLoads(): void {
  const instances = Array.from({ length: 20 }, (_, at) => possible(35, at + 1));
  const runs = instances.map((instance) => packed(instance, 2000));
  const found = runs.filter(({ left }) => left === 0).length;
  process.stdout.write(
    `\nPossible loads of 35 parts, a third round and a third soft: ${found} of ${runs.length} found within 2 s, ${mean(runs.map(({ seconds }) => seconds)).toFixed(2)} s each\n`,
  );
}

/** Ours, verified: a wrong answer ends the run. */
function packed(
  instance: Instance,
  budgetMs: number,
): { readonly share: number; readonly seconds: number; readonly left: number } {
  const started = performance.now();
  const stowage = stowWithin(instance, { seed: 1, budgetMs });
  const seconds = (performance.now() - started) / 1000;
  const wrong = wrongWith(instance, stowage);
  if (wrong.length > 0) throw new Error(`${instance.family}: ${wrong[0]}`);
  const ids = new Set(stowage.placed.map(({ id }) => id));
  const taken = instance.items
    .filter(({ id }) => ids.has(id))
    .reduce((sum, { form }) => sum + leastVolumeMm3(form), 0);
  return { share: taken / volumeMm3(instance.container), seconds, left: stowage.left.length };
}

/** How long the first answer takes: 40 pieces in a tin, and 300 soft and hard ones in a 75 L pack. */
function firstAnswers(): void {
  process.stdout.write('\nFirst answer\n');
  for (const [what, pieces, room] of [
    ['40 pieces, 1.2 L', 40, [170, 120, 60]],
    ['300 pieces, 75 L', 300, [320, 260, 901]],
  ] as const) {
    const volume = room[0] * room[1] * room[2];
    const load = {
      container: { shape: 'box', sizeMm: room, mouth: { shape: 'section' } } as const,
      items: anyPieces(pieces, volume * 0.6),
    };
    const started = performance.now();
    const search = new LoadSearch(load, 1);
    const run = search.run();
    while (search.placed.length === 0 && !run.next().done);
    const ms = performance.now() - started;
    process.stdout.write(
      `${what}: ${ms.toFixed(0)} ms, ${search.placed.length} placed, ${(process.memoryUsage().rss / 1e6).toFixed(0)} MB\n`,
    );
  }
}

/** Boxes, cylinders and soft pieces whose tightest bulk is so much together. */
function anyPieces(count: number, volumeMm3Wished: number): readonly LoadItem[] {
  const random = randomFrom(7);
  const between = (from: number, to: number) => from + random() * (to - from);
  const each = Math.cbrt(volumeMm3Wished / count);
  return Array.from({ length: count }, (_, at): LoadItem => {
    const sort = random();
    const id = `piece ${at + 1}`;
    const side = () => each * between(0.5, 1.5);
    if (sort < 0.35) {
      const form = { shape: 'box', lengthMm: side(), widthMm: side(), heightMm: side() } as const;
      return { id, form: { ...form, upright: false } };
    }
    if (sort < 0.6) {
      const form = { shape: 'cylinder', diameterMm: side(), heightMm: side() } as const;
      return { id, form: { ...form, upright: false } };
    }
    const tightMl = (each ** 3 / 1000) * between(0.4, 1.6);
    const form = { shape: 'soft', looseMl: tightMl * 1.8, tightMl, thinnestMm: 8 } as const;
    return { id, form: { ...form, longestRigidMm: 0 } };
  });
}

function offeredShare({ container, items }: Instance): number {
  const taken = items.reduce((sum, { form }) => sum + leastVolumeMm3(form), 0);
  return taken / volumeMm3(container);
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

function percent(share: number): string {
  return (share * 100).toFixed(1);
}

function print(cells: readonly string[]): void {
  process.stdout.write(`| ${cells.join(' | ')} |\n`);
}
