import { readNumeral } from '@/core/quantity';

/** The number that a text is, as people write numbers: `-3`, `−3,5`, `1 200`; null where it is none. */
export function numberIn(text: string): number | null {
  const typed = text.trim().replace(/^[−–]/, '-');
  const isBelow = typed.startsWith('-');
  const read = readNumeral(isBelow ? typed.slice(1) : typed.replace(/^\+/, ''));
  if (!read.ok || read.value.rest.trim() !== '') return null;
  return (isBelow ? -1 : 1) * read.value.value;
}
