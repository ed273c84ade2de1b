import {
  countIn,
  differenceOf,
  newPlacement,
  swapSteps,
  type Loadout,
  type Side,
  type Spot,
} from '@/core/loadout';
import { coverDifference, schemes } from '@/core/scheme';
import { demoBench } from '@/core/demo';
import fc from 'fast-check';
import { benchAfter, gear, holder, kit, someCommands } from '../../support/benches';

const shelf = new Map(
  [holder('box'), holder('tin'), gear('mug'), gear('candle'), gear('map')].map((each) => [
    each.id,
    each,
  ]),
);

function side(...placements: Loadout['placements']): Side {
  return { loadout: kit('k', placements), shelf };
}

const autumn = side(
  newPlacement('b', 'box', { on: 'house' }),
  newPlacement('m', 'mug', { in: 'b', cavity: 'inside' }),
  newPlacement('c', 'candle', { in: 'b', cavity: 'inside' }, 3),
);
const winter = side(
  newPlacement('b', 'box', { on: 'house' }),
  newPlacement('c', 'candle', { in: 'b', cavity: 'inside' }, 4),
  newPlacement('c2', 'candle', { on: 'body' }),
  newPlacement('x', 'map', { on: 'body' }),
);

function inWords({ ground, within, count }: Spot): string {
  return `${count} ${[ground, ...within].join('/')}`;
}

describe('the difference of two kits', () => {
  const found = differenceOf(autumn, winter);

  it('names what is in, out and changed, with the places', () => {
    expect(found.in.map((change) => change.gear.id)).toEqual(['map']);
    expect(found.out.map((change) => change.gear.id)).toEqual(['mug']);
    expect(found.changed).toMatchObject([{ gear: { id: 'candle' }, figures: [] }]);
    expect(found.changed[0]!.before.map(inWords)).toEqual(['3 house/box']);
    expect(found.changed[0]!.after.map(inWords)).toEqual(['4 house/box', '1 body']);
    expect(countIn(found.changed[0]!.after)).toBe(5);
  });

  it('sums mass, bulk and price on both sides', () => {
    expect([found.before.massG, found.after.massG]).toEqual([500, 700]);
    expect([found.before.priceMinor, found.after.priceMinor]).toEqual([2500, 3500]);
  });

  it('names the figures of a piece that differ', () => {
    const heavier = new Map(shelf).set(
      'candle',
      gear('candle', { massG: 120, name: 'Long candle' }),
    );
    const other = differenceOf(autumn, { ...autumn, shelf: heavier });
    expect(other.changed).toMatchObject([{ figures: ['name', 'massG'] }]);
    expect([other.in, other.out]).toEqual([[], []]);
  });

  it('becomes a list of what the hands do', () => {
    const steps = swapSteps(found).map((step) =>
      step.do === 'take out'
        ? `- ${step.gear.id} ${inWords(step.from)}`
        : `+ ${step.gear.id} ${inWords(step.to)}`,
    );
    expect(steps).toEqual([
      '- mug 1 house/box',
      '+ candle 1 house/box',
      '+ candle 1 body',
      '+ map 1 body',
    ]);
  });

  it('is nothing between a kit and itself, and turns round with the sides', () => {
    fc.assert(
      fc.property(someCommands, someCommands, (some, others) => {
        const [one, other] = [benchAfter(some), benchAfter(others)].map((bench) => ({
          loadout: bench.loadouts.get('k1') ?? kit('k1'),
          shelf: bench.shelf,
        })) as [Side, Side];
        const same = differenceOf(one, one);
        expect([same.in, same.out, same.changed]).toEqual([[], [], []]);
        expect(swapSteps(same)).toEqual([]);
        const there = differenceOf(one, other);
        const back = differenceOf(other, one);
        const ids = (changes: typeof there.in) => changes.map((change) => change.gear.id).sort();
        expect(ids(there.in)).toEqual(ids(back.out));
        expect(ids(there.changed)).toEqual(ids(back.changed));
        const moved = swapSteps(there).reduce(
          (sum, step) => sum + (step.do === 'put in' ? step.to.count : -step.from.count),
          0,
        );
        expect(moved).toBe(there.after.pieces - there.before.pieces);
      }),
    );
  });

  it('tells which categories stand otherwise', () => {
    const [pack, pouch] = ['portage-pack-kit', 'float-pouch-kit'].map((id) => ({
      loadout: demoBench.loadouts.get(id)!,
      shelf: demoBench.shelf,
    })) as [Side, Side];
    const { shifts, before, after } = coverDifference(
      pack,
      pouch,
      schemes['five-cs'],
      '2026-09-24',
    );
    expect(shifts.map(({ name }) => name)).toContain('Container');
    expect(before.covered).toBeGreaterThan(after.covered);
    expect(coverDifference(pack, pack, schemes['ten-cs'], '2026-09-24').shifts).toEqual([]);
  });
});
