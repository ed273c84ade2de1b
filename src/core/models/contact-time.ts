import {
  altitudes,
  answer,
  from,
  modelOf,
  noAnswer,
  oneOf,
  unlessSaid,
  yesOrNo,
  type ModelAnswer,
} from './model';

export const methods = ['chlorine tablet', 'chlorine dioxide', 'boil', 'UV'] as const;
export type Method = (typeof methods)[number];

/** Below this, what works by chemistry takes twice as long. */
const coldC = 10;

/** Above this, water boils cooler and is boiled for longer. */
const highM = 2000;

/** How long treatment takes, in min; null where it is the device’s to say, or where it does not work so. */
export function contactTimeMin({
  method,
  waterC,
  cloudy,
  altitudeM,
}: {
  readonly method: Method;
  readonly waterC: number;
  readonly cloudy: 'yes' | 'no';
  readonly altitudeM: number;
}): ModelAnswer<number> {
  if (method === 'boil') {
    return answer(altitudeM > highM ? 3 : 1, 'at a rolling boil, whether cloudy or clear');
  }
  if (cloudy === 'yes')
    return noAnswer('cloudy water hides what lives in it: strain or settle it first');
  if (method === 'UV') return noAnswer('the lamp’s own cycle');
  const times = waterC < coldC ? 2 : 1;
  return answer(
    30 * times,
    method === 'chlorine dioxide'
      ? `${240 * times} min against Cryptosporidium`
      : 'not against Cryptosporidium',
  );
}

export const contactTime = modelOf({
  name: 'contact-time',
  unit: 'min',
  formula:
    'chlorine tablet 30; chlorine dioxide 30, against Cryptosporidium 240; boiling 1, above 2000 m 3; below 10 °C chemical times double',
  source: 'public guidance on emergency treatment of water; the product’s label comes first',
  inputs: {
    method: oneOf(...methods),
    waterC: from(-5, 100, '°C'),
    cloudy: yesOrNo,
    altitudeM: unlessSaid(altitudes, 0),
  },
  work: contactTimeMin,
});
