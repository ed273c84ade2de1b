import { answered, notAsked, standingOf, type Answer } from './need';
import { idsOf, type NeedsKit } from './needs-kit';
import { personsTold } from './persons-told';
import { pitchesOf, sleeperWideM } from './pitch';

/** People kept dry by night, not square metres. What is improvised is told, and closes nothing alone. */
export function roof(kit: NeedsKit): Answer {
  const { nights, people, print } = kit;
  if (nights === 0) return notAsked('people', 'No night out.');
  if (kit.shelter !== null) return notAsked('people', `The ${kit.shelter} is the roof.`);
  const pitches = pitchesOf(kit);
  const relied = pitches.filter(({ given }) => given.supply.fitness !== 'improvised');
  const makesDo = pitches.filter((pitch) => !relied.includes(pitch));
  const supply = relied.reduce((sum, { sleepers, given }) => sum + sleepers * given.count, 0);
  const more = makesDo.reduce((sum, { sleepers, given }) => sum + sleepers * given.count, 0);
  return answered({
    standing: supply === 0 && more > 0 ? 'short' : standingOf(supply, people.length),
    demand: people.length,
    supply,
    unit: 'people',
    days: null,
    says: `${supply === 0 ? 'Nobody sleeps' : `Room for ${supply} to sleep`} dry${relied[0] ? ` under ${relied[0].given.gear.name}` : ''}, ${people.length} asked${more > 0 ? `; ${more} more at a pinch` : ''}.`,
    placements: idsOf(relied.map(({ given }) => given)),
    steps: relied.map(
      ({ given, as, floorM: [along, across], sleepers, isGuessed }) =>
        `${given.gear.name}, ${as}: dry floor ${print.metres(along)} × ${print.metres(across)}, ${personsTold(given.gear) === sleepers ? `for ${sleepers} as it is told` : `${sleepers} × ${print.metres(sleeperWideM)} side by side`}.${isGuessed ? ' Only its area is known: it is taken as a square.' : ''}`,
    ),
  });
}
