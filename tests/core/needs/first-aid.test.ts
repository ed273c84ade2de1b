import { kindOf, gearOfKind, kinds } from '@/core/catalogue';
import { aids, needsTraining } from '@/core/catalogue/aid';
import { couplings } from '@/core/catalogue/couplings';
import type { Gear } from '@/core/gear';
import { firstAidOf } from '@/core/needs';
import { newPlacement } from '@/core/loadout';
import { benchOf, kit as emptyKit } from '../../support/benches';

const day = '2026-09-20';

function piece(kind: string, differs: Partial<Gear> = {}): Gear {
  return { ...gearOfKind(kindOf(kind)!, kind), ...differs };
}

function aidOf(gear: readonly Gear[], personDays = 0) {
  const kit = emptyKit(
    'k',
    gear.map(({ id, count }) => newPlacement(`at-${id}`, id, { on: 'body' }, count)),
  );
  const found = firstAidOf(kit, benchOf(gear, [kit]).shelf, { day, personDays });
  return Object.fromEntries(found.map((each) => [each.complaint, each]));
}

describe('first aid by complaint', () => {
  it('is met, short or none, by uses', () => {
    const found = aidOf([
      piece('plasters'),
      piece('blister-plasters', { contents: { unit: 'pieces', full: 6, left: 2, massG: 10 } }),
    ]);
    expect(found['small cut']).toMatchObject({ uses: 20, wanted: 5, standing: 'met' });
    expect(found.blister).toMatchObject({ uses: 2, wanted: 3, standing: 'short' });
    expect(found.eye).toMatchObject({ uses: 0, standing: 'none' });
  });

  it('grows with people and days: four people for ten days want 12 against small cuts', () => {
    expect(aidOf([piece('plasters')], 40)['small cut']).toMatchObject({
      wanted: 12,
      standing: 'met',
    });
    expect(aidOf([piece('small-first-aid')], 40)['small cut']).toMatchObject({
      uses: 6,
      standing: 'short',
    });
  });

  it('counts what is used up however much there is, and no uses of a tool', () => {
    const tablets = piece('pain-tablets', {
      count: 9,
      contents: { unit: 'tablets', full: 16, left: 16, massG: 12 },
    });
    expect(aidOf([tablets])['pain or fever']).toMatchObject({ uses: 144, standing: 'met' });
    const tool = aidOf([piece('tweezers')], 4000)['tick or splinter'];
    expect(tool).toMatchObject({ uses: Infinity, wanted: 800, standing: 'met' });
  });

  it('counts nothing that is past its date, lent or failed', () => {
    expect(aidOf([piece('burn-gel', { goodUntil: '2026-09-19' })]).burn!.standing).toBe('none');
    expect(aidOf([piece('burn-gel', { lentTo: 'a neighbour' })]).burn!.standing).toBe('none');
  });

  it('is never a grave allergy by tablets, nor heavy bleeding by a cloth', () => {
    const found = aidOf([
      piece('allergy-tablets'),
      piece('bandana'),
      piece('shemagh'),
      piece('tourniquet'),
    ]);
    expect(found['grave allergy']).toBeUndefined();
    expect(found['sting or itch']!.standing).toBe('met');
    expect(found['heavy bleeding']).toMatchObject({ uses: 1, asksTraining: true });
    expect(aidOf([piece('bandana')])['heavy bleeding']!.standing).toBe('none');
  });

  it('is not known where somebody’s own set says nothing of what is in it', () => {
    const own = { ...piece('first-aid-pouch'), kind: null };
    expect(aidOf([own])['small cut']!.standing).toBe('not known');
  });

  it('names kinds that there are, and every dressing is for something', () => {
    const known = new Set(kinds.map(({ id }) => id));
    const named = [...aids.keys(), ...needsTraining, ...couplings.keys()];
    expect(named.filter((id) => !known.has(id))).toEqual([]);
    const dressings = kinds.filter(({ supplies }) =>
      supplies.some(
        ({ job, fitness }) =>
          ['first-aid', 'bleed-control', 'blister'].includes(job) && fitness !== 'improvised',
      ),
    );
    expect(dressings.filter(({ id }) => !aids.has(id)).map(({ id }) => id)).toEqual([]);
  });

  it('couples nothing to what no kind has', () => {
    const had = new Set([...couplings.values()].flatMap(({ has = [] }) => has));
    const outside = new Set(['12 V socket', 'car tyre valve', 'bicycle tyre valve']);
    const lost = [...couplings].filter(([, { takes = [] }]) =>
      takes.some((each) => !had.has(each) && !outside.has(each)),
    );
    expect(lost.map(([id]) => id)).toEqual([]);
  });
});
