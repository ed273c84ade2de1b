import { isForCells, sizeOf, type JobsDemand, type Sort } from '../gear';
import { overplaced } from '../loadout';
import { absenceInWords, pastAmong, sharesIn, type Absence } from '../upkeep';
import type { Rule } from './finding';

/** A piece past the day until which it is relied on, or so many of it. */
export const pastTheirDate: Rule<{
  readonly goodUntil: string;
  readonly past: number;
  readonly count: number;
}> = {
  id: 'keep/expired',
  find: ({ whole, bench, gear, day }) =>
    [...sharesIn(whole, bench.shelf, day)].flatMap(([id, shares]) => {
      const { goodUntil, past } = pastAmong(gear(id), shares, day, whole);
      if (goodUntil === null) return [];
      const count = shares.reduce((sum, share) => sum + share.count, 0);
      return [{ severity: 'warn', about: [id], figures: { goodUntil, past, count } }];
    }),
  says: ({ goodUntil, past, count }, { name }, [placement]) =>
    past < count
      ? `${name(placement!)}: ${past} of ${count} were good until ${goodUntil}.`
      : `${name(placement!)} was good until ${goodUntil}.`,
};

/** A piece of which more is placed, over all kits, than there is. */
export const placedTwice: Rule<{
  readonly placed: number;
  readonly count: number;
  /** The kits that hold it, and how many each wants; a kit that goes along in two places wants two. */
  readonly kits: readonly { readonly name: string; readonly count: number }[];
}> = {
  id: 'keep/double',
  find: ({ bench, whole }) =>
    overplaced(bench).flatMap(({ gear, placed, count, in: parts }) => {
      const about = whole.placements.filter((each) => each.gear === gear).map(({ id }) => id);
      if (about.length === 0) return [];
      const kits = parts.map(({ loadout, count: wanted }) => ({
        name: bench.loadouts.get(loadout)!.name,
        count: wanted,
      }));
      return [{ severity: 'warn', about, figures: { placed, count, kits } }];
    }),
  says: ({ placed, count, kits }, { name }, [placement]) =>
    `${name(placement!)} is placed ${placed} times (${kits.map(inKit).join(', ')}), and there is ${count}.`,
};

/** `Float pouch`; `Float pouch × 2` where it is wanted there more than once. */
function inKit({ name, count }: { readonly name: string; readonly count: number }): string {
  return count > 1 ? `${name} × ${count}` : name;
}

/** A device whose cells are not in the kit, or too few of them, and which cells are. */
export const cellsMissing: Rule<{
  readonly cell: Sort;
  readonly count: number;
  readonly here: readonly { readonly cell: Sort; readonly count: number }[];
}> = {
  id: 'light/cells',
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
      severity: 'warn',
      about: [placement],
      figures: { cell: sorts![0]!, count: items, here },
    }));
  },
  says: ({ cell, count, here }, { name }, [placement]) => {
    const cells = here.map((each) => `${each.count} × ${each.cell}`).join(', ');
    const instead = cells === '' ? 'there are no cells here' : `the cells here are ${cells}`;
    return `${name(placement!)} takes ${count} × ${sizeOf(cell)}; ${instead}.`;
  },
};

/** A piece that is laid out but not there: only wished for, retired, lent, or used up. */
export const notThere: Rule<{ readonly absence: Absence; readonly lentTo: string | null }> = {
  id: 'keep/not-there',
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
