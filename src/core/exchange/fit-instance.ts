import * as v from 'valibot';
import { done, mostLengthMm, mostVolumeMl, refused, type Outcome } from '../quantity';
import type { Form, Mouth } from '../gear';
import type { Container, Load, LoadItem } from '../fit/laid-out';
import { problemOf, refusedAt } from './issue-in-words';
import { parseJson } from './json-text';
import { whyTooLarge } from './limits';

const mostItems = 5000;
const mostBudgetMs = 600_000;
const mostDepth = 16;

/** A load to be laid out, how long that may take, and the seed of its search. */
export interface FitInstance {
  readonly load: Load;
  readonly budgetMs: number;
  readonly seed: number;
}

const above = 'must be above 0.';
const lengthMm = v.pipe(
  v.number(),
  v.check(
    (mm) => mm > 0,
    (issue) => `is ${issue.input}; it ${above}`,
  ),
  v.maxValue(mostLengthMm, `is more than ${mostLengthMm} mm.`),
);
const volumeMl = v.pipe(
  v.number(),
  v.check(
    (ml) => ml > 0,
    (issue) => `is ${issue.input}; it ${above}`,
  ),
  v.maxValue(mostVolumeMl, `is more than ${mostVolumeMl} mL.`),
);
const threeMm = v.strictTuple([lengthMm, lengthMm, lengthMm], 'must be three lengths in mm.');
const mouthMm = v.optional(
  v.union(
    [lengthMm, v.strictTuple([lengthMm, lengthMm])],
    'must be a diameter in mm, or two lengths, each above 0.',
  ),
);

const containerSchema = v.variant('shape', [
  v.object({ shape: v.literal('box'), sizeMm: threeMm, mouthMm }),
  v.object({ shape: v.literal('cylinder'), diameterMm: lengthMm, heightMm: lengthMm, mouthMm }),
]);

const id = v.pipe(v.string(), v.minLength(1, 'is empty.'), v.maxLength(200, 'is too long.'));
const upright = v.optional(v.boolean(), false);

const itemSchema = v.variant('shape', [
  v.object({ id, shape: v.literal('box'), sizeMm: threeMm, upright }),
  v.object({ id, shape: v.literal('cylinder'), diameterMm: lengthMm, heightMm: lengthMm, upright }),
  v.object({
    id,
    shape: v.literal('soft'),
    looseMl: volumeMl,
    tightMl: volumeMl,
    thinnestMm: v.optional(lengthMm, 1),
    longestRigidMm: v.optional(v.pipe(v.number(), v.minValue(0)), 0),
  }),
]);

const instanceSchema = v.object({
  container: containerSchema,
  mouthMm,
  items: v.pipe(
    v.array(itemSchema),
    v.maxLength(mostItems, `holds more than ${mostItems} pieces.`),
  ),
  budgetMs: v.optional(
    v.pipe(
      v.number(),
      v.check(
        (ms) => ms > 0,
        (issue) => `is ${issue.input}; it ${above}`,
      ),
      v.maxValue(mostBudgetMs, `is more than ${mostBudgetMs} ms.`),
    ),
    2000,
  ),
  seed: v.optional(v.pipe(v.number(), v.safeInteger('must be a whole number.')), 1),
});

type ItemIn = v.InferOutput<typeof itemSchema>;

/** Reads a load to be laid out; refuses, naming the field, what is not one. */
export function readFitInstance(text: string): Outcome<FitInstance> {
  const tooLarge = whyTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  const parsed = parseJson(text, mostDepth);
  if (!parsed.ok) return parsed;
  const checked = v.safeParse(instanceSchema, parsed.value, { abortEarly: true });
  if (!checked.success) return problemOf(checked.issues[0]);
  const { container, mouthMm: mouth, items, budgetMs, seed } = checked.output;
  const ids = new Set<string>();
  for (const [at, item] of items.entries()) {
    if (ids.has(item.id)) return refusedAt(`items[${at}].id`, 'is there twice.');
    ids.add(item.id);
    if (item.shape === 'soft' && item.tightMl > item.looseMl) {
      return refusedAt(`items[${at}].tightMl`, 'is more than its looseMl.');
    }
  }
  const load: Load = {
    container: containerOf(container, mouthOf(container.mouthMm ?? mouth)),
    items: items.map((item): LoadItem => ({ id: item.id, form: formOf(item) })),
  };
  return done({ load, budgetMs, seed });
}

function containerOf(container: v.InferOutput<typeof containerSchema>, mouth: Mouth): Container {
  return container.shape === 'box'
    ? { shape: 'box', sizeMm: container.sizeMm, mouth }
    : {
        shape: 'cylinder',
        diameterMm: container.diameterMm,
        heightMm: container.heightMm,
        mouth,
      };
}

function mouthOf(mouth: v.InferOutput<typeof mouthMm>): Mouth {
  if (mouth === undefined) return { shape: 'section' };
  return typeof mouth === 'number'
    ? { shape: 'round', diameterMm: mouth }
    : { shape: 'slot', lengthMm: mouth[0], widthMm: mouth[1] };
}

function formOf(item: ItemIn): Form {
  switch (item.shape) {
    case 'box': {
      const [length, width, height] = item.sizeMm;
      return {
        shape: 'box',
        lengthMm: length,
        widthMm: width,
        heightMm: height,
        upright: item.upright,
      };
    }
    case 'cylinder': {
      const { diameterMm, heightMm } = item;
      return { shape: 'cylinder', diameterMm, heightMm, upright: item.upright };
    }
    case 'soft': {
      const { looseMl, tightMl, thinnestMm, longestRigidMm } = item;
      return { shape: 'soft', looseMl, tightMl, thinnestMm, longestRigidMm };
    }
  }
}
