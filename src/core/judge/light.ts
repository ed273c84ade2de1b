import { checksOf } from '../upkeep';
import { printNumber } from '../quantity';
import { idsOf } from './background';
import type { Rule } from './finding';
import { isReady } from './fire';

/** From so many hours of dark a night is long (own): longer than one sleeps. */
const longNightH = 8;

/** Long nights and no light. */
export const noLight: Rule<{ readonly darkH: number }> = {
  id: 'light/none',
  severities: ['warn'],
  speaksWhen: `nights of more than ${longNightH} h out, and no light`,
  mendedBy: 'add',
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
  mendedBy: 'leave',
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
  mendedBy: 'add',
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
  mendedBy: 'turn a cell',
  asks: 'what kind of lamp it is',
  because: 'It is found burnt out on the evening that it is wanted.',
  find: (_kit, { pieces }) =>
    pieces
      .filter(({ gear }) => unlocked(gear).some((what) => !isReady(gear.checks, what)))
      .map(({ placement }) => ({ severity: 'note', about: [placement.id], figures: null })),
  says: (_, { name }, [placement]) =>
    `${name(placement!)} can switch itself on: turn a cell round, or lock its switch.`,
};
