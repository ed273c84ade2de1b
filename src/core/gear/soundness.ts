import {
  mostLengthMm,
  mostMassG,
  mostPriceMinor,
  mostVolumeMl,
  says,
  whyNotDay,
  type Problem,
} from '../quantity';
import { closures, reaches, type Cavity, type Inside, type Mouth } from './cavity';
import { mostChecks } from './check';
import { contentUnits, type Contents } from './contents';
import type { Form } from './form';
import { ownerships, priceTrusts, tiers, trusts, type Gear } from './gear';
import { isId } from './id';
import { jobIds, jobs } from './jobs';
import { colourPattern, silhouettes, stuffs } from './look';
import { longestNote, whyNotName, whyNotPlain } from './plain-text';
import { above0, amountRange, mostAmount, upTo, whole, whyNotInRange, type Range } from './range';
import { factFigures, factsOf, factWords } from './facts';
import { careActs, harms, mostMonths } from './keeping';
import { sorts, sortsOf } from './sorts';
import { unsoundAway } from './sound-away';
import { unsoundKeeping, unsoundLots } from './sound-keeping';
import { fitnesses, type Demand, type Supply } from './supply';

/** How much one piece of gear may hold, and how many of it there may be. */
export const mostCount = 10_000;
export const mostCavities = 40;
export const mostSupplies = 60;
export const mostDemands = 12;
export const mostItems = 100;

const shapes: readonly (Form['shape'] | Inside['shape'])[] = ['box', 'cylinder', 'soft'];
const mouthShapes: readonly Mouth['shape'][] = ['section', 'round', 'slot'];

/** A figure of a piece: which, how much, and what it may be. */
type Figure = readonly [field: string, value: number | null, range: Range];

/** A word of a piece, and those that it may be. */
type Word = readonly [field: string, value: string, words: readonly string[]];

/**
 * What is wrong with a piece, with the field as a path such as `form.lengthMm`; null where it is sound: plain texts,
 * known words, real days, and every figure within what is believed. What is sound can always be written and read
 * again, and what is read is sound: files are held to this very check.
 */
export function unsoundGear(gear: Gear): Problem | null {
  if (knownSound.has(gear)) return null;
  const found =
    unsoundTexts(gear) ??
    unsoundKeeping(gear) ??
    unsoundIds(gear) ??
    unsoundLots(gear) ??
    unsoundSupplies(gear) ??
    unsoundWords(gear) ??
    unsoundFigures(gear) ??
    unsoundContents(gear);
  if (found === null) knownSound.add(gear);
  return found;
}

/** Pieces that were looked over and are sound: a piece never changes, and is looked over again as an act is shown and saved. */
const knownSound = new WeakSet<Gear>();

function unsoundTexts(gear: Gear): Problem | null {
  const { name, note, goodUntil, look, cavities, supplies, checks } = gear;
  const whyName = whyNotName(name);
  if (whyName) return problem('name', says.name(whyName));
  const whyNote = whyNotPlain(note, longestNote);
  if (whyNote) return problem('note', says.note(whyNote));
  const whyAway = unsoundAway(gear);
  if (whyAway) return whyAway;
  const whyDay = goodUntil === null ? null : whyNotDay(goodUntil);
  if (whyDay) return problem('goodUntil', says.noDay(goodUntil!, whyDay));
  if (!colourPattern.test(look.colour)) {
    return problem('look.colour', says.noColour(look.colour));
  }
  for (const [at, cavity] of cavities.entries()) {
    const why = whyNotName(cavity.name);
    if (why) return problem(`cavities[${at}].name`, says.nameOf('A cavity’s name', why));
  }
  for (const [at, { part }] of supplies.entries()) {
    const why = part === null ? null : whyNotName(part);
    if (why) return problem(`supplies[${at}].part`, says.nameOf('A part’s name', why));
  }
  for (const [at, { what, on }] of checks.entries()) {
    const why = whyNotName(what);
    if (why) return problem(`checks[${at}].what`, says.nameOf('What was tried', why));
    const whyOn = whyNotDay(on);
    if (whyOn) return problem(`checks[${at}].on`, says.noDay(on, whyOn));
  }
  return null;
}

function unsoundIds({ id, kind, photo, cavities }: Gear): Problem | null {
  const ids: readonly (readonly [field: string, id: string | null])[] = [
    ['id', id],
    ['kind', kind],
    ['photo', photo],
    ...cavities.map((cavity, at) => [`cavities[${at}].id`, cavity.id] as const),
  ];
  const wrong = ids.find(([, each]) => each !== null && !isId(each));
  if (wrong) return problem(wrong[0], says.noId(wrong[1]!));
  if (cavities.length > mostCavities) {
    return problem('cavities', says.tooManyCavities(mostCavities));
  }
  return new Set(cavities.map((cavity) => cavity.id)).size < cavities.length
    ? problem('cavities', says.cavityTwice())
    : null;
}

