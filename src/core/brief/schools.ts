/** Where experienced people differ: what each does. The first is the default; why stands beside it. */
export const schoolWords = {
  first: [
    'by the dangers of the brief',
    'blade first',
    'water first',
    'warmth first',
    'roof, fire, food, water',
  ],
  cold: ['warm without a fire', 'with a tended fire'],
  wood: ['saw', 'saw and hatchet', 'long blade in brush'],
  pegs: ['carried', 'cut there'],
  cord: ['both', 'thick with strands', 'thin tarred'],
  foodFromLand: ['carried food', 'fish, no traps', 'nets and sets'],
  water: ['filter and boil', 'boil only', 'tablets', 'press'],
  vessel: ['cup only', 'bottle too'],
  seen: ['found at once', 'unseen until wanted'],
  firstAid: ['small hurts and one grave', 'small only'],
  bed: ['by the ground and insects', 'hang', 'lie'],
  onBody: ['enough to live a night', 'all in the bag'],
  bestPieces: ['in the kits used most, older ones stored', 'one good kit always the same'],
  doubles: ['two or three ways to what matters', 'stripped'],
  howMuch: ['what the brief asks', 'bare least', 'all that fits'],
} as const satisfies Readonly<Record<string, readonly [string, ...string[]]>>;

export type SchoolId = keyof typeof schoolWords;

/** Which school a kit follows, where it is not the default. */
export type Schools = { readonly [Id in SchoolId]?: (typeof schoolWords)[Id][number] };

/** What the kit follows in a question. */
export function schoolOf<Id extends SchoolId>(
  followed: Schools,
  id: Id,
): (typeof schoolWords)[Id][number] {
  return followed[id] ?? schoolWords[id][0];
}
