import { listOf, recordOf, type Outline } from '../gear/outline';

/** A finding that somebody has looked at and lets be, until what it was found by is otherwise. */
export interface SetAside {
  readonly rule: string;
  /** What stands for the facts it was found by. */
  readonly facts: string;
  /** Why it may be so; empty where nobody says. */
  readonly note: string;
  /** YYYY-MM-DD. */
  readonly on: string;
}

export const mostSetAside = 400;

export const setAsideOutline: Outline = listOf(
  recordOf({
    rule: { of: 'name' },
    facts: { of: 'name' },
    note: { of: 'note' },
    on: { of: 'day' },
  }),
  mostSetAside,
);
