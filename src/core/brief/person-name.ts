import type { Person } from './brief';

/** What one of the people is called: by name, and by number where there is none. */
export function personName({ name }: Person, at: number, many: number): string {
  if (name !== '') return name;
  return many === 1 ? 'One person' : `Person ${at + 1}`;
}
