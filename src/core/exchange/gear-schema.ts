import * as v from 'valibot';
import { mostLengthMm, mostMassG, mostPriceMinor, mostVolumeMl, whyNotDay } from '../quantity';
import {
  above0,
  amissWords,
  colourPattern,
  careActs,
  closures,
  contentUnits,
  mostChecks,
  fitnesses,
  harms,
  idPattern,
  jobIds,
  longestCaution,
  longestHow,
  longestWhere,
  longestName,
  longestNote,
  mostAmount,
  mostCares,
  mostCautions,
  mostCavities,
  mostCount,
  mostDemands,
  mostItems,
  mostLots,
  mostMonths,
  mostSupplies,
  ownerships,
  priceTrusts,
  reaches,
  silhouettes,
  sorts,
  stuffs,
  threats,
  tiers,
  trusts,
  upTo,
  warmStuffs,
  whyNotInRange,
  whyNotName,
  whyNotPlain,
  type Range,
} from '../gear';

export const id = v.pipe(
  v.string(),
  v.regex(idPattern, 'is not an id: 1 to 64 letters, digits, - and _.'),
);
export const name = v.pipe(
  v.string(),
  v.maxLength(longestName, `is longer than ${longestName} characters.`),
  v.check(
    (text) => whyNotName(text) === null,
    (issue) => `${whyNotName(issue.input)}.`,
  ),
);
export const note = v.pipe(
  v.string(),
  v.maxLength(longestNote, `is longer than ${longestNote} characters.`),
  v.check(
    (text) => whyNotPlain(text, longestNote) === null,
    (issue) => `${whyNotPlain(issue.input, longestNote)}.`,
  ),
);

/** A number that a range of the core holds, told in the core’s own words. */
export function within(range: Range) {
  return v.pipe(
    v.number(),
    v.finite('is not a finite number.'),
    v.minValue(range.orNothing ? 0 : range.least, (issue) => whyNot(issue.input, range)),
    v.maxValue(range.most, (issue) => whyNot(issue.input, range)),
    v.check(
      (value) => whyNotInRange(value, range) === null,
      (issue) => whyNot(issue.input, range),
    ),
  );
}

function whyNot(value: number, range: Range): string {
  return `${whyNotInRange(value, range) ?? 'is not in its range'}.`;
}

export function wholeFrom(least: number, most: number) {
  return v.pipe(
    v.number(),
    v.integer('is not a whole number.'),
    v.minValue(least, `is below ${least}.`),
    v.maxValue(most, `is above ${most}.`),
  );
}

const sideMm = within(above0(mostLengthMm));
const boxSides = { lengthMm: sideMm, widthMm: sideMm, heightMm: sideMm };
const cylinderSides = { diameterMm: sideMm, heightMm: sideMm };

const form = v.variant('shape', [
  v.strictObject({ shape: v.literal('box'), ...boxSides, upright: v.boolean() }),
  v.strictObject({ shape: v.literal('cylinder'), ...cylinderSides, upright: v.boolean() }),
  v.pipe(
    v.strictObject({
      shape: v.literal('soft'),
      looseMl: within(above0(mostVolumeMl)),
      tightMl: within(above0(mostVolumeMl)),
      thinnestMm: within(upTo(mostLengthMm)),
      longestRigidMm: within(upTo(mostLengthMm)),
    }),
    v.check(({ tightMl, looseMl }) => tightMl <= looseMl, 'has a tightMl above its looseMl.'),
  ),
]);

const cavity = v.strictObject({
  id,
  name,
  inside: v.variant('shape', [
    v.strictObject({ shape: v.literal('box'), ...boxSides }),
    v.strictObject({ shape: v.literal('cylinder'), ...cylinderSides }),
    v.strictObject({
      shape: v.literal('soft'),
      volumeMl: within(above0(mostVolumeMl)),
      longestMm: sideMm,
      bulgeShare: within(upTo(1)),
    }),
  ]),
  mouth: v.variant('shape', [
    v.strictObject({ shape: v.literal('section') }),
    v.strictObject({ shape: v.literal('round'), diameterMm: sideMm }),
    v.strictObject({ shape: v.literal('slot'), lengthMm: sideMm, widthMm: sideMm }),
  ]),
  mostMassG: v.nullable(within(above0(mostMassG))),
  waterproof: v.boolean(),
  closure: v.optional(v.nullable(v.picklist(closures)), null),
  reach: v.picklist(reaches),
});

export const job = v.picklist(jobIds);

const demand = v.variant('on', [
  v.strictObject({
    on: v.literal('jobs'),
    anyOf: v.pipe(
      v.array(job),
      v.minLength(1, 'is empty.'),
      v.maxLength(mostDemands, 'is too long.'),
    ),
    sorts: v.optional(
      v.nullable(
        v.pipe(
          v.array(v.picklist(sorts)),
          v.minLength(1, 'is empty.'),
          v.maxLength(mostDemands, 'is too long.'),
        ),
      ),
      null,
    ),
    items: v.optional(wholeFrom(1, mostItems), 1),
  }),
  v.strictObject({ on: v.literal('sun') }),
]);

const figure = v.nullable(v.pipe(v.number(), v.finite('is not a finite number.')));

