import * as v from 'valibot';
import { currencies, mostLengthMm, mostMassG, mostPriceMinor, mostVolumeMl } from '../quantity';
import {
  cellTypes,
  contentUnits,
  fitnesses,
  jobIds,
  longestName,
  longestNote,
  mostCavities,
  mostContents,
  mostCount,
  mostDemands,
  mostSupplies,
  ownerships,
  priceTrusts,
  reaches,
  silhouettes,
  stuffs,
  tiers,
  trusts,
  whyNotName,
  whyNotPlain,
} from '../gear';
import {
  grounds,
  mostCategories,
  mostGear,
  mostLines,
  mostLists,
  mostLoadouts,
  mostModules,
  mostPlacements,
  mostSchemes,
  mostVersions,
} from '../loadout';

/** What the first two fields of every file say. */
export const formatName = 'vivid-acorn';
export const formatVersion = 2;

const id = v.pipe(
  v.string(),
  v.regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/, 'is not an id: 1 to 64 letters, digits, - and _.'),
);
const name = v.pipe(
  v.string(),
  v.maxLength(longestName, `is longer than ${longestName} characters.`),
  v.check(
    (text) => whyNotName(text) === null,
    (issue) => `${whyNotName(issue.input)}.`,
  ),
);
const note = v.pipe(
  v.string(),
  v.maxLength(longestNote, `is longer than ${longestNote} characters.`),
  v.check(
    (text) => whyNotPlain(text, longestNote) === null,
    (issue) => `${whyNotPlain(issue.input, longestNote)}.`,
  ),
);

function upTo(most: number) {
  return v.pipe(
    v.number(),
    v.finite('is not a finite number.'),
    v.minValue(0, 'is below zero.'),
    v.maxValue(most, `is above ${most}.`),
  );
}

function above0(most: number) {
  return v.pipe(
    v.number(),
    v.finite('is not a finite number.'),
    v.gtValue(0, 'is not above zero.'),
    v.maxValue(most, `is above ${most}.`),
  );
}

function whole(least: number, most: number) {
  return v.pipe(
    v.number(),
    v.integer('is not a whole number.'),
    v.minValue(least, `is below ${least}.`),
    v.maxValue(most, `is above ${most}.`),
  );
}

const sideMm = above0(mostLengthMm);
const boxSides = { lengthMm: sideMm, widthMm: sideMm, heightMm: sideMm };
const cylinderSides = { diameterMm: sideMm, heightMm: sideMm };

const form = v.variant('shape', [
  v.strictObject({ shape: v.literal('box'), ...boxSides, upright: v.boolean() }),
  v.strictObject({ shape: v.literal('cylinder'), ...cylinderSides, upright: v.boolean() }),
  v.pipe(
    v.strictObject({
      shape: v.literal('soft'),
      looseMl: above0(mostVolumeMl),
      tightMl: above0(mostVolumeMl),
      thinnestMm: upTo(mostLengthMm),
      longestRigidMm: upTo(mostLengthMm),
    }),
    v.check(
      ({ tightMl, looseMl }) => tightMl <= looseMl,
      'is tighter when loose: tightMl is above looseMl.',
    ),
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
      volumeMl: above0(mostVolumeMl),
      longestMm: sideMm,
      bulgeShare: upTo(1),
    }),
  ]),
  mouth: v.variant('shape', [
    v.strictObject({ shape: v.literal('section') }),
    v.strictObject({ shape: v.literal('round'), diameterMm: sideMm }),
    v.strictObject({ shape: v.literal('slot'), lengthMm: sideMm, widthMm: sideMm }),
  ]),
  mostMassG: v.nullable(above0(mostMassG)),
  waterproof: v.boolean(),
  reach: v.picklist(reaches),
});

const job = v.picklist(jobIds);

const demand = v.variant('on', [
  v.strictObject({
    on: v.literal('jobs'),
    anyOf: v.pipe(
      v.array(job),
      v.minLength(1, 'is empty.'),
      v.maxLength(mostDemands, 'is too long.'),
    ),
  }),
  v.strictObject({ on: v.literal('cells'), cell: v.picklist(cellTypes), count: whole(1, 100) }),
  v.strictObject({ on: v.literal('sun') }),
]);

const supply = v.strictObject({
  job,
  fitness: v.picklist(fitnesses),
  amount: v.nullable(v.pipe(v.number(), v.finite('is not a finite number.'))),
  demands: v.pipe(v.array(demand), v.maxLength(mostDemands, `holds more than ${mostDemands}.`)),
  cell: v.nullable(v.picklist(cellTypes)),
});

const date = v.pipe(
  v.string(),
  v.isoDate('is not a date like 2027-04-30.'),
  v.check((text) => isCalendarDay(text), 'is not a day of the calendar.'),
);

