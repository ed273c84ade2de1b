import { proxy } from 'comlink';
import type { MeasuringProgress } from '@/core/brief/route-measures';
import type { Column } from '@/core/exchange/columns';
import type { FilePlans } from '@/core/exchange/file-plans';
import type { GearRead, GearSetting, RowsProgress } from '@/core/exchange/gear-read';
import type { Picture } from '@/core/exchange/picture';
import type { ReadingProgress } from '@/core/exchange/read';
import type { Table } from '@/core/exchange/table';
import type { ReadRoute } from '@/core/exchange/gpx';
import type { Outcome } from '@/core/quantity';
import type { Bench } from '@/core/loadout';
import { Beside, BesideFailed, type Call } from './beside';
import type { ExchangeWork, RestoringFrom } from './exchange-work';

const exchange = new Beside<ExchangeWork>(
  () => new Worker(new URL('./exchange.worker.ts', import.meta.url), { type: 'module' }),
);

/**
 * What works beside the page, or on the page itself where the browser starts nothing beside it: then the page stands
 * still while it works, and the answer is the same.
 */
function besideOrHere<T>(call: Call<T>, here: () => Promise<T>): Call<T> {
  return {
    ...call,
    result: call.result.catch((error: unknown) => {
      if (error instanceof BesideFailed) return here();
      throw error;
    }),
  };
}

async function work(): Promise<ExchangeWork> {
  return (await import('./exchange-work')).exchangeWork;
}

export function callPlans(
  bytes: Uint8Array,
  bench: Bench,
  tell: (progress: ReadingProgress) => void,
): Call<Outcome<FilePlans> | null> {
  return besideOrHere(
    exchange.call((remote, id) => remote.plans(id, bytes, bench, proxy(tell))),
    async () => (await work()).plans('here', bytes, bench, tell),
  );
}

export function callTable(bytes: Uint8Array): Call<Outcome<Table>> {
  return besideOrHere(
    exchange.call((remote) => remote.table(bytes)),
    async () => (await work()).table(bytes),
  );
}

export function callRows(
  table: Table,
  columns: readonly Column[],
  setting: GearSetting,
  tell: (progress: RowsProgress) => void,
): Call<GearRead | null> {
  return besideOrHere(
    exchange.call((remote, id) => remote.rows(id, table, columns, setting, proxy(tell))),
    async () => (await work()).rows('here', table, columns, setting, tell),
  );
}

export function callLines(
  text: string,
  setting: GearSetting,
  tell: (progress: RowsProgress) => void,
): Call<GearRead | null> {
  return besideOrHere(
    exchange.call((remote, id) => remote.lines(id, text, setting, proxy(tell))),
    async () => (await work()).lines('here', text, setting, tell),
  );
}

export function callWrite(bench: Bench, pictures: readonly Picture[]): Call<Outcome<string>> {
  return besideOrHere(
    exchange.call((remote) => remote.write(bench, pictures)),
    async () => (await work()).write(bench, pictures),
  );
}

export function callBackUp(
  bench: Bench,
  pictures: readonly Picture[],
): Call<Outcome<Uint8Array<ArrayBuffer>>> {
  return besideOrHere(
    exchange.call((remote) => remote.backUp(bench, pictures)),
    async () => (await work()).backUp(bench, pictures),
  );
}

export function callRestoring(zip: Uint8Array, bench: Bench): Call<Outcome<RestoringFrom>> {
  return besideOrHere(
    exchange.call((remote) => remote.restoring(zip, bench)),
    async () => (await work()).restoring(zip, bench),
  );
}

export function callRoute(
  bytes: Uint8Array,
  tell: (progress: MeasuringProgress) => void,
): Call<Outcome<ReadRoute> | null> {
  return besideOrHere(
    exchange.call((remote, id) => remote.route(id, bytes, proxy(tell))),
    async () => (await work()).route('here', bytes, tell),
  );
}
