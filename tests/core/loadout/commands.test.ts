import fc from 'fast-check';
import {
  apply,
  changeBetween,
  describe as inWords,
  inverse,
  isNoChange,
  looped,
  overplaced,
  unsound,
  unsoundModules,
  withChange,
  withModules,
  type Bench,
  type Command,
} from '@/core/loadout';
import {
  asOneKit,
  applied,
  benchAfter,
  benchOf,
  gear,
  holder,
  kit,
  someCommands,
  startingBench,
} from '../../support/benches';

function messageOf(bench: Bench, command: Command): string {
  const outcome = apply(bench, command);
  return outcome.ok ? 'done' : outcome.problem.message;
}

const nested = benchOf(
  [holder('pack', { count: 2 }), holder('tin'), gear('match', { count: 4 })],
  [
    kit('k', [
      { id: 'pack', gear: 'pack', count: 1, place: { on: 'body' }, laidFor: null },
      { id: 'tin', gear: 'tin', count: 1, place: { in: 'pack', cavity: 'inside' }, laidFor: null },
      {
        id: 'match',
        gear: 'match',
        count: 3,
        place: { in: 'tin', cavity: 'inside' },
        laidFor: null,
      },
    ]),
    kit('other'),
  ],
);

describe('placing', () => {
  it('moves a holder with what is in it', () => {
    const moved = applied(nested, {
      do: 'move',
      loadout: 'k',
      placement: 'tin',
      to: { on: 'vehicle' },
    });
    const places = moved.loadouts.get('k')!.placements.map(({ place }) => place);
    expect(places).toEqual([{ on: 'body' }, { on: 'vehicle' }, { in: 'tin', cavity: 'inside' }]);
  });

  it.each<[string, Command, RegExp]>([
    [
      'a holder into itself',
      move('pack', { in: 'pack', cavity: 'inside' }),
      /cannot go into itself/,
    ],
    [
      'a holder into what it holds',
      move('pack', { in: 'tin', cavity: 'inside' }),
      /cannot go into itself/,
    ],
    [
      'into a piece without a cavity',
      move('tin', { in: 'match', cavity: 'inside' }),
      /has no cavity/,
    ],
    [
      'into a cavity that is not there',
      move('match', { in: 'pack', cavity: 'lid' }),
      /no cavity “lid”/,
    ],
    ['into nothing', move('match', { in: 'sack', cavity: 'inside' }), /no holder sack/],
    [
      'half a piece',
      { do: 'set count', loadout: 'k', placement: 'match', count: 1.5 },
      /whole number/,
    ],
    ['none', { do: 'set count', loadout: 'k', placement: 'match', count: 0 }, /from 1 to/],
    [
      'two of a full holder',
      { do: 'set count', loadout: 'k', placement: 'tin', count: 2 },
      /is exactly one/,
    ],
    ['a placement twice', place('tin', 'match'), /already/],
    ['gear that is not there', place('new', 'spoon'), /no gear spoon/],
    ['in a kit that is not there', { do: 'remove kit', id: 'z' }, /no kit z/],
    ['a name with markup', { do: 'change kit', id: 'k', change: { name: '<b>' } }, /markup/],
    ['a name of nothing', { do: 'change gear', id: 'tin', change: { name: ' ' } }, /name is empty/],
    ['fewer than none', { do: 'change gear', id: 'tin', change: { count: -1 } }, /whole number/],
    [
      'a cavity that is filled',
      { do: 'change gear', id: 'tin', change: { cavities: [] } },
      /still holds 1 in k/,
    ],
  ])('refuses %s', (_, command, says) => {
    expect(messageOf(nested, command)).toMatch(says);
  });

  it('joins more of the same in the same place', () => {
    const twice = applied(nested, place('more', 'match', 2));
    const back = applied(twice, move('more', { in: 'tin', cavity: 'inside' }));
    expect(back.loadouts.get('k')!.placements).toHaveLength(3);
    expect(back.loadouts.get('k')!.placements[2]).toMatchObject({ id: 'match', count: 5 });
  });

  it('takes out a holder with its contents or lays them on the mat', () => {
    const gone = applied(nested, {
      do: 'take out',
      loadout: 'k',
      placement: 'tin',
      contents: 'leave too',
    });
    expect(gone.loadouts.get('k')!.placements.map(({ id }) => id)).toEqual(['pack']);
    const laid = applied(nested, {
      do: 'take out',
      loadout: 'k',
      placement: 'pack',
      contents: 'to the mat',
    });
    expect(laid.loadouts.get('k')!.placements).toEqual([
      { id: 'tin', gear: 'tin', count: 1, place: { on: 'mat' }, laidFor: null },
      {
        id: 'match',
        gear: 'match',
        count: 3,
        place: { in: 'tin', cavity: 'inside' },
        laidFor: null,
      },
    ]);
  });

  it('removes gear from the shelf and every kit, and keeps what was in it', () => {
    const left = applied(nested, { do: 'remove gear', id: 'tin' });
    expect(left.shelf.has('tin')).toBe(false);
    expect(left.loadouts.get('k')!.placements.at(-1)).toMatchObject({
      id: 'match',
      place: { on: 'mat' },
      laidFor: null,
    });
  });

  it('does several together or none of them', () => {
    const both: Command = {
      do: 'together',
      label: 'both',
      commands: [move('tin', { on: 'mat' }), move('pack', { in: 'sack', cavity: 'x' })],
    };
    expect(messageOf(nested, both)).toMatch(/no holder sack/);
    expect(inWords(both, nested)).toBe('both');
  });

  it('finds gear placed beyond its count, over all kits', () => {
    expect(overplaced(nested)).toEqual([]);
    const doubled = applied(nested, {
      do: 'place',
      loadout: 'other',
      placement: { id: 'm', gear: 'match', count: 2, place: { on: 'mat' }, laidFor: null },
    });
    expect(overplaced(doubled)).toEqual([
      {
        gear: 'match',
        count: 4,
        placed: 5,
        in: [
          { loadout: 'k', count: 3 },
          { loadout: 'other', count: 2 },
        ],
      },
    ]);
  });
});

