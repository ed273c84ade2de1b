import * as v from 'valibot';
import { countryIds } from '@/core/catalogue/country-climates';
import { whyNotDay } from '@/core/quantity';
import { settings } from '@/core/models/words';

const figure = (least: number, most: number) =>
  v.pipe(
    v.string(),
    v.regex(/^-?\d+(?:\.\d+)?(?:e-?\d+)?$/),
    v.transform(Number),
    v.minValue(least),
    v.maxValue(most),
  );
const day = v.optional(
  v.pipe(
    v.string(),
    v.check((text) => whyNotDay(text) === null),
  ),
);

/** What a climate service is asked, as an address carries it. */
export const climateQuestion = v.strictObject({
  latitude: figure(-90, 90),
  longitude: figure(-180, 180),
  altitudeM: figure(-450, 9000),
  setting: v.picklist(settings),
  country: v.picklist(countryIds),
  from: day,
  to: day,
});
