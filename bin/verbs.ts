import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import {
  currencies,
  done,
  isCurrency,
  isDay,
  monthsAfter,
  plainly,
  quoted,
  refused,
  type Outcome,
} from '../src/core/quantity';
import { auditOf, kitNamed, readFile, whyTooLarge } from '../src/core/exchange';
import { readingsOf } from '../src/core/exchange/readings';
import { whyNotPasted } from '../src/core/exchange/pasted-lines';
import { readFitInstance } from '../src/core/exchange/fit-instance';
import { readModelInputs } from '../src/core/exchange/model-inputs';
import { modelsInWords, runModel } from '../src/core/models/run-model';
import { notLaidOut } from '../src/core/fit';
import { layingOut, stowWithin, whyInWords } from '../src/core/fit/laid-out';
import { calendarOf, eventsIn, isEmptyCalendar } from '../src/core/exchange/calendar';
import { dueOf } from '../src/core/exchange/due';
import { lossesInWords } from '../src/core/exchange/losses';
import { conditionIds } from '../src/core/loadout';
import type { Bench, Loadout } from '../src/core/loadout';
import { packKit, smallestChange, type ChangeFound, type Packing } from '../src/core/pack';
import { packedInWords } from '../src/core/exchange/packed';
import { dueListOf } from '../src/core/upkeep';
import { schemeIdNow, schemeIds, schemesOf } from '../src/core/scheme';

export interface Verb {
  readonly usage: string;
  /** A name stands before the file. */
  readonly isNamed?: boolean;
  readonly options: readonly string[];
  readonly whyTooLarge: (bytes: number) => string | null;
  readonly run: (
    text: string,
    options: Readonly<Record<string, string>>,
    named: string,
  ) => Outcome<unknown>;
}

/** Every verb of the command line. */
export const verbs = {
  audit: {
    usage: `LOADOUT [--kit NAME] [--scheme ${schemeIds.join('|')}|OWN] [--today 2026-10-01] [--fit bulk]`,
    options: ['kit', 'scheme', 'today', 'fit'],
    whyTooLarge,
    run: audit,
  },
  read: {
    usage: 'LINES [--units metric|us] [--currency EUR]',
    options: ['units', 'currency'],
    whyTooLarge,
    run: read,
  },
  fit: { usage: 'INSTANCE', options: [], whyTooLarge, run: fit },
  due: {
    usage: 'LOADOUT [--today 2026-10-01] [--until 2027-10-01] [--ics FILE]',
    options: ['today', 'until', 'ics'],
    whyTooLarge,
    run: due,
  },
  stow: {
    usage: 'LOADOUT [--kit NAME] [--from nothing|now] [--budget 5000] [--today 2026-10-01]',
    options: ['kit', 'from', 'budget', 'today'],
    whyTooLarge,
    run: stow,
  },
  losses: {
    usage: 'LOADOUT [--kit NAME] [--upto 1|2|3] [--conditions yes|no] [--today 2026-10-01]',
    options: ['kit', 'upto', 'conditions', 'today'],
    whyTooLarge,
    run: losses,
  },
  model: {
    usage: 'NAME INPUTS   (or: model list -)',
    isNamed: true,
    options: [],
    whyTooLarge,
    run: model,
  },
} as const satisfies Record<string, Verb>;

/** How long each room is searched, in ms: as long as on screen. */
const firstMs = 1500;

/**
 * Time as this program itself has worked, in ms, and never more than has gone by: what else keeps the machine busy takes
 * nothing from a search, so that it finds what it finds on screen.
 */
function workClock(): number {
  const { user, system } = process.cpuUsage();
  return Math.min(performance.now(), (user + system) / 1000);
}

