import { airC, answer, modelOf, upToMost } from './model';

/** The formula holds at and below this temperature, and from this wind on. */
const mostC = 10;
const leastKmh = 4.8;

/** At and below these chills exposed skin can freeze, and how soon; the coldest first. */
const freezes: readonly (readonly [chillC: number, within: string])[] = [
  [-55, 'in less than 2 minutes'],
  [-48, 'within 2 to 5 minutes'],
  [-40, 'within 5 to 10 minutes'],
  [-28, 'within 10 to 30 minutes'],
];

/** What air of a temperature feels like in a wind, in °C; the air itself where the formula does not hold. */
export function windChillC(tempC: number, windKmh: number): number {
  if (tempC > mostC || windKmh < leastKmh) return tempC;
  const wind = windKmh ** 0.16;
  return 13.12 + 0.6215 * tempC - 11.37 * wind + 0.3965 * tempC * wind;
}

export const windChill = modelOf({
  name: 'wind-chill',
  unit: '°C',
  formula: '13.12 + 0.6215 T − 11.37 V^0.16 + 0.3965 T V^0.16, for T ≤ 10 °C and V ≥ 4.8 km/h',
  source: 'Environment Canada and US National Weather Service, 2001',
  inputs: { tempC: airC, windKmh: upToMost(400, 'km/h') },
  work: ({ tempC, windKmh }) => {
    const chill = windChillC(tempC, windKmh);
    if (tempC > mostC) return answer(chill, 'above 10 °C wind chill is not told: the air itself');
    if (windKmh < leastKmh) return answer(chill, 'below 4.8 km/h it is calm: the air itself');
    const [, within] = freezes.find(([atC]) => Math.round(chill) <= atC) ?? [];
    return answer(chill, within === undefined ? null : `exposed skin can freeze ${within}`);
  },
});
