import { conditionsOf, schoolOf, type Brief, type Conditions, type LaneOrder } from '../brief';
import { jobsInWords, type JobId } from '../gear';
import { beyondId } from '../loadout';
import { dangersOf, liftedBy, urgencyOf, type Danger } from './dangers';
import type { Category, Scheme } from './schemes';

/** Where a category lies in the order that a brief proposes, and why. */
export interface ProposedCategory {
  readonly category: Category;
  readonly because: string;
}

/**
 * The categories of a scheme in the order that a brief proposes: by how soon the lack of what they do tells there, and how
 * hard that is to make do; a school may lift some. It is a proposal: which comes first is disputed. What lies beyond the
 * categories stays last, and equals stay as the scheme has them.
 */
export function proposedOrder(
  scheme: Scheme,
  brief: Brief,
  conditions: Conditions,
): readonly ProposedCategory[] {
  const dangers = dangersOf(brief, conditions);
  const lifted = liftedBy(brief);
  const ranked = scheme.categories.map((category, at) => {
    const first = mostUrgent(category, dangers, brief);
    const lift = lifted.findIndex((jobs) => leads(category, jobs));
    return {
      category,
      at,
      rank: category.id === beyondId ? Infinity : lift < 0 ? lifted.length : lift,
      hours: first?.hours ?? Infinity,
      because:
        lift < 0
          ? category.id === beyondId
            ? 'what no category takes'
            : (first?.because ?? 'nothing there asks for it first')
          : `your school: ${schoolOf(brief.schools, 'first')}`,
    };
  });
  return ranked
    .sort(
      (one, other) =>
        less(one.rank, other.rank) || less(one.hours, other.hours) || one.at - other.at,
    )
    .map(({ category, because }) => ({ category, because }));
}

/** A category leads with a job where it must do it. */
function leads({ must }: Category, jobs: readonly JobId[]): boolean {
  return must.some((anyOf) => anyOf.some((job) => jobs.includes(job)));
}

function mostUrgent(
  { jobs }: Category,
  dangers: readonly Danger[],
  brief: Brief,
): { readonly hours: number; readonly because: string } | null {
  const found = jobs
    .map((job) => urgencyOf(job, dangers, brief))
    .reduce<ReturnType<typeof urgencyOf> | null>(
      (least, each) => (least === null || each.hours < least.hours ? each : least),
      null,
    );
  if (!found?.danger) return null;
  const { job, hours, danger, hardness } = found;
  return {
    hours,
    because: `${danger.because}${hardness === null ? '' : `; ${jobsInWords([job])} ${hardnessWords[hardness]}`}`,
  };
}

const hardnessWords = [
  'is easily made there',
  'can be made there',
  'is hard to make there',
  'cannot be made there',
] as const;

/** The orders that a brief proposes, scheme by scheme, as it keeps them; none while it says nothing of place and cold. */
export function proposedLanes(
  schemes: readonly Scheme[],
  brief: Brief,
  today: string,
): readonly LaneOrder[] {
  if (!saysWhere(brief)) return [];
  const conditions = conditionsOf(brief, today);
  return schemes.map((scheme) => ({
    scheme: scheme.id,
    categories: proposedOrder(scheme, brief, conditions).map(({ category }) => category.id),
  }));
}

export function saysWhere({ country, weather, heard }: Brief): boolean {
  return country !== null || weather.lowC !== null || heard !== null;
}

function less(one: number, other: number): number {
  return one === other ? 0 : one < other ? -1 : 1;
}
