import fc from 'fast-check';
import type { Cavity, Form } from '@/core/gear';
import { demoBench } from '@/core/demo';
import { fitByBulk, loadsOf, type FitQuestion } from '@/core/fit';
import { benchOf, gear, holder, kit } from '../../support/benches';

const cavity: Cavity = holder('h').cavities[0]!;

function item(id: string, form: Form | null, massG = 100): FitQuestion['items'][number] {
  return { id, placement: id, name: id, least: form, massG, hollow: null };
}

const cube: Form = { shape: 'box', lengthMm: 100, widthMm: 100, heightMm: 50, upright: false };
const cloth: Form = {
  shape: 'soft',
  looseMl: 800,
  tightMl: 300,
  thinnestMm: 10,
  longestRigidMm: 0,
};

describe('fit by bulk, longest side and mouth', () => {
  it.each<[string, FitQuestion['items'], Partial<Cavity>, string, readonly object[]]>([
    ['nothing', [], {}, 'room by bulk', []],
    ['exactly full', [item('a', cube), item('b', cube)], {}, 'room by bulk', []],
    [
      'one too many',
      [item('a', cube), item('b', cube), item('c', cube)],
      {},
      'does not fit',
      [{ why: 'over-full', byMl: 500 }],
    ],
    ['soft over soft', [item('a', cube), item('b', cloth)], {}, 'only squeezed', []],
    ['a piece of no size', [item('a', cube), item('b', null)], {}, 'not known', []],
    [
      'too heavy',
      [item('a', cube, 600)],
      { mostMassG: 500 },
      'does not fit',
      [{ why: 'too heavy', byG: 100 }],
    ],
  ])('%s', (_, items, differs, verdict, reasons) => {
    expect(fitByBulk({ cavity: { ...cavity, ...differs }, items })).toMatchObject({
      verdict,
      reasons,
    });
  });

  it('says of a rigid piece longer than the longest line inside what laying it out says: by how much it stands out', () => {
    const inside = { shape: 'box', lengthMm: 30, widthMm: 40, heightMm: 120 } as const;
    const stick = (heightMm: number): Form => ({
      shape: 'cylinder',
      diameterMm: 4,
      heightMm,
      upright: false,
    });
    const answer = fitByBulk({
      cavity: { ...cavity, inside },
      items: [item('in', stick(130)), item('out', stick(134))],
    });
    // Corner to corner is √(30² + 40² + 120²) = 130. Whether what is shorter lies aslant, laying it out says.
    expect(answer.reasons).toMatchObject([{ why: 'lid', item: 'out', byMm: 14 }]);
  });

  it('never turns from not fitting to fitting when a piece is added', () => {
    const side = fc.integer({ min: 5, max: 120 });
    const box = fc.record({
      shape: fc.constant('box' as const),
      lengthMm: side,
      widthMm: side,
      heightMm: side,
      upright: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(box, { maxLength: 12 }), box, (forms, more) => {
        const items = forms.map((form, at) => item(`i${at}`, form));
        const before = fitByBulk({ cavity, items });
        const after = fitByBulk({ cavity, items: [...items, item('more', more)] });
        expect(after.tightMl).toBeGreaterThan(before.tightMl);
        if (before.verdict === 'does not fit') expect(after.verdict).toBe('does not fit');
      }),
    );
  });
});

describe('the loads of a loadout', () => {
  it('count each of several pieces, and a filled pouch as large as it has become', () => {
    const pouch = holder('pouch', {
      form: { shape: 'soft', looseMl: 100, tightMl: 40, thinnestMm: 3, longestRigidMm: 0 },
    });
    const loadout = kit('k', [
      { id: 'box', gear: 'box', count: 1, place: { on: 'body' }, laidFor: null },
      {
        id: 'pouch',
        gear: 'pouch',
        count: 1,
        place: { in: 'box', cavity: 'inside' },
        laidFor: null,
      },
      {
        id: 'stones',
        gear: 'stone',
        count: 5,
        place: { in: 'pouch', cavity: 'inside' },
        laidFor: null,
      },
    ]);
    const { shelf } = benchOf([holder('box'), pouch, gear('stone')], []);
    const [inBox, inPouch] = loadsOf(loadout, shelf);
    expect(inPouch!.answer).toMatchObject({ tightMl: 500, massG: 500 });
    expect(inBox!.answer).toMatchObject({ tightMl: 540, looseMl: 540, massG: 600 });
  });

  it('find that the ground mats of the demo stand out of the barrel, by as much as laying them out says', () => {
    const loads = loadsOf(demoBench.loadouts.get('portage-pack-kit')!, demoBench.shelf);
    const bad = loads.filter(({ answer }) => answer.verdict === 'does not fit');
    expect(bad.map(({ placement }) => placement)).toEqual(['barrel']);
    // The barrel is 470 high inside, 550 from corner to corner, and the mat is 560 long.
    expect(bad[0]!.answer.reasons[0]).toMatchObject({
      why: 'lid',
      item: 'ground-mat#1',
      byMm: 90,
    });
  });
});
