import {
  capital,
  isAtHand,
  isForCells,
  serves,
  sizeOf,
  type CareAct,
  type JobsDemand,
  type Sort,
} from '../gear';
import { periodOf } from '../brief';
import { kitsByName, overplaced } from '../loadout';
import type { WorkedOutKit } from '../kit';
import { listed, monthsAfter, withVerb } from '../quantity';
import {
  absenceInWords,
  duesOf,
  heldInKit,
  kitDue,
  pastAmong,
  keptIn,
  sharesIn,
  type Absence,
} from '../upkeep';
import type { Rule } from './finding';

/** A piece past the day until which it is relied on, or so many of it: today, or before the trip is over. */
export const pastTheirDate: Rule<{
  readonly goodUntil: string;
  readonly past: number;
  readonly count: number;
  /** The trip’s last day, or that of the months it is for, where the piece is not past yet today; else null. */
  readonly ends: string | null;
  readonly isForMonths: boolean;
  /** That day is the next on which the kit is looked through. */
  readonly isInspection?: true;
  /** The day is earlier than what is printed, as it lies warm. */
  readonly isShortened: boolean;
}> = {
  id: 'keep/expired',
  severities: ['stop', 'warn'],
  speaksWhen: 'past its date now, on the trip, or within the months that the kit is for',
  mendedBy: 'renew it, or leave it at home',
  asks: 'dates',
  because: 'What is past its date is not relied on.',
  find: (kit) => {
    const { whole, bench, gear, day, elsewhere, tree } = kit;
    const { when } = whole.brief ?? { when: null };
    const isForMonths = when?.on === 'months';
    const lastDay = when === null ? day : periodOf(when, day).lastDay;
    const looked = isForMonths ? nextLook(kit) : day;
    const isInspection = looked > lastDay;
    const last = [day, lastDay, looked].sort().at(-1)!;
    return [...sharesIn(whole, bench.shelf, day, elsewhere)].flatMap(([id, shares]) => {
      const kept = keptIn(tree.byId.get(id)!, whole, elsewhere);
      const { goodUntil, past, isShortened } = pastAmong(gear(id), shares, last, kept);
      if (goodUntil === null) return [];
      const count = shares.reduce((sum, share) => sum + share.count, 0);
      const ends = goodUntil < day ? null : last;
      const figures = {
        goodUntil,
        past,
        count,
        ends,
        isForMonths,
        isShortened,
        ...(isInspection && goodUntil >= lastDay && { isInspection: true as const }),
      };
      return [{ severity: ends === null ? 'stop' : 'warn', about: [id], figures }];
    });
  },
  says: (figures, { name }, [placement]) => {
    const { goodUntil, past, count, ends, isShortened } = figures;
    const which = name(placement!);
    const warm = isShortened ? ', sooner than printed as it lies warm' : '';
    const until = `${warm}${ends === null ? '' : `, and ${lastDayInWords(figures)} ${ends}`}`;
    const is = ends === null ? 'was' : 'is';
    return past < count
      ? `${which}: ${past} of ${count} ${ends === null ? 'were' : 'are'} good until ${goodUntil}${until}.`
      : `${which} ${is} good until ${goodUntil}${until}.`;
  },
};

function lastDayInWords({
  isForMonths,
  isInspection,
}: {
  readonly isForMonths: boolean;
  readonly isInspection?: true;
}): string {
  if (isInspection) return 'the next inspection is due on';
  return isForMonths ? 'the months of its brief end on' : 'the trip ends on';
}

/**
 * The next day on which a kit that is ready for some months is looked through: until then nobody sees what runs out in it. One that
 * is overdue is taken to be done today.
 */
function nextLook({ own, bench, day }: WorkedOutKit): string {
  const { on, everyMonths } = kitDue(own, bench);
  return on !== null && on > day ? on : monthsAfter(day, everyMonths);
}

