import type { JobId } from './jobs';

/** Cells by size and chemistry. */
export const cellTypes = [
  'AAA alkaline',
  'AAA lithium',
  'AAA NiMH',
  'AA alkaline',
  'AA lithium',
  'AA NiMH',
  'C alkaline',
  'D alkaline',
  '9 V alkaline',
  'CR2032',
  'LR44',
  'CR2',
  'CR123A',
  '14500',
  '18650',
  '21700',
] as const;

const fuels = ['gas', 'spirit', 'tablet', 'petrol', 'wood'] as const;

/** What tinder takes: a weak spark or a lens, the shower of a ferro rod, or nothing less than a flame. */
const tinders = ['ember', 'spark', 'flame'] as const;

/** Current from outside the kit, where it stands. */
const currents = ['mains', 'vehicle current'] as const;

/** Whose medicine it is or what it is against: one never stands in for another. */
const medicines = ['own medicine', 'against allergy', 'adrenaline', 'common medicine'] as const;

export type CellType = (typeof cellTypes)[number];

/** What a supply is of, where that decides who it serves. */
export const sorts = [...cellTypes, ...fuels, ...tinders, ...currents, ...medicines] as const;
export type Sort = (typeof sorts)[number];

/** The sorts that supplies of a job come in, and that a demand for it may name; jobs that are not here have none. */
export const sortsOf: Partial<Readonly<Record<JobId, readonly Sort[]>>> = {
  cells: cellTypes,
  fuel: fuels,
  tinder: tinders,
  recharge: currents,
  medicine: medicines,
};

/** Whether one sort of a job never stands in for another: a pen is no tablet. */
export function isOfItsOwnSort(job: JobId): boolean {
  return job === 'medicine';
}

/**
 * Whether what is offered serves who asks for one of these: it is one of them, or a cell of the same size, whose chemistry
 * may differ. Whoever asks for no sort takes any; what is of no known sort serves only who asks for none.
 *
 * @example serves('AA NiMH', ['AA alkaline']) // true
 * @example serves('tablet', ['gas']) // false
 */
export function serves(offered: Sort | null, asked: readonly Sort[] | null): boolean {
  if (asked === null) return true;
  if (offered === null) return false;
  const size = sizeOf(offered);
  return asked.some((sort) => sort === offered || (size !== null && sizeOf(sort) === size));
}

/** The size of a cell without its chemistry: `AA`, `CR123A`; null for what is no cell. */
export function sizeOf(sort: Sort): string | null {
  const isCell = (cellTypes as readonly Sort[]).includes(sort);
  return isCell ? sort.replace(/ (alkaline|lithium|NiMH)$/, '') : null;
}
