import { readFileSync, statSync } from 'node:fs';
import { textOf } from '../src/core/exchange/text-of-bytes';
import { done, plainly, quoted, refused, type Outcome } from '../src/core/quantity';
import { verbs, type Verb } from './verbs';

/** What the command line prints and exits with: 0 done, 2 bad input. */
export interface Finished {
  readonly status: 0 | 2;
  /** The one document for standard output; null where there is none. */
  readonly output: unknown;
  /** The one line for standard error; null where there is none. */
  readonly error: string | null;
}

const usage = `Usage: npm run --silent acorn -- VERB FILE [--option value]   (FILE is a path, or - for standard input)
${Object.entries(verbs)
  .map(([name, verb]) => `  ${name} ${verb.usage}`)
  .join('\n')}`;

/** Runs one call of the command line, given what stands after the program's name. */
export function run(words: readonly string[]): Finished {
  const [verbName, ...after] = words;
  if (verbName === undefined || verbName === 'help' || verbName === '--help') {
    return { status: verbName === undefined ? 2 : 0, output: null, error: usage };
  }
  const verb: Verb | undefined = Object.hasOwn(verbs, verbName)
    ? verbs[verbName as keyof typeof verbs]
    : undefined;
  if (!verb)
    return failed(`There is no verb ${quoted(verbName)}, but ${Object.keys(verbs).join(', ')}.`);
  const named = verb.isNamed ? after.slice(0, 1) : [];
  const [file, ...rest] = after.slice(named.length);
  if (file === undefined || file.startsWith('--')) {
    const what = verb.isNamed ? 'a name and a file' : 'a file';
    return failed(`${verbName} needs ${what}: ${verbName} ${verb.usage}`);
  }
  const options = optionsOf(rest, verb.options);
  if (!options.ok) return failed(options.problem.message);
  const text = textIn(file, verb.whyTooLarge);
  if (!text.ok) return failed(text.problem.message);
  const outcome = verb.run(text.value, options.value, named[0] ?? '');
  return outcome.ok
    ? { status: 0, output: outcome.value, error: null }
    : failed(outcome.problem.message);
}

function failed(message: string): Finished {
  return { status: 2, output: null, error: message.replace(/\s+/g, ' ') };
}

function optionsOf(
  words: readonly string[],
  known: readonly string[],
): Outcome<Readonly<Record<string, string>>> {
  const options: Record<string, string> = {};
  for (let at = 0; at < words.length; at += 2) {
    const word = words[at]!;
    const [name, inline] = word.replace(/^--/, '').split('=', 2);
    if (!word.startsWith('--') || !known.includes(name!)) {
      const names = known.map((option) => `--${option}`).join(', ');
      return refused(`${quoted(word)} is not an option here; the options are ${names}.`);
    }
    const value = inline ?? words[at + 1];
    if (value === undefined) return refused(`--${name} needs a value.`);
    if (inline !== undefined) at -= 1;
    options[name!] = value;
  }
  return done(options);
}

/** The text of a file or of standard input, whatever its bytes are: as the screens read them. */
function textIn(file: string, whyTooLarge: (bytes: number) => string | null): Outcome<string> {
  try {
    const source = file === '-' ? 0 : file;
    const tooLarge = file === '-' ? null : whyTooLarge(statSync(file).size);
    return tooLarge ? refused(tooLarge) : done(textOf(readFileSync(source)));
  } catch (error) {
    const code = (error as { readonly code?: unknown }).code;
    return refused(`The file ${plainly(file, 200)} cannot be read (${String(code)}).`);
  }
}
