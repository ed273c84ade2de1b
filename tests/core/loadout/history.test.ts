import fc from 'fast-check';
import {
  advance,
  historyOf,
  lastDone,
  mostEntries,
  nextUndone,
  type Act,
  type Command,
  type History,
} from '@/core/loadout';
import { someCommands, startingBench } from '../../support/benches';

function after(history: History, ...acts: readonly Act[]): History {
  return acts.reduce((before, act) => {
    const next = advance(before, act);
    return next.ok ? next.value : before;
  }, history);
}

function rename(name: string): Act {
  return { act: 'do', command: { do: 'change kit', id: 'k1', change: { name } } };
}

const undo: Act = { act: 'undo' };
const redo: Act = { act: 'redo' };
const start = historyOf(startingBench);

describe('a history', () => {
  it('says in words what undo and redo would do', () => {
    expect([lastDone(start), nextUndone(start)]).toEqual([undefined, undefined]);
    const renamed = after(start, rename('A'), {
      act: 'do',
      command: { do: 'together', label: 'tidy up', commands: [{ do: 'remove kit', id: 'k2' }] },
    });
    expect(lastDone(renamed)!.label).toBe('tidy up');
    const back = after(renamed, undo);
    expect([lastDone(back)!.label, nextUndone(back)!.label]).toEqual(['change kit k1', 'tidy up']);
  });

  it('has nothing to undo at its beginning and nothing to redo at its end', () => {
    expect(advance(start, undo)).toMatchObject({
      ok: false,
      problem: { message: 'There is nothing to undo.' },
    });
    expect(advance(after(start, rename('A')), redo)).toMatchObject({ ok: false });
  });

  it('takes no note of an act that changes nothing', () => {
    const same = after(start, {
      act: 'do',
      command: { do: 'count in', currency: start.bench.currency },
    });
    expect(same).toBe(start);
  });

  it('does several as one, and takes them back as one', () => {
    const commands: readonly Command[] = [
      { do: 'remove kit', id: 'k1' },
      { do: 'remove gear', id: 'a' },
      { do: 'remove gear', id: 'b' },
    ];
    const gone = after(start, { act: 'do', command: { do: 'together', label: 'clear', commands } });
    expect([gone.bench.loadouts.size, gone.bench.shelf.size]).toEqual([
      1,
      startingBench.shelf.size - 2,
    ]);
    expect(gone.entries).toHaveLength(1);
    expect(after(gone, undo).bench).toEqual(startingBench);
  });

  it('forgets what is oldest, never what is newest', () => {
    const many = Array.from({ length: mostEntries + 25 }, (_, at) => rename(`n${at}`));
    const long = after(start, ...many);
    expect(long.entries).toHaveLength(mostEntries);
    const allUndone = after(long, ...many.map(() => undo));
    expect(allUndone.bench.loadouts.get('k1')!.name).toBe('n24');
    expect(after(allUndone, ...many.map(() => redo)).bench).toEqual(long.bench);
  });

  it('walks back and forth over any acts without losing a thing', () => {
    const acts = fc.array(fc.constantFrom('undo' as const, 'redo' as const), { maxLength: 30 });
    fc.assert(
      fc.property(someCommands, acts, (commands, walk) => {
        const done = after(start, ...commands.map((command): Act => ({ act: 'do', command })));
        const walked = after(done, ...walk.map((act): Act => ({ act })));
        const steps = done.entries.length - walked.cursor;
        const end = after(walked, ...Array.from({ length: steps }, () => redo));
        expect(end.bench).toEqual(done.bench);
        const begun = after(walked, ...Array.from({ length: walked.cursor }, () => undo));
        expect(begun.bench).toEqual(startingBench);
      }),
    );
  });
});
