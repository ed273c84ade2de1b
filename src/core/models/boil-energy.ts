import { altitudes, answer, from, modelOf, noAnswer, oneOf, upToMost, yesOrNo } from './model';

export const stoves = ['canister', 'alcohol', 'tablet', 'twig', 'open fire'] as const;
export type Stove = (typeof stoves)[number];

/** How much of what the fuel gives goes into the water. */
export const efficiency: Readonly<Record<Stove, number>> = {
  canister: 0.5,
  alcohol: 0.4,
  tablet: 0.35,
  twig: 0.2,
  'open fire': 0.1,
};

/** kJ to warm a litre by a degree, and to melt a kilogram of snow. */
const perLitreDegree = 4.186;
const meltingKj = 334;

export function boilsAtC(altitudeM: number): number {
  return 100 - altitudeM / 300;
}

/** What bringing water to the boil takes of a fuel, in kJ. Snow starts at 0 °C. */
export function boilEnergyKj({
  litres,
  startC,
  altitudeM,
  snow,
  stove,
}: {
  readonly litres: number;
  readonly startC: number;
  readonly altitudeM: number;
  readonly snow: 'yes' | 'no';
  readonly stove: Stove;
}): number {
  const fromC = snow === 'yes' ? 0 : startC;
  const warming = litres * perLitreDegree * Math.max(0, boilsAtC(altitudeM) - fromC);
  return (warming + (snow === 'yes' ? meltingKj * litres : 0)) / efficiency[stove];
}

export const boilEnergy = modelOf({
  name: 'boil-energy',
  unit: 'kJ of fuel',
  formula:
    '(L · 4.186 · (boiling − start) + 334 · L if snow, start then 0)/efficiency; boiling = 100 − altitude/300; canister 0.5, alcohol 0.4, tablet 0.35, twig 0.2, open fire 0.1',
  source:
    'heat of water and of melting; efficiencies: planning values of this project, calm air, lid on',
  inputs: {
    litres: upToMost(1000, 'L'),
    startC: from(-60, 110, '°C'),
    altitudeM: altitudes,
    snow: yesOrNo,
    stove: oneOf(...stoves),
  },
  work: (boil) =>
    boil.snow === 'no' && boil.startC < 0
      ? noAnswer('below 0 °C it is ice: say snow')
      : answer(boilEnergyKj(boil)),
});

/** What fuels hold, in MJ/kg. */
export const megajoulesPerKg = {
  gas: 45.7,
  spirit: 26.8,
  tablet: 30,
  wood: 15,
  wax: 42,
} as const;