/** Care that is due in the kit, and whether all of it is to be looked through. */
export const careDue: Rule<{
  /** The earliest day that something was due, and how many things are. */
  readonly since: string;
  readonly count: number;
  readonly act: CareAct;
  /** The day on which the whole kit was due; null where it is not. */
  readonly round: string | null;
}> = {
  id: 'keep/due',
  severities: ['warn'],
  speaksWhen: 'care is overdue',
  mendedBy: 'do the task, then mark it as done',
  asks: 'when it was last looked after',
  because: 'A stored kit decays without being looked at.',
  find: ({ own, bench, day }) => {
    const dues = heldInKit(own, bench.shelf, day)
      .flatMap((held) => (isAtHand(held.gear) ? duesOf(held).dues : []))
      .filter(({ on, because }) => because === 'rhythm' && on < day)
      .sort((one, other) => (one.on < other.on ? -1 : 1));
    const { on: round } = kitDue(own, bench);
    const isRoundDue = round !== null && round < day;
    const [first] = dues;
    if (!first && !isRoundDue) return [];
    const about = [...new Set(dues.map(({ placement }) => placement!.id))];
    const figures = {
      since: first?.on ?? round!,
      count: dues.length,
      act: (first?.act ?? 'inspect') as CareAct,
      round: isRoundDue ? round : null,
    };
    return [{ severity: 'warn', about, of: 'care', figures }];
  },
  says: ({ since, count, act, round }, { name }, [placement]) => {
    const whole = round === null ? null : `the kit was to be looked through by ${round}`;
    if (count === 0) return `${capital(whole!)}.`;
    const what = count === 1 ? 'one thing is' : `${count} things are`;
    const first = `${name(placement!)}, ${act}, since ${since}`;
    return `${capital(what)} due: ${count === 1 ? '' : 'the longest '}${first}${whole === null ? '' : `; ${whole}`}.`;
  },
};

/** What is away from the kit and to come back, or was to go back by now. */
export const away: Rule<{
  readonly how: 'lent' | 'borrowed' | 'taken';
  readonly what: string;
  readonly who: string;
  readonly since: string | null;
  readonly backBy: string | null;
}> = {
  id: 'keep/lent',
  severities: ['warn'],
  speaksWhen: 'lent, taken for another kit, or not given back',
  mendedBy: 'ask for it back',
  asks: null,
  because: 'What is away is not here when it is wanted.',
  find: ({ own, bench, day, gear }) => {
    const here = own.placements.flatMap(({ id }) => {
      const { name, lentTo, borrowedFrom, awaySince, backBy } = gear(id);
      const who = lentTo ?? borrowedFrom;
      if (who === null || backBy === null || backBy >= day) return [];
      const how = lentTo === null ? ('borrowed' as const) : ('lent' as const);
      return [{ about: [id], figures: { how, what: name, who, since: awaySince, backBy } }];
    });
    const holes = [...bench.shelf.values()].flatMap(
      ({ id, name, takenFrom, awaySince, backBy }) => {
        if (takenFrom?.kit !== own.id) return [];
        const kit = kitsByName(bench).find(({ placements }) =>
          placements.some((placement) => placement.gear === id),
        );
        const who = kit?.name ?? 'another kit';
        const figures = { how: 'taken' as const, what: name, who, since: awaySince, backBy };
        return [{ about: [], figures }];
      },
    );
    return [...here, ...holes].map((found) => ({ severity: 'warn', ...found }));
  },
  says: ({ how, what, who, since, backBy }) => {
    const from = since === null ? '' : ` since ${since}`;
    const by = backBy === null ? '' : `, to be back by ${backBy}`;
    switch (how) {
      case 'lent':
        return `${what} is lent to ${who}${from}${by}.`;
      case 'borrowed':
        return `${what} was to go back to ${who} by ${backBy}.`;
      case 'taken':
        return `${what} was taken for ${who}${from}${by}: there is a hole here.`;
    }
  },
};

