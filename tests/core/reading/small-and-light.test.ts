import { gearOfKind, kindOf } from '@/core/catalogue';
import { readLine } from '@/core/reading';
import type { Gear } from '@/core/gear';

function read(line: string): Gear {
  const outcome = readLine(line, { id: 'x', units: 'metric', currency: 'EUR' });
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value.gear;
}

function usual(kind: string): Gear {
  return gearOfKind(kindOf(kind)!, kind);
}

describe('words of size', () => {
  it.each([
    ['mini saw', 'folding-saw', 0.45],
    ['mini mirror', 'signal-mirror', 0.45],
    ['light poncho', 'poncho', 0.6],
    ['light rain jacket', 'rain-jacket', 0.6],
  ])('%s weighs a part of a usual one, and is typical', (line, kind, share) => {
    const gear = read(line);
    expect(gear.kind).toBe(kind);
    expect(gear.massTrust).toBe('typical');
    expect(gear.massG! / usual(kind).massG!).toBeCloseTo(share, 1);
  });

  it('of a vessel make it hold less', () => {
    const holds = ({ supplies }: Gear) =>
      supplies.find(({ job }) => job === 'carry-water')!.amount!;
    expect(holds(read('small bottle'))).toBeLessThan(holds(usual('plastic-bottle')));
  });

  it('that are part of what a kind is called change nothing', () => {
    expect(read('small pot').massG).toBe(usual('small-pot').massG);
    expect(read('mini lighter').massG).toBe(usual('mini-lighter').massG);
  });

  it('give way to a mass that is typed', () => {
    expect(read('light rain jacket 250 g').massG).toBe(250);
  });

  it('of a torch follow its cells: two of size D are no pen light', () => {
    expect(read('torch 2xD').massG).toBe(190);
    expect(read('torch 2xAA').massG).toBe(usual('torch').massG);
  });
});

describe('what comes in packs', () => {
  it.each([
    ['5 packs wet wipes', 5, 15],
    ['3 packets crackers', 3, 200],
    ['spare underwear 4 sets', 4, null],
    ['zip bag', 1, 1],
    ['zip bags', 1, 4],
    ['2 x 25 matches', 2, 25],
    ['4 x 10 plasters', 4, 10],
  ])('%s', (line, count, left) => {
    const gear = read(line);
    expect([gear.count, gear.contents?.left ?? null]).toEqual([count, left]);
  });
});

describe('a number after the name of a bag', () => {
  it('counts nothing: nobody has twenty sleeping bags', () => {
    expect(read('sleeping bag 20')).toMatchObject({ count: 1, name: 'Sleeping bag 20' });
    expect(read('sleeping bags x2').count).toBe(2);
  });
});

describe('water in bottles', () => {
  it.each(['12 x drinking water 1.5 l bottle', '6 bottles water 1.5 l', 'bottle of water'])(
    '%s is full',
    (line) => {
      const gear = read(line);
      expect(gear.kind).toBe('bottled-water');
      expect(gear.contents).toMatchObject({ unit: 'mL', left: 1500 });
    },
  );

  it('is not in a water bottle', () => {
    expect(read('water bottle 1 L').kind).toBe('plastic-bottle');
  });
});
