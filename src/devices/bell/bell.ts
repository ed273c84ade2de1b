/** What tells a person that something is due, outside of the screen that they look at. */
export interface Bell {
  /** Asks whether it may ring; false where it may not, or there is none. */
  readonly ask: () => Promise<boolean>;
  /** Rings with a title and a line. */
  readonly ring: (title: string, line: string) => void;
}
