import { byName } from '../quantity';
import { schoolOf } from '../brief';
import { clothedClo, sleepClo, sleepTempC } from '../gear';
import { groundR } from '../models';
import { climateOr } from './asks';
import { answered, notAsked, notKnown, type Answer } from './need';
import { idsOf, isRelied, work, type Given, type NeedsKit } from './needs-kit';
import { tooShortFor } from './bed-length';
import { dealtOut, eachDealt, groundEach, hangingFree } from './sleepers';
import { isOrdinary } from './warmth';
import { airInside } from './shelter';
import { dryShare } from './wet';

/** What a cover adds round a bag, in clo (own): a bivvy or bag cover, a reflective sheet. */
const coverClo = byName<number>({
  bivvy: 1,
  'film-bivvy': 0.5,
  'reflective-sheet': 0.5,
  'heavy-reflective-sheet': 0.5,
});

/** A fire that somebody tends all night: at most so much, for so much wood an hour (own). */
const tendedFireClo = 1.5;
const woodKgAnHour = 3;

/** Who keeps warm only above this is cold on every night, in °C (own): the figure itself then tells nothing. */
export const anyNightC = 30;

/** Figures are told in whole degrees, and nobody feels less than half of one. */
const feltC = 0.5;

/** A missing R lifts the temperature that is slept through by so many degrees. */
const degreesPerR = 5;

/** One sleeper’s insulation, and the lowest temperature that it sees them through. */
export interface Sleeper {
  readonly name: string;
  readonly clo: number;
  readonly groundR: number;
  readonly lowestC: number;
  /** Hangs in the warmth, and lies on nothing. */
  readonly hangs: boolean;
}

/** Everybody in their own bed, clothed where that is no bag, as warm as sharing makes the worst-off. */
export function sleepersOf(kit: NeedsKit, lowC: number): readonly Sleeper[] {
  const bags = insulation(kit);
  const beds = dealtOut(
    bags.flatMap(({ given, clo, isBag }) =>
      eachDealt(given, clo, isBag ? 'bag' : given.placement.gear, isBag),
    ),
    kit.people.map(() => clothedClo),
  );
  // The thickest mat goes under the thinnest bed, and who hangs in the warmth needs none.
  const hanging = hangingFree(kit, lowC);
  const mats = [...groundEach(kit)].sort((one, other) => other - one);
  const thinnestFirst = beds.map((_, at) => at).sort((one, other) => beds[one]! - beds[other]!);
  const matOf = new Map(thinnestFirst.map((at, order) => [at, mats[order]!]));
  const hangs = new Set(thinnestFirst.slice(beds.length - hanging));
  return kit.people.map(({ name }, at) => {
    const clo = beds[at]!;
    const own = matOf.get(at)!;
    const missing = kit.shelter !== null || hangs.has(at) ? 0 : Math.max(0, groundR(lowC) - own);
    const lowestC = sleepTempC(clo) + degreesPerR * missing;
    return { name, clo, groundR: own, lowestC, hangs: hangs.has(at) };
  });
}

interface Insulation {
  readonly given: Given;
  /** What it adds to going to bed clothed. */
  readonly clo: number;
  /** Nobody gets two of these. */
  readonly isBag: boolean;
}

/** What keeps a sleeper warm: bags, and what is put on or round them. */
function insulation(kit: NeedsKit): readonly Insulation[] {
  const bags = kit.given('sleep').filter(({ supply }) => supply.fitness !== 'improvised');
  const asBag = new Set(bags.map(({ placement }) => placement.id));
  const covers = kit
    .given('insulate')
    .filter(
      (given) => isRelied(given) && !asBag.has(given.placement.id) && !isOrdinary(given.gear),
    );
  return [
    ...bags.map((given) => ({
      given,
      clo: bagClo(given.amount ?? 33) * dryShare(kit, given),
      isBag: true,
    })),
    ...covers.map((given) => ({
      given,
      clo: addsClo(given) * dryShare(kit, given),
      isBag: false,
    })),
  ];
}

/** What a bag adds to going to bed clothed: its rating is for one who lies in it without. */
function bagClo(comfortC: number): number {
  return Math.max(0, sleepClo(comfortC) - clothedClo);
}

/** How far off a simulated low goes without saying, in °C (own). */
const usualErrorC = 3;

function addsClo({ gear, amount }: Given): number {
  return coverClo.get(gear.kind ?? '') ?? amount ?? 0;
}

