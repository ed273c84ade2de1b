import fc from 'fast-check';
import { gearOfKind, kindOf, kinds } from '@/core/catalogue';
import { amountNow, massNowG, massWhenFullG, type Gear } from '@/core/gear';
import { cut, overplaced, spend, type Bench } from '@/core/loadout';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';
import { apply, newPlacement } from '@/core/loadout';

const pills = gear('pills', {
  massG: 20,
  count: 3,
  contents: { unit: 'tablets', full: 12, left: 12, massG: 6 },
});

function totalOf(lines: readonly Gear[]): number {
  return lines.reduce((sum, { contents, count }) => sum + contents!.left * count, 0);
}

function massOf(lines: readonly Gear[]): number {
  return lines.reduce((sum, line) => sum + massNowG(line)! * line.count, 0);
}

function used(from: Gear, amount: number) {
  const outcome = spend(from, amount, 'opened');
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

const used_up = kinds.filter(({ contents }) => contents !== null);

describe('using', () => {
  it('opens one of several: it gets a line of its own', () => {
    const { line, others } = used(pills, 5);
    expect([line.count, line.contents!.left]).toEqual([2, 12]);
    expect(others).toMatchObject([{ id: 'opened', count: 1, contents: { left: 7 } }]);
    expect(others[0]!.name).toBe('pills, opened');
  });

  it('uses whole ones up first, and then the opened', () => {
    const { line, others } = used(pills, 24);
    expect([line.count, others]).toEqual([1, []]);
    expect(used(line, 12).line.count).toBe(0);
    expect(used(line, 5).line).toMatchObject({ count: 1, contents: { left: 7 } });
  });

  it.each([
    [pills, 37, /There is 36 tablets of pills left/],
    [pills, 0, /more than nothing/],
    [pills, -1, /more than nothing/],
    [pills, NaN, /more than nothing/],
    [gear('knife'), 1, /not counted in anything/],
  ])('refuses %#', (from, amount, says) => {
    const outcome = spend(from, amount, 'opened');
    expect(outcome.ok ? 'done' : outcome.problem.message).toMatch(says);
  });

  it('never goes below zero, and what is used and left is what there was', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...used_up),
        fc.integer({ min: 1, max: 9 }),
        fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { maxLength: 8 }),
        (kind, count, shares) => {
          let lines: readonly Gear[] = [{ ...gearOfKind(kind, 'x'), count }];
          const before = totalOf(lines);
          let gone = 0;
          for (const [at, share] of shares.entries()) {
            const line = lines[at % lines.length]!;
            const amount = share * totalOf([line]);
            const outcome = spend(line, amount, `opened-${at}`);
            if (!outcome.ok) continue;
            gone += amount;
            const { line: left, others } = outcome.value;
            lines = [...lines.filter((other) => other !== line), left, ...others];
          }
          expect(totalOf(lines) + gone).toBeCloseTo(before, 6);
          for (const { count: many, contents } of lines) {
            expect(Number.isInteger(many) && many >= 0).toBe(true);
            expect(contents!.left).toBeGreaterThanOrEqual(0);
            expect(contents!.left).toBeLessThanOrEqual(contents!.full);
          }
        },
      ),
    );
  });

  it('makes it lighter and able to do less, by what was used', () => {
    // 230 g of gas in 380 g: half used leaves 265 g, and half of the heat.
    const canister = gearOfKind(kindOf('gas-canister')!, 'gas');
    const half = used(canister, 115).line;
    expect(massNowG(half)).toBe(265);
    expect(massWhenFullG(half, 265)).toBe(380);
    expect(amountNow(half, half.supplies[0]!)).toBe(5250);
    const bottle = gearOfKind(kindOf('steel-bottle')!, 'bottle');
    expect(amountNow(bottle, bottle.supplies[0]!)).toBe(1000);
  });
});

const cord = gearOfKind(kindOf('cord')!, 'cord', 'Cord 15 m');

