import fc from 'fast-check';
import { readFile, writeFile, writtenFile } from '@/core/exchange';
import { unsoundGear } from '@/core/gear';
import { apply, type Bench, type Command } from '@/core/loadout';
import { someCommands, startingBench } from '../../support/benches';
import { pathsOf, wildCommands, wildStart, wildText, withValueAt } from '../../support/wild';
import { runs, tried } from '../../support/share';

/** The bench after commands, those refused left out, and how many were taken. */
function after(start: Bench, commands: readonly Command[]) {
  let taken = 0;
  const bench = commands.reduce((before, command) => {
    const outcome = apply(before, command);
    if (outcome.ok) taken += 1;
    return outcome.ok ? outcome.value : before;
  }, start);
  return { bench, taken };
}

/** As it would be told from nothing by its text: −0 is written as 0. */
function plain(bench: Bench): string {
  return writeFile(bench);
}

describe('what a command takes', () => {
  it('is written and read back, whatever stands in its fields', () => {
    let taken = 0;
    fc.assert(
      fc.property(wildCommands, (commands) => {
        const made = after(wildStart, commands);
        taken += made.taken;
        const read = readFile(writeFile(made.bench));
        if (!read.ok) throw new Error(read.problem.message);
        expect(plain(read.value)).toBe(plain(made.bench));
      }),
      runs(300, 0.2),
    );
    expect(taken).toBeGreaterThan(tried(100));
  });

  it('is written and read back after any commands of every day', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        const { bench } = after(startingBench, commands);
        const read = readFile(writeFile(bench));
        expect(read).toEqual({ ok: true, value: bench });
        expect(writtenFile(bench)).toEqual({ ok: true, value: writeFile(bench) });
      }),
    );
  });

  it('leaves every piece sound', () => {
    fc.assert(
      fc.property(wildCommands, (commands) => {
        const { bench } = after(wildStart, commands);
        for (const gear of bench.shelf.values()) expect(unsoundGear(gear)).toBeNull();
      }),
    );
  });
});

describe('what a file takes of a piece', () => {
  const pieces = [...wildStart.shelf.values()];

  it('is what a command takes, and nothing else', () => {
    const value = fc.oneof(
      wildText,
      fc.double(),
      fc.constantFrom(-40, 1e308, 5e-324, 0, 1, 2.5, 10_001, -1),
    );
    let taken = 0;
    fc.assert(
      fc.property(fc.constantFrom(...pieces), fc.nat(), value, (gear, which, spoilt) => {
        const paths = pathsOf(gear).filter((path) => {
          const now = path.reduce<unknown>(
            (at, step) => (at as Record<string, unknown>)[step],
            gear,
          );
          return typeof now === typeof spoilt;
        });
        fc.pre(paths.length > 0);
        const other = withValueAt(gear, paths[which % paths.length]!, spoilt);
        const bench: Bench = {
          ...wildStart,
          shelf: new Map([[other.id, other]]),
          loadouts: new Map(),
        };
        const isRead = readFile(writeFile(bench)).ok;
        // What is no finite number is written as null, which a file may hold where nobody knows.
        if (typeof spoilt === 'number' && !Number.isFinite(spoilt)) return;
        taken += Number(isRead);
        expect([isRead, unsoundGear(other)?.message ?? null]).toEqual([
          unsoundGear(other) === null,
          unsoundGear(other)?.message ?? null,
        ]);
      }),
      runs(2000),
    );
    expect(taken).toBeGreaterThan(tried(100));
  });
});