function unsoundSupplies({ supplies }: Gear): Problem | null {
  if (supplies.length > mostSupplies) {
    return problem('supplies', says.tooManySupplies(mostSupplies));
  }
  const seen = new Set<string>();
  for (const [at, { job, demands, sort, facts }] of supplies.entries()) {
    if (!Object.hasOwn(jobs, job)) {
      return problem(`supplies[${at}].job`, says.noWord('A job', job));
    }
    if (seen.has(job)) return problem(`supplies[${at}].job`, says.jobTwice(job));
    seen.add(job);
    if (sort !== null && sorts.includes(sort) && !sortsOf[job]?.includes(sort)) {
      return problem(`supplies[${at}].sort`, says.sortOfOtherJob(sort, job));
    }
    if (facts !== null && factsOf[job] !== facts.of) {
      return problem(`supplies[${at}].facts`, says.factsOfOtherJob(facts.of, job));
    }
    const empty = demands.findIndex((demand) => !asksForSomething(demand));
    if (empty >= 0) {
      return problem(`supplies[${at}].demands[${empty}].anyOf`, says.demandOfNothing());
    }
  }
  return null;
}

function asksForSomething(demand: Demand): boolean {
  return demand.on !== 'jobs' || (demand.anyOf.length > 0 && demand.sorts?.length !== 0);
}

function unsoundWords(gear: Gear): Problem | null {
  const wrong = wordsOf(gear).find(([, value, words]) => !words.includes(value));
  return wrong ? problem(wrong[0], says.noWord(labelOf(wrong[0]), wrong[1])) : null;
}

function wordsOf(gear: Gear): readonly Word[] {
  return [
    ['ownership', gear.ownership, ownerships],
    ['tier', gear.tier, tiers],
    ...gear.spoiledBy.map((harm) => ['spoiledBy', harm, harms] as const),
    ...gear.failsIn.map((harm) => ['failsIn', harm, harms] as const),
    ...gear.care.map(({ act }, at) => [`care[${at}].act`, act, careActs] as const),
    ['massTrust', gear.massTrust, trusts],
    ['formTrust', gear.formTrust, trusts],
    ['priceTrust', gear.priceTrust, priceTrusts],
    ['look.silhouette', gear.look.silhouette, silhouettes],
    ['look.stuff', gear.look.stuff, stuffs],
    ...(gear.form === null ? [] : [['form.shape', gear.form.shape, shapes] as const]),
    ...(gear.contents === null
      ? []
      : [['contents.unit', gear.contents.unit, contentUnits] as const]),
    ...gear.cavities.flatMap(cavityWords),
    ...gear.supplies.flatMap(supplyWords),
  ];
}

function cavityWords({ reach, closure, inside, mouth }: Cavity, at: number): readonly Word[] {
  const field = `cavities[${at}]`;
  return [
    [`${field}.reach`, reach, reaches],
    ...(closure === null ? [] : [[`${field}.closure`, closure, closures] as Word]),
    [`${field}.inside.shape`, inside.shape, shapes],
    [`${field}.mouth.shape`, mouth.shape, mouthShapes],
  ];
}

function supplyWords({ fitness, sort, facts, demands }: Supply, at: number): readonly Word[] {
  const field = `supplies[${at}]`;
  return [
    [`${field}.fitness`, fitness, fitnesses],
    ...(sort === null ? [] : [[`${field}.sort`, sort, sorts] as const]),
    ...(facts === null ? [] : factWords(facts)).map(([of, value, words]): Word => [
      `${field}.facts.${of}`,
      value,
      words,
    ]),
    ...demands.flatMap((demand, which): readonly Word[] => {
      const path = `${field}.demands[${which}]`;
      if (demand.on !== 'jobs') return [[`${path}.on`, demand.on, ['sun']]];
      return [
        ...demand.anyOf.map((job): Word => [`${path}.anyOf`, job, jobIds]),
        ...(demand.sorts ?? []).map((sort): Word => [`${path}.sorts`, sort, sorts]),
      ];
    }),
  ];
}

function unsoundFigures(gear: Gear): Problem | null {
  for (const [field, value, range] of figuresOf(gear)) {
    const why = value === null ? null : whyNotInRange(value, range);
    if (why) return problem(field, says.figure(labelOf(field), why));
  }
  return null;
}