describe('cutting', () => {
  it('keeps the rest in the line of a single hank', () => {
    const outcome = cut(cord, [2, 3.5], ['a', 'b']);
    expect(outcome).toMatchObject({
      ok: true,
      value: {
        line: { id: 'cord', count: 1, contents: { left: 9.5 } },
        others: [
          { id: 'a', name: 'Cord 2 m', count: 1, contents: { full: 2, left: 2 } },
          { id: 'b', name: 'Cord 3.5 m', count: 1, contents: { full: 3.5, left: 3.5 } },
        ],
      },
    });
  });

  it('gives the rest of one out of several a line of its own', () => {
    const outcome = cut({ ...cord, count: 4 }, [6], ['a', 'rest']);
    expect(outcome).toMatchObject({
      ok: true,
      value: { line: { count: 3, contents: { left: 15 } }, others: [{ id: 'a' }, { id: 'rest' }] },
    });
  });

  it('leaves the reel behind: a length cut off is a hank', () => {
    const reel = gearOfKind(kindOf('tarred-line')!, 'reel', 'Tarred line');
    const outcome = cut(reel, [20], ['a']);
    if (!outcome.ok) throw new Error(outcome.problem.message);
    const [length] = outcome.value.others;
    // 99 g of line on a reel of 11 g: a third of the line is 33 g, and the reel keeps the rest.
    expect(massNowG(length!)).toBeCloseTo(33, 6);
    expect(massNowG(outcome.value.line)).toBeCloseTo(77, 6);
    expect(length).toMatchObject({ form: { shape: 'soft' }, formTrust: 'typical' });
    expect(outcome.value.line.form).toEqual(reel.form);
  });

  it.each([
    [cord, [16], ['a'], /One Cord 15 m has 15 m, and 16 m are wanted/],
    [cord, [], ['a'], /more than nothing/],
    [cord, [2, 0], ['a', 'b'], /more than nothing/],
    [{ ...cord, count: 0 }, [2], ['a'], /no Cord 15 m left/],
    [pills, [2], ['a'], /not counted in metres/],
    [{ ...cord, count: 2 }, [2], ['a'], /needs an id/],
  ])('refuses %#', (from, lengths, ids, says) => {
    const outcome = cut(from, lengths, ids);
    expect(outcome.ok ? 'done' : outcome.problem.message).toMatch(says);
  });

  it('keeps the reel when all of its line is cut off', () => {
    // 30 m weigh 25.2 g on a reel of 2.8 g.
    const reel = gearOfKind(kindOf('waxed-thread')!, 'thread');
    const lengths = [15, 15 - 1e-15];
    const outcome = cut(reel, lengths, ['a', 'b', 'c']);
    if (!outcome.ok) throw new Error(outcome.problem.message);
    const { line, others } = outcome.value;
    expect(line).toMatchObject({ id: 'thread', count: 1, contents: { full: 30, left: 0 } });
    expect(massNowG(line)).toBeCloseTo(2.8, 9);
    expect(totalOf(others)).toBe(30);
    expect(massOf([line, ...others])).toBeCloseTo(28, 9);
    expect(cut(line, [1], ['d'])).toMatchObject({ ok: false });
    expect(spend(line, 1e-12, 'opened')).toMatchObject({
      ok: false,
      problem: { message: 'There is 0 m of Waxed thread left, no more.' },
    });
  });

  it('gives the reel of one out of several a line of its own, and a hank without one none', () => {
    const reel = { ...gearOfKind(kindOf('waxed-thread')!, 'thread'), count: 3 };
    expect(cut(reel, [10, 20], ['a', 'b', 'c'])).toMatchObject({
      ok: true,
      value: {
        line: { count: 2, contents: { left: 30 } },
        others: [
          { id: 'a' },
          { id: 'b' },
          { id: 'c', name: 'Waxed thread, empty', contents: { left: 0 } },
        ],
      },
    });
    const hank = {
      ...cord,
      massG: 39,
      contents: { unit: 'm' as const, full: 15, left: 15, massG: 39 },
    };
    expect(cut(hank, [15], ['a'])).toMatchObject({ ok: true, value: { line: { count: 0 } } });
  });

  it('gives a rest below a millimetre to the last length', () => {
    const outcome = cut(cord, [7, 7.9995], ['a', 'b', 'c']);
    if (!outcome.ok) throw new Error(outcome.problem.message);
    expect(totalOf([outcome.value.line, ...outcome.value.others])).toBeCloseTo(15, 12);
    expect(outcome.value.others[1]!.contents!.left).toBeCloseTo(8, 12);
  });

  it.each([
    [[0.0009], ['a', 'b'], /at least 1 mm/],
    [[NaN], ['a', 'b'], /at least 1 mm/],
    [[2, 3], ['a', 'a', 'b'], /id of its own/],
    [[2], ['cord', 'b'], /id of its own/],
  ])('refuses lengths %j with ids %j', (lengths, ids, says) => {
    const outcome = cut(cord, lengths, ids);
    expect(outcome.ok ? 'done' : outcome.problem.message).toMatch(says);
  });

  it('loses nothing at the seed that once lost a reel', () => {
    fc.assert(noMetreIsLost(), { seed: -2_117_754_819, numRuns: 400 });
  });

  it('loses no metre and no gram, however often it is cut', () => {
    fc.assert(noMetreIsLost());
  });

  function noMetreIsLost() {
    const metres = kinds.filter(({ contents }) => contents?.unit === 'm');
    return fc.property(
      fc.constantFrom(...metres),
      fc.integer({ min: 1, max: 4 }),
      fc.array(
        fc.array(fc.double({ min: 0.02, max: 0.5, noNaN: true }), { minLength: 1, maxLength: 3 }),
        {
          maxLength: 4,
        },
      ),
      (kind, count, cuts) => {
        let lines: readonly Gear[] = [{ ...gearOfKind(kind, 'x'), count }];
        const before = [totalOf(lines), massOf(lines)] as const;
        for (const [at, shares] of cuts.entries()) {
          const line = lines[at % lines.length]!;
          const lengths = shares.map((share) => share * line.contents!.left);
          const outcome = cut(
            line,
            lengths,
            ['a', 'b', 'c', 'd'].map((id) => `${id}${at}`),
          );
          if (!outcome.ok) continue;
          lines = [
            ...lines.filter((other) => other !== line),
            outcome.value.line,
            ...outcome.value.others,
          ];
        }
        expect(totalOf(lines)).toBeCloseTo(before[0], 6);
        expect(massOf(lines)).toBeCloseTo(before[1], 6);
      },
    );
  }
});

