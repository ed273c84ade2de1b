/** Why a piece stays outside. Lengths in mm, volumes in mL. */
export type Why =
  /** It stands out of the top, so that the lid does not close. */
  | { readonly why: 'lid'; readonly byMm: number; readonly isUpright: boolean }
  | { readonly why: 'too long'; readonly byMm: number }
  | {
      readonly why: 'mouth';
      readonly needsMm: readonly number[];
      readonly mouthMm: readonly number[];
    }
  /** It may not be turned; laid down it would go in by itself. */
  | { readonly why: 'upright'; readonly byMm: number; readonly isLid: boolean }
  /** By itself it goes in at an angle, but not along the sides. */
  | { readonly why: 'at an angle' }
  /** It passes the mouth, but cannot be turned inside. */
  | { readonly why: 'no turning' }
  /** Pressed as tight as it goes, it takes more than there is. */
  | { readonly why: 'pressed'; readonly needsMl: number; readonly roomMl: number }
  /** It is thinner than it may be made. */
  | { readonly why: 'too thick'; readonly byMm: number }
  /** Filled as it was laid out it does not go in; filled another way it might. */
  | { readonly why: 'filled'; readonly so: Why }
  /** All pieces together take more than there is. */
  | { readonly why: 'too much'; readonly byMl: number }
  /** Nothing speaks against it, and no place was found. */
  | { readonly why: 'no place found' }
  /** An answer was found that did not hold when it was looked at once more: a fault of this program. */
  | { readonly why: 'fault'; readonly wrong: string };

/** Whether nothing speaks against a reason: no other arrangement does away with it. */
export function isCertain({ why }: Why | { readonly why: string }): boolean {
  return !uncertain.has(why);
}

const uncertain: ReadonlySet<string> = new Set<Why['why']>([
  'no place found',
  'no turning',
  'at an angle',
  'filled',
  'too much',
  'fault',
]);