/** The audit of the kit that is named, or of the file's only one; of each, under `kits`, where there are more. */
function audit(text: string, options: Readonly<Record<string, string>>): Outcome<unknown> {
  const scheme = schemeIdNow(options.scheme ?? 'five-cs');
  const today = options.today ?? new Date().toISOString().slice(0, 10);
  if (!isDay(today)) {
    return refused(`--today is ${quoted(today)}; it must be a day like 2026-10-01.`);
  }
  if (options.fit !== undefined && options.fit !== 'bulk') {
    return refused(`--fit is ${quoted(options.fit)}; it must be bulk, or left out.`);
  }
  const bench = readFile(text);
  if (!bench.ok) return bench;
  const known = schemesOf(bench.value);
  const seenThrough = known.find(({ id }) => id === scheme);
  if (!seenThrough) {
    const ids = known.map(({ id }) => id).join(', ');
    return refused(`--scheme is ${quoted(scheme)}; it must be one of ${ids}.`);
  }
  const laidOut =
    options.fit === 'bulk'
      ? notLaidOut
      : layingOut({ seed: 1, budgetMs: firstMs, clock: workClock });
  const auditIn = (loadout: Loadout) => auditOf(bench.value, loadout, seenThrough, today, laidOut);
  const isMany = bench.value.loadouts.size > 1 && options.kit === undefined;
  if (isMany) return done({ kits: [...bench.value.loadouts.values()].map(auditIn) });
  const kit = kitNamed(bench.value, options.kit);
  return kit.ok ? done(auditIn(kit.value)) : kit;
}

/** What each typed line is read as, one entry a line, in order. */
function read(text: string, options: Readonly<Record<string, string>>): Outcome<unknown> {
  const { units = 'metric', currency = 'EUR' } = options;
  if (units !== 'metric' && units !== 'us') {
    return refused(`--units is ${quoted(units)}; it must be metric or us.`);
  }
  if (!isCurrency(currency)) {
    return refused(
      `--currency is ${quoted(currency)}; it must be one of ${currencies.join(', ')}.`,
    );
  }
  const tooLong = whyNotPasted(text);
  if (tooLong) return refused(tooLong);
  return done({ pieces: readingsOf(text, { units, currency }) });
}

/** How the pieces of an instance go into its container, as far as its budget allows. */
function fit(text: string): Outcome<unknown> {
  const started = performance.now();
  const instance = readFitInstance(text);
  if (!instance.ok) return instance;
  const { load, budgetMs, seed } = instance.value;
  const { fits, placed, left, fill } = stowWithin(load, { budgetMs, seed });
  return done({
    fits,
    placed: placed.map(({ id, atMm, sizeMm, axis }) =>
      axis === null ? { id, atMm, sizeMm } : { id, atMm, sizeMm, axis },
    ),
    left: left.map(({ id, why }) => ({ id, why: whyInWords(why, 'metric') })),
    fill,
    elapsedMs: Math.round(performance.now() - started),
  });
}

/** Where every piece of a kit goes, as far as the budget allows: at least one whole packing, each room laid out. */
function stow(text: string, options: Readonly<Record<string, string>>): Outcome<unknown> {
  const { from = 'now', budget = '5000', today = new Date().toISOString().slice(0, 10) } = options;
  if (from !== 'nothing' && from !== 'now') {
    return refused(`--from is ${quoted(from)}; it must be nothing or now.`);
  }
  const budgetMs = Number(budget);
  if (!/^\d+$/.test(budget) || budgetMs < 1 || budgetMs > longestBudgetMs) {
    return refused(
      `--budget is ${quoted(budget)}; it must be a whole number of milliseconds up to ${longestBudgetMs}.`,
    );
  }
  if (!isDay(today)) return refused(noDay('today', today));
  const bench = readFile(text);
  if (!bench.ok) return bench;
  const kit = kitNamed(bench.value, options.kit);
  if (!kit.ok) return kit;
  const until = workClock() + budgetMs;
  const isLate = () => workClock() >= until;
  const request = { from, seed: 1, today } as const;
  let packing: Packing | null = null;
  for (const progress of packKit(bench.value, kit.value.id, request)) {
    packing = progress.packing;
    if (packing !== null && isLate()) break;
  }
  const looking = smallestChange(bench.value, kit.value.id, request, packing!, () => 'got-holder');
  let change: ChangeFound | null = null;
  for (let bit = looking.next(); ; bit = looking.next()) {
    if (bit.done) change = bit.value;
    if (bit.done || isLate()) break;
  }
  return done(packedInWords(packing!, kit.value, bench.value, change));
}

