import { sleepClo, sleepTempC } from '../gear';
import { airC, answer, from, modelOf, oneOf, upToMost } from './model';
import { windChillC } from './wind-chill';

const sleeper =
  '0.155 m²K/W a clo, three quarters of 47 W/m² through the insulation, skin at 33 °C';

export const sleepCloModel = modelOf({
  name: 'sleep-clo',
  unit: 'clo',
  formula: '(33 − T)/(0.155 · 0.75 · 47)',
  source: `steady heat loss of a sleeper: ${sleeper}`,
  inputs: { tempC: airC },
  work: ({ tempC }) =>
    answer(Math.max(0, sleepClo(tempC)), tempC > 33 ? 'warmer than skin: none' : null),
});

export const sleepTempModel = modelOf({
  name: 'sleep-temp',
  unit: '°C',
  formula: '33 − clo · 0.155 · 0.75 · 47',
  source: `steady heat loss of a sleeper: ${sleeper}`,
  inputs: { clo: upToMost(25, 'clo') },
  work: ({ clo }) => answer(sleepTempC(clo)),
});

export const activities = ['resting', 'camp', 'walking'] as const;
export type Activity = (typeof activities)[number];

/** What a body gives off, in W/m². */
const givesOff: Readonly<Record<Activity, number>> = { resting: 58, camp: 100, walking: 165 };

/** What somebody has to wear, in clo. */
export function dayClo(tempC: number, windKmh: number, activity: Activity): number {
  return Math.max(0, (33 - windChillC(tempC, windKmh)) / (0.155 * 0.75 * givesOff[activity]));
}

export const dayCloModel = modelOf({
  name: 'day-clo',
  unit: 'clo',
  formula: '(33 − wind chill)/(0.155 · 0.75 · M), M 58 resting, 100 in camp, 165 walking',
  source: 'steady heat loss; activity by the classes of ISO 8996',
  inputs: { tempC: airC, windKmh: upToMost(400, 'km/h'), activity: oneOf(...activities) },
  work: ({ tempC, windKmh, activity }) => answer(dayClo(tempC, windKmh, activity)),
});

/** The R-value that the ground asks under a sleeper. */
export function groundR(tempC: number): number {
  return 1 + Math.max(0, (15 - tempC) / 5);
}

export const groundRModel = modelOf({
  name: 'ground-r',
  unit: 'R',
  formula: '1 + max(0, (15 − T)/5)',
  source: 'rule of thumb of this project',
  inputs: { tempC: from(-60, 60, '°C') },
  work: ({ tempC }) => answer(groundR(tempC)),
});
