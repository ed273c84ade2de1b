import type { Brief } from '@/core/brief';
import type { JobId } from '@/core/gear';
import type { ContextId } from '@/core/scheme/context';
import { mustsOf } from '@/core/scheme/musts';
import { kindKit } from '../../support/kinds-judged';

const day = { on: 'days', from: '2027-05-15', to: '2027-05-15' } as const;
const months = { on: 'months', fromMonth: 1, toMonth: 12, nights: 10 } as const;
const frost = {
  weather: { lowC: -18, highC: -8, humidityPct: 80, rainDays: 9, windKmh: 10 },
} as const;

/** Where and how long, with what it holds, the context, and how many ways are wanted: ignite, cut, carry, boil, treat, roof, call. */
const rows: readonly (readonly [string, string, Partial<Brief>, ContextId, readonly number[]])[] = [
  ['at home', 'large-tote @ house', { country: 'town', when: months }, 'home', [1, 1, 0, 1, 0, 0, 0]],
  ['held up in a car', 'vehicle-crate @ vehicle', { country: 'road' }, 'vehicle', [1, 1, 0, 0, 0, 0, 1]],
  ['a day in town', 'lighter', { country: 'town', when: day }, 'town', [0, 0, 0, 0, 0, 0, 1]],
  ['a day on foot', 'lighter', { when: day }, 'day walk', [1, 1, 1, 0, 0, 0, 1]],
  ['a warm day in a desert', 'lighter', { country: 'desert', when: day, weather: { lowC: 12, highC: 30, humidityPct: 30, rainDays: 0, windKmh: 5 } }, 'day walk', [0, 1, 1, 0, 0, 0, 1]],
  ['nights in a wood', 'lighter', {}, 'nights with wood', [2, 2, 2, 1, 1, 1, 1]],
  ['nights without a fire', 'lighter', { isFireAllowed: false }, 'nights without wood', [1, 1, 2, 1, 1, 1, 1]],
  ['nights in frost', 'lighter', frost, 'frost', [2, 2, 2, 1, 1, 1, 1]],
  ['beside another kit', 'lighter', { beside: ['other'] }, 'supplement', [2, 1, 1, 1, 1, 0, 0]],
  ['stripped', 'lighter', { schools: { doubles: 'stripped' } }, 'nights with wood', [1, 1, 1, 1, 1, 1, 1]],
  ['with all that fits', 'lighter', { schools: { howMuch: 'all that fits' } }, 'nights with wood', [3, 3, 3, 1, 1, 1, 1]],
]; // prettier-ignore

const asked: readonly JobId[] = [
  'flame',
  'cut',
  'carry-water',
  'boil',
  'treat-water',
  'roof',
  'call',
];

describe('what is asked follows from the brief', () => {
  it.each(rows)('%s', (_, holds, brief, context, ways) => {
    const kit = kindKit({ holds, brief });
    expect(kit.context).toBe(context);
    const musts = mustsOf(kit.asked);
    expect(asked.map((job) => musts.find(({ anyOf }) => anyOf.includes(job))?.wanted ?? 0)).toEqual(
      ways,
    );
  });

  it('and what the kit itself wishes comes first', () => {
    const wishes = [
      { anyOf: ['cut'], ways: 3 },
      { anyOf: ['treat-water'], ways: 0 },
    ] as const;
    const kit = kindKit({ holds: 'lighter', kit: { wishes } });
    const wanted = (job: JobId) =>
      mustsOf(kit.asked).find(({ anyOf }) => anyOf.includes(job))?.wanted;
    expect([wanted('cut'), wanted('treat-water'), wanted('carry-water')]).toEqual([
      3,
      undefined,
      2,
    ]);
  });

  it('or is that of any kit where nobody says where', () => {
    const kit = kindKit({ holds: 'lighter', brief: { country: null } });
    expect([kit.context, kit.asked]).toEqual([null, []]);
  });
});
