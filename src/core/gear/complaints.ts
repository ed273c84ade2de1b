/** What people fall ill with or hurt themselves by on the way, and what is carried against it. */
export const complaints = [
  'small cut',
  'heavy bleeding',
  'blister',
  'burn',
  'sting or itch',
  'grave allergy',
  'tick or splinter',
  'sprain',
  'eye',
  'pain or fever',
  'gut',
  'salts or heat',
  'cold',
] as const;
export type Complaint = (typeof complaints)[number];
