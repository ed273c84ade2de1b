import fc from 'fast-check';
import { demoBench } from '@/core/demo';
import { bringIn } from '@/core/exchange';
import { kitsInWords } from '@/core/exchange/restock-text';
import { newPlacement, type Bench } from '@/core/loadout';
import {
  boughtCommand,
  copiesBehind,
  copiesBroughtOn,
  copiesOf,
  copiesOfKit,
  restockOf,
  type Copies,
} from '@/core/upkeep';
import { wishingForASecond } from '@/core/kit/double-booked';
import type { Outcome } from '@/core/quantity';
import { benchOf, gear, holder, kit } from '../../support/benches';
import { benchOfKinds } from '../../support/kits-of-kinds';
import { after, counting, keptIn } from '../../support/upkeep';

const today = '2027-03-10';
const inBox = { in: 'box', cavity: 'inside' } as const;

/** A box with a knife and four pegs, of which two more lie on the shelf; and another knife of the kind. */
const pattern = kit('k', [
  newPlacement('box', 'box', { on: 'house' }),
  newPlacement('knife', 'knife', inBox),
  newPlacement('pegs', 'pegs', inBox, 4),
]);
const bench = benchOf(
  [
    holder('box', { kind: 'tin' }),
    gear('knife', { kind: 'belt-knife' }),
    gear('other-knife', { kind: 'belt-knife', massG: 120 }),
    gear('pegs', { kind: null, count: 6 }),
  ],
  [{ ...pattern, brief: keptIn('shed') }],
);

function made(of: Outcome<Copies>): Copies {
  if (!of.ok) throw new Error(of.problem.message);
  return of.value;
}

function copied(of: Bench, forWhom: readonly string[]): readonly [Bench, Copies] {
  const copies = made(copiesOfKit(of, 'k', forWhom, today, counting()));
  return [after(of, copies.command), copies];
}

const few = (all: Copies['toBuy']) => all.map(({ gear: { name }, count }) => [name, count]);

describe('copies of a kit', () => {
  const [two, copies] = copied(bench, ['Ada', '']);

  it('take free pieces first and wish for the rest, once a line over all of them', () => {
    expect(few(copies.fromShelf)).toEqual([
      ['other-knife', 1],
      ['pegs', 2],
    ]);
    expect(few(copies.toBuy)).toEqual([
      ['box', 2],
      ['pegs', 6],
      ['knife', 1],
    ]);
    const wished = [...two.shelf.values()].filter(({ ownership }) => ownership === 'wished');
    expect(wished.map(({ name, count }) => [name, count])).toEqual(few(copies.toBuy));
  });

  it('are laid out as their pattern is, with a name of their own', () => {
    const all = copiesOf(two, 'k');
    expect(all.map(({ name }) => name)).toEqual(['k 3', 'k, Ada']);
    expect(all.map(({ copyOf }) => copyOf!.forWhom)).toEqual(['', 'Ada']);
    for (const { placements } of all) {
      const [box] = placements;
      expect(placements.reduce((sum, { count }) => sum + count, 0)).toBe(6);
      for (const { place } of placements.slice(1)) {
        expect(place).toEqual({ in: box!.id, cavity: 'inside' });
      }
    }
    expect(copiesBehind(two, 'k')).toEqual([]);
  });

  it('know when their pattern is another, and are brought up to it', () => {
    const more = after(two, {
      do: 'together',
      label: 'change the pattern',
      commands: [
        { do: 'add gear', gear: [gear('saw', { kind: null })] },
        { do: 'place', loadout: 'k', placement: newPlacement('saw', 'saw', inBox) },
        { do: 'take out', loadout: 'k', placement: 'knife', contents: 'leave too' },
      ],
    });
    const behind = copiesBehind(more, 'k');
    expect(behind.map(({ lacks, over }) => [few(lacks), few(over)])).toEqual([
      [[['saw', 1]], [['knife', 1]]],
      [[['saw', 1]], [['other-knife', 1]]],
    ]);
    const on = made(copiesBroughtOn(more, 'k', today, counting('on')));
    expect(few(on.toBuy)).toEqual([['saw', 2]]);
    const now = after(more, on.command);
    expect(copiesBehind(now, 'k').flatMap(({ lacks }) => lacks)).toEqual([]);
    expect(copiesOf(now, 'k')[0]!.placements.at(-1)!.place).toMatchObject({ cavity: 'inside' });
    expect(copiesBroughtOn(now, 'k', today, counting())).toMatchObject({ ok: false });
  });

  it('leave what their owners put in of their own alone', () => {
    const [copy] = copiesOf(two, 'k');
    const own = after(two, {
      do: 'together',
      label: 'add a mirror',
      commands: [
        { do: 'add gear', gear: [gear('mirror')] },
        { do: 'place', loadout: copy!.id, placement: newPlacement('m', 'mirror', { on: 'mat' }) },
      ],
    });
    expect(copiesBehind(own, 'k')).toEqual([]);
  });

  it('are refused for nobody, for too many, and of no kit', () => {
    for (const forWhom of [[], Array.from({ length: 51 }, () => '')]) {
      expect(copiesOfKit(bench, 'k', forWhom, today, counting())).toMatchObject({ ok: false });
    }
    expect(copiesOfKit(bench, 'none', [''], today, counting())).toMatchObject({ ok: false });
  });

  it('of any kit of the demo never place a piece more often than it is there', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...demoBench.loadouts.keys()),
        fc.integer({ min: 1, max: 4 }),
        (id, many) => {
          const { command, kits } = made(
            copiesOfKit(demoBench, id, Array<string>(many).fill('Bo'), today, counting('c')),
          );
          const now = after(demoBench, command);
          const placed = new Map<string, number>();
          const before = new Map<string, number>();
          for (const [of, counts] of [
            [now, placed],
            [demoBench, before],
          ] as const) {
            for (const { placements } of of.loadouts.values()) {
              for (const each of placements) {
                counts.set(each.gear, (counts.get(each.gear) ?? 0) + each.count);
              }
            }
          }
          for (const [gearId, count] of placed) {
            const there = now.shelf.get(gearId)!.count;
            expect(count).toBeLessThanOrEqual(Math.max(there, before.get(gearId) ?? 0));
          }
          expect(copiesBehind(now, id)).toEqual([]);
          expect(new Set(kits.map(({ name }) => name)).size).toBe(many);
        },
      ),
      { numRuns: 20 },
    );
  });
});

