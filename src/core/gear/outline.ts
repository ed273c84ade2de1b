import { plainly, says, whyNotDay, type Problem } from '../quantity';
import { isId } from './id';
import { longestNote, whyNotName, whyNotPlain } from './plain-text';
import { whyNotInRange, type Range } from './range';

/**
 * What a piece of plain data may be: written once, it is what the core looks values over with, and what the file format’s
 * schema is made of.
 */
export type Outline =
  | { readonly of: 'number'; readonly range: Range }
  | { readonly of: 'word'; readonly words: readonly string[] }
  /** A name of one line; a note, which may be empty and have lines; a name that may be empty. */
  | { readonly of: 'name' | 'note' | 'name or nothing' | 'id' | 'day' | 'yes or no' }
  | { readonly of: 'list'; readonly each: Outline; readonly least: number; readonly most: number }
  | { readonly of: 'tuple'; readonly each: readonly Outline[] }
  | { readonly of: 'record'; readonly fields: OutlineFields; readonly mayLack: boolean }
  /** One of several records, told apart by the word in one field. */
  | {
      readonly of: 'variant';
      readonly by: string;
      readonly cases: Readonly<Record<string, OutlineFields>>;
    }
  | { readonly of: 'or null'; readonly what: Outline }
  /** A field that files from before it came lack: there it is so. */
  | { readonly of: 'or else'; readonly what: Outline; readonly value: unknown };

export type OutlineFields = Readonly<Record<string, Outline>>;

export function numberIn(range: Range): Outline {
  return { of: 'number', range };
}

export function wordOf(words: readonly string[]): Outline {
  return { of: 'word', words };
}

export function listOf(each: Outline, most: number, least = 0): Outline {
  return { of: 'list', each, least, most };
}

export function recordOf(fields: OutlineFields, mayLack = false): Outline {
  return { of: 'record', fields, mayLack };
}

export function orNull(what: Outline): Outline {
  return { of: 'or null', what };
}

/** A field that came later: in a file that lacks it, it is so. */
export function orElse(what: Outline, value: unknown): Outline {
  return { of: 'or else', what, value };
}

/** What keeps a value from being of an outline, with the path of the field; null where it is of it. */
export function whyNotOfOutline(value: unknown, outline: Outline, path: string): Problem | null {
  switch (outline.of) {
    case 'number': {
      const why = typeof value === 'number' ? whyNotInRange(value, outline.range) : 'is no number';
      return problem(path, why);
    }
    case 'word':
      return outline.words.includes(value as string)
        ? null
        : { field: path, message: says.noWord(path, plainly(String(value))) };
    case 'name':
      return problem(path, whyNotName(String(value)));
    case 'note':
      return problem(path, whyNotPlain(String(value), longestNote));
    case 'name or nothing':
      return value === '' ? null : problem(path, whyNotName(String(value)));
    case 'id':
      return isId(String(value)) ? null : { field: path, message: says.noId(String(value)) };
    case 'day':
      return problem(path, whyNotDay(String(value)));
    case 'yes or no':
      return problem(path, typeof value === 'boolean' ? null : 'is neither true nor false');
    case 'or null':
      return value === null ? null : whyNotOfOutline(value, outline.what, path);
    case 'or else':
      return whyNotOfOutline(value, outline.what, path);
    case 'list':
      return whyNotList(value as readonly unknown[], outline, path);
    case 'tuple':
      return firstProblem(outline.each.entries(), ([at, each]) =>
        whyNotOfOutline((value as readonly unknown[])[at], each, `${path}[${at}]`),
      );
    case 'record':
      return whyNotRecord(value, outline.fields, outline.mayLack, path);
    case 'variant': {
      const word = String((value as Readonly<Record<string, unknown>>)[outline.by]);
      return Object.hasOwn(outline.cases, word)
        ? whyNotRecord(value, outline.cases[word]!, false, path)
        : problem(`${path}.${outline.by}`, 'is no word of this bench');
    }
  }
}

function whyNotList(
  values: readonly unknown[],
  { each, least, most }: Outline & { readonly of: 'list' },
  path: string,
): Problem | null {
  if (values.length > most) return problem(path, `holds more than ${most}`);
  if (values.length < least) return problem(path, `holds fewer than ${least}`);
  return firstProblem(values.entries(), ([at, value]) =>
    whyNotOfOutline(value, each, `${path}[${at}]`),
  );
}

function whyNotRecord(
  value: unknown,
  fields: OutlineFields,
  mayLack: boolean,
  path: string,
): Problem | null {
  const record = value as Readonly<Record<string, unknown>>;
  return firstProblem(Object.entries(fields), ([name, field]) =>
    mayLack && record[name] === undefined
      ? null
      : whyNotOfOutline(record[name], field, `${path}.${name}`),
  );
}

function firstProblem<T>(values: Iterable<T>, look: (value: T) => Problem | null): Problem | null {
  for (const value of values) {
    const found = look(value);
    if (found) return found;
  }
  return null;
}

function problem(path: string, why: string | null): Problem | null {
  return why === null ? null : { field: path, message: says.figure(path, why) };
}
