import { late } from '../late/late';

export type Judge = typeof import('@/core/judge');

/** The rules and their words: the first screen does not wait for them. */
export const lateJudge = late<Judge>(() => import('@/core/judge'));
