import type { Gear } from '../gear';
import type { Bench } from './bench';
import type { Round } from './round';

type Pictured = Pick<Gear, 'photo'> | Pick<Round['lines'][number], 'photo'>;

/** The ids of all pictures that gear, versions and rounds of a bench name. */
export function photosNamed(bench: Pick<Bench, 'shelf' | 'versions' | 'rounds'>): Set<string> {
  const named = new Set<string>();
  const name = ({ photo }: Pictured) => void (photo !== null && named.add(photo));
  bench.shelf.forEach(name);
  for (const { gear } of bench.versions.values()) gear.forEach(name);
  for (const { lines } of bench.rounds.values()) lines.forEach(name);
  return named;
}
