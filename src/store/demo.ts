import { benchOfFile } from '@/core/exchange/bench-of-file';
import type { AcornFile } from '@/core/exchange/schema';
import { demoYearsOn } from '@/core/demo/opens-on';
import type { Bench } from '@/core/loadout';
import { today } from './today';

export { demoOpensOn } from '@/core/demo/opens-on';

let asked: Promise<Response> | null = null;

/** Asks for the demo while the database is still being opened. */
export function askForDemo(): void {
  asked = fetch('/demo.json');
  asked.catch(() => undefined);
}

/**
 * The made-up bench that ships. It comes as a file of the open format, written from the core’s own demo and held
 * equal to it by a test, so that neither it nor the catalogue is part of the first load. Its days move along with the day
 * on which it is opened.
 */
export async function loadDemo(): Promise<Bench> {
  const answer = await (asked ?? fetch('/demo.json'));
  asked = null;
  if (!answer.ok) throw new Error(`the demo cannot be fetched (${answer.status})`);
  const demo = benchOfFile((await answer.json()) as AcornFile);
  const years = demoYearsOn(today());
  if (years === 0) return demo;
  const { movedByYears } = await import('@/core/demo/moved');
  return movedByYears(demo, years);
}
