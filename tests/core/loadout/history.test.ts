import fc from 'fast-check';
import {
  advance,
  following,
  historyOf,
  lastDone,
  lettersOf,
  mostEntries,
  mostEntryLetters,
  newPlacement,
  nextUndone,
  redoing,
  stepTo,
  undoing,
  withDone,
  type Act,
  type Command,
  type History,
} from '@/core/loadout';
import { gear, kit, someCommands, startingBench } from '../../support/benches';

type Step = Command | 'undo' | 'redo';

let acts = 0;

/** A step as an act on that history: what it undoes is named by what is on top. */
function actOf(history: History, step: Step): Act | null {
  if (step === 'undo') return undoing(history);
  if (step === 'redo') return redoing(history);
  return { act: 'do', command: step, id: `act-${(acts += 1)}` };
}

function after(history: History, ...steps: readonly Step[]): History {
  return steps.reduce((before, step) => {
    const act = actOf(before, step);
    const next = act && advance(before, act);
    return next?.ok ? next.value : before;
  }, history);
}

function rename(name: string): Command {
  return { do: 'change kit', id: 'k1', change: { name } };
}

const undo = 'undo';
const redo = 'redo';
const start = historyOf(startingBench);

describe('a history', () => {
  it('says in words what undo and redo would do', () => {
    expect([lastDone(start), nextUndone(start)]).toEqual([undefined, undefined]);
    const renamed = after(start, rename('A'), {
      do: 'together',
      label: 'tidy up',
      commands: [{ do: 'remove kit', id: 'k2' }],
    });
    expect(lastDone(renamed)!.label).toBe('tidy up');
    const back = after(renamed, undo);
    expect([lastDone(back)!.label, nextUndone(back)!.label]).toEqual(['change kit k1', 'tidy up']);
  });

  it('has nothing to undo at its beginning and nothing to redo at its end', () => {
    expect([undoing(start), redoing(after(start, rename('A')))]).toEqual([null, null]);
    expect(advance(start, { act: 'undo', entry: 'gone', label: 'gone' })).toMatchObject({
      ok: false,
      problem: { message: 'There is nothing to undo.' },
    });
    expect(advance(start, { act: 'redo', entry: 'gone', label: 'gone' })).toMatchObject({
      ok: false,
      problem: { message: 'There is nothing to redo.' },
    });
  });

  it('takes back the act that is named, and no other one that came after it', () => {
    const mine = after(start, rename('Mine'));
    const named = undoing(mine)!;
    const theirs = after(mine, { do: 'change kit', id: 'k2', change: { name: 'Theirs' } });
    expect(advance(theirs, named)).toMatchObject({
      ok: false,
      problem: {
        message:
          '“change kit k1” is not the last act any more: another window did something after it, and nothing was changed.',
      },
    });
    const undone = after(theirs, undo, undo);
    const again = redoing(undone)!;
    expect(advance(after(undone, redo), again)).toMatchObject({ ok: false });
    expect(after(undone, redo, redo).bench).toEqual(theirs.bench);
  });

  it('takes no note of an act that changes nothing', () => {
    const same = after(start, { do: 'count in', currency: start.bench.currency });
    expect(same).toBe(start);
  });

  it('does several as one, and takes them back as one', () => {
    const commands: readonly Command[] = [
      { do: 'remove kit', id: 'k1' },
      { do: 'remove gear', id: 'a' },
      { do: 'remove gear', id: 'b' },
    ];
    const gone = after(start, { do: 'together', label: 'clear', commands });
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
    const allUndone = after(long, ...many.map(() => undo as Step));
    expect(allUndone.bench.loadouts.get('k1')!.name).toBe('n24');
    expect(after(allUndone, ...many.map(() => redo as Step)).bench).toEqual(long.bench);
  });

  it('keeps of an act what it changed, however large the kit is', () => {
    const placements = Array.from({ length: 1000 }, (_, at) =>
      newPlacement(`p${at}`, 'a', { on: 'mat' }),
    );
    const large = historyOf({
      ...startingBench,
      shelf: new Map([['a', gear('a', { count: 2000 })]]),
      loadouts: new Map([['k', kit('k', placements)]]),
    });
    const counted = after(large, { do: 'set count', loadout: 'k', placement: 'p500', count: 2 });
    expect(lettersOf(lastDone(counted)!.change)).toBeLessThan(500);
    expect(after(counted, undo).bench).toEqual(large.bench);
    expect(after(counted, undo, redo).bench).toEqual(counted.bench);
  });

  it('forgets what is too much, but never the latest act', () => {
    const noted = (at: number): Command => ({
      do: 'change gear',
      id: 'a',
      change: { note: String(at % 10).repeat(2000) },
    });
    const heavy = { ...after(start, noted(0)).entries[0]!, letters: mostEntryLetters - 10_000 };
    const one = { ...after(start, noted(0)), entries: [heavy] };
    expect(after(one, noted(1), noted(2)).entries).toHaveLength(3);
    expect(after(one, noted(1), noted(2), noted(3)).entries).toHaveLength(3);
    const alone = after(one, ...Array.from({ length: 9 }, (_, at) => noted(at + 1)));
    expect(alone.entries).toHaveLength(9);
    expect(withDone(alone, { ...heavy, at: alone.cursor + 1 }, alone.bench).entries).toHaveLength(
      3,
    );
  });

  it('walks back and forth over any acts without losing a thing', () => {
    const walks = fc.array(fc.constantFrom('undo' as const, 'redo' as const), { maxLength: 30 });
    fc.assert(
      fc.property(someCommands, walks, (commands, walk) => {
        const done = after(start, ...commands);
        const walked = after(done, ...walk);
        const steps = done.entries.length - walked.cursor;
        const end = after(walked, ...Array.from({ length: steps }, () => redo as Step));
        expect(end.bench).toEqual(done.bench);
        const begun = after(walked, ...Array.from({ length: walked.cursor }, () => undo as Step));
        expect(begun.bench).toEqual(startingBench);
      }),
    );
  });
});

describe('a step that another window tells of', () => {
  const anySteps = fc.tuple(
    someCommands,
    fc.array(fc.constantFrom<Step>(undo, redo), { maxLength: 6 }),
  );

  it('followed, gives the very history that was made there', () => {
    fc.assert(
      fc.property(anySteps, ([commands, walked]) => {
        let there = historyOf(startingBench);
        let here = there;
        for (const step of [...commands, ...walked]) {
          const act = actOf(there, step);
          const next = act && advance(there, act);
          if (!act || !next?.ok || next.value === there) continue;
          there = next.value;
          const followed = following(here, stepTo(there, act));
          expect(followed).toEqual(there);
          here = followed!;
        }
      }),
    );
  });

  it('is not followed where it is not the next', () => {
    const before = after(historyOf(startingBench), rename('a'));
    const next = after(before, rename('b'), rename('c'));
    const step = { entry: next.entries.at(-1)!, cursor: next.cursor };
    expect(following(before, step)).toBeNull();
    expect(following(before, { entry: null, cursor: 7 })).toBeNull();
  });
});
