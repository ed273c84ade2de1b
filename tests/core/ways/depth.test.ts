import fc from 'fast-check';
import { relying } from '@/core/catalogue/kind';
import type { Gear, JobId } from '@/core/gear';
import { newPlacement, type Loadout, type Place } from '@/core/loadout';
import { depthOf, formulaOf, singleLosses } from '@/core/ways';
import { benchOf, gear, holder, kit } from '../../support/benches';
import { doneByHand, everyLoss, setsByHand } from '../../support/losses-by-hand';
import { cell, looseCells, needyJobs, needyKit, supplyOf } from '../../support/kits-of-needs';
import { runs } from '../../support/share';

type Shelf = ReadonlyMap<string, Gear>;

function depthByHand(loadout: Loadout, shelf: Shelf, anyOf: readonly JobId[]): number {
  const isDone = doneByHand(loadout, shelf);
  const sets = setsByHand((lost) => isDone(anyOf, lost), everyLoss(loadout), 3);
  if (sets === null) return 0;
  return Math.min(4, ...sets.map((set) => set.split(' ').length));
}

describe('depth', () => {
  it('is what trying every set of losses gives', () => {
    const seen = new Map<number, number>();
    fc.assert(
      fc.property(
        needyKit,
        fc.uniqueArray(fc.constantFrom(...needyJobs), { minLength: 1, maxLength: 2 }),
        ({ loadout, shelf }, anyOf) => {
          const depth = depthOf(formulaOf(loadout, shelf, null), anyOf);
          expect(depth).toBe(depthByHand(loadout, shelf, anyOf));
          seen.set(depth, (seen.get(depth) ?? 0) + 1);
        },
      ),
      runs(400, 0.2),
    );
    // Every depth came up, so that none is right by never being asked.
    expect([...seen.keys()].sort()).toEqual([0, 1, 2, 3, 4]);
  });

  it('names the single losses that trying each gives', () => {
    fc.assert(
      fc.property(needyKit, fc.constantFrom(...needyJobs), ({ loadout, shelf }, job) => {
        const found = singleLosses(formulaOf(loadout, shelf, null), [job]).map(
          ({ kind, placement }) => `${kind}:${placement}${kind === 'piece' ? '#1' : ''}`,
        );
        const alike = everyLoss(loadout).filter((loss) => !/#[23]$/.test(loss));
        const isDone = doneByHand(loadout, shelf);
        const byHand = isDone([job], new Set())
          ? alike.filter((loss) => !isDone([job], new Set([loss])))
          : [];
        expect([...found].sort()).toEqual([...byHand].sort());
      }),
      runs(200, 0.2),
    );
  });
});

describe('depth, by hand', () => {
  const rod = (id: string) => gear(id, { supplies: [supplyOf('spark', [relying('tinder')])] });
  const tinder = gear('tinder', { supplies: [supplyOf('tinder')] });
  const lighter = gear('lighter', { count: 3, supplies: [supplyOf('flame')] });
  const bags = ['one', 'two', 'three'].map((id) => holder(id));

  function depthIn(
    shelf: readonly Gear[],
    anyOf: readonly JobId[],
    ...placed: [string, Place, number?][]
  ) {
    const loadout = kit(
      'k',
      placed.map(([id, place, count]) => newPlacement(id, id, place, count ?? 1)),
    );
    return depthOf(formulaOf(loadout, benchOf(shelf, []).shelf, null), anyOf);
  }

  const on = { on: 'body' } as const;
  const inside = (bag: string) => ({ in: bag, cavity: 'inside' });

  it('three rods in three bags, the only tinder in one of them: one loss takes all', () => {
    const shelf = [...bags, rod('a'), rod('b'), rod('c'), tinder];
    const placed: [string, Place][] = [
      ['one', on], ['two', on], ['three', on],
      ['a', inside('one')], ['b', inside('two')], ['c', inside('three')], ['tinder', inside('one')],
    ]; // prettier-ignore
    expect(depthIn(shelf, ['spark'], ...placed)).toBe(1);
  });

  it('three lighters of one line are as deep as three lines of one', () => {
    expect(depthIn([lighter], ['flame'], ['lighter', on, 3])).toBe(3);
    expect(
      depthIn([bags[0]!, lighter], ['flame'], ['one', on], ['lighter', inside('one'), 3]),
    ).toBe(1);
  });

  it('more than three is not told any nearer', () => {
    expect(depthIn([lighter], ['flame'], ['lighter', on, 4])).toBe(4);
    expect(depthIn([lighter], ['flame'], ['lighter', on, 40])).toBe(4);
  });

  it('an old cell and a new one of another stuff do not light a lamp of two together', () => {
    const lamp = gear('lamp', {
      supplies: [supplyOf('light', [looseCells(2)])],
    });
    const [alkaline, lithium] = [
      gear('alkaline', { supplies: [cell('AA alkaline')] }),
      gear('lithium', { supplies: [cell('AA lithium')] }),
    ];
    const shelf = [lamp, alkaline, lithium];
    expect(depthIn(shelf, ['light'], ['lamp', on], ['alkaline', on], ['lithium', on])).toBe(0);
    expect(depthIn(shelf, ['light'], ['lamp', on], ['lithium', on, 2])).toBe(1);
    // Two lamps and three cells: a cell may go, a second may not.
    expect(depthIn(shelf, ['light'], ['lamp', on, 2], ['lithium', on, 3])).toBe(2);
  });

  it('two that only rely on each other are no way', () => {
    const stove = gear('stove', {
      supplies: [supplyOf('stove', [relying('fuel')])],
    });
    const fuel = gear('fuel', { supplies: [supplyOf('fuel', [relying('stove')])] });
    expect(depthIn([stove, fuel], ['stove'], ['stove', on], ['fuel', on])).toBe(0);
  });

  it('a full holder is lost with what is in it, and can break by itself', () => {
    const bottle = holder('bottle', { supplies: [supplyOf('carry-water')] });
    const loadout = kit('k', [
      newPlacement('bottle', 'bottle', on),
      newPlacement('tinder', 'tinder', inside('bottle')),
    ]);
    const formula = formulaOf(loadout, benchOf([bottle, tinder], []).shelf, null);
    expect(singleLosses(formula, ['carry-water'])).toEqual([
      { kind: 'piece', placement: 'bottle' },
      { kind: 'holder', placement: 'bottle' },
    ]);
    expect(singleLosses(formula, ['tinder'])).toEqual([
      { kind: 'piece', placement: 'tinder' },
      { kind: 'holder', placement: 'bottle' },
    ]);
  });
});
