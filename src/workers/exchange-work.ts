import { readTable, type Table } from '@/core/exchange/table';
import type { Column } from '@/core/exchange/columns';
import type { GearRead, GearSetting, RowsProgress } from '@/core/exchange/gear-read';
import { readingTable } from '@/core/exchange/gear-table';
import { readingLines } from '@/core/exchange/pasted-lines';
import { textOf } from '@/core/exchange/text-of-bytes';
import { plansFor, type FilePlans } from '@/core/exchange/file-plans';
import { writtenFile } from '@/core/exchange/write';
import type { Picture } from '@/core/exchange/picture';
import type { ReadingProgress } from '@/core/exchange/read';
import type { MeasuringProgress } from '@/core/brief/route-measures';
import { readingGpx, type ReadRoute } from '@/core/exchange/gpx';
import { backUpOf, readBackUpZip, restoring, type Restoring } from '@/core/exchange/back-up';
import { done, type Outcome } from '@/core/quantity';
import type { Bench } from '@/core/loadout';
import { newId } from '@/store/new-id';
import { cancel, inSlices } from './slices';

/** A back-up that was read: what restoring it does, and the pictures that go with it. */
export interface RestoringFrom extends Restoring {
  readonly pictures: readonly Picture[];
  /** How many pictures it names that are not in it. */
  readonly missingPictures: number;
}

/** What the page can ask of files and tables, beside it or on it. A call that was cancelled gives null. */
export const exchangeWork = {
  async plans(
    id: string,
    bytes: Uint8Array,
    bench: Bench,
    tell: (progress: ReadingProgress) => void,
  ): Promise<Outcome<FilePlans> | null> {
    const work = plansFor(textOf(bytes), bench, newId);
    return (await inSlices(id, work, Infinity, tell)) ?? null;
  },

  table(bytes: Uint8Array): Promise<Outcome<Table>> {
    return Promise.resolve(readTable(textOf(bytes)));
  },

  async rows(
    id: string,
    table: Table,
    columns: readonly Column[],
    setting: GearSetting,
    tell: (progress: RowsProgress) => void,
  ): Promise<GearRead | null> {
    const work = readingTable(table, columns, setting, newId);
    return (await inSlices(id, work, Infinity, tell)) ?? null;
  },

  async lines(
    id: string,
    text: string,
    setting: GearSetting,
    tell: (progress: RowsProgress) => void,
  ): Promise<GearRead | null> {
    return (await inSlices(id, readingLines(text, setting, newId), Infinity, tell)) ?? null;
  },

  write(bench: Bench, pictures: readonly Picture[]): Promise<Outcome<string>> {
    return Promise.resolve(writtenFile(bench, pictures));
  },

  /** All of the bench as a zip. */
  backUp(bench: Bench, pictures: readonly Picture[]): Promise<Outcome<Uint8Array<ArrayBuffer>>> {
    return backUpOf(bench, pictures);
  },

  /** What a zip holds, and what restoring it would change. */
  async restoring(zip: Uint8Array, bench: Bench): Promise<Outcome<RestoringFrom>> {
    const read = await readBackUpZip(zip);
    if (!read.ok) return read;
    const { bench: backUp, ...ofPictures } = read.value;
    const plan = restoring(bench, backUp, newId);
    return plan.ok ? done({ ...plan.value, ...ofPictures }) : plan;
  },

  async route(
    id: string,
    bytes: Uint8Array,
    tell: (progress: MeasuringProgress) => void,
  ): Promise<Outcome<ReadRoute> | null> {
    return (await inSlices(id, readingGpx(textOf(bytes)), Infinity, tell)) ?? null;
  },

  cancel,
};

export type ExchangeWork = typeof exchangeWork;