function unsoundContents({ contents, form, massG }: Gear): Problem | null {
  if (contents !== null && contents.left > contents.full) {
    return problem('contents.left', says.moreLeftThanFull());
  }
  if (contents !== null && massG !== null && contents.massG > massG) {
    return problem('contents.massG', says.contentsHeavierThanPiece());
  }
  return form?.shape === 'soft' && form.tightMl > form.looseMl
    ? problem('form.tightMl', says.tighterLoose())
    : null;
}

function figuresOf(gear: Gear) {
  const { count, massG, priceMinor, form, contents, cavities, supplies } = gear;
  const figures: Figure[] = [
    ['count', count, whole(0, mostCount)],
    ['massG', massG, upTo(mostMassG)],
    ['priceMinor', priceMinor, whole(0, mostPriceMinor)],
    ...(form === null ? [] : formFigures(form)),
    ...(contents === null ? [] : contentsFigures(contents)),
    ...cavities.flatMap(cavityFigures),
    ...supplies.flatMap(supplyFigures),
    ...gear.care.map((each, at): Figure => [
      `care[${at}].everyMonths`,
      each.everyMonths,
      whole(1, mostMonths),
    ]),
    ['bearsN', gear.bearsN, above0(mostAmount)],
    ['mostLoadG', gear.mostLoadG, above0(mostMassG)],
    ['checks', gear.checks.length, whole(0, mostChecks)],
    ...gear.lots.map((lot, at): Figure => [`lots[${at}].count`, lot.count, whole(1, mostCount)]),
  ];
  return figures;
}

function contentsFigures({ full, left, massG }: Contents): Figure[] {
  return [
    ['contents.full', full, above0(mostAmount)],
    ['contents.left', left, upTo(mostAmount)],
    ['contents.massG', massG, upTo(mostMassG)],
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
        ['form.looseMl', form.looseMl, above0(mostVolumeMl)],
        ['form.tightMl', form.tightMl, above0(mostVolumeMl)],
        ['form.thinnestMm', form.thinnestMm, upTo(mostLengthMm)],
        ['form.longestRigidMm', form.longestRigidMm, upTo(mostLengthMm)],
      ];
  }
}

function cavityFigures({ inside, mouth, mostMassG: most }: Cavity, at: number): Figure[] {
  const field = `cavities[${at}]`;
  const mass: Figure = [`${field}.mostMassG`, most, above0(mostMassG)];
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
        [`${field}.volumeMl`, inside.volumeMl, above0(mostVolumeMl)],
        ...sides(field, inside, ['longestMm']),
        [`${field}.bulgeShare`, inside.bulgeShare, upTo(1)],
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

function supplyFigures({ job, amount, demands, facts }: Supply, at: number): Figure[] {
  const field = `supplies[${at}]`;
  return [
    [`${field}.amount`, amount, amountRange(job)],
    [`${field}.demands`, demands.length, whole(0, mostDemands)],
    ...(facts === null ? [] : factFigures(facts)).map(([of, value, range]): Figure => [
      `${field}.facts.${of}`,
      value,
      range,
    ]),
    ...demands.flatMap((demand, which): Figure[] => {
      const path = `${field}.demands[${which}]`;
      if (demand.on !== 'jobs') return [];
      return [
        [`${path}.anyOf`, demand.anyOf.length, whole(1, mostDemands)],
        [`${path}.sorts`, demand.sorts?.length ?? 1, whole(1, mostDemands)],
        [`${path}.items`, demand.items, whole(1, mostItems)],
      ];
    }),
  ];
}

function sides<Key extends string>(
  field: string,
  of: Readonly<Record<Key, number>>,
  keys: readonly Key[],
): Figure[] {
  return keys.map((key) => [`${field}.${key}`, of[key], above0(mostLengthMm)]);
}

const labels: readonly (readonly [start: string, label: string])[] = [
  ['count', 'How many there are'],
  ['massG', 'The mass'],
  ['priceMinor', 'The price'],
  ['form', 'A side or a volume of it'],
  ['contents', 'A figure of its contents'],
  ['cavities', 'A figure of what it holds'],
  ['supplies', 'A figure of what it does'],
  ['care', 'How often it is cared for'],
  ['lots', 'How many a lot is'],
  ['bearsN', 'What it bears'],
  ['mostLoadG', 'What it carries at most'],
  ['checks', 'How many checks it keeps'],
];

function labelOf(field: string): string {
  return labels.find(([start]) => field.startsWith(start))?.[1] ?? `Its ${field}`;
}

function problem(field: string, message: string): Problem {
  return { field, message };
}
