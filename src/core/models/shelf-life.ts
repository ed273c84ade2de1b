import { shelfLifeDays } from './decay';
import { answer, modelOf, upToMost, from } from './model';

export const shelfLife = modelOf({
  name: 'shelf-life',
  unit: 'days',
  formula: 'min(rated, rated · 2^((21 − T)/10))',
  source: 'doubling of decay by 10 degrees; planning value of this project',
  inputs: { ratedDays: upToMost(100_000, 'days'), storeC: from(-60, 90, '°C') },
  work: ({ ratedDays, storeC }) =>
    answer(
      shelfLifeDays(ratedDays, storeC),
      'for food, water, cells and tinder; medicine and flares keep to the printed date alone',
    ),
});
