import { agree, listed, printLength, printNumber } from '../quantity';
import { momentOf } from '../needs/moments';
import { idsOf } from './background';
import type { Rule } from './finding';
import { isShort } from './sleep';

/** The roof keeps fewer people dry than there are. */
export const smallRoof: Rule<{ readonly people: number; readonly dry: number }> = {
  id: 'roof/people',
  severities: ['warn'],
  speaksWhen: 'the roof keeps fewer people dry than there are',
  mendedBy: 'add or swap for a larger roof',
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
  mendedBy: 'add cord, and poles where no trees grow',
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
  mendedBy: 'add a poncho or a tarp, so that each is free for its own use',
  asks: 'nights and whether it rains',
  because: 'One piece does one job at a time: under the roof one goes out in the rain too.',
  find: (_kit, { needsKit, ways }) => {
    const night = needsKit && momentOf(needsKit, 'night-in-rain');
    if (!night) return [];
    const [roof, shell] = ['roof', 'shell'].map((job) =>
      night.parts.find((part) => part.job === job),
    );
    const isContested = [roof!, shell!].some(({ lacks, lacksAnyway }) => lacks > lacksAnyway);
    const isShell = new Set(idsOf(ways('shell')));
    // What only makes do as a roof leaves the coat to be one.
    const relied = idsOf(ways('roof'));
    const isOnlyRoof = relied.length > 0 && relied.every((id) => isShell.has(id));
    const isLastCoat = isShell.size - relied.length < shell!.asked;
    const about = isContested
      ? [...new Set(roof!.by.filter((id) => isShell.has(id)))]
      : isOnlyRoof && isLastCoat
        ? relied
        : [];
    if (about.length === 0) return [];
    const figures = { coats: shell!.by.length, people: shell!.asked };
    return [{ severity: 'warn', about, of: 'roof and coat', figures }];
  },
  says: ({ coats, people }, { name }, about) =>
    `${listed(about.map(name))} ${agree(about.map(name), 'is', 'are')} tonight’s roof: ${coats === 0 ? 'no coat' : `${printNumber(coats, 0)} coats for ${people}`} while it is up.`,
};
