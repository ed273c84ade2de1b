import { done, refused, type Outcome } from '@/core/quantity';
import { jobIds, jobs, mostItems, sortsOf, type Demand, type JobId, type Sort } from '@/core/gear';

/** Demands as they are typed: `tinder of spark or ember; 2 × cells of AA alkaline; the sun`. */
export function demandsText(demands: readonly Demand[]): string {
  return demands.map(demandText).join('; ');
}

function demandText(demand: Demand): string {
  if (demand.on === 'sun') return 'the sun';
  const { anyOf, sorts, items } = demand;
  const many = items > 1 ? `${items} × ` : '';
  const of = sorts === null ? '' : ` of ${sorts.join(' or ')}`;
  return `${many}${anyOf.map((job) => jobs[job].name).join(' or ')}${of}`;
}

/**
 * Reads demands as {@link demandsText} writes them: parts between semicolons, each a job or several with `or`, what it must be
 * of after `of`, and how many items before it.
 */
export function parseDemands(text: string): Outcome<readonly Demand[]> {
  const demands: Demand[] = [];
  for (const part of text
    .split(';')
    .map((each) => each.trim())
    .filter(Boolean)) {
    const read = parseDemand(part);
    if (!read.ok) return read;
    demands.push(read.value);
  }
  return done(demands);
}

function parseDemand(part: string): Outcome<Demand> {
  if (/^(?:the )?sun$/i.test(part)) return done({ on: 'sun' });
  const [, many, named = '', of] =
    /^(?:(\d{1,3})\s*[x×]\s*)?(.+?)(?:\s+of\s+(.+))?$/i.exec(part) ?? [];
  const items = many === undefined ? 1 : Number(many);
  if (items < 1 || items > mostItems)
    return refused(`“${part}” asks for no number of items from 1 to ${mostItems}.`);
  const anyOf: JobId[] = [];
  for (const name of named.split(/\s+or\s+/i)) {
    const job = jobIds.find(
      (id) => id === name.toLowerCase() || jobs[id].name === name.toLowerCase(),
    );
    if (!job)
      return refused(
        `“${name}” is not a job: write it like “fuel of gas”, “2 × cells of AA alkaline” or “the sun”.`,
      );
    anyOf.push(job);
  }
  if (of === undefined) return done({ on: 'jobs', anyOf, sorts: null, items });
  const known = anyOf.flatMap((job) => sortsOf[job] ?? []);
  const sorts: Sort[] = [];
  for (const name of of.split(/\s+or\s+/i)) {
    const sort = known.find((each) => each.toLowerCase() === name.toLowerCase());
    if (!sort) {
      return refused(
        known.length === 0
          ? `“${named}” comes in no sorts: leave out “of ${of}”.`
          : `“${name}” is none of ${known.join(', ')}.`,
      );
    }
    sorts.push(sort);
  }
  return done({ on: 'jobs', anyOf, sorts, items });
}
