import { readyings, trials } from '../catalogue/handling';
import type { Gear } from '../gear';

/** What is done before a piece goes along and how it is tried, by its kind; nothing where it is like none. */
export function kindSays({ kind }: Pick<Gear, 'kind'>): {
  readonly ready: readonly string[];
  readonly trial: readonly string[];
} {
  if (kind === null) return { ready: [], trial: [] };
  return { ready: readyings[kind] ?? [], trial: trials[kind] ?? [] };
}