const contents = v.pipe(
  v.strictObject({
    unit: v.picklist(contentUnits),
    full: above0(mostContents),
    left: upTo(mostContents),
    massG: upTo(mostMassG),
  }),
  v.check(({ left, full }) => left <= full, 'has more left than a full one holds.'),
);

/** One line of the shelf. Masses in g, lengths in mm, volumes in mL, prices in minor units. */
export const gearSchema = v.strictObject({
  id,
  name,
  kind: v.nullable(id),
  count: whole(0, mostCount),
  ownership: v.picklist(ownerships),
  tier: v.picklist(tiers),
  lentTo: v.nullable(name),
  isShared: v.boolean(),
  massG: v.nullable(upTo(mostMassG)),
  massTrust: v.picklist(trusts),
  form: v.nullable(form),
  formTrust: v.picklist(trusts),
  priceMinor: v.nullable(whole(0, mostPriceMinor)),
  priceTrust: v.picklist(priceTrusts),
  contents: v.nullable(contents),
  goodUntil: v.nullable(date),
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
    colour: v.pipe(v.string(), v.regex(/^#[0-9a-f]{6}$/i, 'is not a colour like #8a5a33.')),
  }),
  photo: v.nullable(id),
  note,
});

const place = v.union(
  [v.strictObject({ on: v.picklist(grounds) }), v.strictObject({ in: id, cavity: id })],
  `is neither {"on": "${grounds.join('" or "')}"} nor {"in": a placement's id, "cavity": a cavity's id}.`,
);

const placement = v.strictObject({
  id,
  gear: id,
  count: whole(1, mostCount),
  place,
  laidFor: v.nullable(job),
});

const moduleSchema = v.strictObject({ id, kit: id, place });

/** One kit. Every placement is on a ground or in a cavity of another placement. */
export const loadoutSchema = v.strictObject({
  id,
  name,
  purpose: note,
  mostMassG: v.nullable(above0(mostMassG)),
  mostPriceMinor: v.nullable(whole(0, mostPriceMinor)),
  placements: v.pipe(
    v.array(placement),
    v.maxLength(mostPlacements, `holds more than ${mostPlacements} placements.`),
  ),
  modules: v.pipe(
    v.array(moduleSchema),
    v.maxLength(mostModules, `holds more than ${mostModules}.`),
  ),
});

/** A grouping of jobs of the person's own; jobs it leaves out are gathered beyond it. */
const schemeSchema = v.strictObject({
  id,
  name,
  categories: v.pipe(
    v.array(v.strictObject({ id, name, jobs: v.pipe(v.array(job), v.maxLength(jobIds.length)) })),
    v.maxLength(mostCategories, `holds more than ${mostCategories} categories.`),
  ),
});

/** What somebody holds that a kit should have, line by line. */
const listSchema = v.strictObject({
  id,
  name,
  note,
  lines: v.pipe(
    v.array(
      v.strictObject({
        text: name,
        kind: v.nullable(id),
        jobs: v.pipe(v.array(job), v.maxLength(jobIds.length)),
      }),
    ),
    v.maxLength(mostLines, `holds more than ${mostLines} lines.`),
  ),
});

/** A kit as it was on a day, with the kits that went along in it and all their gear. */
const versionSchema = v.strictObject({
  id,
  kit: id,
  day: date,
  note,
  loadout: loadoutSchema,
  along: v.pipe(v.array(loadoutSchema), v.maxLength(mostLoadouts, 'holds too many kits.')),
  gear: v.pipe(v.array(gearSchema), v.maxLength(mostGear, `holds more than ${mostGear} pieces.`)),
});

/** A file of one kit or many, with all the gear that they need, and what else a bench keeps. */
export const fileSchema = v.strictObject({
  format: v.literal(formatName),
  version: v.literal(formatVersion),
  currency: v.picklist(currencies),
  gear: v.pipe(v.array(gearSchema), v.maxLength(mostGear, `holds more than ${mostGear} pieces.`)),
  loadouts: v.pipe(
    v.array(loadoutSchema),
    v.maxLength(mostLoadouts, `holds more than ${mostLoadouts} kits.`),
  ),
  schemes: v.pipe(
    v.array(schemeSchema),
    v.maxLength(mostSchemes, `holds more than ${mostSchemes}.`),
  ),
  lists: v.pipe(v.array(listSchema), v.maxLength(mostLists, `holds more than ${mostLists}.`)),
  versions: v.pipe(
    v.array(versionSchema),
    v.maxLength(mostVersions, `holds more than ${mostVersions}.`),
  ),
});

export type AcornFile = v.InferOutput<typeof fileSchema>;

function isCalendarDay(text: string): boolean {
  const day = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}
