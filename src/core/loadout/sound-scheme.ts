import { says, type Problem } from '../quantity';
import { isId, jobs, whyNotName, type JobId } from '../gear';
import {
  beyondId,
  mostCategories,
  shippedSchemes,
  type OwnCategory,
  type OwnScheme,
} from './own-scheme';

/** What is wrong with a scheme, with the field; null where each name is plain and each job stands at most once. */
export function unsoundScheme({ id, name, categories }: OwnScheme): Problem | null {
  if (!isId(id)) return { field: 'id', message: says.noId(id) };
  if (shippedSchemes.some((shipped) => shipped === id)) {
    return { field: 'id', message: says.schemeShipped(id) };
  }
  const why = whyNotName(name);
  if (why) return { field: 'name', message: says.name(why) };
  if (categories.length === 0 || categories.length > mostCategories) {
    return { field: 'categories', message: says.schemeSize(mostCategories) };
  }
  const ids = new Set<string>([beyondId]);
  const placed = new Set<JobId>();
  for (const [at, category] of categories.entries()) {
    const problem = unsoundCategory(category, ids, placed);
    if (problem) return { ...problem, field: `categories[${at}].${problem.field}` };
  }
  return null;
}

/** What is wrong with a category beside those before it, whose ids and jobs are taken. */
function unsoundCategory(
  { id, name, jobs: gathered }: OwnCategory,
  ids: Set<string>,
  placed: Set<JobId>,
): Problem | null {
  if (!isId(id)) return { field: 'id', message: says.noId(id) };
  const why = whyNotName(name);
  if (why) return { field: 'name', message: says.nameOf('A category’s name', why) };
  if (gathered.length === 0) return { field: 'jobs', message: says.categoryWithoutJob(name) };
  if (ids.has(id)) return { field: 'id', message: says.categoryIdTaken(id) };
  ids.add(id);
  for (const job of gathered) {
    if (!Object.hasOwn(jobs, job)) return { field: 'jobs', message: says.noWord('A job', job) };
    if (placed.has(job)) return { field: 'jobs', message: says.jobInTwoCategories(job) };
    placed.add(job);
  }
  return null;
}
