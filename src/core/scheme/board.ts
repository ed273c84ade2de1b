import { jobsInWords, type Gear } from '../gear';
import type { ListLine, ReferenceList } from '../loadout';
import type { Scheme } from './schemes';

/** How a piece answers a line: it is the kind that the line names, or it does one of its jobs. */
export type AnswersBy = 'kind' | 'job';

export interface LineAnswer {
  readonly line: ListLine;
  /** The pieces that answer it, those of the very kind first. */
  readonly pieces: readonly { readonly gear: string; readonly by: AnswersBy }[];
}

export interface ListOnBoard {
  readonly list: ReferenceList;
  readonly lines: readonly LineAnswer[];
  readonly answered: number;
}

/** Pieces held against several lists at once. */
export interface Board {
  readonly lists: readonly ListOnBoard[];
  /** For each piece, in the order given, the lists that it answers a line of, by their ids. */
  readonly pieces: readonly { readonly gear: Gear; readonly on: ReadonlyMap<string, AnswersBy> }[];
}

/** Holds pieces against lists: what is on them, what of them is missing, and what is on nobody’s list. */
export function boardOf(pieces: readonly Gear[], lists: readonly ReferenceList[]): Board {
  const onLists = lists.map((list): ListOnBoard => {
    const lines = list.lines.map((line) => ({ line, pieces: answersTo(line, pieces) }));
    return { list, lines, answered: lines.filter((line) => line.pieces.length > 0).length };
  });
  return {
    lists: onLists,
    pieces: pieces.map((gear) => ({ gear, on: listsOf(gear, onLists) })),
  };
}

/** A scheme as a list: each thing that a category must be able to do is a line. */
export function listOfScheme(scheme: Scheme): ReferenceList {
  const lines = scheme.categories.flatMap(({ name, must }) =>
    must.map((anyOf): ListLine => ({
      text: `${name}: ${jobsInWords(anyOf)}`,
      kind: null,
      jobs: anyOf,
    })),
  );
  return { id: scheme.id, name: scheme.name, note: '', lines };
}

function answersTo({ kind, jobs }: ListLine, pieces: readonly Gear[]): LineAnswer['pieces'] {
  const answers = pieces.flatMap((gear) => {
    const by = howItAnswers(gear, kind, jobs);
    return by === null ? [] : [{ gear: gear.id, by }];
  });
  return answers.sort((one, other) => Number(one.by === 'job') - Number(other.by === 'job'));
}

/** Makeshift does not answer a list: whoever wrote a line meant the thing itself. */
function howItAnswers(gear: Gear, kind: string | null, jobs: ListLine['jobs']): AnswersBy | null {
  if (kind !== null && gear.kind === kind) return 'kind';
  const does = gear.supplies.some(
    ({ job, fitness }) => fitness !== 'improvised' && jobs.includes(job),
  );
  return does ? 'job' : null;
}

function listsOf(gear: Gear, lists: readonly ListOnBoard[]): ReadonlyMap<string, AnswersBy> {
  const on = new Map<string, AnswersBy>();
  for (const { list, lines } of lists) {
    const found = lines.flatMap(({ pieces }) => pieces.filter((piece) => piece.gear === gear.id));
    if (found.length > 0) on.set(list.id, found.some(({ by }) => by === 'kind') ? 'kind' : 'job');
  }
  return on;
}
