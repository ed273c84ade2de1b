import { listed, printLength, printNumber } from '../quantity';
import { pitchesOf } from '../needs/pitch';
import { idsOf } from './background';
import type { Rule } from './finding';
import { isShort } from './sleep';

/** The roof keeps fewer people dry than there are. */
export const smallRoof: Rule<{ readonly people: number; readonly dry: number }> = {
  id: 'roof/people',
  severities: ['warn'],
  speaksWhen: 'the roof keeps fewer people dry than there are',
  mendedBy: 'add',
  asks: 'nights and people',
  because: 'Square metres keep nobody dry: places to lie do.',
  find: (_kit, { need, nights }) => {
    const roof = need('roof');
    if (nights === null || !isShort(roof)) return [];
    const figures = { people: roof.demand!, dry: roof.supply! };
    return [{ severity: 'warn', about: roof.placements, of: 'roof', figures }];
  },
  says: ({ people, dry }) =>
    `${people} sleep out; ${dry === 0 ? 'nobody lies dry' : `${dry} ${dry === 1 ? 'lies' : 'lie'} dry`}.`,
};

/** A roof without the cord or the pegs that it asks. */
export const noRig: Rule<{ readonly askedM: number; readonly thereM: number }> = {
  id: 'roof/rig',
  severities: ['warn'],
  speaksWhen: 'a roof lacks the cord, pegs or poles that it asks',
  mendedBy: 'add',
  asks: 'nights',
  because: 'A sheet without its lines is a sheet.',
  find: (_kit, { need, nights }) => {
    const rig = need('rig');
    if (nights === null || !isShort(rig)) return [];
    const figures = { askedM: rig.demand!, thereM: rig.supply! };
    return [{ severity: 'warn', about: rig.placements, of: 'rig', figures }];
  },
  says: ({ askedM, thereM }, { units }) =>
    thereM < askedM
      ? `The roofs and hammocks ask ${printLength(askedM * 1000, units)} of cord; ${printLength(thereM * 1000, units)} are here.`
      : 'The roofs ask more pegs than are here.',
};

/** One piece is tonight’s roof and somebody’s coat, and both are asked at once. */
export const doubleDuty: Rule<{ readonly coats: number; readonly people: number }> = {
  id: 'roof/double-duty',
  severities: ['warn'],
  speaksWhen: 'one piece is roof and coat, and both are asked at once',
  mendedBy: 'add',
  asks: 'nights and whether it rains',
  because: 'One piece does one job at a time: under the roof one goes out in the rain too.',
  find: (_kit, { told, nights, needsKit, ways }) => {
    if (needsKit === null || nights === null || nights === 0) return [];
    if (told?.isWet !== true && (told?.rainDays?.value ?? 0) === 0) return [];
    const shells = ways('shell').filter(({ gear }) => gear.look.silhouette !== 'roll');
    const people = needsKit.people.length;
    const pitches = pitchesOf(needsKit).filter(
      ({ given }) => given.supply.fitness !== 'improvised',
    );
    const isShell = new Set(idsOf(shells));
    const coats = shells
      .filter(({ placement }) => !pitches.some(({ given }) => given.placement.id === placement.id))
      .reduce((sum, { placement: { count } }) => sum + count, 0);
    const both = pitches.filter(({ given }) => isShell.has(given.placement.id));
    const dry = pitches
      .filter(({ given }) => !isShell.has(given.placement.id))
      .reduce((sum, { sleepers, given }) => sum + sleepers * given.count, 0);
    // With roofs enough beside it, it is free to be the coat.
    if (both.length === 0 || coats >= people || dry >= people) return [];
    return [
      {
        severity: 'warn',
        about: both.map(({ given }) => given.placement.id),
        of: 'roof and coat',
        figures: { coats, people },
      },
    ];
  },
  says: ({ coats, people }, { name }, about) =>
    `${listed(about.map(name))} is tonight’s roof: ${coats === 0 ? 'no coat' : `${printNumber(coats, 0)} coats for ${people}`} while it is up.`,
};
