import { airC, answer, from, modelOf, noAnswer } from './model';

function fahrenheit(celsius: number): number {
  return celsius * 1.8 + 32;
}

function celsius(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8;
}

/** Below this the air is not hot, above that no table goes, both in °C. */
const coolC = celsius(40);
const mostC = 50;

/** What warm air feels like in the shade, in °C, worked in °F as it was fitted. */
export function heatIndexC(tempC: number, humidityPct: number): number {
  const t = fahrenheit(tempC);
  if (t <= 40) return tempC;
  const simple = 0.5 * (t + 61 + (t - 68) * 1.2 + humidityPct * 0.094);
  const plain = (simple + t) / 2;
  return celsius(plain < 80 ? plain : rothfusz(t, humidityPct) + adjustment(t, humidityPct));
}

function rothfusz(t: number, h: number): number {
  return (
    -42.379 +
    2.04901523 * t +
    10.14333127 * h -
    0.22475541 * t * h -
    6.83783e-3 * t * t -
    5.481717e-2 * h * h +
    1.22874e-3 * t * t * h +
    8.5282e-4 * t * h * h -
    1.99e-6 * t * t * h * h
  );
}

/** What is taken off in dry heat and laid on in damp warmth, in °F. */
function adjustment(t: number, h: number): number {
  if (h < 13 && t >= 80 && t <= 112) {
    return -((13 - h) / 4) * Math.sqrt((17 - Math.abs(t - 95)) / 17);
  }
  if (h > 85 && t >= 80 && t <= 87) return ((h - 85) / 10) * ((87 - t) / 5);
  return 0;
}

export const heatIndex = modelOf({
  name: 'heat-index',
  unit: '°C',
  formula:
    'Rothfusz regression over °F and % with both adjustments; under 80 °F the mean of T and 0.5 (T + 61 + 1.2 (T − 68) + 0.094 RH)',
  source: 'US National Weather Service, after Rothfusz 1990 and Steadman 1979; in the shade',
  inputs: { tempC: airC, humidityPct: from(0, 100, '%') },
  work: ({ tempC, humidityPct }) => {
    if (tempC > mostC) return noAnswer(`above ${mostC} °C the regression was never fitted`);
    const value = heatIndexC(tempC, humidityPct);
    return answer(value, tempC <= coolC ? 'too cool for a heat index: the air itself' : null);
  },
});
