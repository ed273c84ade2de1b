/** The longest name and the longest note, in characters. */
export const longestName = 120;
export const longestNote = 2000;

/**
 * What keeps `text` from being a plain note, in words; null where nothing does. Markup, and characters that are not
 * to be seen or are none, are refused, so that a file can be shown, printed and sent on safely. A note has lines.
 */
export function whyNotPlain(text: string, longest: number): string | null {
  if (text.length > longest) return `is longer than ${longest} characters`;
  if (/<\s*[a-z!/?]/i.test(text)) return 'holds markup like <…>, which a name or note cannot';
  if (unsafe.test(text)) return 'holds control characters';
  if (noCharacters.test(text) || !isWellFormed(text)) return 'holds characters that are none';
  return null;
}

/** What keeps `text` from being a name: as {@link whyNotPlain}, and it is of one line, and there is something to see. */
export function whyNotName(text: string): string | null {
  if (text.trim() === '') return 'is empty';
  const why = whyNotPlain(text, longestName);
  if (why) return why;
  if (/[\t\n]/.test(text)) return 'holds a line end or a tab';
  return /[^\p{Z}\p{C}\p{Default_Ignorable_Code_Point}\u2800]/u.test(text)
    ? null
    : 'holds nothing that can be seen';
}

/** As it stands at the head of a sentence or a line. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/**
 * Controls of both sets but for the tab and the line feed; separators of lines and paragraphs; overrides and isolates
 * of direction; marks for notes between lines; letters that only tag.
 */
const unsafe =
  /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u2028\u2029\u202a-\u202e\u2066-\u2069\ufff9-\ufffb\u{e0000}-\u{e007f}]/u;

/** Code points that stand for no character, whatever comes. */
const noCharacters = /[\p{Noncharacter_Code_Point}]/u;

/** Whether every half of a surrogate has its other half. */
function isWellFormed(text: string): boolean {
  return !/\p{Surrogate}/u.test(text);
}
