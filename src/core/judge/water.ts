import { couplings, type Coupling } from '../catalogue/couplings';
import type { Threat } from '../gear';
import { openThreats } from '../needs/treat';
import { listed, printVolume, withVerb } from '../quantity';
import { mustsOf } from '../scheme/musts';
import type { WorkedOutKit } from '../kit';
import { idsOf, type Doing } from './background';
import type { Rule } from './finding';

function mustBoil({ asked }: WorkedOutKit): boolean {
  return mustsOf(asked).some(({ anyOf }) => anyOf.length === 1 && anyOf[0] === 'boil');
}

function isDoubleWalled({ supply: { facts } }: Doing): boolean {
  return facts?.of === 'vessel' && facts.isDoubleWalled;
}

/** Nothing that may be heated. */
export const noVessel: Rule<null> = {
  id: 'water/no-vessel',
  severities: ['stop'],
  speaksWhen: 'nothing is there that may be heated',
  mendedBy: 'add a single-wall metal pot or bottle',
  asks: 'something in the kit',
  because: 'A vessel for the fire is what no land gives.',
  find: (kit, { doing, pieces }) => {
    if (pieces.length === 0 || !mustBoil(kit) || doing('boil').length > 0) return [];
    if (doing('carry-water').some(isDoubleWalled)) return [];
    return [{ severity: 'stop', about: [], of: 'vessel', figures: null }];
  },
  says: () => 'No vessel that may be heated: bare metal, one wall, open.',
};

/** The only vessel that water could be heated in has two walls. */
export const doubleWall: Rule<null> = {
  id: 'water/double-wall',
  severities: ['stop'],
  speaksWhen: 'the only vessel to heat is double-walled or closed',
  mendedBy: 'take a single-wall one',
  asks: 'how the vessel is made',
  because: 'What is shut between two walls bursts over a fire.',
  find: (kit, { doing }) => {
    if (!mustBoil(kit) || doing('boil').length > 0) return [];
    const double = doing('carry-water').filter(isDoubleWalled);
    return double.length === 0
      ? []
      : [{ severity: 'stop', about: idsOf(double), of: 'double', figures: null }];
  },
  says: (_, { name }, about) =>
    `${listed(about.map(name))} has two walls and must never be heated; nothing else here may be.`,
};

/** A treatment that is measured out, and no vessel whose volume is known. */
export const doseVessel: Rule<null> = {
  id: 'water/dose-vessel',
  severities: ['warn'],
  speaksWhen: 'a treatment is dosed, and no vessel of known volume is there',
  mendedBy: 'add a vessel with a known volume',
  asks: null,
  because: 'Half a dose treats nothing.',
  find: (_kit, { doing }) => {
    const doses = doing('treat-water').filter(
      ({ gear: { contents }, supply: { facts, demands } }) =>
        contents !== null &&
        facts?.of === 'treatment' &&
        facts.minutes !== null &&
        demands.length > 0,
    );
    const hasVolume = doing('carry-water').some(({ supply: { amount } }) => amount !== null);
    return doses.length === 0 || hasVolume
      ? []
      : [{ severity: 'warn', about: idsOf(doses), of: 'dose', figures: null }];
  },
  says: (_, { name }, about) =>
    `${listed(about.map(name))}: a dose needs a vessel of known volume, and none is here.`,
};

/** A filter with one vessel: what is dirty and what is clean share it. */
export const dirtyClean: Rule<null> = {
  id: 'water/dirty-clean',
  severities: ['warn'],
  speaksWhen: 'one vessel holds both dirty and clean water',
  mendedBy: 'add a second vessel',
  asks: null,
  because: 'What was filtered is dirty again in the vessel that it came from.',
  find: (_kit, { ways }) => {
    const filters = ways('treat-water').filter(
      ({ gear: { contents }, supply: { demands } }) =>
        contents === null &&
        demands.some((demand) => demand.on === 'jobs' && demand.anyOf.includes('carry-water')),
    );
    const vessels = ways('carry-water');
    const many = vessels.reduce((sum, { placement: { count } }) => sum + count, 0);
    return filters.length === 0 || many !== 1
      ? []
      : [
          {
            severity: 'warn',
            about: idsOf([...filters, ...vessels]),
            of: 'vessels',
            figures: null,
          },
        ];
  },
  says: (_, { name }, about) => `One vessel for dirty and clean water: ${listed(about.map(name))}.`,
};

