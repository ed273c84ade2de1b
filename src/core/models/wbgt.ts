import { airC, answer, from, modelOf, noAnswer } from './model';

/** Where the fit is used, in °C. */
const leastC = -30;
const mostC = 55;

/** Wet bulb globe temperature in the shade with light wind, in °C. */
export function wbgtC(tempC: number, humidityPct: number): number {
  const vapourHpa = (humidityPct / 100) * 6.105 * Math.exp((17.27 * tempC) / (237.7 + tempC));
  return 0.567 * tempC + 0.393 * vapourHpa + 3.94;
}

export const wbgt = modelOf({
  name: 'wbgt',
  unit: '°C',
  formula: '0.567 T + 0.393 e + 3.94, e = RH/100 · 6.105 · exp(17.27 T/(237.7 + T)) hPa',
  source: 'Australian Bureau of Meteorology, approximation for the shade',
  inputs: { tempC: airC, humidityPct: from(0, 100, '%') },
  work: ({ tempC, humidityPct }) =>
    tempC < leastC || tempC > mostC
      ? noAnswer(`it holds from ${leastC} to ${mostC} °C`)
      : answer(
          wbgtC(tempC, humidityPct),
          tempC < 10 ? 'a figure of heat: in the cold it only serves to count water by' : null,
        ),
});
