import { isSpent, type Gear } from '../gear';
import { kindOf } from './kinds';

/** What of the shelf is shown. */
export const shelfParts = {
  all: 'everything',
  owned: 'there',
  wished: 'wished for',
  lent: 'lent',
  'not weighed': 'not weighed',
  'in no kit': 'in no kit',
  'no job': 'without a job',
  retired: 'retired',
} as const;
export type ShelfPart = keyof typeof shelfParts;

const byName = new Intl.Collator('en', { sensitivity: 'base', numeric: true });

/** Gear by name, as a person would look for it. */
export function inOrderOfName(gear: Iterable<Gear>): readonly Gear[] {
  return [...gear].sort((one, other) => byName.compare(one.name, other.name));
}

/** The gear that has every word typed in its name, kind, ownership, borrower or note, in the order given. */
export function findGear(gear: readonly Gear[], typed: string): readonly Gear[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return gear;
  return gear.filter((each) => {
    const text = textOf(each);
    return words.every((word) => text.includes(word));
  });
}

/** Whether a piece belongs to a part of the shelf; `placed` is how many of it are in kits. */
export function isInPart(gear: Gear, part: ShelfPart, placed: number): boolean {
  switch (part) {
    case 'all':
      return true;
    case 'owned':
      return gear.ownership !== 'wished' && gear.ownership !== 'retired' && gear.lentTo === null;
    case 'wished':
    case 'retired':
      return gear.ownership === part;
    case 'lent':
      return gear.lentTo !== null;
    case 'not weighed':
      return gear.massTrust !== 'weighed' || gear.massG === null;
    case 'in no kit':
      return placed === 0 && !isSpent(gear);
    case 'no job':
      return hasNoJob(gear);
  }
}

/** Nothing is known of what it does or holds, as of a line that meant no kind for sure. */
export function hasNoJob({ supplies, cavities }: Gear): boolean {
  return supplies.length === 0 && cavities.length === 0;
}

/** What a piece is found by. A piece never changes, so its text is made once. */
const texts = new WeakMap<Gear, string>();

function textOf(gear: Gear): string {
  const known = texts.get(gear);
  if (known !== undefined) return known;
  const { name, kind, ownership, tier, lentTo, note } = gear;
  const kindName = kind === null ? '' : (kindOf(kind)?.name ?? '');
  const lent = lentTo === null ? '' : `lent ${lentTo}`;
  const text = `${name} ${kindName} ${ownership} ${tier} ${lent} ${note}`.toLowerCase();
  texts.set(gear, text);
  return text;
}