/** Cloudy water, and nothing that takes out what floats in it. */
export const noStrainer: Rule<null> = {
  id: 'water/strainer',
  severities: ['warn'],
  speaksWhen: 'sources are cloudy and there is no strainer',
  mendedBy: 'add a cloth or a strainer',
  asks: 'whether the water is cloudy',
  because: 'Silt blocks a filter and hides germs from a dose.',
  find: ({ ways }, { told, doing }) => {
    if (told?.waterIsCloudy?.value !== true || ways.byJob.has('strain')) return [];
    const treats = doing('treat-water');
    return treats.length === 0
      ? []
      : [{ severity: 'warn', about: idsOf(treats), of: 'strainer', figures: null }];
  },
  says: () => 'Cloudy sources, and nothing to strain with.',
};

/** What is wrong with the water of this place, and no treatment here takes out. */
export const threatOpen: Rule<{ readonly open: readonly Threat[] }> = {
  id: 'water/threat-open',
  severities: ['warn'],
  speaksWhen: 'treatment leaves a threat of this place open',
  mendedBy: 'add a treatment that removes it, or boil',
  asks: 'what is in the water, or the kind of country',
  because: 'Clear is not safe.',
  find: (_kit, { needsKit }) => {
    if (needsKit === null) return [];
    const { open, by } = openThreats(needsKit);
    return open.length === 0 || by.length === 0
      ? []
      : [{ severity: 'warn', about: by, of: 'threats', figures: { open } }];
  },
  says: ({ open }) => `What is here leaves open: ${listed(open)}.`,
};

/** Kinds that are drunk through: what they make safe is in nobody's bottle. */
const straws: readonly string[] = ['straw-filter'];

/** Treated water cannot be carried. */
export const strawOnly: Rule<null> = {
  id: 'water/straw-only',
  severities: ['warn'],
  speaksWhen: 'treated water cannot be carried',
  mendedBy: 'add a treatment that fills a vessel',
  asks: null,
  because: 'Through a straw one drinks only where the water is.',
  find: (_kit, { ways }) => {
    const treats = ways('treat-water');
    return treats.length > 0 &&
      treats.every(({ gear: { kind } }) => kind !== null && straws.includes(kind))
      ? [{ severity: 'warn', about: idsOf(treats), of: 'straw', figures: null }]
      : [];
  },
  says: (_, { name }, about) =>
    `${listed(about.map(name))} is all that makes water safe, and it fills no vessel.`,
};

/** Room for water below the longest dry stretch. */
export const dryStretch: Rule<{ readonly askedL: number; readonly thereL: number }> = {
  id: 'water/dry-stretch',
  severities: ['stop'],
  speaksWhen: 'water room is under what the longest dry stretch asks',
  mendedBy: 'add a vessel, and fill it at the last water',
  asks: 'the heat and the hours between waters',
  because: 'Nobody walks on without water.',
  find: (_kit, { need }) => {
    const carry = need('carry');
    if (carry?.standing !== 'short' && carry?.standing !== 'none') return [];
    const figures = { askedL: carry.demand!, thereL: carry.supply! };
    return [{ severity: 'stop', about: carry.placements, of: 'room', figures }];
  },
  says: ({ askedL, thereL }, { units }) =>
    `The longest dry stretch asks room for ${printVolume(askedL * 1000, units)}; free vessels hold ${printVolume(thereL * 1000, units)}.`,
};

/** What screws on a vessel or a canister, and fits none that is here. */
export const waterCouplings: Rule<{ readonly takes: Coupling }> = {
  id: 'water/couplings',
  severities: ['note'],
  speaksWhen: 'a filter screws on no vessel here',
  mendedBy: 'take a vessel with the same thread, or an adapter',
  asks: 'the threads of the vessels',
  because: 'Threads differ by a millimetre, and then it leaks.',
  find: (_kit, { pieces, doing }) => {
    const vessels = doing('carry-water');
    const known = vessels.filter(({ gear: { kind } }) => kind !== null && couplings.get(kind)?.has);
    // Of a vessel whose thread nobody knows it may be so.
    if (vessels.length === 0 || known.length < vessels.length) return [];
    return pieces.flatMap(({ placement, gear: { kind } }) => {
      const takes = kind === null ? [] : (couplings.get(kind)?.takes ?? []);
      const thread = takes.find((each) => each.startsWith('bottle thread'));
      if (thread === undefined) return [];
      const fits = known.some(({ gear }) => couplings.get(gear.kind!)!.has!.includes(thread));
      return fits
        ? []
        : [{ severity: 'note' as const, about: [placement.id], figures: { takes: thread } }];
    });
  },
  says: ({ takes }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'screws', 'screw')} on a ${takes}, and no vessel here has one.`,
};
