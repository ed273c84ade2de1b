import { byName } from '../quantity';
import { igniteJobs, jobs, type JobId } from '../gear';
import type { Bench, OwnScheme } from '../loadout';
import { isSchemeId, schemeIds, schemes, schemeWith, type Scheme } from './schemes';

/** Every scheme a bench can be seen through: those that ship, then the person’s own. */
export function schemesOf({ schemes: own }: Pick<Bench, 'schemes'>): readonly Scheme[] {
  return [...schemeIds.map((id) => schemes[id]), ...[...own.values()].map(schemeOfOwn)];
}

/** What schemes that ship were called once. */
const called = byName<string>({ 'order-of-needs': 'what-hurts-first' });

/** The id of a scheme as it is now, whatever it was when it was kept. */
export function schemeIdNow(id: string): string {
  return called.get(id) ?? id;
}

/** The scheme of that id, or the first that ships where it is gone. */
export function schemeOf({ schemes: own }: Pick<Bench, 'schemes'>, kept: string): Scheme {
  const id = schemeIdNow(kept);
  if (isSchemeId(id)) return schemes[id];
  const found = own.get(id);
  return found ? schemeOfOwn(found) : schemes['five-cs'];
}

/** A scheme that ships as categories a person can change, under an id of its own. */
export function ownFrom(scheme: Scheme, id: string, name: string): OwnScheme {
  const categories = scheme.categories.filter((category) => category.must.length > 0);
  return {
    id,
    name,
    categories: categories.map(({ id: category, name: called, jobs: gathered }) => ({
      id: category,
      name: called,
      jobs: gathered,
    })),
  };
}

const worked = new WeakMap<OwnScheme, Scheme>();

function schemeOfOwn(own: OwnScheme): Scheme {
  const known = worked.get(own);
  if (known) return known;
  const scheme = schemeWith(
    own.id,
    own.name,
    'categories',
    own.categories.map((category) => ({ ...category, must: mustOf(category.jobs) })),
  );
  worked.set(own, scheme);
  return scheme;
}

/** What a person’s category must be able to do: each critical job in it, to ignite, or else any job of it. */
function mustOf(gathered: readonly JobId[]): readonly (readonly JobId[])[] {
  const critical = gathered.filter((job) => jobs[job].critical).map((job) => [job]);
  const ignite = gathered.filter((job) => igniteJobs.includes(job));
  const musts = [...critical, ...(ignite.length > 0 ? [ignite] : [])];
  return musts.length > 0 ? musts : [gathered];
}
