import {
  asTheTableSays,
  conditionsOf,
  countryOf,
  emptyBrief,
  knownAt,
  makeDoThere,
  otherwiseKnown,
  withMakeDo,
  type Brief,
  type BriefRule,
} from '@/core/brief';
import {
  askedBy,
  withAsked,
  withoutAsked,
  wishedElsewhere,
  type Wished,
} from '@/core/brief/country-asks';
import { unsoundBrief } from '@/core/brief/outline';
import { countries } from '@/core/catalogue/countries';
import { countryIds } from '@/core/catalogue/country-climates';
import { rulesKept } from '@/core/judge/brief-rules';
import { judged, needOf, packed, today } from '../../support/under-brief';

const lakes: Brief = { ...emptyBrief, country: 'boreal-lakes' };

describe('a country that somebody knows better', () => {
  const known: Brief = {
    ...lakes,
    asKnown: withMakeDo(
      { ...asTheTableSays, insects: 'few', firewood: 'none', isWet: false },
      'roof',
      { hardness: 2, minutes: 150 },
    ),
  };

  test('is its kind’s row with what is known in the place of the planning values', () => {
    expect(countryOf(lakes)).toBe(countries['boreal-lakes']);
    expect(countryOf(known)).toMatchObject({
      name: 'Boreal lake land',
      insects: 'few',
      firewood: 'none',
      view: 'closed',
    });
    expect(makeDoThere(known, 'roof')).toEqual({ hardness: 2, minutes: 150 });
    expect(makeDoThere(known, 'ground')).toEqual(makeDoThere(lakes, 'ground'));
    expect(otherwiseKnown(known.asKnown)).toBe(4);
    expect(unsoundBrief(known)).toBeNull();
  });

  test('goes back to the table, figure by figure', () => {
    const back = withMakeDo(known.asKnown, 'roof', null);
    expect(makeDoThere({ ...known, asKnown: back }, 'roof')).toEqual(makeDoThere(lakes, 'roof'));
    expect(otherwiseKnown(back)).toBe(3);
  });

  test('is what the needs and the conditions reckon with', () => {
    const lines = ['tarp', 'twig-stove', 'pot', 'lighter', 'trail-meal'] as const;
    const guard = (brief: Partial<Brief>) =>
      needOf(
        judged(lines, { ...brief, when: { on: 'days', from: '2027-07-01', to: '2027-07-03' } }),
        'guard',
      );
    expect(guard({}).standing).toBe('none');
    expect(guard({ asKnown: known.asKnown }).standing).toBe('met');
    expect(conditionsOf({ ...lakes }, today).isWet).toBe(true);
    expect(conditionsOf(known, today).isWet).toBe(false);
    const fuel = (asKnown: Brief['asKnown']) => needOf(judged(lines, { asKnown }), 'fuel').standing;
    expect([fuel(asTheTableSays), fuel(known.asKnown)]).toEqual(['met', 'none']);
  });

  test('no kind of country is known of nothing', () => {
    expect(countryOf(emptyBrief)).toBeNull();
    expect(makeDoThere({ ...known, country: null }, 'roof')).toBeNull();
  });

  test('is known to the next kit that goes there, and to none that goes elsewhere', () => {
    expect(knownAt(lakes, [emptyBrief, known])).toEqual(known.asKnown);
    expect(knownAt({ ...emptyBrief, country: 'desert' }, [known])).toEqual(asTheTableSays);
    expect(knownAt(emptyBrief, [known])).toEqual(asTheTableSays);
  });

  test.each([
    ['roof', { hardness: 4, minutes: 10 }, 'brief.asKnown.makeDo[0].hardness'],
    ['roof', { hardness: 1, minutes: -1 }, 'brief.asKnown.makeDo[0].minutes'],
  ] as const)('refuses nonsense about %s: %j', (job, makeDo, field) => {
    const asKnown = { ...asTheTableSays, makeDo: [{ job, ...makeDo }] } as Brief['asKnown'];
    expect(unsoundBrief({ ...lakes, asKnown })?.field).toBe(field);
  });
});

describe('what a country proposes', () => {
  const sewing = { anyOf: ['sew'], ways: 1 } as const;
  const lid: BriefRule = { rule: 'lids close' };
  const own: Wished = { wishes: [sewing], rules: [lid] };
  const all = (country: (typeof countryIds)[number], people = 1) =>
    askedBy(country, people, own).reduce<Wished>((wished, asked) => withAsked(wished, asked), own);

  test('is taken singly, in the place of another wish about the same, and given up again', () => {
    const [first] = askedBy('boreal-lakes', 2, own);
    const before: Wished = { ...own, wishes: [sewing, { anyOf: ['bearing'], ways: 4 }] };
    const taken = withAsked(before, first!);
    expect(taken.wishes).toEqual([sewing, { anyOf: ['bearing'], ways: 2 }]);
    expect(askedBy('boreal-lakes', 2, taken)[0]!.isTaken).toBe(true);
    expect(withoutAsked(taken, first!)).toEqual(own);
  });

  test('an amount is for each person, a tool is a thing that must be there: both are rules', () => {
    expect(all('desert', 3).rules).toEqual([
      lid,
      { rule: 'amount', job: 'carry-water', least: 18_000 },
    ]);
    expect(all('hot-wet-forest').rules).toEqual([
      lid,
      { rule: 'must have', what: 'machete' },
      { rule: 'amount', job: 'cord', least: 15 },
    ]);
  });

  test('goes on for as many as come', () => {
    const two = { country: 'desert', people: 2 } as const;
    const three = { country: 'desert', people: 3 } as const;
    expect(wishedElsewhere(all('desert', 2), two, three)).toEqual(all('desert', 3));
    expect(wishedElsewhere(own, two, three)).toEqual(own);
  });

  test('goes with the country, and stays where the next asks the same', () => {
    for (const from of countryIds) {
      const there = { country: from, people: 2 };
      const wished = all(from, 2);
      expect(wishedElsewhere(wished, there, { country: null, people: 2 })).toEqual(own);
      expect(wishedElsewhere(wished, there, there)).toBe(wished);
      for (const to of countryIds) {
        const left = wishedElsewhere(wished, there, { country: to, people: 2 });
        const stays = askedBy(to, 2, wished).filter(({ isTaken }) => isTaken);
        expect(askedBy(to, 2, left).filter(({ isTaken }) => isTaken)).toEqual(stays);
        expect(left.wishes.length + left.rules.length).toBe(2 + stays.length);
      }
    }
  });

  test('every tool that it asks for is a kind of the catalogue, and every amount adds up', () => {
    for (const country of countryIds) {
      for (const { as } of askedBy(country, 1, own)) {
        if (as.rule === 'must have') {
          const kinds = { machete: 'machete', shovel: 'snow-shovel' }[as.what]!;
          const brief = { rules: [as] };
          expect(broken([kinds], brief)).toBe(0);
          expect(broken(['lighter'], brief)).toBe(1);
        }
        if (as.rule !== null) expect(unsoundBrief({ ...emptyBrief, rules: [as] })).toBeNull();
      }
    }
  });
});

function broken(lines: readonly string[], brief: Partial<Brief>): number {
  const kit = packed(lines, brief);
  return rulesKept(kit, kit.own.brief!.rules).filter(({ kept }) => kept === false).length;
}
