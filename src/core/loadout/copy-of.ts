import { listOf, recordOf, type Outline } from '../gear/outline';

/** That a gear of a copy does there what one of its pattern does. */
export interface StandsFor {
  readonly gear: string;
  /** The gear of the pattern. */
  readonly of: string;
}

/** Which kit another was made after, for whom, and which of its gear stands for which of that kit’s. */
export interface CopyOf {
  /** The pattern, which may be gone by now. */
  readonly kit: string;
  /** Empty where nobody was named. */
  readonly forWhom: string;
  readonly stands: readonly StandsFor[];
}

/** As many as a kit has places. */
const mostStands = 1000;

export const copyOfOutline: Outline = recordOf({
  kit: { of: 'id' },
  forWhom: { of: 'name or nothing' },
  stands: listOf(recordOf({ gear: { of: 'id' }, of: { of: 'id' } }), mostStands),
});