describe('a piece that is replaced', () => {
  it('lies where it is best again where it lost the job that it was laid for', () => {
    const bench = applied(startingBench, {
      do: 'place',
      loadout: 'k1',
      placement: { id: 'p', gear: 'cord', count: 1, place: { on: 'mat' }, laidFor: 'tape' },
    });
    const cord = bench.shelf.get('cord')!;
    const without = { ...cord, supplies: cord.supplies.filter(({ job }) => job !== 'tape') };
    for (const after of [
      applied(bench, { do: 'replace gear', gear: [without] }),
      applied(bench, { do: 'change gear', id: 'cord', change: { supplies: without.supplies } }),
    ]) {
      expect(after.loadouts.get('k1')!.placements[0]!.laidFor).toBeNull();
    }
    const kept = applied(bench, { do: 'change gear', id: 'cord', change: { name: 'Red cord' } });
    expect(kept.loadouts.get('k1')!.placements[0]!.laidFor).toBe('tape');
  });
});

describe('any commands in any order', () => {
  it('leave every kit sound, without a loop', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        const bench = benchAfter(commands);
        for (const loadout of bench.loadouts.values()) {
          expect(unsound(loadout, bench.shelf)).toBeNull();
          expect(looped(loadout)).toEqual([]);
          expect(unsoundModules(bench, loadout)).toBeNull();
          const whole = withModules(bench, loadout);
          expect(unsound(asOneKit(whole), bench.shelf)).toBeNull();
        }
      }),
    );
  });

  it('are undone and redone exactly', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        const benches: Bench[] = [startingBench];
        for (const command of commands) {
          const outcome = apply(benches.at(-1)!, command);
          if (outcome.ok) benches.push(outcome.value);
        }
        const changes = benches.slice(1).map((bench, at) => changeBetween(benches[at]!, bench));
        const undone = changes.reduceRight(
          (bench, change) => withChange(bench, inverse(change)),
          benches.at(-1)!,
        );
        expect(undone).toEqual(startingBench);
        const redone = changes.reduce(withChange, undone);
        expect(redone).toEqual(benches.at(-1));
      }),
    );
  });

  it('never change the bench they are given', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        const bench = benchAfter(commands);
        const before = structuredClone(bench);
        for (const command of commands) apply(bench, command);
        expect(bench).toEqual(before);
      }),
    );
  });

  it('know when nothing changed', () => {
    expect(isNoChange(changeBetween(nested, nested))).toBe(true);
    expect(isNoChange(changeBetween(nested, { ...nested, currency: 'SEK' }))).toBe(false);
  });
});

function move(placement: string, to: Extract<Command, { do: 'move' }>['to']): Command {
  return { do: 'move', loadout: 'k', placement, to };
}

function place(id: string, gearId: string, count = 1): Command {
  return {
    do: 'place',
    loadout: 'k',
    placement: { id, gear: gearId, count, place: { on: 'mat' }, laidFor: null },
  };
}

describe('many at once', () => {
  it('adds gear all together or none of it', () => {
    const more = applied(nested, { do: 'add gear', gear: [gear('x'), gear('y')] });
    expect(more.shelf.size).toBe(5);
    expect(messageOf(nested, { do: 'add gear', gear: [gear('x'), gear('x')] })).toMatch(/already/);
    expect(messageOf(nested, { do: 'add gear', gear: [gear('x', { name: '' })] })).toMatch(
      /is empty/,
    );
  });

  it.each<[Command, string]>([
    [{ do: 'add gear', gear: [gear('x')] }, 'add x'],
    [{ do: 'add gear', gear: [gear('x'), gear('y')] }, 'add 2 pieces'],
    [{ do: 'change gear', id: 'tin', change: { count: 2 } }, 'change tin'],
    [{ do: 'remove gear', id: 'match' }, 'remove match'],
    [{ do: 'remove kit', id: 'other' }, 'remove kit other'],
    [move('tin', { on: 'body' }), 'move tin'],
    [{ do: 'set count', loadout: 'k', placement: 'match', count: 2 }, 'count 2 of match'],
    [{ do: 'take out', loadout: 'k', placement: 'match', contents: 'leave too' }, 'take out match'],
    [{ do: 'take out', loadout: 'k', placement: 'gone', contents: 'leave too' }, 'take out gear'],
  ])('says in words what is done: %j', (command, words) => {
    expect(inWords(command, nested)).toBe(words);
  });

  it('clears the bench, its currency kept, and the change takes it back', () => {
    const cleared = applied({ ...nested, currency: 'SEK' }, { do: 'clear' });
    expect([cleared.shelf.size, cleared.loadouts.size, cleared.currency]).toEqual([0, 0, 'SEK']);
    expect(
      withChange(cleared, inverse(changeBetween({ ...nested, currency: 'SEK' }, cleared))),
    ).toEqual({
      ...nested,
      currency: 'SEK',
    });
  });
});
