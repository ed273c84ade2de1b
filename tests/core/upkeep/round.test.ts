import fc from 'fast-check';
import type { Gear } from '@/core/gear';
import { newPlacement, type Bench, type RoundLine } from '@/core/loadout';
import {
  absenceOf,
  boughtCommand,
  dueListOf,
  finishRound,
  goodLine,
  newRound,
  openRoundOf,
  restockOf,
  sharesIn,
  stopsOf,
  unreachedOf,
  withLine,
} from '@/core/upkeep';
import { benchOf, holder, kit } from '../../support/benches';
import { after, counting, kept, lot } from '../../support/upkeep';

const today = '2027-03-10';
const house = { on: 'house' } as const;
const inBox = { in: 'box', cavity: 'inside' } as const;

function boxed(gear: readonly Gear[]): Bench {
  const placements = gear.map(({ id, count }) => newPlacement(id, id, inBox, count));
  return benchOf(
    [holder('box'), ...gear],
    [kit('k', [newPlacement('box', 'box', house), ...placements])],
  );
}

/** The bench after a round in which these things were found; what is not named is not reached. */
function rounded(
  bench: Bench,
  found: Readonly<Record<string, Partial<RoundLine>>>,
  on = today,
): Bench {
  const loadout = bench.loadouts.get('k')!;
  const round = Object.entries(found).reduce(
    (so, [id, more]) => {
      const placement = loadout.placements.find((each) => each.id === id)!;
      const line = goodLine(placement, bench.shelf.get(placement.gear)!, on);
      return withLine(so, { ...line, ...more });
    },
    newRound(`round-${on}`, loadout, on),
  );
  const begun = after(bench, { do: 'keep round', round });
  const finished = finishRound(begun, round.id, on, counting(`want-${on}`));
  if (!finished.ok) throw new Error(finished.problem.message);
  return after(begun, finished.value);
}

const lots = (bench: Bench, id: string) =>
  bench.shelf
    .get(id)!
    .lots.map(({ count, checkedOn, amiss, kit: of }) => [count, checkedOn, amiss, of]);

