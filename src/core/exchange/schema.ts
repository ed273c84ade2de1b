import * as v from 'valibot';
import {
  currencies,
  mostLengthMm,
  mostMassG,
  mostPriceMinor,
  mostVolumeMl,
  whyNotDay,
} from '../quantity';
import {
  above0,
  cellTypes,
  colourPattern,
  contentUnits,
  fitnesses,
  idPattern,
  jobIds,
  longestName,
  longestNote,
  mostAmount,
  mostCavities,
  mostCells,
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
  upTo,
  whyNotInRange,
  whyNotName,
  whyNotPlain,
  type Range,
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
import { mostPictureLetters, pictureTypes } from './picture';

/** What the first two fields of every file say. */
export const formatName = 'vivid-acorn';
export const formatVersion = 3;

const id = v.pipe(
  v.string(),
  v.regex(idPattern, 'is not an id: 1 to 64 letters, digits, - and _.'),
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

/** A number that a range of the core holds, told in the core’s own words. */
function within(range: Range) {
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

function wholeFrom(least: number, most: number) {
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
  v.strictObject({
    on: v.literal('cells'),
    cell: v.picklist(cellTypes),
    count: wholeFrom(1, mostCells),
  }),
  v.strictObject({ on: v.literal('sun') }),
]);

const supply = v.strictObject({
  job,
  fitness: v.picklist(fitnesses),
  /** What it may be hangs on the job, and is looked at by the core. */
  amount: v.nullable(v.pipe(v.number(), v.finite('is not a finite number.'))),
  demands: v.pipe(v.array(demand), v.maxLength(mostDemands, `holds more than ${mostDemands}.`)),
  cell: v.nullable(v.picklist(cellTypes)),
});

const date = v.pipe(
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

/** One line of the shelf. Masses in g, lengths in mm, volumes in mL, prices in minor units. */
export const gearSchema = v.strictObject({
  id,
  name,
  kind: v.nullable(id),
  count: wholeFrom(0, mostCount),
  ownership: v.picklist(ownerships),
  tier: v.picklist(tiers),
  lentTo: v.nullable(name),
  isShared: v.boolean(),
  massG: v.nullable(within(upTo(mostMassG))),
  massTrust: v.picklist(trusts),
  form: v.nullable(form),
  formTrust: v.picklist(trusts),
  priceMinor: v.nullable(wholeFrom(0, mostPriceMinor)),
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
    colour: v.pipe(v.string(), v.regex(colourPattern, 'is not a colour like #8a5a33.')),
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
  count: wholeFrom(1, mostCount),
  place,
  laidFor: v.nullable(job),
});

const moduleSchema = v.strictObject({ id, kit: id, place });

/** One kit. Every placement is on a ground or in a cavity of another placement. */
export const loadoutSchema = v.strictObject({
  id,
  name,
  purpose: note,
  mostMassG: v.nullable(within(above0(mostMassG))),
  mostPriceMinor: v.nullable(wholeFrom(0, mostPriceMinor)),
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

/** The most pieces that the versions of one file keep, each as it was once. */
const mostKept = 200_000;

/** A kit as it was on a day, with the kits that went along in it and all their gear. */
const versionSchema = v.strictObject({
  id,
  kit: id,
  day: date,
  note,
  loadout: loadoutSchema,
  along: v.pipe(v.array(loadoutSchema), v.maxLength(mostLoadouts, 'holds too many kits.')),
  /** Each piece as it was, or its number among those `kept`, from 0. */
  gear: v.pipe(
    v.array(v.union([wholeFrom(0, mostKept), gearSchema])),
    v.maxLength(mostGear, `holds more than ${mostGear} pieces.`),
  ),
});

/** A picture of a piece, under the id that the piece names. */
const pictureSchema = v.strictObject({
  id,
  type: v.picklist(pictureTypes),
  /** The file of the picture, in base64. */
  data: v.pipe(
    v.string(),
    v.maxLength(mostPictureLetters, 'is larger than a picture that is kept.'),
    v.base64('is not base64.'),
  ),
});

/** The parts of a file that are lists of entries: the schema of one, and the most that a file holds. */
export const fileParts = {
  gear: { entry: gearSchema, most: mostGear },
  loadouts: { entry: loadoutSchema, most: mostLoadouts },
  schemes: { entry: schemeSchema, most: mostSchemes },
  lists: { entry: listSchema, most: mostLists },
  kept: { entry: gearSchema, most: mostKept },
  versions: { entry: versionSchema, most: mostVersions },
  pictures: { entry: pictureSchema, most: mostGear },
} as const;

export type FilePart = keyof typeof fileParts;

function listOf<Part extends FilePart>(part: Part) {
  const { entry, most } = fileParts[part];
  return v.pipe(
    v.array(entry as (typeof fileParts)[Part]['entry']),
    v.maxLength(most, `holds more than ${most}.`),
  );
}

/** A file of one kit or many, with all the gear that they need, and what else a bench keeps. */
export const fileSchema = v.strictObject({
  format: v.literal(formatName),
  version: v.literal(formatVersion),
  currency: v.picklist(currencies),
  gear: listOf('gear'),
  loadouts: listOf('loadouts'),
  schemes: listOf('schemes'),
  lists: listOf('lists'),
  /** Gear as it was in versions, each piece once. */
  kept: v.optional(listOf('kept'), []),
  versions: listOf('versions'),
  pictures: v.optional(listOf('pictures'), []),
});

/** What stands around the entries of a file, which are looked at one by one. */
export const envelopeSchema = v.strictObject({
  format: v.literal(formatName),
  version: v.literal(formatVersion),
  currency: v.picklist(currencies),
  gear: entries('gear'),
  loadouts: entries('loadouts'),
  schemes: entries('schemes'),
  lists: entries('lists'),
  kept: v.optional(entries('kept'), []),
  versions: entries('versions'),
  pictures: v.optional(entries('pictures'), []),
});

function entries(part: FilePart) {
  const { most } = fileParts[part];
  return v.pipe(v.array(v.unknown()), v.maxLength(most, `holds more than ${most}.`));
}

export type AcornFile = v.InferOutput<typeof fileSchema>;
