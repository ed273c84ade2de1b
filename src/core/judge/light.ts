import { hasOwnCells, type Demand, type Gear } from '../gear';
import { coldFactor } from '../models';
import { checksOf } from '../upkeep';
import { listed, printNumber } from '../quantity';
import { idsOf } from './background';
import type { Rule } from './finding';
import { isReady } from './fire';
import { celsius } from './sleep';

/** From so many hours of dark a night is long (own): longer than one sleeps. */
const longNightH = 8;

/** Long nights and no light. */
export const noLight: Rule<{ readonly darkH: number }> = {
  id: 'light/none',
  severities: ['warn'],
  speaksWhen: `nights of more than ${longNightH} h out, and no light`,
  mendedBy: 'add a light',
  asks: 'the place and when',
  because: 'Half of what goes wrong goes wrong in the dark.',
  find: ({ ways, whole }, { told, nights }) => {
    const darkH = told?.dark?.longestH ?? 0;
    if (darkH <= longNightH || nights === 0 || whole.placements.length === 0) return [];
    const isLit = (ways.byJob.get('light') ?? []).length + (ways.byJob.get('candle') ?? []).length;
    return isLit > 0 ? [] : [{ severity: 'warn', about: [], of: 'light', figures: { darkH } }];
  },
  says: ({ darkH }) => `${printNumber(darkH, 0)} h of dark, and nothing here gives light.`,
};

/** Light where it never gets dark. */
export const needlessLight: Rule<null> = {
  id: 'light/needless',
  severities: ['note'],
  speaksWhen: 'light is carried where it never darkens',
  mendedBy: 'leave it at home',
  asks: 'the place and when',
  because: 'It is mass for nothing, unless one goes into a cave.',
  find: (_kit, { told, doing }) => {
    if (told?.dark?.longestH !== 0) return [];
    const lamps = doing('light').filter(({ supply }) => supply.fitness === 'made-for');
    return lamps.map(({ placement }) => ({
      severity: 'note',
      about: [placement.id],
      figures: null,
    }));
  },
  says: (_, { name }, [placement]) => `It never darkens there: ${name(placement!)} lights nothing.`,
};

/** Lamps, and none that leaves both hands free. */
export const handsFull: Rule<null> = {
  id: 'light/hands-free',
  severities: ['warn'],
  speaksWhen: 'there is light, and none that leaves both hands free',
  mendedBy: 'add a headlamp',
  asks: 'nights out',
  because: 'A wound is not dressed with a torch between the teeth.',
  find: (_kit, { told, nights, ways }) => {
    if (nights === null || nights === 0 || told?.dark?.longestH === 0) return [];
    const lamps = ways('light');
    const isFree = lamps.some(
      ({ supply: { facts } }) => facts?.of === 'light' && facts.isHandsFree,
    );
    return lamps.length === 0 || isFree
      ? []
      : [{ severity: 'warn', about: idsOf(lamps), of: 'hands', figures: null }];
  },
  says: () => 'No light here leaves both hands free.',
};

const locked: readonly string[] = ['a cell turned round or the switch locked', 'switch locked'];

/** What was not done yet to a lamp so that it does not burn in the bag. */
export function unlocked(gear: Parameters<typeof checksOf>[0]): readonly string[] {
  return checksOf(gear).ready.filter((what) => locked.includes(what));
}

/** A lamp that can switch itself on in the bag. */
export const switchesOn: Rule<null> = {
  id: 'light/switches-on',
  severities: ['note'],
  speaksWhen: 'a lamp can switch itself on in the bag',
  mendedBy: 'turn a battery round, or lock the switch',
  asks: 'what kind of lamp it is',
  because: 'It is found burnt out on the evening that it is wanted.',
  find: (_kit, { pieces }) =>
    pieces
      .filter(({ gear }) => unlocked(gear).some((what) => !isReady(gear.checks, what)))
      .map(({ placement }) => ({ severity: 'note', about: [placement.id], figures: null })),
  says: (_, { name }, [placement]) =>
    `${name(placement!)} can switch itself on: turn a cell round, or lock its switch.`,
};

/** Below this alkaline cells give a fraction of what is printed on them, in °C (own). */
const feebleBelowC = -5;

/** Alkaline cells in a cold that takes most of what they hold. */
export const coldCells: Rule<{ readonly lowC: number; readonly share: number }> = {
  id: 'light/cold-cells',
  severities: ['warn'],
  speaksWhen: `lamps burn alkaline cells below ${feebleBelowC} °C`,
  mendedBy: 'take lithium batteries',
  asks: 'the low',
  because: 'An alkaline cell that was full at home is dark in a hard frost.',
  find: (_kit, { told, pieces, context }) => {
    const lowC = told?.lowC?.value ?? null;
    if (lowC === null || lowC >= feebleBelowC || context === 'home') return [];
    const feeble = pieces.filter(({ gear }) => burnsAlkaline(gear));
    const share = coldFactor('AA alkaline', lowC);
    return feeble.length === 0
      ? []
      : [{ severity: 'warn', about: idsOf(feeble), of: 'cells', figures: { lowC, share } }];
  },
  says: ({ lowC, share }, edge, about) =>
    `${listed(about.map(edge.name))}: at ${celsius(lowC, edge)} alkaline cells give ${printNumber(share * 100, 0)} % of what they hold. Take lithium ones.`,
};

function burnsAlkaline({ supplies }: Gear): boolean {
  return supplies.some(
    ({ job, sort, demands }) =>
      (job === 'cells' && isAlkaline(sort)) ||
      (job === 'light' &&
        demands.some((demand) => hasOwnCells(demand) && isAlkaline(sortsOf(demand)[0] ?? null))),
  );
}

function isAlkaline(sort: string | null): boolean {
  return sort !== null && sort.endsWith('alkaline');
}

function sortsOf(demand: Demand): readonly string[] {
  return demand.on === 'jobs' ? (demand.sorts ?? []) : [];
}
