import { countryOf } from '../brief';
import { capital } from '../gear';
import { answered, notAsked, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import { idsOf, type Given, type NeedsKit } from './needs-kit';
import { personsTold } from './persons-told';

/** From this warmth on insects fly, in °C of a day’s high (own). */
const fliesFromC = 10;

/** Where they are not many, the mean of the day counts, in °C (own). */
const fliesFromMeanC = 11;

/** From so many hours of dark the sun hardly rises (own). */
const polarNightH = 20;

/** Whether the sun is to be kept off there at that time; taken to be where nobody says what country it is. */
export function sunBurns({ brief, conditions, shelter }: NeedsKit): boolean {
  const country = countryOf(brief);
  const highC = conditions.highC?.value ?? 20;
  // Snow throws the light back, wherever it lies.
  const isSnow = shelter === null && highC < 0 && (conditions.dark?.longestH ?? 0) < polarNightH;
  return country === null || isSnow || (country.glare && highC >= fliesFromC);
}

/** Whether what flies bites there at that time; taken to be where nobody says what country it is. */
export function insectsBite({ brief, conditions: { lowC, highC } }: NeedsKit): boolean {
  const country = countryOf(brief);
  if (country === null) return true;
  const meanC = lowC === null || highC === null ? 20 : (lowC.value + highC.value) / 2;
  // Where they swarm, the midges of a cool day are enough.
  const isWarm =
    country.insects === 'many' ? (highC?.value ?? 20) >= fliesFromC : meanC >= fliesFromMeanC;
  return country.insects !== 'few' && isWarm;
}

interface Asked {
  readonly what: string;
  readonly given: readonly Given[];
  readonly each: number;
}

/** Against what bites and burns there: for each person what they wear, for the ground something to lie off it. */
export function guard(kit: NeedsKit): Answer {
  const { brief, conditions, people } = kit;
  const country = countryOf(brief);
  if (country === null) return notKnown('people', 'the kind of country');
  const { lowC, highC } = conditions;
  const meanC = lowC === null || highC === null ? 20 : (lowC.value + highC.value) / 2;
  // Where they swarm, the midges of a cool day are enough.
  const isWarm =
    country.insects === 'many' ? (highC?.value ?? 20) >= fliesFromC : meanC >= fliesFromMeanC;
  const asked: readonly Asked[] = [
    ...(insectsBite(kit)
      ? [{ what: 'insects', given: kit.given('insect-guard'), each: people.length }]
      : []),
    ...(sunBurns(kit) ? [{ what: 'sun', given: kit.given('sun-guard'), each: people.length }] : []),
    ...(country.groundBites && isWarm && kit.nights !== 0
      ? [
          {
            what: 'ground that bites',
            given: [
              ...kit.given('raise'),
              ...kit.given('insect-guard').filter(({ gear }) => gear.kind === 'tent'),
            ],
            each: people.length,
          },
        ]
      : []),
  ];
  if (asked.length === 0) return notAsked('people', 'Nothing bites or burns there at that time.');
  const guarded = asked.map((each) => ({
    ...each,
    people: Math.min(each.each, guardedBy(each.given, people.length)),
  }));
  const worst = guarded.reduce((one, other) => (other.people < one.people ? other : one));
  return answered({
    standing:
      worst.people >= people.length
        ? 'met'
        : guarded.some(({ people: kept }) => kept > 0)
          ? 'short'
          : 'none',
    demand: people.length,
    supply: worst.people,
    unit: 'people',
    days: null,
    says: `${capital(listed(guarded.map(({ what, people: kept }) => `${what}: ${kept} of ${people.length}`)))} guarded.`,
    placements: idsOf(guarded.flatMap(({ given }) => given)),
    steps: [`${country.name}: ${country.insects} insects.`],
  });
}

/** What is worn, or hangs over a bed, guards one each; a tent as many as it is for; a spray all. */
function guardedBy(given: readonly Given[], people: number): number {
  return given.reduce(
    (sum, { gear, count }) =>
      sum + (gear.contents !== null ? people : count * (personsTold(gear) ?? 1)),
    0,
  );
}
