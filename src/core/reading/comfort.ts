import type { Amount, AmountAt } from '../quantity/amounts-in';

type Temperature = Amount & { readonly what: 'temperature' };

/** Degrees of a temperature in °C; where no unit is written, they are Celsius. */
export function celsiusOf({ degrees, unit }: Pick<Temperature, 'degrees' | 'unit'>): number {
  return unit === 'F' ? ((degrees - 32) * 5) / 9 : degrees;
}

/** How a rating is named. */
type Rating = 'comfort' | 'limit' | 'extreme';

/**
 * How much warmer than its limit, or its extreme, a bag’s comfort is, in °C: own estimates, to the safe side. Labels that
 * name all three have comfort some 5 to 6 °C above the limit, and 22 to 24 °C above the extreme.
 */
const comfortAbove: Readonly<Record<Rating, number>> = { comfort: 0, limit: 6, extreme: 24 };

/**
 * The temperatures of a line as one, the comfort that it stands for: what is called so wins, a limit or an extreme is told as
 * the comfort it leaves, and of several the warmest counts. No sleeper is promised the colder figure of two.
 *
 * @example oneComfort(…, 'sleeping bag comfort 3 °C limit -2') // 3 °C
 * @example oneComfort(…, 'quilt limit -2 C') // 4 °C
 */
export function oneComfort(amounts: readonly AmountAt[], line: string): readonly AmountAt[] {
  const rated = ratingsOf(amounts, line);
  if (rated.length === 0) return amounts;
  const comforts = rated.filter(({ rating }) => rating === 'comfort');
  const warmest = (comforts.length > 0 ? comforts : rated)
    .map(({ at, temperature, rating }) => ({
      at,
      temperature: asComfort(temperature, rating ?? (isSoldByLimit(temperature) ? 'limit' : null)),
    }))
    .reduce((one, other) =>
      celsiusOf(other.temperature) > celsiusOf(one.temperature) ? other : one,
    );
  return amounts
    .filter(({ amount }) => amount.what !== 'temperature' || amount === warmest.at.amount)
    .map((each) => (each === warmest.at ? { ...each, amount: warmest.temperature } : each));
}

/** Bags that are sold by a figure in °F and nothing else are called by their lower limit. */
function isSoldByLimit({ unit }: Temperature): boolean {
  return unit === 'F';
}

interface Rated {
  readonly at: AmountAt;
  readonly temperature: Temperature;
  readonly rating: Rating | null;
}

/** Each temperature with what it is called. Names stand all before their figures, or all after: the first one shows which. */
function ratingsOf(amounts: readonly AmountAt[], line: string): readonly Rated[] {
  const temperatures = amounts.flatMap((at) =>
    at.amount.what === 'temperature' ? [{ at, temperature: at.amount }] : [],
  );
  const first = temperatures[0];
  if (!first) return [];
  const standBefore = nameIn(line.slice(0, first.at.from), before) !== null;
  return temperatures.map(({ at, temperature }) => ({
    at,
    temperature,
    rating: standBefore ? nameIn(line.slice(0, at.from), before) : nameIn(line.slice(at.to), after),
  }));
}

/** Names of ratings, as they are said and as they stand on labels. */
const called: readonly (readonly [Rating, RegExp])[] = [
  ['comfort', /^t?[\s._-]?comf/i],
  ['limit', /^(?:lower|t?[\s._-]?lim)/i],
  ['extreme', /^(?:extreme|survival|t[\s._-]?ext)/i],
];
const names = String.raw`comfort|lower limit|limit|extreme|survival|t[\s._-]?comf(?:ort)?|t[\s._-]?lim(?:it)?|t[\s._-]?ext(?:reme)?`;
const filler = String.raw`(?:temp|temperature|rating|limit|to|of|at|is)`;
const before = new RegExp(String.raw`(${names})(?:\s+${filler})*\s*[:=(]?\s*$`, 'i');
const after = new RegExp(String.raw`^\s*\(?(?:lower\s+)?(${names})(?!\p{L})`, 'iu');

function nameIn(text: string, pattern: RegExp): Rating | null {
  const name = pattern.exec(text)?.[1];
  return name === undefined ? null : (called.find(([, said]) => said.test(name))?.[0] ?? null);
}

function asComfort(temperature: Temperature, rating: Rating | null): Temperature {
  const above = rating === null ? 0 : comfortAbove[rating];
  return {
    ...temperature,
    degrees: temperature.degrees + (temperature.unit === 'F' ? above * 1.8 : above),
  };
}
