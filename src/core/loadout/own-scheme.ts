import type { Problem } from '../quantity';
import { whyNotName, type JobId } from '../gear';

/** A category as the person wrote it: a name over jobs. */
export interface OwnCategory {
  readonly id: string;
  readonly name: string;
  readonly jobs: readonly JobId[];
}

/** A scheme of the person’s own. Jobs that it leaves out are gathered beyond it. */
export interface OwnScheme {
  readonly id: string;
  readonly name: string;
  readonly categories: readonly OwnCategory[];
}

export const mostCategories = 40;

/** What is wrong with a scheme, with the field; null where each name is plain and each job stands at most once. */
export function unsoundScheme({ name, categories }: OwnScheme): Problem | null {
  const why = whyNotName(name);
  if (why) return { field: 'name', message: `The name ${why}.` };
  if (categories.length === 0 || categories.length > mostCategories) {
    return { field: 'categories', message: `A scheme has 1 to ${mostCategories} categories.` };
  }
  const ids = new Set<string>();
  const jobs = new Set<JobId>();
  for (const [at, category] of categories.entries()) {
    const field = `categories[${at}]`;
    const whyCategory = whyNotName(category.name);
    if (whyCategory)
      return { field: `${field}.name`, message: `A category’s name ${whyCategory}.` };
    if (category.jobs.length === 0) {
      return { field: `${field}.jobs`, message: `${category.name} gathers no job.` };
    }
    if (ids.has(category.id) || category.id === 'beyond') {
      return { field: `${field}.id`, message: `The category id ${category.id} is taken.` };
    }
    ids.add(category.id);
    for (const job of category.jobs) {
      if (jobs.has(job)) {
        return { field: `${field}.jobs`, message: `The job ${job} stands in two categories.` };
      }
      jobs.add(job);
    }
  }
  return null;
}
