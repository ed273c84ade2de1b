/** The lines of a pasted text, where it is a list; null where it is one line. */
export function linesIn(text: string): readonly string[] | null {
  const lines = text.split(/[\r\n\u2028\u2029]+/).filter((line) => line.trim() !== '');
  return lines.length > 1 ? lines : null;
}
