import type { Gear } from '@/core/gear';
import { newPlacement, type Bench } from '@/core/loadout';
import {
  becauseInWords,
  benchForPacking,
  changeInWords,
  leftInWords,
  smallestChange,
  type Because,
  type ChangeFound,
  type PackedFrom,
} from '@/core/pack';
import { applied, benchOf, gear, holder, kit } from '../../support/benches';
import { packed } from '../../support/packed';

function box(lengthMm: number, widthMm: number, heightMm: number, upright = false): Gear['form'] {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright };
}

function changeFor(bench: Bench, from: PackedFrom = 'nothing'): ChangeFound | null {
  const { packing } = packed(bench, 'k', from);
  expect(packing.left).not.toEqual([]);
  const request = { from, seed: 1, today: '2026-10-01' };
  const looking = smallestChange(bench, 'k', request, packing, () => 'got');
  for (;;) {
    const bit = looking.next();
    if (bit.done) return bit.value;
  }
}

const onMat = (...ids: readonly string[]) => ids.map((id) => newPlacement(id, id, { on: 'mat' }));

describe('the smallest change', () => {
  it('lays down what stood upright, and all goes in then', () => {
    const bench = benchOf(
      [holder('tin'), gear('pot', { form: box(60, 60, 120, true) })],
      [kit('k', onMat('tin', 'pot'))],
    );
    // Upright it is too high for the tin, and laid down too long.
    expect(changeFor(bench)?.change.change).toBe('get');
    const low = benchOf(
      [
        holder('tin'),
        gear('pot', { form: box(40, 40, 99.5, true) }),
        gear('lid', { form: box(95, 95, 55, true) }),
      ],
      [kit('k', onMat('tin', 'pot', 'lid'))],
    );
    const found = changeFor(low)!;
    expect(found).toMatchObject({ change: { change: 'lay down', gear: 'pot' }, left: 0 });
    const after = applied(low, found.command!);
    expect(packed(after, 'k').packing.left).toEqual([]);
    expect(changeInWords(found, low)).toBe('With pot laid down, all goes in.');
  });

  it('takes the smallest free holder of the shelf that helps before one that is to be got', () => {
    const brick = (id: string) => gear(id, { form: box(98, 98, 60) });
    const room = (id: string, mm: number) =>
      holder(id, {
        cavities: holder('x').cavities.map((cavity) => ({
          ...cavity,
          inside: { shape: 'box', lengthMm: mm, widthMm: mm, heightMm: mm },
        })),
      });
    const bench = benchOf(
      [
        holder('tin'),
        room('large', 400),
        room('fits', 100),
        room('small', 50),
        brick('a'),
        brick('b'),
      ],
      [kit('k', onMat('tin', 'a', 'b'))],
    );
    const found = changeFor(bench)!;
    expect(found).toMatchObject({ change: { change: 'take', gear: 'fits' }, left: 0 });
    const after = applied(bench, found.command!);
    expect(packed(after, 'k').packing.left).toEqual([]);
  });

  it('names a usual holder where the shelf has none free', () => {
    const bench = benchOf([gear('stone', { form: box(90, 60, 15) })], [kit('k', onMat('stone'))]);
    const found = changeFor(bench)!;
    expect(found.change.change).toBe('get');
    expect(packed(applied(bench, found.command!), 'k').packing.left).toEqual([]);
    expect(changeInWords(found, bench)).toMatch(
      /typical size, all goes in; the shelf has none free/,
    );
  });

  it('packs all of it anew first, where that is enough', () => {
    // A small piece lies in the large box, so that the large piece has no room: anew, each has its own.
    const bench = benchOf(
      [
        holder('tin'),
        holder('pouch', {
          cavities: holder('x').cavities.map((cavity) => ({
            ...cavity,
            inside: { shape: 'box', lengthMm: 40, widthMm: 40, heightMm: 40 },
          })),
        }),
        gear('bit', { form: box(38, 38, 38) }),
        gear('brick', { form: box(99, 99, 90) }),
      ],
      [
        kit('k', [
          newPlacement('tin', 'tin', { on: 'body' }),
          newPlacement('pouch', 'pouch', { on: 'body' }),
          newPlacement('bit', 'bit', { in: 'tin', cavity: 'inside' }),
          ...onMat('brick'),
        ]),
      ],
    );
    const found = changeFor(bench, 'now')!;
    expect(found).toEqual({ change: { change: 'anew' }, command: null, left: 0 });
    expect(changeInWords(found, bench)).toBe('Packed from nothing, all goes in.');
  });

  it('is none where a size is all that is missing', () => {
    const bench = benchOf(
      [holder('tin'), gear('cloud', { form: null })],
      [kit('k', onMat('tin', 'cloud'))],
    );
    expect(changeFor(bench)).toBeNull();
  });
});

describe('what a packing says', () => {
  const bench = benchOf(
    [holder('tin'), gear('lighter'), gear('rod'), gear('third')],
    [kit('k', onMat('tin', 'lighter', 'rod', 'third'))],
  );
  const own = bench.loadouts.get('k')!;

  it.each<[Because, string]>([
    [
      { because: 'apart from its backup', of: ['lighter'] },
      'not beside lighter, which can do its job',
    ],
    [
      { because: 'apart from its backup', of: ['lighter', 'rod', 'third'] },
      'not beside lighter, rod and 1 more, which can do its job',
    ],
    [
      { because: 'outermost', on: 'body' },
      'it goes into no other holder of this kit: it is carried on the body',
    ],
    [{ because: 'only room' }, 'no other room takes it'],
  ])('%j', (why, expected) => {
    expect(becauseInWords(why, own, bench)).toBe(expected);
  });

  it('names the room that a piece misses, and what it lacks', () => {
    const why = {
      left: 'into none',
      nearest: { in: 'tin', cavity: 'inside' },
      why: { why: 'too long', byMm: 12 },
    } as const;
    expect(leftInWords(why, own, bench, 'metric')).toBe(
      'it goes into no holder of this kit; of tin: 12 mm too long, and it does not go in corner to corner either',
    );
  });
});

describe('what is sent to be packed', () => {
  it('is the kit with the holders that are free, and as many as other kits leave', () => {
    const bench = benchOf(
      [
        holder('tin'),
        { ...holder('spare'), count: 2 },
        holder('taken'),
        gear('bit'),
        gear('other'),
      ],
      [kit('k', onMat('tin', 'bit')), kit('else', onMat('spare', 'taken', 'other'))],
    );
    const sent = benchForPacking(bench, 'k');
    expect([...sent.loadouts.keys()]).toEqual(['k']);
    expect([...sent.shelf.keys()].sort()).toEqual(['bit', 'spare', 'tin']);
    expect(sent.shelf.get('spare')!.count).toBe(1);
  });
});
