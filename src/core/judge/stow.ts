import { printMass, printMoney, printVolume } from '../quantity';
import { cavityOf } from '../gear';
import { setsOutG } from '../loadout';
import { whyInWords, type FitReason } from '../fit';
import type { Edge, Found, Rule } from './finding';

/** Below this much over a limit, in g or minor units, sums are not told from being just at it. */
const hair = 1e-6;

interface Misfit {
  readonly holder: string;
  /** The cavity's name, where the holder has several. */
  readonly cavity: string | null;
  readonly reason: FitReason;
}

/** A cavity that does not hold what is in it: one finding for each piece and reason. */
export const doesNotFit: Rule<Misfit> = {
  id: 'stow/fit',
  find: ({ loads, gear }) =>
    loads.flatMap(({ placement, cavity, answer }) => {
      const holder = gear(placement);
      const name = holder.cavities.length > 1 ? cavityOf(holder, cavity)!.name : null;
      const severity = answer.verdict === 'no place found' ? 'warn' : 'stop';
      const found = new Map<string, Found<Misfit>>();
      for (const reason of answer.reasons) {
        const about = 'item' in reason ? reason.placement : placement;
        const figures = { holder: placement, cavity: name, reason };
        found.set(`${about} ${reason.why}`, { severity, about: [about], figures });
      }
      return [...found.values()];
    }),
  says: ({ holder, cavity, reason }, edge) => {
    const name = edge.name(holder);
    return misfitInWords(reason, cavity === null ? name : `${name}, ${cavity}`, edge);
  },
};

function misfitInWords(reason: FitReason, where: string, { units }: Edge): string {
  if ('item' in reason) return `${reason.name} in ${where}: ${whyInWords(reason, units)}.`;
  return reason.why === 'over-full'
    ? `${where} is over-full by ${printVolume(reason.byMl, units)}, all soft pieces pressed tight.`
    : `${where} carries ${printMass(reason.byG, units)} more than it may.`;
}

/** The kit weighs more than it may when they set out, with what is filled then. */
export const overMass: Rule<{ readonly overG: number; readonly mostG: number }> = {
  id: 'stow/over-mass',
  find: ({ own: { mostMassG }, whole, totals }) =>
    mostMassG === null || setsOutG(whole, totals) - mostMassG <= hair
      ? []
      : [
          {
            severity: 'stop',
            about: [],
            figures: { overG: setsOutG(whole, totals) - mostMassG, mostG: mostMassG },
          },
        ],
  says: ({ overG, mostG }, { units }) =>
    `${printMass(overG, units)} over the limit of ${printMass(mostG, units)}.`,
};

/** A holder carries more than it is made for. */
export const holderLoad: Rule<{ readonly overG: number; readonly mostG: number }> = {
  id: 'stow/holder-load',
  find: ({ whole, totals, gear }) =>
    whole.placements.flatMap(({ id, count }) => {
      const { mostLoadG, massG } = gear(id);
      if (mostLoadG === null || count !== 1) return [];
      const carriedG = (totals.branches.get(id)?.massG ?? 0) - (massG ?? 0);
      if (carriedG - mostLoadG <= hair) return [];
      return [
        {
          severity: 'warn' as const,
          about: [id],
          figures: { overG: carriedG - mostLoadG, mostG: mostLoadG },
        },
      ];
    }),
  says: ({ overG, mostG }, { units, name }, [holder]) =>
    `${name(holder!)} carries ${printMass(overG, units)} more than the ${printMass(mostG, units)} it is made for.`,
};

/** The kit costs more than it may. */
export const overPrice: Rule<{ readonly overMinor: number; readonly mostMinor: number }> = {
  id: 'stow/over-price',
  find: ({ own: { mostPriceMinor: most }, totals }) =>
    most === null || totals.whole.priceMinor <= most
      ? []
      : [
          {
            severity: 'warn',
            about: [],
            figures: { overMinor: totals.whole.priceMinor - most, mostMinor: most },
          },
        ],
  says: ({ overMinor, mostMinor }, { currency }) =>
    `${printMoney(overMinor, currency)} over the limit of ${printMoney(mostMinor, currency)}.`,
};

/** Pieces that are laid out but in no holder. */
export const notStowed: Rule<null> = {
  id: 'stow/not-stowed',
  find: ({ tree }) => {
    const about = tree.on('mat').map(({ id }) => id);
    return about.length === 0 ? [] : [{ severity: 'note', about, figures: null }];
  },
  says: (_, { name }, about) => `Not stowed yet: ${about.map(name).join(', ')}.`,
};