/** The lowest temperature slept through without a fire, against a cold night of the time. */
export function sleep(kit: NeedsKit): Answer {
  const { conditions, nights, print, brief } = kit;
  const { lowC, lows } = conditions;
  if (nights === 0) return notAsked('°C', 'No night out.');
  if (lowC === null) return notKnown('°C', ...climateOr(brief, 'the low'));
  const airC = airInside(kit.shelter, lowC.value);
  const sleepers = sleepersOf(kit, airC);
  const worst = sleepers.reduce((one, other) => (other.lowestC > one.lowestC ? other : one));
  const withFire = worst.lowestC - (sleepTempC(0) - sleepTempC(tendedFireClo));
  const tends = schoolOf(brief.schools, 'cold') === 'with a tended fire' && brief.isFireAllowed;
  const limitC = tends ? withFire : worst.lowestC;
  const short = limitC - airC;
  const moreClo = sleepClo(airC) - sleepClo(limitC);
  const moreR =
    kit.shelter !== null || worst.hangs
      ? 0
      : Math.min(short / degreesPerR, groundR(airC) - worst.groundR);
  const cloWithR = sleepClo(airC) - sleepClo(limitC - moreR * degreesPerR);
  const mends =
    moreR * degreesPerR >= short - 1e-9
      ? `R ${print.number(moreR, 1)} more beneath, or ${print.number(moreClo, 1)} clo more,`
      : moreR > 0
        ? `R ${print.number(moreR, 1)} more beneath and ${print.number(cloWithR, 1)} clo more`
        : `${print.number(moreClo, 1)} clo more`;
  const pieces = insulation(kit).map(({ given }) => given);
  const hasBed = pieces.length > 0;
  // Who is taller than their bag does not close it round the shoulders.
  const night =
    kit.shelter === null
      ? `a cold night is ${print.celsius(lowC.value)}`
      : `a cold night is ${print.celsius(airC)} in the ${kit.shelter}`;
  const bags = kit.given('sleep').filter(({ supply }) => supply.fitness === 'made-for');
  const cramped = tooShortFor(kit, bags, true);
  return answered({
    standing: short <= feltC && cramped.length === 0 ? 'met' : hasBed ? 'short' : 'none',
    demand: airC,
    supply: limitC,
    unit: '°C',
    days: null,
    says: [
      short > feltC
        ? `${worst.name} ${limitC > anyNightC ? 'would be cold on any night' : `sleeps through ${print.celsius(limitC)}`}, and ${night}: ${limitC > anyNightC ? '' : `${print.degrees(short)} short: `}${mends} would do.`
        : `${worst.name}, the worst off, sleeps through ${print.celsius(limitC)}; ${night}.`,
      ...cramped.map(
        ({ name, statureM, bedM }) =>
          `${name} is ${print.metres(statureM)} tall, and that bag is for ${print.metres(bedM)}: it does not close round the shoulders.`,
      ),
      lows === null || lowC.by === 'typed' || kit.shelter !== null
        ? ''
        : `${print.number(100 * shareBelow(limitC, lows))} in 100 nights of the time are colder.`,
      lows !== null && lowC.by === 'climate' && lows.errorC > usualErrorC
        ? `The low is simulated, and may be ${print.degrees(lows.errorC)} off there.`
        : '',
      tends
        ? `With a fire tended all night: ${woodKgAnHour} kg of wood an hour, and woken hourly.`
        : '',
      'An estimate: who is wet, hurt, old, small or tired is worse off.',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf(pieces),
    worked: [
      work('sleep-clo', { tempC: airC }),
      ...sleepers.map(({ clo }) => work('sleep-temp', { clo })),
      work('ground-r', { tempC: airC }),
    ],
    steps: [
      ...sleepers.map(
        ({ name, clo, groundR: r, lowestC }) =>
          `${name}: ${print.number(clo, 1)} clo, R ${print.number(r, 1)} beneath: ${print.celsius(lowestC)}.`,
      ),
      `A tended fire would bring ${print.celsius(withFire)}.`,
    ],
  });
}

/** The share of nights below a temperature: the normal distribution, by Abramowitz and Stegun 7.1.26. */
export function shareBelow(
  tempC: number,
  { meanC, spreadC }: { readonly meanC: number; readonly spreadC: number },
): number {
  const z = (tempC - meanC) / (spreadC * Math.SQRT2);
  const t = 1 / (1 + 0.3275911 * Math.abs(z));
  const poly =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp(-z * z);
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}