/** A piece of which more is placed, over all kits, than there is. */
export const placedTwice: Rule<{
  readonly placed: number;
  readonly count: number;
  /** The kits that hold it, and how many each wants; a kit that goes along in two places wants two. */
  readonly kits: readonly { readonly name: string; readonly count: number }[];
}> = {
  id: 'keep/double',
  severities: ['stop'],
  speaksWhen: 'one piece lies in two kits',
  mendedBy: 'use it in one kit only, buy a second, or share it',
  asks: null,
  because: 'One of the two kits goes without it.',
  find: ({ bench, whole }) =>
    overplaced(bench).flatMap(({ gear, placed, count, in: parts }) => {
      const about = whole.placements.filter((each) => each.gear === gear).map(({ id }) => id);
      if (about.length === 0) return [];
      const kits = parts.map(({ loadout, count: wanted }) => ({
        name: bench.loadouts.get(loadout)!.name,
        count: wanted,
      }));
      return [{ severity: 'stop', about, of: gear, figures: { placed, count, kits } }];
    }),
  says: ({ placed, count, kits }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'is', 'are')} placed ${placed} times (${kits.map(inKit).join(', ')}), and there is ${count}.`,
};

/** `Float pouch`; `Float pouch × 2` where it is wanted there more than once. */
function inKit({ name, count }: { readonly name: string; readonly count: number }): string {
  return count > 1 ? `${name} × ${count}` : name;
}

/** A device whose cells are not in the kit, or too few of them, and which cells are. */
export const cellsMissing: Rule<{
  /** Null where nobody has said which. */
  readonly cell: Sort | null;
  readonly count: number;
  readonly here: readonly { readonly cell: Sort; readonly count: number }[];
}> = {
  id: 'light/cells',
  severities: ['stop'],
  speaksWhen: 'cells of the wrong type, or too few',
  mendedBy: 'add batteries that fit, or take another lamp',
  asks: null,
  because: 'A device without its cells is ballast.',
  find: ({ ways, whole, gear }) => {
    const here = whole.placements.flatMap(({ id, count }) =>
      gear(id).supplies.flatMap(({ job, sort }) =>
        job === 'cells' && sort !== null ? [{ cell: sort, count }] : [],
      ),
    );
    const lacking = new Map<string, JobsDemand>();
    for (const { placement, unmet, absence } of ways.idle) {
      const cells = unmet.find(isForCells);
      if (cells && absence === null) lacking.set(placement.id, cells);
    }
    return [...lacking].map(([placement, { sorts, items }]) => ({
      severity: 'stop',
      about: [placement],
      figures: { cell: sorts?.[0] ?? null, count: items, here },
    }));
  },
  says: ({ cell, count, here }, { name }, [placement]) => {
    const cells = here.map((each) => `${each.count} × ${each.cell}`).join(', ');
    const instead = cells === '' ? 'there are no cells here' : `the cells here are ${cells}`;
    const taken =
      cell === null ? `${count} ${count === 1 ? 'cell' : 'cells'}` : `${count} × ${sizeOf(cell)}`;
    return `${withVerb(name(placement!), 'takes', 'take')} ${taken}; ${instead}.`;
  },
};

/** Loose cells that no device here takes, while one takes others. */
export const cellsFitNothing: Rule<{ readonly takes: readonly Sort[] }> = {
  id: 'light/spares',
  severities: ['warn'],
  speaksWhen: 'the loose cells fit no device here, and a device takes others',
  mendedBy: 'take spares that fit, or leave these at home',
  asks: null,
  because: 'Spares that fit nothing are found out on the evening that they are wanted.',
  find: ({ whole, gear, ways }) => {
    const takes = [
      ...new Set(
        whole.placements.flatMap(({ id }) =>
          gear(id).supplies.flatMap(({ demands }) =>
            demands.flatMap((demand) => (isForCells(demand) ? (demand.sorts ?? []) : [])),
          ),
        ),
      ),
    ];
    if (takes.length === 0) return [];
    const idle = whole.placements.filter(({ id }) => {
      if (ways.absences.has(id)) return false;
      const cells = gear(id).supplies.filter(({ job }) => job === 'cells');
      return cells.length > 0 && cells.every(({ sort }) => !serves(sort, takes));
    });
    return idle.map(({ id }) => ({ severity: 'warn', about: [id], figures: { takes } }));
  },
  says: ({ takes }, { name }, [placement]) =>
    `${withVerb(name(placement!), 'fits', 'fit')} no device here: ${takes.length === 1 ? 'what is here takes' : 'those here take'} ${listed(takes.map((cell) => sizeOf(cell) ?? cell))}.`,
};

/** A piece that is laid out but not there: only wished for, retired, lent, or used up. */
export const notThere: Rule<{ readonly absence: Absence; readonly lentTo: string | null }> = {
  id: 'keep/not-there',
  severities: ['warn', 'note'],
  speaksWhen: 'laid out, but only wished for, retired, lent, spent or given back',
  mendedBy: 'take another piece, or remove this one',
  asks: null,
  because: 'It is counted by the eye, and by nothing else.',
  find: ({ ways, whole, gear }) => {
    const absences = ways.absences;
    return whole.placements.flatMap(({ id }) => {
      const absence = absences.get(id) ?? null;
      // What is past its date is said by a rule of its own, with the date.
      if (absence === null || absence === 'past its date') return [];
      const { lentTo } = gear(id);
      return [
        {
          severity: absence === 'wished' ? 'note' : 'warn',
          about: [id],
          figures: { absence, lentTo },
        },
      ];
    });
  },
  says: ({ absence, lentTo }, { name }, [placement]) =>
    `${name(placement!)} ${absenceInWords(absence)}${lentTo === null ? '' : ` to ${lentTo}`}.`,
};
