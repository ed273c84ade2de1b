import * as v from 'valibot';
import { currencies, mostMassG, mostPriceMinor } from '../quantity';
import { above0, jobIds, mostCount, mostDemands, upTo } from '../gear';
import {
  copyOfOutline,
  grounds,
  mostCategories,
  mostGear,
  mostLines,
  mostLists,
  mostLoadouts,
  mostModules,
  mostOtherBriefs,
  mostPlacements,
  mostRounds,
  mostSchemes,
  mostSeals,
  mostTrips,
  mostVersions,
  mostWants,
  mostWays,
  mostWishes,
  roundOutline,
  setAsideOutline,
  tripOutline,
  wantOutline,
  whatIfsOutline,
  type CopyOf,
  type Round,
  type SetAside,
  type Trip,
  type Want,
  type WhatIf,
} from '../loadout';
import { briefSchema } from './brief-schema';
import { schemaOf } from './outline-schema';
import { mostPictureLetters, pictureTypes } from './picture';
import { date, gearSchema, id, job, name, note, wholeFrom, within } from './gear-schema';

export { gearSchema };

/** What the first two fields of every file say. */
export const formatName = 'vivid-acorn';
export const formatVersion = 3;

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
  isPinned: v.exactOptional(v.literal(true, 'is true, or not there.')),
  isAssumed: v.exactOptional(v.literal(true, 'is true, or not there.')),
});

const moduleSchema = v.strictObject({ id, kit: id, place });

/** One kit. Every placement is on a ground or in a cavity of another placement. */
export const loadoutSchema = v.strictObject({
  id,
  name,
  purpose: note,
  mostMassG: v.nullable(within(above0(mostMassG))),
  mostPriceMinor: v.nullable(wholeFrom(0, mostPriceMinor)),
  wishes: v.optional(
    v.pipe(
      v.array(
        v.strictObject({
          anyOf: v.pipe(
            v.array(job),
            v.minLength(1, 'is empty.'),
            v.maxLength(mostDemands, 'is too long.'),
          ),
          ways: wholeFrom(0, mostWays),
        }),
      ),
      v.maxLength(mostWishes, `holds more than ${mostWishes}.`),
    ),
    [],
  ),
  brief: v.optional(v.nullable(briefSchema), null),
  otherBriefs: v.optional(
    v.pipe(
      v.array(briefSchema),
      v.maxLength(mostOtherBriefs, `holds more than ${mostOtherBriefs}.`),
    ),
    [],
  ),
  placements: v.pipe(
    v.array(placement),
    v.maxLength(mostPlacements, `holds more than ${mostPlacements} placements.`),
  ),
  modules: v.pipe(
    v.array(moduleSchema),
    v.maxLength(mostModules, `holds more than ${mostModules}.`),
  ),
  seals: v.optional(
    v.pipe(
      v.array(
        v.strictObject({
          placement: id,
          massG: within(above0(mostMassG)),
          expectedG: within(upTo(mostMassG)),
          on: date,
        }),
      ),
      v.maxLength(mostSeals, `holds more than ${mostSeals}.`),
    ),
    [],
  ),
  copyOf: v.optional(v.nullable(schemaOf(copyOfOutline) as v.GenericSchema<CopyOf, CopyOf>), null),
  whatIfs: v.exactOptional(
    schemaOf(whatIfsOutline) as v.GenericSchema<readonly WhatIf[], readonly WhatIf[]>,
  ),
  setAside: v.exactOptional(
    schemaOf(setAsideOutline) as v.GenericSchema<readonly SetAside[], readonly SetAside[]>,
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
  rounds: { entry: schemaOf(roundOutline) as v.GenericSchema<Round, Round>, most: mostRounds },
  wants: { entry: schemaOf(wantOutline) as v.GenericSchema<Want, Want>, most: mostWants },
  trips: { entry: schemaOf(tripOutline) as v.GenericSchema<Trip, Trip>, most: mostTrips },
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
  rounds: v.optional(listOf('rounds'), []),
  wants: v.optional(listOf('wants'), []),
  trips: v.optional(listOf('trips'), []),
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
  rounds: v.optional(entries('rounds'), []),
  wants: v.optional(entries('wants'), []),
  trips: v.optional(entries('trips'), []),
  pictures: v.optional(entries('pictures'), []),
});

function entries(part: FilePart) {
  const { most } = fileParts[part];
  return v.pipe(v.array(v.unknown()), v.maxLength(most, `holds more than ${most}.`));
}

export type AcornFile = v.InferOutput<typeof fileSchema>;
