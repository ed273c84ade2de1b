import type { JobId } from './jobs';

/** How well a piece does a job, the best first. */
export const fitnesses = ['made-for', 'serves', 'improvised'] as const;
export type Fitness = (typeof fitnesses)[number];

/** Cells a device can run on. */
export const cellTypes = [
  'AAA alkaline',
  'AA alkaline',
  'AA lithium',
  'AA NiMH',
  'D alkaline',
  'CR2032',
  'CR123A',
  '18650',
] as const;
export type CellType = (typeof cellTypes)[number];

/** What a supply itself relies on inside the loadout, or from outside it. */
export type Demand =
  | { readonly on: 'jobs'; readonly anyOf: readonly JobId[] }
  | { readonly on: 'cells'; readonly cell: CellType; readonly count: number }
  | { readonly on: 'sun' };

/** That a gear does a job: how well, how much of it, and under which demands. */
export interface Supply {
  readonly job: JobId;
  readonly fitness: Fitness;
  /** In the job's own unit, for one of the gear; null where it has none or it is not known. */
  readonly amount: number | null;
  readonly demands: readonly Demand[];
  /** For the job `cells`: which type. One of the gear is one cell. */
  readonly cell: CellType | null;
}

/** Whether a device that takes `wanted` runs on `offered`: chemistry may differ, the size may not. */
export function cellServes(offered: CellType, wanted: CellType): boolean {
  return sizeOf(offered) === sizeOf(wanted);
}

function sizeOf(cell: CellType): string {
  return cell.split(' ')[0]!;
}
