import { findGear, inOrderOfName } from '../src/core/catalogue/find-gear';
import { readLine } from '../src/core/reading';
import { gearFromTable } from '../src/core/exchange/gear-table';
import { guessColumns } from '../src/core/exchange/columns';
import { readTable } from '../src/core/exchange/table';
import { findingInWords, findingsOf } from '../src/core/judge';
import { sparedBy } from '../src/core/judge/thrift';
import { workedOut } from '../src/core/kit';
import { keyOf, questionsOf } from '../src/core/fit/laid-out';
import {
  advance,
  apply,
  following,
  historyOf,
  stepTo,
  undoing,
  type Bench,
} from '../src/core/loadout';
import { openPlaces } from '../src/core/kit/open-places';
import { schemes } from '../src/core/scheme';
import { dueListOf, restockOf } from '../src/core/upkeep';
import { packKit } from '../src/core/pack';
import { benchOfLots, benchToPack, benchWith, shelfOf } from './kits';
import { heading, row, timed } from './timing';

const day = '2026-10-01';

/** The same bench with every piece anew, so that nothing of it is known. */
function benchOfLotsAnew(bench: Bench): Bench {
  return { ...bench, shelf: new Map([...bench.shelf].map(([id, gear]) => [id, { ...gear }])) };
}

/** Everything that the screens work out anew after an edit. */
function workOut(bench: Bench): void {
  const kit = workedOut(bench, bench.loadouts.get('kit')!, day);
  kit.cover(schemes['ten-cs']);
  for (const finding of findingsOf(kit)) findingInWords(finding, kit, 'metric');
}

export function benchCore(): void {
  heading('Core: one edit, and all that is worked out from it');
  for (const pieces of [50, 150, 500]) {
    let bench = benchWith(pieces);
    const [first] = bench.loadouts.get('kit')!.placements.filter(({ place }) => 'in' in place);
    let count = 1;
    row(
      `  kit of ${pieces} pieces`,
      timed(() => {
        count = 3 - count;
        const next = apply(bench, {
          do: 'set count',
          loadout: 'kit',
          placement: first!.id,
          count,
        });
        if (!next.ok) throw new Error(next.problem.message);
        bench = next.value;
        workOut(bench);
      }),
    );
  }

  heading('Core: all that falls due, and the restock list');
  const kept = benchOfLots(50, 5000);
  row(
    '  50 kits and 5,000 lots, first',
    timed(() => dueListOf(benchOfLotsAnew(kept), day)),
  );
  row(
    '  50 kits and 5,000 lots, after an edit',
    timed(() => restockOf(kept, dueListOf(kept, day).dues, day)),
  );

  heading('Core: a kit is packed from nothing, its first answer');
  for (const pieces of [20, 100, 300]) {
    const bench = benchToPack(pieces);
    row(
      `  ${pieces} pieces into a 75 L pack with pockets`,
      timed(() => {
        const request = { from: 'nothing', seed: 1, today: day } as const;
        for (const { packing } of packKit(bench, 'kit', request)) if (packing !== null) break;
      }, 5),
    );
  }

  heading('Core: a piece is picked up, and all places say whether it goes there');
  for (const pieces of [150, 500]) {
    const bench = benchWith(pieces);
    const { whole, tree } = workedOut(bench, bench.loadouts.get('kit')!, day);
    const piece = whole.placements.filter(({ place }) => 'in' in place).slice(-1);
    row(
      `  kit of ${pieces} pieces`,
      timed(() => openPlaces({ bench, whole, tree }, piece)),
    );
  }

  heading('Core: the questions of Stow, after an edit');
  for (const pieces of [150, 500]) {
    const bench = benchWith(pieces);
    row(
      `  kit of ${pieces} pieces`,
      timed(() => questionsOf({ ...bench.loadouts.get('kit')! }, bench.shelf).forEach(keyOf)),
    );
  }

  heading('Core: an act is undone, and all worked out again');
  for (const pieces of [150, 500]) {
    const before = historyOf(benchWith(pieces));
    const command = { do: 'change kit', id: 'kit', change: { name: 'Other' } } as const;
    const done = advance(before, { act: 'do', command, id: 'act' });
    if (!done.ok) throw new Error(done.problem.message);
    row(
      `  kit of ${pieces} pieces`,
      timed(() => {
        const undone = advance(done.value, undoing(done.value)!);
        if (undone.ok) workOut(undone.value.bench);
      }),
    );
  }

  heading('Core: another window’s act is followed, and all worked out again');
  for (const pieces of [150, 500]) {
    const before = historyOf(benchWith(pieces));
    const [first] = before.bench.loadouts
      .get('kit')!
      .placements.filter(({ place }) => 'in' in place);
    const command = { do: 'set count', loadout: 'kit', placement: first!.id, count: 2 } as const;
    const act = { act: 'do', command, id: 'act' } as const;
    const there = advance(before, act);
    if (!there.ok) throw new Error(there.problem.message);
    const step = stepTo(there.value, act);
    row(
      `  kit of ${pieces} pieces`,
      timed(() => workOut(following(before, structuredClone(step))!.bench)),
    );
  }

  heading('Core: what could stay at home');
  for (const pieces of [50, 150, 500]) {
    const bench = benchWith(pieces);
    row(
      `  kit of ${pieces} pieces`,
      timed(() => sparedBy(workedOut(bench, { ...bench.loadouts.get('kit')! }, day)), 5),
    );
  }

  heading('Core: a search on the shelf');
  for (const lines of [100, 1000, 10_000]) {
    const gear = inOrderOfName(shelfOf(lines));
    row(
      `  shelf of ${lines} lines, in order`,
      timed(() => inOrderOfName(gear), 20),
    );
    row(
      `  shelf of ${lines} lines, two words`,
      timed(() => findGear(gear, 'steel bot')),
    );
  }

  heading('Core: lines in');
  row(
    '  a typed line, read with what else it may be',
    timed(() => readLine('steel bot 1 L 210 g', { id: 'x', units: 'metric', currency: 'EUR' })),
  );
  const text = `name,mass\n${shelfOf(10_000)
    .map(({ name, massG }) => `"${name}",${massG} g`)
    .join('\n')}`;
  row(
    '  a table of 10 000 rows, read and matched',
    timed(() => {
      const table = readTable(text);
      if (!table.ok) throw new Error(table.problem.message);
      let next = 0;
      gearFromTable(
        table.value,
        guessColumns(table.value),
        { units: 'metric', currency: 'EUR' },
        () => `new-${(next += 1)}`,
      );
    }, 3),
  );
}