describe('what copies wish for', () => {
  it('is one line of the restock list, and what came of it in part goes to the first of them', () => {
    const [two] = copied(bench, ['Ada', '']);
    const lines = restockOf(two, [], today);
    const pegs = lines.find(({ gear: { name } }) => name === 'pegs')!;
    expect(pegs).toMatchObject({ count: 6, kit: null, because: 'wished for' });
    expect(kitsInWords(pegs)).toBe('k 3 and k, Ada');
    const keptOtherwise = { ...two, loadouts: new Map([...two.loadouts].reverse()) };
    const again = restockOf(keptOtherwise, [], today).find(({ id }) => id === pegs.id)!;
    expect(kitsInWords(again)).toBe('k 3 and k, Ada');
    const came = { count: 3, on: today, goodUntil: null };
    const bought = boughtCommand(two, pegs, came, counting('came'));
    if (!bought.ok) throw new Error(bought.problem.message);
    const now = after(two, bought.value);
    const inKits = (id: string) =>
      copiesOf(now, 'k').map(({ placements }) =>
        placements.reduce((sum, each) => sum + (each.gear === id ? each.count : 0), 0),
      );
    expect(now.shelf.get(pegs.gear.id)).toMatchObject({ ownership: 'owned', count: 3 });
    expect(inKits(pegs.gear.id)).toEqual([3, 0]);
    const rest = [...now.shelf.values()].find(
      ({ name, ownership }) => name === 'pegs' && ownership === 'wished',
    )!;
    expect(rest.count).toBe(3);
    expect(inKits(rest.id)).toEqual([1, 2]);
    // What is wished for still is no other piece.
    expect(copiesBehind(now, 'k')).toEqual([]);
  });
});

describe('a copy', () => {
  it('leaves uncounted what is there anyway, stays pinned, and tries its own losses', () => {
    const base = benchOfKinds({
      holds: 'pocket-trousers, lighter @ pocket-trousers, belt-knife',
      brief: {},
    });
    const k = base.loadouts.get('k')!;
    const whatIfs = [
      {
        id: 'w',
        name: 'trousers lost',
        losses: [{ kind: 'holder' as const, placement: 'pocket-trousers' }],
      },
    ];
    const placements = k.placements.map((each) =>
      each.id === 'pocket-trousers'
        ? { ...each, isAssumed: true as const }
        : { ...each, isPinned: true as const },
    );
    const one = { ...base, loadouts: new Map([['k', { ...k, placements, whatIfs }]]) };
    const copies = made(copiesOfKit(one, 'k', ['Ann'], today, counting('copy')));
    expect(copies.toBuy.map(({ gear: { name } }) => name)).toEqual(['Gas lighter', 'Belt knife']);
    const copy = [...after(one, copies.command).loadouts.values()].find(({ id }) => id !== 'k')!;
    expect(copy.placements.map(({ isAssumed, isPinned }) => [isAssumed, isPinned])).toEqual([
      [true, undefined],
      [undefined, true],
      [undefined, true],
    ]);
    expect(copy.whatIfs![0]!.losses).toEqual([
      { kind: 'holder', placement: copy.placements[0]!.id },
    ]);
  });
});

describe('a second that is wished for', () => {
  it('is new, full, nobody’s and without dates, whatever the first is', () => {
    const one = benchOfKinds({
      holds: 'gas-canister',
      gear: {
        'gas-canister': {
          borrowedFrom: 'Bob',
          backBy: '2027-10-01',
          goodUntil: '2027-02-01',
          contents: { unit: 'g', full: 230, left: 10, massG: 230 },
        },
      },
    });
    const first = one.shelf.get('gas-canister')!;
    const [placement] = one.loadouts.get('k')!.placements;
    const now = after(
      one,
      wishingForASecond('k', placement!, first, () => 'second'),
    );
    expect(now.shelf.get('second')).toMatchObject({
      ownership: 'wished',
      borrowedFrom: null,
      backBy: null,
      goodUntil: null,
      contents: { full: 230, left: 230 },
    });
  });
});

describe('copies in a file', () => {
  it('are copies of the kit that came with them, beside another of that id', () => {
    const [two] = copied(bench, ['Ada', 'Bo']);
    const mine = benchOf([gear('knife', { massG: 1 })], [{ ...kit('k'), name: 'mine' }]);
    const now = after(mine, bringIn(mine, two, 'keep both', counting('in')).command);
    const pattern = [...now.loadouts.values()].find(({ name }) => name.startsWith('k (brought'))!;
    expect(copiesOf(now, 'k')).toEqual([]);
    expect(copiesOf(now, pattern.id).map(({ copyOf }) => copyOf!.forWhom)).toEqual(['Ada', 'Bo']);
    expect(copiesBehind(now, pattern.id)).toEqual([]);
  });
});
