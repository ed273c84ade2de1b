import { done, refused, type Outcome } from '@/core/quantity';
import { careActs, harms, type Care, type CareAct, type Harm } from '@/core/gear';

/** Harms as they are typed: `wet, frost`. */
export function harmsText(listed: readonly Harm[]): string {
  return listed.join(', ');
}

/** Reads harms, each once. */
export function parseHarms(text: string): Outcome<readonly Harm[]> {
  const words = wordsIn(text);
  const unknown = words.find((word) => !(harms as readonly string[]).includes(word));
  if (unknown !== undefined) {
    return refused(`“${unknown}” is none of ${harms.join(', ')}.`);
  }
  return done([...new Set(words as readonly Harm[])]);
}

/** Care as it is typed, each act with its months: `inspect 6, dry 12`. */
export function careText(care: readonly Care[]): string {
  return care.map(({ act, everyMonths }) => `${act} ${everyMonths}`).join(', ');
}

export function parseCare(text: string): Outcome<readonly Care[]> {
  const care: Care[] = [];
  for (const word of wordsIn(text)) {
    const [, act, months] = /^([a-z]+)\s+(\d{1,3})(?:\s*months?)?$/.exec(word) ?? [];
    if (act === undefined || !(careActs as readonly string[]).includes(act)) {
      return refused(
        `“${word}” is no care like “inspect 6”: one of ${careActs.join(', ')}, and every how many months.`,
      );
    }
    if (care.some((each) => each.act === act)) return refused(`“${act}” is there twice.`);
    care.push({ act: act as CareAct, everyMonths: Number(months) });
  }
  return done(care);
}

/** Cautions as they are typed: one a line. */
export function cautionsIn(text: string): readonly string[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

function wordsIn(text: string): readonly string[] {
  return text
    .toLowerCase()
    .split(/[,;]/)
    .map((word) => word.trim())
    .filter((word) => word !== '');
}
