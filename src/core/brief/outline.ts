import { countryIds } from '../catalogue/country-climates';
import { swarms, views, waters, woods } from '../catalogue/country-words';
import { jobIds, threats } from '../gear';
import {
  listOf,
  numberIn,
  orElse,
  orNull,
  recordOf,
  whyNotOfOutline,
  wordOf,
  type Outline,
  type OutlineFields,
} from '../gear/outline';
import { settings, sexes, terrains, works } from '../models/words';
import { says, type Problem } from '../quantity';
import {
  mostBeside,
  mostFilled,
  mostLaneOrders,
  mostLanes,
  mostLinePoints,
  mostMedicines,
  mostPeople,
  mostRules,
} from './bounds';
import { briefRanges } from './ranges';
import { asTheTableSays, stores, type Brief } from './brief';
import { addingUp } from './rules';
import { schoolWords } from './schools';

const name: Outline = { of: 'name' };
const nameOrNothing: Outline = { of: 'name or nothing' };
const id: Outline = { of: 'id' };
const day: Outline = { of: 'day' };
const yesOrNo: Outline = { of: 'yes or no' };
const jobs = listOf(wordOf(jobIds), jobIds.length, 1);

function figure(of: keyof typeof briefRanges): Outline {
  return numberIn(briefRanges[of]);
}

function figures(...names: (keyof typeof briefRanges)[]): OutlineFields {
  return Object.fromEntries(names.map((each) => [each, figure(each)]));
}

function figuresOrNull(...names: (keyof typeof briefRanges)[]): OutlineFields {
  return Object.fromEntries(names.map((each) => [each, orNull(figure(each))]));
}

const person = recordOf({
  name: nameOrNothing,
  ...figuresOrNull('bodyKg', 'heightCm', 'ageYears'),
  sex: wordOf(sexes),
  medicines: listOf(recordOf({ name, ...figures('dosesPerDay') }), mostMedicines),
  graveAllergy: nameOrNothing,
  wearsSpectacles: yesOrNo,
  shoeSize: orElse(orNull(figure('shoeSize')), null),
  gloveSize: orElse(orNull(figure('gloveSize')), null),
});

const asKnown = recordOf({
  view: orNull(wordOf(views)),
  insects: orNull(wordOf(swarms)),
  groundBites: orNull(yesOrNo),
  firewood: orNull(wordOf(woods)),
  water: orElse(orNull(wordOf(waters)), null),
  isWet: orNull(yesOrNo),
  glare: orNull(yesOrNo),
  makeDo: listOf(
    recordOf({
      job: wordOf(jobIds),
      hardness: figure('hardness'),
      minutes: orNull(figure('minutes')),
    }),
    jobIds.length,
  ),
});

const when: Outline = {
  of: 'variant',
  by: 'on',
  cases: {
    days: { on: wordOf(['days']), from: day, to: day },
    months: {
      on: wordOf(['months']),
      fromMonth: figure('month'),
      toMonth: figure('month'),
      ...figures('nights'),
    },
  },
};

const heard = recordOf({
  ...figures('latitude', 'longitude', 'altitudeM'),
  setting: wordOf(settings),
  country: wordOf(countryIds),
  on: day,
  months: listOf(
    recordOf(figures('highC', 'lowC', 'spreadC', 'rainDays', 'humidityPct', 'windKmh')),
    12,
    12,
  ),
});

const route = recordOf({
  name: nameOrNothing,
  ...figures('distanceKm', 'ascentM'),
  terrain: wordOf(terrains),
  ...figuresOrNull('dryKm'),
  line: listOf(
    {
      of: 'tuple',
      each: [figure('latitude'), figure('longitude'), orNull(figure('altitudeM'))],
    },
    mostLinePoints,
  ),
});

const side = figure('sideMm');

function rule(named: string, fields: OutlineFields = {}): OutlineFields {
  return { rule: wordOf([named]), ...fields };
}

/** A rule that a kit keeps or breaks. */
export const ruleOutline: Outline = {
  of: 'variant',
  by: 'rule',
  cases: {
    'most mass': rule('most mass', figures('massG')),
    'most share': rule('most share', figures('share')),
    'most price': rule('most price', figures('priceMinor')),
    outside: rule('outside', { sidesMm: { of: 'tuple', each: [side, side, side] } }),
    girth: rule('girth', figures('girthMm')),
    'lids close': rule('lids close'),
    categories: rule('categories', { scheme: id }),
    ways: rule('ways', { anyOf: jobs, ...figures('ways') }),
    amount: rule('amount', { job: wordOf(addingUp), least: figure('amount') }),
    'must have': rule('must have', { what: name }),
    'must not have': rule('must not have', { what: name }),
    'second vessel': rule('second vessel'),
    'without a holder': rule('without a holder', { anyOf: jobs }),
  },
};

/** A brief as a file holds it. */
export const briefOutline: Outline = recordOf({
  name: nameOrNothing,
  preset: orNull(id),
  people: listOf(person, mostPeople, 1),
  work: wordOf(works),
  ...figures('workHours'),
  place: orNull(recordOf({ name: nameOrNothing, ...figures('latitude', 'longitude') })),
  ...figuresOrNull('altitudeM'),
  setting: orNull(wordOf(settings)),
  country: orNull(wordOf(countryIds)),
  asKnown: orElse(asKnown, asTheTableSays),
  when: orNull(when),
  weather: recordOf(figuresOrNull('lowC', 'highC', 'humidityPct', 'rainDays', 'windKmh')),
  heard: orNull(heard),
  ...figuresOrNull('dryHours'),
  waterIsCloudy: orNull(yesOrNo),
  waterThreats: orNull(listOf(wordOf(threats), threats.length)),
  isFireAllowed: yesOrNo,
  isFlown: orElse(yesOrNo, false),
  vehicleKg: orElse(orNull(figure('vehicleKg')), null),
  ...figuresOrNull('searchHours'),
  noteLeftWith: nameOrNothing,
  storedIn: wordOf(stores),
  filled: orElse(listOf(recordOf({ placement: id, ml: figure('filledMl') }), mostFilled), []),
  beside: listOf(id, mostBeside),
  route: orNull(route),
  schools: recordOf(
    Object.fromEntries(
      Object.entries(schoolWords).map(([school, words]) => [school, wordOf(words)]),
    ),
    true,
  ),
  lanes: orElse(
    listOf(recordOf({ scheme: id, categories: listOf(id, mostLanes, 1) }), mostLaneOrders),
    [],
  ),
  challenge: nameOrNothing,
  rules: listOf(ruleOutline, mostRules),
});

/** What is wrong with a brief, with the field; null where it is sound. */
export function unsoundBrief(brief: Brief): Problem | null {
  return whyNotOfOutline(brief, briefOutline, 'brief') ?? contradiction(brief);
}

/** Figures that are fine each by itself, and not together. */
function contradiction({
  when: days,
  weather: { lowC, highC },
  waterThreats,
}: Brief): Problem | null {
  if (days?.on === 'days' && days.to < days.from) {
    return { field: 'brief.when.to', message: says.returnsBefore() };
  }
  if (lowC !== null && highC !== null && lowC > highC) {
    return { field: 'brief.weather.lowC', message: says.lowAboveHigh() };
  }
  return new Set(waterThreats).size < (waterThreats?.length ?? 0)
    ? { field: 'brief.waterThreats', message: says.threatTwice() }
    : null;
}
