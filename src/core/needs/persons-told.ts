import { kindOf } from '../catalogue';
import type { Gear } from '../gear';
import { numberWords } from '../quantity/number-words';

const forPersons =
  /(?<![\p{L}\d.,])(\d{1,2}|one|two|three|four|five|six)\s*-?\s*(?:persons?|people|man|men)(?!\p{L})/iu;

/**
 * For how many people a piece is, as its name tells; where it tells none, as its kind’s does. Null where neither tells.
 *
 * @example personsTold({ name: '3-person tent', kind: 'tent' }) // 3
 */
export function personsTold({ name, kind }: Pick<Gear, 'name' | 'kind'>): number | null {
  return toldIn(name) ?? (kind === null ? null : toldIn(kindOf(kind)?.name ?? ''));
}

function toldIn(name: string): number | null {
  const told = forPersons.exec(name)?.[1]?.toLowerCase();
  return told === undefined ? null : (numberWords.get(told) ?? Number(told));
}
