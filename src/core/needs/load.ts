import { answered, notKnown, type Answer } from './need';
import { bearingKg } from '../brief';
import { listed } from '../quantity';
import { carriedG, work, type NeedsKit } from './needs-kit';

/** What the kit does to who carries it: its share of the bodies, at the start, when all is full. */
export function load(kit: NeedsKit): Answer {
  const { people, print } = kit;
  const bodies = people.reduce((sum, somebody) => sum + bearingKg(somebody), 0);
  const kg = carriedG(kit) / 1000;
  const worked = work('load-share', { loadKg: kg, bodyKg: bodies });
  if (bodies === 0) return notKnown('share of body mass', 'what they weigh');
  const share = worked.value as number;
  const bySomebody = kit.brief.rules.find(({ rule }) => rule === 'most share');
  const most = bySomebody?.rule === 'most share' ? bySomebody.share : 0.2;
  return answered({
    standing: share <= most + 1e-9 ? 'met' : 'short',
    demand: most,
    supply: share,
    unit: 'share of body mass',
    says: `${print.mass(kg * 1000)} on ${listed(people.map(({ name }) => name))}: ${print.number(share * 100)} % of ${print.number(bodies)} kg, ${worked.note}.`,
    worked: [worked],
    steps: [
      ...(people.some((somebody) => bearingKg(somebody) < somebody.bodyKg)
        ? ['A child under 15 counts with half its body, under 5 not at all.']
        : []),
      'What stands in a vehicle or a house is not carried, nor is what they have on.',
    ],
  });
}