describe('a round', () => {
  it('goes pocket by pocket, from the body inwards and by how near each pocket is', () => {
    const pack = holder('pack', {
      cavities: [
        { ...holder('x').cavities[0]!, id: 'main', name: 'Main', reach: 'main' },
        { ...holder('x').cavities[0]!, id: 'lid', name: 'Lid', reach: 'top' },
      ],
    });
    const within = (cavity: string) => ({ in: 'pack', cavity });
    const bench = benchOf(
      [pack, holder('tin'), ...['knife', 'rope', 'map', 'pin'].map((id) => kept('belt-knife', id))],
      [
        kit('k', [
          newPlacement('pack', 'pack', house),
          newPlacement('rope', 'rope', within('main')),
          newPlacement('tin', 'tin', within('main')),
          newPlacement('pin', 'pin', { in: 'tin', cavity: 'inside' }),
          newPlacement('map', 'map', within('lid')),
          newPlacement('knife', 'knife', { on: 'body' }),
        ]),
      ],
    );
    const stops = stopsOf(bench.loadouts.get('k')!, bench.shelf);
    expect(
      stops.map(({ ground, within: names, placements }) => [
        [ground, ...names].join(' › '),
        placements.map(({ id }) => id),
      ]),
    ).toEqual([
      ['body', ['knife']],
      ['house', ['pack']],
      ['house › pack › Lid', ['map']],
      ['house › pack › Main', ['rope', 'tin']],
      ['house › pack › tin', ['pin']],
    ]);
  });

  it('sets the dates of what was good, there and nowhere else', () => {
    const candle = kept('belt-knife', 'candle', [], { count: 6 });
    const bench = boxed([candle]);
    const four = after(bench, { do: 'set count', loadout: 'k', placement: 'candle', count: 4 });
    const next = rounded(four, { candle: {} });
    expect(lots(next, 'candle')).toEqual([
      [2, null, null, null],
      [4, today, null, 'k'],
    ]);
    expect(openRoundOf('k', next)).toBeNull();
    expect(dueListOf(next, today).kits[0]!.on).toBe('2027-09-10');
  });

  it('takes what is used or missing out of the count, the oldest first, and wants it again', () => {
    const water = kept('drinking-water', 'water', [
      lot('new', 6, { goodUntil: '2029-03-31' }),
      lot('old', 6, { goodUntil: '2027-04-30' }),
    ]);
    const next = rounded(boxed([water]), { water: { used: 4, missing: 3 } });
    const piece = next.shelf.get('water')!;
    expect([piece.count, piece.goodUntil]).toEqual([5, '2029-03-31']);
    expect(next.loadouts.get('k')!.placements.find(({ id }) => id === 'water')!.count).toBe(5);
    expect([...next.wants.values()].map(({ because, count }) => [because, count])).toEqual([
      ['used', 4],
      ['missing', 3],
    ]);
  });

  it('relies no more on what failed or is to be renewed', () => {
    const water = kept('drinking-water', 'water', [lot('a', 3, { goodUntil: '2029-03-31' })]);
    const torch = kept('torch', 'torch');
    const next = rounded(boxed([water, torch]), { water: { renew: 2 }, torch: { failed: 1 } });
    expect(lots(next, 'water')).toEqual([
      [2, null, 'renew', 'k'],
      [1, today, null, 'k'],
    ]);
    const loadout = next.loadouts.get('k')!;
    const shares = sharesIn(loadout, next.shelf, today);
    expect(absenceOf(next.shelf.get('torch')!, today, loadout, shares.get('torch'))).toBe('failed');
    expect(absenceOf(next.shelf.get('water')!, today, loadout, shares.get('water'))).toBeNull();
    // Found good the next time, it is relied on again, and wanted no more.
    const again = rounded(next, { torch: {}, water: { renew: 1 } }, '2027-04-01');
    expect([...again.wants.values()].map(({ gear, count }) => [gear, count])).toEqual([
      ['water', 1],
    ]);
    expect(absenceOf(again.shelf.get('torch')!, '2027-04-01')).toBeNull();
  });

  it('takes a piece out of the kit that is missing, what was in it lies on the mat', () => {
    const next = rounded(boxed([kept('belt-knife', 'knife')]), { box: { missing: 1 } });
    expect(next.loadouts.get('k')!.placements).toMatchObject([
      { id: 'knife', place: { on: 'mat' } },
    ]);
    expect(next.shelf.get('box')!.count).toBe(0);
  });

  it('by weight says that it is there, and nothing of its dates', () => {
    const next = rounded(boxed([kept('torch', 'torch')]), { torch: { isByWeight: true } });
    expect(lots(next, 'torch')).toEqual([]);
  });

  it('writes down what was done beside: charged, filled anew', () => {
    const bank = kept('power-bank', 'bank', [lot('a', 1, { amiss: 'flat' })]);
    const next = rounded(boxed([bank]), { bank: { did: ['recharge'] } });
    expect(next.shelf.get('bank')!.lots).toMatchObject([
      { filledOn: today, checkedOn: today, amiss: null },
    ]);
  });

  it('says what it did not reach, and is kept as it was', () => {
    const bench = boxed([kept('torch', 'torch'), kept('belt-knife', 'knife')]);
    const next = rounded(bench, { torch: {} });
    const [round] = next.rounds.values();
    expect(round).toMatchObject({ endedOn: today, unreached: 2 });
    expect(unreachedOf(round!, next.loadouts.get('k')!).map(({ id }) => id)).toEqual([
      'box',
      'knife',
    ]);
  });

  it('passes over what was taken out of the kit since', () => {
    const bench = boxed([kept('torch', 'torch')]);
    const loadout = bench.loadouts.get('k')!;
    const line = goodLine(loadout.placements[1]!, bench.shelf.get('torch')!, today);
    const round = withLine(newRound('r', loadout, today), { ...line, missing: 1 });
    const begun = after(bench, { do: 'keep round', round });
    const gone = after(begun, {
      do: 'take out',
      loadout: 'k',
      placement: 'torch',
      contents: 'leave too',
    });
    const finished = finishRound(gone, 'r', today, counting());
    expect(finished.ok && after(gone, finished.value).wants.size).toBe(0);
  });

  it.each<[string, Partial<RoundLine>, string]>([
    [
      'more used than there is',
      { used: 2 },
      '2 of torch are used, missing, broken or to be renewed, and only 1 belong there.',
    ],
    ['half of one', { used: 0.5 }, 'round.lines[0].used is not a whole number, 0 or more.'],
    ['on no day', { on: '2027-02-30' }, 'round.lines[0].on is not a day of the calendar.'],
  ])('is refused with %s', (_, more, message) => {
    const bench = boxed([kept('torch', 'torch')]);
    expect(() => rounded(bench, { torch: more })).toThrow(message);
  });

  it('of nothing cannot be ended', () => {
    expect(() => rounded(boxed([]), {})).toThrow('Nothing was looked at on this round yet.');
  });

  it('leaves lots and counts that agree, whatever was found (law)', () => {
    const found = fc.record({
      used: fc.integer({ min: 0, max: 2 }),
      missing: fc.integer({ min: 0, max: 2 }),
      renew: fc.integer({ min: 0, max: 2 }),
      failed: fc.integer({ min: 0, max: 2 }),
      isByWeight: fc.boolean(),
    });
    const anyLots = fc.array(
      fc.record({
        count: fc.integer({ min: 1, max: 5 }),
        goodUntil: fc.constantFrom(null, '2026-12-31', '2028-01-31'),
        kit: fc.constantFrom(null, 'k'),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(anyLots, fc.integer({ min: 8, max: 20 }), found, (of, placed, more) => {
        const lotsOfIt = of.map(({ count, ...known }, at) => lot(`l${at}`, count, known));
        const bench = boxed([kept('drinking-water', 'water', lotsOfIt)]);
        const wide = after(bench, {
          do: 'set count',
          loadout: 'k',
          placement: 'water',
          count: placed,
        });
        const had = wide.shelf.get('water')!.count;
        const next = rounded(wide, { water: more });
        const { count, lots: left } = next.shelf.get('water')!;
        const gone = more.used + more.missing;
        expect(count).toBe(Math.max(0, had - gone));
        if (left.length > 0) expect(left.reduce((sum, each) => sum + each.count, 0)).toBe(count);
        const there = next.loadouts.get('k')!.placements.find(({ id }) => id === 'water');
        expect(there?.count ?? 0).toBe(placed - gone);
      }),
    );
  });
});

describe('the restock list', () => {
  const water = kept(
    'drinking-water',
    'water',
    [
      lot('old', 4, { goodUntil: '2027-02-28' }),
      lot('soon', 2, { goodUntil: '2027-05-01' }),
      lot('new', 2, { goodUntil: '2029-01-01' }),
    ],
    { priceMinor: 120 },
  );
  const wish = kept('belt-knife', 'wish', [], { ownership: 'wished', priceMinor: null });
  const bench = boxed([water, wish]);

  const listed = (of: Bench) =>
    restockOf(of, dueListOf(of, today).dues, today).map(
      ({ gear, count, because, by, priceMinor }) => [gear.id, count, because, by, priceMinor],
    );

  it('has what is past its date, what runs out soon and what is wished for, with the price', () => {
    expect(listed(bench)).toEqual([
      ['water', 4, 'past its date', null, 480],
      ['water', 2, 'runs out', '2027-05-01', 240],
      ['wish', 1, 'wished for', null, null],
    ]);
  });

  it('has what a round found, once', () => {
    const next = rounded(bench, { water: { used: 1, renew: 3 } });
    expect(listed(next)).toEqual([
      ['water', 1, 'used', null, 120],
      ['water', 3, 'renew', null, 360],
      ['water', 2, 'runs out', '2027-05-01', 240],
      ['wish', 1, 'wished for', null, null],
    ]);
  });

  function bought(of: Bench, at: number, count: number, goodUntil: string | null): Bench {
    const line = restockOf(of, dueListOf(of, today).dues, today)[at]!;
    const command = boughtCommand(of, line, { count, on: today, goodUntil }, counting('bought'));
    if (!command.ok) throw new Error(command.problem.message);
    return after(of, command.value);
  }

  it('bought, takes the place of what was past its date', () => {
    const next = bought(bench, 0, 4, '2030-01-01');
    const piece = next.shelf.get('water')!;
    expect(piece.count).toBe(8);
    expect(
      piece.lots.map(({ count, goodUntil, cameOn, kit: of }) => [count, goodUntil, cameOn, of]),
    ).toEqual([
      [2, '2027-05-01', null, null],
      [2, '2029-01-01', null, null],
      [4, '2030-01-01', today, 'k'],
    ]);
    expect(listed(next)).toEqual([
      ['water', 2, 'runs out', '2027-05-01', 240],
      ['wish', 1, 'wished for', null, null],
    ]);
  });

  it('bought in part, wants the rest', () => {
    const used = rounded(bench, { water: { used: 3 } });
    const next = bought(used, 0, 2, null);
    expect(next.shelf.get('water')!.count).toBe(7);
    expect(next.loadouts.get('k')!.placements.find(({ id }) => id === 'water')!.count).toBe(7);
    expect([...next.wants.values()].map(({ count }) => count)).toEqual([1]);
    expect([...bought(next, 0, 1, null).wants.values()]).toEqual([]);
  });

  it('bought, lies in the kit again that had lost all of it', () => {
    const none = rounded(boxed([kept('torch', 'torch')]), { torch: { missing: 1 } });
    const next = bought(none, 0, 1, null);
    expect(next.shelf.get('torch')!.count).toBe(1);
    expect(next.loadouts.get('k')!.placements).toMatchObject([
      { id: 'box' },
      { gear: 'torch', count: 1, place: { on: 'mat' } },
    ]);
  });

  it('makes a wish one’s own, and leaves wished for what did not come', () => {
    const two = after(bench, { do: 'change gear', id: 'wish', change: { count: 3 } });
    const next = bought(two, 2, 2, null);
    expect(next.shelf.get('wish')).toMatchObject({ ownership: 'owned', count: 2 });
    const rest = [...next.shelf.values()].filter(({ ownership }) => ownership === 'wished');
    expect(rest.map(({ name, count }) => [name, count])).toEqual([['wish', 1]]);
  });

  it.each([
    [0, null, 'What was bought is one at least, a whole number.'],
    [1, '2027-02-30', '“2027-02-30” is not a day of the calendar.'],
    [
      1,
      '2027-03-09',
      'It is good until 2027-03-09, and was made or bought on 2027-03-10, after that.',
    ],
  ])('is refused with %d bought, good until %s', (count, goodUntil, message) => {
    expect(() => bought(bench, 0, count, goodUntil)).toThrow(message);
  });
});
