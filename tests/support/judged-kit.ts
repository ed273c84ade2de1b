import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { emptyBrief, noWeather, somebody, withClimate, type Brief } from '@/core/brief';
import { presets } from '@/core/brief/presets';
import { kindOf } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import {
  emptyBench,
  grounds,
  newPlacement,
  type Bench,
  type Place,
  type Placement,
} from '@/core/loadout';
import { needIds, type NeedId, type Standing } from '@/core/needs';
import { readLine } from '@/core/reading';

/** What an instructor says of one need, before the kit is worked out. */
export interface Expected {
  /** Standings that would be right; the last is the gravest. */
  readonly standings: readonly Standing[];
  /** What there may be, or for how many days, where a figure was said. */
  readonly figure: {
    readonly of: 'there' | 'days';
    readonly from: number;
    readonly to: number;
  } | null;
  readonly why: string;
}

/** A sentence of the instructor’s, and how a finding that says it is known: by its rule, what it is of, and its words. */
export interface Sentence {
  readonly text: string;
  readonly by: RegExp;
}

/** A kit as it is typed, and what is expected of it. */
export interface JudgedKit {
  readonly file: string;
  readonly today: string;
  readonly bench: Bench;
  readonly expected: ReadonlyMap<NeedId, Expected>;
  /** What an instructor says of it before it is worked out, the first first. */
  readonly mustSay: readonly Sentence[];
  /** What would be nonsense to say there. */
  readonly nonsense: RegExp;
  /** The needs of which any may be told to end first; none where nothing ends. */
  readonly lasts: readonly (NeedId | 'none')[];
  /** Lines that came to nothing, and why. */
  readonly notes: readonly string[];
}

const folder = join(process.cwd(), 'tests/judged');

/** All kits of the table, in the order of their names. */
export function judgedKits(dir = folder): readonly JudgedKit[] {
  return readdirSync(dir)
    .filter((name) => name.endsWith('.kit'))
    .sort()
    .map((name) => judgedKit(name, readFileSync(join(dir, name), 'utf8')));
}

/**
 * Reads a kit of the table.
 *
 * A line is `place | text`: a ground, or the word before `=` in a holder's line; `{full}` or `{full 750}` at its end says
 * what a vessel holds in mL, `[kind]` the kind that somebody picks where the reader asks.
 * What is expected stands as `need: standing or standing; there 4..8 | why`; below `must say` a sentence a line, with what tells
 * a finding that says it, then `lasts: need or need` and what would be nonsense.
 */
export function judgedKit(file: string, text: string): JudgedKit {
  const [head, rest] = text.split('\nlines:\n') as [string, string];
  const [lines, expected = ''] = rest.split('\nexpect:\n') as [string, string];
  const [expect, said = ''] = expected.split('\nmust say\n') as [string, string?];
  const field = (name: string) => new RegExp(`^${name}: (.*)$`, 'm').exec(head)![1]!;
  const notes: string[] = [];
  const shelf = new Map<string, Gear>();
  const holders = new Map<string, Gear>();
  const placements: Placement[] = [];
  const filled: { placement: string; ml: number }[] = [];
  lines
    .split('\n')
    .filter((line) => line.includes(' | '))
    .forEach((line, at) => {
      const [, where, alias, said, kind, full] =
        /^(\S+) \| (?:([a-z0-9]+) = )?(.*?)(?: \[([a-z0-9-]+)\])?(?: \{full ?(\d*)\})?$/.exec(
          line,
        )!;
      const id = alias ?? `p${at + 1}`;
      const read = readLine(said!, {
        id,
        units: 'metric',
        currency: 'EUR',
        ...(kind !== undefined && { picked: kindOf(kind)! }),
      });
      if (!read.ok) return void notes.push(`${said}: refused: ${read.problem.message}`);
      const { gear } = read.value;
      if (read.value.kind === null) notes.push(`${said}: no kind`);
      shelf.set(id, gear);
      if (alias) holders.set(alias, gear);
      if (alias && gear.cavities.length === 0) notes.push(`${said}: nothing can be put in`);
      placements.push(newPlacement(id, id, placeIn(where!, holders), Math.max(1, gear.count)));
      if (full !== undefined) {
        const room = Math.max(
          0,
          ...gear.supplies.map((supply) =>
            supply.job === 'carry-water' ? (supply.amount ?? 0) : 0,
          ),
        );
        if (room === 0) notes.push(`${said}: cannot be filled`);
        else
          filled.push({
            placement: id,
            ml: (full === '' ? room : Number(full)) * Math.max(1, gear.count),
          });
      }
    });
  const today = field('today');
  const kit = {
    id: 'kit',
    name: field('name'),
    purpose: field('purpose'),
    mostMassG: null,
    mostPriceMinor: null,
    wishes: [],
    brief: briefOf(JSON.parse(field('brief')), today, filled),
    otherBriefs: [],
    placements,
    modules: [],
    seals: [],
    copyOf: null,
  };
  return {
    file,
    today,
    bench: { ...emptyBench, shelf, loadouts: new Map([['kit', kit]]) },
    expected: expectedOf(expect),
    ...saidOf(said),
    notes,
  };
}

function saidOf(said: string): Pick<JudgedKit, 'mustSay' | 'nonsense' | 'lasts'> {
  const field = (name: string) => new RegExp(`^${name}: (.*)$`, 'm').exec(said)?.[1] ?? '';
  return {
    mustSay: [...said.matchAll(/^ {2}(?:first: )?(.*?) \| (.*)$/gm)].map(([, text, by]) => ({
      text: text!,
      by: new RegExp(by!),
    })),
    nonsense: new RegExp(field('nonsense') || '^$'),
    lasts: field('lasts').split(' or ') as (NeedId | 'none')[],
  };
}

function placeIn(where: string, holders: ReadonlyMap<string, Gear>): Place {
  if ((grounds as readonly string[]).includes(where))
    return { on: where as (typeof grounds)[number] };
  const cavities = holders.get(where)?.cavities ?? [];
  const cavity = cavities.find(({ id }) => id === 'main' || id === 'inside') ?? cavities[0];
  if (!cavity) return { on: 'mat' };
  return { in: where, cavity: cavity.id };
}

function briefOf(said: Partial<Brief>, today: string, filled: Brief['filled']): Brief {
  const preset = presets.find(({ id }) => id === said.preset);
  return withClimate(
    {
      ...emptyBrief,
      ...preset?.fills,
      ...said,
      people: (said.people ?? [somebody]).map((person) => ({ ...somebody, ...person })),
      weather: { ...noWeather, ...said.weather },
      filled,
    },
    today,
  );
}

function expectedOf(text: string): ReadonlyMap<NeedId, Expected> {
  return new Map(
    text
      .split('\n')
      .map((line) =>
        /^([a-z ]+): ([a-z ]+?)(?:; (there|days) ([\d.]+)\.\.([\d.]+))? \| (.*)$/.exec(line),
      )
      .flatMap((found) => {
        if (!found) return [];
        const [, need, standings, of, from, to, why] = found as unknown as string[];
        if (!needIds.includes(need as NeedId)) throw new Error(`no need ${need}`);
        return [
          [
            need as NeedId,
            {
              standings: standings!.split(' or ') as Standing[],
              figure: of
                ? { of: of as 'there' | 'days', from: Number(from), to: Number(to) }
                : null,
              why: why!,
            },
          ] as const,
        ];
      }),
  );
}