/** The longest that a packing may take, in ms. */
const longestBudgetMs = 600_000;

/** Every minimal set of losses that leaves each job of a kit undone, of up to three where nothing else is said. */
function losses(text: string, options: Readonly<Record<string, string>>): Outcome<unknown> {
  const started = performance.now();
  const { upto = '3', conditions = 'yes', today = new Date().toISOString().slice(0, 10) } = options;
  const upTo = ([1, 2, 3] as const).find((each) => String(each) === upto);
  if (upTo === undefined) return refused(`--upto is ${quoted(upto)}; it must be 1, 2 or 3.`);
  if (conditions !== 'yes' && conditions !== 'no') {
    return refused(`--conditions is ${quoted(conditions)}; it must be yes or no.`);
  }
  if (!isDay(today)) return refused(noDay('today', today));
  const bench = readFile(text);
  if (!bench.ok) return bench;
  const kit = kitNamed(bench.value, options.kit);
  if (!kit.ok) return kit;
  const told = lossesInWords(bench.value, kit.value, today, {
    upTo,
    conditions: conditions === 'yes' ? conditionIds : [],
  });
  return done({ ...told, elapsedMs: Math.round(performance.now() - started) });
}

/** What falls due up to a day, a year from today where none is said; written as a calendar too where a file is named. */
function due(text: string, options: Readonly<Record<string, string>>): Outcome<unknown> {
  const { today = new Date().toISOString().slice(0, 10) } = options;
  if (!isDay(today)) return refused(noDay('today', today));
  const { until = monthsAfter(today, 12) } = options;
  if (!isDay(until)) return refused(noDay('until', until));
  if (until < today) return refused(`--until is ${until}, before ${today}.`);
  const bench = readFile(text);
  if (!bench.ok) return bench;
  const file = options.ics;
  if (file !== undefined) {
    const written = writeCalendar(bench.value, file, today, until);
    if (!written.ok) return written;
  }
  return done(dueOf(bench.value, today, until));
}

function noDay(option: string, typed: string): string {
  return `--${option} is ${quoted(typed)}; it must be a day like 2026-10-01.`;
}

/** Writes the calendar, going on from the one that the file held; a file that is no calendar of this program is left as it is. */
function writeCalendar(bench: Bench, file: string, today: string, until: string): Outcome<null> {
  try {
    const before = existsSync(file) ? readFileSync(file, 'utf8') : '';
    const events = eventsIn(before);
    if (before.trim() !== '' && events.length === 0 && !isEmptyCalendar(before)) {
      return refused(
        `The file ${plainly(file, 200)} holds something else than a calendar of this program, and was left as it is.`,
      );
    }
    const { dues, kits } = dueListOf(bench, today);
    const { text } = calendarOf(
      dues.filter(({ on }) => on <= until),
      kits.filter(({ on }) => on !== null && on <= until),
      today,
      events,
    );
    writeFileSync(file, text);
    return done(null);
  } catch (error) {
    const code = (error as { readonly code?: unknown }).code;
    return refused(`The file ${plainly(file, 200)} cannot be written (${String(code)}).`);
  }
}

/** A figure worked out by a model of its name on the inputs of one JSON object; `list` tells of every model. */
function model(
  text: string,
  _options: Readonly<Record<string, string>>,
  name: string,
): Outcome<unknown> {
  if (name === 'list') return done({ models: modelsInWords() });
  const inputs = readModelInputs(text);
  return inputs.ok ? runModel(name, inputs.value) : inputs;
}
