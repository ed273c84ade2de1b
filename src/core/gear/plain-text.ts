/** The longest name and the longest note, in characters. */
export const longestName = 120;
export const longestNote = 2000;

/**
 * What keeps `text` from being a plain name or note, in words; null where nothing does.
 * Markup and control characters are refused, so that a file can be shown, printed and sent on safely.
 */
export function whyNotPlain(text: string, longest: number): string | null {
  if (text.length > longest) return `is longer than ${longest} characters`;
  if (/<\s*[a-z!/?]/i.test(text)) return 'holds markup like <…>, which a name or note cannot';
  if (/[\u0000-\u0008\u000b-\u001f\u007f\u202a-\u202e\u2066-\u2069]/.test(text)) {
    return 'holds control characters';
  }
  return null;
}

/** What keeps `text` from being a name: as {@link whyNotPlain}, and it may not be empty. */
export function whyNotName(text: string): string | null {
  if (text.trim() === '') return 'is empty';
  return whyNotPlain(text, longestName);
}

/** As it stands at the head of a sentence or a line. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
