import { bearingKg } from '../brief';
import { meals } from '../catalogue/meals';
import { grownYears, kcalPerDay, restingKcalAtAnyAge, walkingWatts } from '../models';
import { answered, daysOf, notKnown, standingOf, type Answer } from './need';
import { carriedG, idsOf, isRelied, total, work, type NeedsKit, type Somebody } from './needs-kit';
import { walkOf, type Walk } from './walk';

/** A set that lies out catches one night in ten (own), and a catch is so many kcal. */
const catchesANight = 0.1;
const kcalACatch = 150;

/** How one of the people walks. */
function walking(somebody: Somebody, { loadShare, speedKmh, gradePct, terrain }: Walk) {
  const { bodyKg } = somebody;
  return { bodyKg, loadKg: loadShare * bearingKg(somebody), speedKmh, gradePct, terrain };
}

/** Energy of what is carried to eat against what the days cost with this very kit on the back. */
export function food(kit: NeedsKit): Answer {
  const { days, people, print } = kit;
  if (days === null) return notKnown('kcal', 'when');
  const walk = walkOf(kit);
  const each = people.map((somebody) => {
    const resting = restingKcalAtAnyAge(somebody);
    const watts = walkingWatts(walking(somebody, walk));
    return { somebody, resting, watts, kcal: kcalPerDay(resting, walk.hours, watts) };
  });
  const perDay = each.reduce((sum, { kcal }) => sum + kcal, 0);
  const eaten = kit.given('food').filter(isRelied);
  const supply = total(eaten);
  const demand = perDay * days;
  const portions = eaten
    .filter(({ gear }) => gear.kind !== null && meals.has(gear.kind))
    .reduce((sum, { count }) => sum + count, 0);
  const caught = perhapsKcal(kit);
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'kcal',
    days: daysOf(supply, perDay),
    says: `${print.number(perDay)} kcal a day for ${people.length}; ${print.number(supply)} of ${print.number(demand)} kcal are carried: ${print.days(daysOf(supply, perDay))}.${caught > 0 ? ` Perhaps ${print.number(caught)} kcal of a catch, not counted.` : ''}`,
    placements: idsOf(eaten),
    worked: each.flatMap(({ somebody, resting, watts }) => [
      atRest(somebody),
      work('load-carriage', walking(somebody, walk)),
      work('energy-per-day', { restingKcal: resting, walkHours: walk.hours, walkWatts: watts }),
    ]),
    steps: [
      ...(each.length > 1 && supply > 0
        ? each.map(
            ({ somebody, kcal }) =>
              `${somebody.name}: ${print.number(kcal)} kcal a day; an equal share lasts ${print.days(daysOf(supply / each.length, kcal))}.`,
          )
        : []),
      ...(portions > 0 ? [`${portions} portions for ${days * people.length} days of one.`] : []),
      `${print.mass(carriedG(kit))} on the backs, shared by body mass.`,
      ...unsaid(kit),
    ],
  });
}

function atRest({ bodyKg, heightCm, ageYears, sex }: Somebody) {
  return ageYears < grownYears
    ? work('child-resting-energy', { bodyKg, ageYears, sex })
    : work('resting-energy', { bodyKg, heightCm, ageYears, sex });
}

function unsaid({ brief }: NeedsKit): readonly string[] {
  const open = brief.people.filter(({ bodyKg, heightCm, ageYears }) =>
    [bodyKg, heightCm, ageYears].includes(null),
  );
  return open.length === 0
    ? []
    : [
        `${open.length} of ${brief.people.length} are taken for 75 kg, 175 cm, 40 years: say more to be told more.`,
      ];
}

/** What may be caught over the nights, in kcal: a chance, and mostly unlawful outside a real emergency. */
function perhapsKcal(kit: NeedsKit): number {
  const sets = kit.given('catch').filter(isRelied);
  const count = sets.reduce((sum, { count: each, amount }) => sum + each * (amount ?? 1), 0);
  return count * catchesANight * (kit.nights ?? 0) * kcalACatch;
}
