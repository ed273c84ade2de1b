/** What a scale says several times a second. */
export interface Reading {
  /** When it was taken, in ms; it only ever grows. */
  readonly atMs: number;
  /** What lies on it less the tare, in g; null where it is more than the scale can bear. */
  readonly massG: number | null;
}

/** How the line to the scale stands. */
export type Link = 'connecting' | 'live' | 'lost';

export interface Listener {
  readonly onReading: (reading: Reading) => void;
  readonly onLink: (link: Link) => void;
}

/** A scale that streams its readings, whatever it is and however it is connected. */
export interface Scale {
  /** Starts listening; the function given back stops it. Losing the line is told once. */
  listen(listener: Listener): () => void;
  /** Takes what lies on it now as nothing. */
  tare(): Promise<void>;
}
