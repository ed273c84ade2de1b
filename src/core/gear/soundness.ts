import { mostLengthMm, mostMassG, mostPriceMinor, mostVolumeMl, type Problem } from '../quantity';
import type { Cavity, Inside, Mouth } from './cavity';
import type { Form } from './form';
import type { Contents } from './contents';
import type { Gear } from './gear';
import { longestNote, whyNotName, whyNotPlain } from './plain-text';
import type { Supply } from './supply';

/** How much one piece of gear may hold, and how many of it there may be. */
export const mostCount = 10_000;
export const mostCavities = 40;
export const mostSupplies = 60;
export const mostDemands = 12;

/** The most that one piece holds of what is used up, in its own unit. */
export const mostContents = 1e9;

type Range = 'from 0' | 'above 0' | 'whole' | 'whole from 1' | 'any';

/** A figure of a piece: which, how much, and what it may be. */
type Figure = readonly [field: string, value: number | null, range: Range, most: number];

/**
 * What is wrong with a piece, with the field as a path such as `form.lengthMm`; null where it is sound: plain
 * texts, and every figure within what is believed. What is sound can always be written and read again.
 */
export function unsoundGear(gear: Gear): Problem | null {
  const name = whyNotName(gear.name);
  if (name) return problem('name', `The name ${name}.`);
  const note = whyNotPlain(gear.note, longestNote);
  if (note) return problem('note', `The note ${note}.`);
  if (gear.cavities.length > mostCavities) {
    return problem('cavities', `A piece has at most ${mostCavities} cavities.`);
  }
  if (new Set(gear.cavities.map(({ id }) => id)).size < gear.cavities.length) {
    return problem('cavities', 'Two cavities have the same id.');
  }
  if (gear.supplies.length > mostSupplies) {
    return problem('supplies', `A piece does at most ${mostSupplies} jobs.`);
  }
  for (const cavity of gear.cavities) {
    const cavityName = whyNotName(cavity.name);
    if (cavityName) return problem('cavities', `A cavity’s name ${cavityName}.`);
  }
  const lentTo = gear.lentTo === null ? null : whyNotName(gear.lentTo);
  if (lentTo) return problem('lentTo', `The name of who has it ${lentTo}.`);
  for (const [field, value, range, most] of figuresOf(gear)) {
    const why = value === null ? null : whyNotInRange(value, range, most);
    if (why) return problem(field, `${labelOf(field)} ${why}.`);
  }
  if (gear.contents !== null && gear.contents.left > gear.contents.full) {
    return problem('contents.left', 'More is left of it than a full one holds.');
  }
  return gear.form?.shape === 'soft' && gear.form.tightMl > gear.form.looseMl
    ? problem('form.tightMl', 'Pressed tight it takes more room than loose.')
    : null;
}

function figuresOf({ count, massG, priceMinor, form, contents, cavities, supplies }: Gear) {
  const figures: Figure[] = [
    ['count', count, 'whole', mostCount],
    ['massG', massG, 'from 0', mostMassG],
    ['priceMinor', priceMinor, 'whole', mostPriceMinor],
    ...(form === null ? [] : formFigures(form)),
    ...(contents === null ? [] : contentsFigures(contents)),
    ...cavities.flatMap(cavityFigures),
    ...supplies.flatMap(supplyFigures),
  ];
  return figures;
}

function contentsFigures({ full, left, massG }: Contents): Figure[] {
  return [
    ['contents.full', full, 'above 0', mostContents],
    ['contents.left', left, 'from 0', mostContents],
    ['contents.massG', massG, 'from 0', mostMassG],
  ];
}

function formFigures(form: Form): Figure[] {
  switch (form.shape) {
    case 'box':
      return sides('form', form, ['lengthMm', 'widthMm', 'heightMm']);
    case 'cylinder':
      return sides('form', form, ['diameterMm', 'heightMm']);
    case 'soft':
      return [
        ['form.looseMl', form.looseMl, 'above 0', mostVolumeMl],
        ['form.tightMl', form.tightMl, 'above 0', mostVolumeMl],
        ['form.thinnestMm', form.thinnestMm, 'from 0', mostLengthMm],
        ['form.longestRigidMm', form.longestRigidMm, 'from 0', mostLengthMm],
      ];
  }
}

function cavityFigures({ inside, mouth, mostMassG: most }: Cavity, at: number): Figure[] {
  const field = `cavities[${at}]`;
  const mass: Figure = [`${field}.mostMassG`, most, 'above 0', mostMassG];
  return [mass, ...insideFigures(`${field}.inside`, inside), ...mouthFigures(field, mouth)];
}

function insideFigures(field: string, inside: Inside): Figure[] {
  switch (inside.shape) {
    case 'box':
      return sides(field, inside, ['lengthMm', 'widthMm', 'heightMm']);
    case 'cylinder':
      return sides(field, inside, ['diameterMm', 'heightMm']);
    case 'soft':
      return [
        [`${field}.volumeMl`, inside.volumeMl, 'above 0', mostVolumeMl],
        ...sides(field, inside, ['longestMm']),
        [`${field}.bulgeShare`, inside.bulgeShare, 'from 0', 1],
      ];
  }
}

function mouthFigures(field: string, mouth: Mouth): Figure[] {
  switch (mouth.shape) {
    case 'section':
      return [];
    case 'round':
      return sides(`${field}.mouth`, mouth, ['diameterMm']);
    case 'slot':
      return sides(`${field}.mouth`, mouth, ['lengthMm', 'widthMm']);
  }
}

function supplyFigures({ amount, demands }: Supply, at: number): Figure[] {
  const field = `supplies[${at}]`;
  return [
    [`${field}.amount`, amount, 'any', Number.MAX_VALUE],
    [`${field}.demands`, demands.length, 'whole', mostDemands],
    ...demands.flatMap((demand, which): Figure[] =>
      demand.on === 'cells'
        ? [[`${field}.demands[${which}].count`, demand.count, 'whole from 1', 100]]
        : [],
    ),
  ];
}

function sides<Key extends string>(
  field: string,
  of: Readonly<Record<Key, number>>,
  keys: readonly Key[],
): Figure[] {
  return keys.map((key) => [`${field}.${key}`, of[key], 'above 0', mostLengthMm]);
}

function whyNotInRange(value: number, range: Range, most: number): string | null {
  if (!Number.isFinite(value)) return 'is not a number';
  if (range === 'any') return null;
  if (range === 'above 0' && value <= 0) return 'is not above 0';
  if (range === 'whole' && (value < 0 || !Number.isInteger(value))) {
    return 'is not a whole number, 0 or more';
  }
  if (range === 'whole from 1' && (value < 1 || !Number.isInteger(value))) {
    return 'is not a whole number, 1 or more';
  }
  if (value < 0) return 'is below 0';
  return value > most ? `is above ${most}` : null;
}

const labels: readonly (readonly [start: string, label: string])[] = [
  ['count', 'How many there are'],
  ['massG', 'The mass'],
  ['priceMinor', 'The price'],
  ['form', 'A side or a volume of it'],
  ['contents', 'A figure of its contents'],
  ['cavities', 'A figure of what it holds'],
  ['supplies', 'A figure of what it does'],
];

function labelOf(field: string): string {
  return labels.find(([start]) => field.startsWith(start))?.[1] ?? field;
}

function problem(field: string, message: string): Problem {
  return { field, message };
}
