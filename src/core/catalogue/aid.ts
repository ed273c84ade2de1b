import { byName } from '../quantity';
import type { Complaint } from '../gear';

/** What one kind is for among complaints. */
export interface Aid {
  readonly complaint: Complaint;
  /** How often one full piece serves; where it is counted, so much of what is in it is one use. */
  readonly uses: number | { readonly each: number };
}

/** A tool is there however often it is used. */
const always = Infinity;

/**
 * What each kind serves against, and how often (own planning values, to the safe side): no doses, which are a doctor’s; allergy
 * tablets never answer a grave allergy, and no cloth heavy bleeding.
 */
export const aids = byName<readonly Aid[]>({
  'first-aid-pouch': [
    aid('small cut', 10),
    aid('blister', 4),
    aid('burn', 1),
    aid('sprain', 1),
    aid('tick or splinter', always),
  ],
  'small-first-aid': [aid('small cut', 6), aid('blister', 3)],
  'vehicle-first-aid': [
    aid('small cut', 10),
    aid('heavy bleeding', 1),
    aid('burn', 1),
    aid('sprain', 2),
    aid('cold', 1),
  ],
  'pressure-bandage': [aid('heavy bleeding', 1)],
  tourniquet: [aid('heavy bleeding', 1)],
  'packing-gauze': [aid('heavy bleeding', 1)],
  'haemostatic-gauze': [aid('heavy bleeding', 1)],
  'plain-gauze': [aid('small cut', 4), aid('burn', 1)],
  'triangular-bandage': [aid('sprain', 1)],
  'elastic-bandage': [aid('sprain', 1)],
  splint: [aid('sprain', 1)],
  plasters: [counted('small cut', 1)],
  'wound-strips': [counted('small cut', 3)],
  'burn-gel': [aid('burn', 1)],
  'blister-plasters': [counted('blister', 1)],
  moleskin: [counted('blister', 1)],
  'foot-tape': [aid('blister', 15), aid('sprain', 1)],
  tweezers: [aid('tick or splinter', always)],
  'tick-remover': [aid('tick or splinter', always)],
  'keyring-tool': [aid('tick or splinter', always)],
  'eye-wash': [aid('eye', 1)],
  'allergy-pen': [aid('grave allergy', 1)],
  'allergy-tablets': [counted('sting or itch', 1)],
  'cold-pack': [aid('sprain', 1), aid('sting or itch', 1)],
  'pain-tablets': [counted('pain or fever', 1)],
  'fever-syrup': [counted('pain or fever', 10)],
  'stomach-tablets': [counted('gut', 1)],
  salts: [counted('salts or heat', 1), counted('gut', 1)],
  'reflective-sheet': [aid('cold', 1)],
  'film-bivvy': [aid('cold', 1)],
  'heavy-reflective-sheet': [aid('cold', 1)],
  'wool-blanket': [aid('cold', 1)],
  'fleece-blanket': [aid('cold', 1)],
  'sleeping-bag': [aid('cold', 1)],
  'summer-bag': [aid('cold', 1)],
  'winter-bag': [aid('cold', 1)],
  'hand-warmer': [aid('cold', 1)],
});

/** Kinds that help nobody in hands that were not trained. */
export const needsTraining: ReadonlySet<string> = new Set([
  'pressure-bandage',
  'tourniquet',
  'packing-gauze',
  'haemostatic-gauze',
  'chest-seal',
  'splint',
  'breathing-mask',
  'allergy-pen',
]);

function aid(complaint: Complaint, uses: number): Aid {
  return { complaint, uses };
}

/** So many of its contents are one use. */
function counted(complaint: Complaint, each: number): Aid {
  return { complaint, uses: { each } };
}
