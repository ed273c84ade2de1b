import { printMass, printMoney, printVolume, withVerb } from '../quantity';
import { cavityOf } from '../gear';
import { setsOutG } from '../loadout';
import { whyInWords, type FitReason } from '../fit';
import type { Edge, Found, Rule } from './finding';

/** Below this much over a limit, in g or minor units, sums are not told from being just at it. */
const hair = 1e-6;

export interface Misfit {
  readonly holder: string;
  /** The cavity's name, where the holder has several. */
  readonly cavity: string | null;
  readonly reason: FitReason;
}

/** A cavity that does not hold what is in it: one finding for each piece and reason. */
export const doesNotFit: Rule<Misfit> = {
  id: 'stow/fit',
  severities: ['stop', 'warn'],
  speaksWhen: 'laid out, something does not go in, the lid stays out, or the mouth is too narrow',
  mendedBy: 'move it, take a smaller one, or take a larger holder',
  asks: 'sizes',
  because: 'What does not go in stays behind, or is lost on the way.',
  find: ({ loads, gear }) =>
    loads.flatMap(({ placement, cavity, answer }) => {
      const holder = gear(placement);
      const name = holder.cavities.length > 1 ? cavityOf(holder, cavity)!.name : null;
      const severity = answer.verdict === 'no place found' ? 'warn' : 'stop';
      const found = new Map<string, Found<Misfit>>();
      for (const reason of answer.reasons) {
        const about = 'item' in reason ? reason.placement : placement;
        const figures = { holder: placement, cavity: name, reason };
        found.set(`${about} ${reason.why}`, {
          severity,
          about: [about],
          of: `${placement} ${cavity} ${about} ${reason.why}`,
          figures,
        });
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

/** The kit weighs or costs more than it may. */
export const overLimits: Rule<{
  readonly limit: 'mass' | 'price';
  readonly over: number;
  readonly most: number;
}> = {
  id: 'stow/limits',
  severities: ['stop', 'warn'],
  speaksWhen: 'mass, price or a bound of the outside is over what the kit may',
  mendedBy: 'leave pieces at home, or take lighter ones',
  asks: 'limits',
  because: 'What is too heavy is left behind at the worst place, or carries its bearer there.',
  find: ({ own: { mostMassG, mostPriceMinor }, whole, totals }) => {
    const overG = mostMassG === null ? 0 : setsOutG(whole, totals) - mostMassG;
    const overMinor = mostPriceMinor === null ? 0 : totals.whole.priceMinor - mostPriceMinor;
    const found = (
      limit: 'mass' | 'price',
      over: number,
      most: number | null,
    ): readonly Found<{ limit: 'mass' | 'price'; over: number; most: number }>[] =>
      over <= hair
        ? []
        : [
            {
              severity: limit === 'mass' ? 'stop' : 'warn',
              about: [],
              of: limit,
              figures: { limit, over, most: most! },
            },
          ];
    return [...found('mass', overG, mostMassG), ...found('price', overMinor, mostPriceMinor)];
  },
  says: ({ limit, over, most }, { units, currency }) =>
    limit === 'mass'
      ? `${printMass(over, units)} over the limit of ${printMass(most, units)}.`
      : `${printMoney(over, currency)} over the limit of ${printMoney(most, currency)}.`,
};

/** A holder carries more than it is made for. */
export const holderLoad: Rule<{ readonly overG: number; readonly mostG: number }> = {
  id: 'stow/holder-load',
  severities: ['warn'],
  speaksWhen: 'a holder carries more than it may',
  mendedBy: 'move heavy pieces to another holder',
  asks: 'what the holder may carry',
  because: 'Straps and seams give way when they are needed.',
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
    `${withVerb(name(holder!), 'carries', 'carry')} ${printMass(overG, units)} more than the ${printMass(mostG, units)} it is made for.`,
};

/** Pieces that are laid out but in no holder. */
export const notStowed: Rule<null> = {
  id: 'stow/not-stowed',
  severities: ['note'],
  speaksWhen: 'pieces are laid out but in no holder',
  mendedBy: 'pack it',
  asks: null,
  because: 'What lies beside the bag is left there.',
  find: ({ tree }) => {
    const about = tree.on('mat').map(({ id }) => id);
    return about.length === 0 ? [] : [{ severity: 'note', about, figures: null }];
  },
  says: (_, { name }, about) => `Not stowed yet: ${about.map(name).join(', ')}.`,
};