/** What they may be is looked at by the core. */
const facts = v.variant('of', [
  v.strictObject({
    of: v.literal('treatment'),
    removes: v.pipe(v.array(v.picklist(threats)), v.maxLength(threats.length, 'is too long.')),
    minutes: figure,
  }),
  v.strictObject({
    of: v.literal('light'),
    isHandsFree: v.boolean(),
    lumensPerWatt: figure,
    ownWh: figure,
  }),
  v.strictObject({ of: v.literal('warmth'), stuff: v.picklist(warmStuffs) }),
  v.strictObject({ of: v.literal('cloth'), isCotton: v.boolean() }),
  v.strictObject({
    of: v.literal('cord'),
    breakingN: v.pipe(v.number(), v.finite('is not a finite number.')),
  }),
  v.strictObject({ of: v.literal('vessel'), isDoubleWalled: v.boolean() }),
  v.strictObject({
    of: v.literal('sheet'),
    lengthM: v.pipe(v.number(), v.finite('is not a finite number.')),
    widthM: v.pipe(v.number(), v.finite('is not a finite number.')),
  }),
  v.strictObject({ of: v.literal('power'), whPerSunnyDay: figure, ownWh: figure }),
]);

const supply = v.strictObject({
  job,
  fitness: v.picklist(fitnesses),
  /** What it may be hangs on the job, and is looked at by the core. */
  amount: v.nullable(v.pipe(v.number(), v.finite('is not a finite number.'))),
  demands: v.pipe(v.array(demand), v.maxLength(mostDemands, `holds more than ${mostDemands}.`)),
  sort: v.optional(v.nullable(v.picklist(sorts)), null),
  facts: v.optional(v.nullable(facts), null),
  needsBothHands: v.optional(v.boolean(), false),
  part: v.optional(v.nullable(name), null),
});

export const date = v.pipe(
  v.string(),
  v.isoDate('is not a date like 2027-04-30.'),
  v.check(
    (text) => whyNotDay(text) === null,
    (issue) => `${whyNotDay(issue.input)}.`,
  ),
);

const contents = v.pipe(
  v.strictObject({
    unit: v.picklist(contentUnits),
    full: within(above0(mostAmount)),
    left: within(upTo(mostAmount)),
    massG: within(upTo(mostMassG)),
  }),
  v.check(({ left, full }) => left <= full, 'has more left than a full one holds.'),
);

const harmList = v.optional(
  v.pipe(v.array(v.picklist(harms)), v.maxLength(harms.length, 'is too long.')),
  [],
);

const lot = v.strictObject({
  id,
  count: wholeFrom(1, mostCount),
  cameOn: v.nullable(date),
  goodUntil: v.nullable(date),
  openedOn: v.nullable(date),
  filledOn: v.nullable(date),
  checkedOn: v.nullable(date),
  store: v.pipe(v.string(), v.maxLength(longestName, `is longer than ${longestName} characters.`)),
  storedOn: v.nullable(date),
  kit: v.optional(v.nullable(id), null),
  amiss: v.optional(v.nullable(v.picklist(amissWords)), null),
});

const check = v.strictObject({
  what: name,
  kind: v.picklist(['ready', 'trial']),
  on: date,
  passed: v.boolean(),
  where: v.optional(v.pipe(v.string(), v.maxLength(longestWhere, 'is too long.'))),
  note: v.optional(v.pipe(v.string(), v.maxLength(longestHow, 'is too long.'))),
});

/** One line of the shelf. Masses in g, lengths in mm, volumes in mL, prices in minor units. */
export const gearSchema = v.strictObject({
  id,
  name,
  kind: v.nullable(id),
  count: wholeFrom(0, mostCount),
  ownership: v.picklist(ownerships),
  tier: v.picklist(tiers),
  lentTo: v.nullable(name),
  borrowedFrom: v.optional(v.nullable(name), null),
  takenFrom: v.optional(
    v.nullable(
      v.strictObject({ kit: id, count: wholeFrom(1, mostCount), in: v.nullable(id), at: id }),
    ),
    null,
  ),
  awaySince: v.optional(v.nullable(date), null),
  backBy: v.optional(v.nullable(date), null),
  isShared: v.boolean(),
  massG: v.nullable(within(upTo(mostMassG))),
  massTrust: v.picklist(trusts),
  form: v.nullable(form),
  formTrust: v.picklist(trusts),
  priceMinor: v.nullable(wholeFrom(0, mostPriceMinor)),
  priceTrust: v.picklist(priceTrusts),
  contents: v.nullable(contents),
  goodUntil: v.nullable(date),
  lots: v.optional(v.pipe(v.array(lot), v.maxLength(mostLots, `holds more than ${mostLots}.`)), []),
  bearsN: v.optional(v.nullable(within(above0(mostAmount))), null),
  mostLoadG: v.optional(v.nullable(within(above0(mostMassG))), null),
  checks: v.optional(
    v.pipe(v.array(check), v.maxLength(mostChecks, `holds more than ${mostChecks}.`)),
    [],
  ),
  spoiledBy: harmList,
  failsIn: harmList,
  care: v.optional(
    v.pipe(
      v.array(v.strictObject({ act: v.picklist(careActs), everyMonths: wholeFrom(1, mostMonths) })),
      v.maxLength(mostCares, `holds more than ${mostCares}.`),
    ),
    [],
  ),
  cautions: v.optional(
    v.pipe(
      v.array(v.pipe(v.string(), v.maxLength(longestCaution, 'is too long.'))),
      v.maxLength(mostCautions, `holds more than ${mostCautions}.`),
    ),
    [],
  ),
  cavities: v.pipe(
    v.array(cavity),
    v.maxLength(mostCavities, `holds more than ${mostCavities}.`),
    v.check(
      (cavities) => new Set(cavities.map((each) => each.id)).size === cavities.length,
      'holds an id twice.',
    ),
  ),
  supplies: v.pipe(v.array(supply), v.maxLength(mostSupplies, `holds more than ${mostSupplies}.`)),
  look: v.strictObject({
    silhouette: v.picklist(silhouettes),
    stuff: v.picklist(stuffs),
    colour: v.pipe(v.string(), v.regex(colourPattern, 'is not a colour like #8a5a33.')),
  }),
  photo: v.nullable(id),
  note,
});