describe('in a kit', () => {
  const bench: Bench = benchOf(
    [pills, holder('tin'), { ...cord, count: 2 }],
    [
      kit('k', [
        newPlacement('tin', 'tin', { on: 'body' }),
        newPlacement('p', 'pills', { in: 'tin', cavity: 'inside' }, 3),
        newPlacement('c', 'cord', { on: 'mat' }, 2),
      ]),
    ],
  );

  it('an opened one lies where it came from', () => {
    const after = applied(bench, {
      do: 'use',
      gear: 'pills',
      amount: 14,
      openedId: 'opened',
      from: { loadout: 'k', placement: 'p', placements: ['new'] },
    });
    expect(after.loadouts.get('k')!.placements.slice(1)).toMatchObject([
      { id: 'p', gear: 'pills', count: 1 },
      { id: 'c' },
      { id: 'new', gear: 'opened', count: 1, place: { in: 'tin', cavity: 'inside' } },
    ]);
    expect(overplaced(after)).toEqual([]);
  });

  it('what is all used up leaves the kit, and is still a line', () => {
    const after = applied(bench, {
      do: 'use',
      gear: 'pills',
      amount: 36,
      openedId: 'opened',
      from: { loadout: 'k', placement: 'p', placements: ['new'] },
    });
    expect(after.shelf.get('pills')!.count).toBe(0);
    expect(after.loadouts.get('k')!.placements.map(({ id }) => id)).toEqual(['tin', 'c']);
  });

  it('cut lengths and the rest lie beside what is left', () => {
    const after = applied(bench, {
      do: 'cut',
      gear: 'cord',
      lengthsM: [4],
      ids: ['four', 'rest'],
      from: { loadout: 'k', placement: 'c', placements: ['n1', 'n2'] },
    });
    expect(after.loadouts.get('k')!.placements.map(({ gear: of, count }) => [of, count])).toEqual([
      ['tin', 1],
      ['pills', 3],
      ['cord', 1],
      ['four', 1],
      ['rest', 1],
    ]);
    expect(overplaced(after)).toEqual([]);
  });

  it('no more is taken than is there', () => {
    const outcome = apply(
      applied(bench, { do: 'set count', loadout: 'k', placement: 'p', count: 1 }),
      {
        do: 'use',
        gear: 'pills',
        amount: 20,
        openedId: 'opened',
        from: { loadout: 'k', placement: 'p', placements: ['new'] },
      },
    );
    expect(outcome.ok ? 'done' : outcome.problem.message).toMatch(/1 of pills are here, and 2/);
  });
});
