import { useEffect } from 'react';
import { create } from 'zustand';

/** A part of the program that is fetched when it is needed: it is no part of the first load. */
export interface Late<M> {
  /** Fetches it, once; where it did not come, the next call asks again. */
  readonly fetch: () => Promise<M>;
  /** It, once it is here. */
  readonly atHand: () => M | null;
  /** It, or null until it is here: what uses it is drawn again then. It does not ask for it. */
  readonly use: () => M | null;
  /** The same, and asks for it. */
  readonly useFetched: () => M | null;
}

/** A part that `load` fetches. Where it does not come, the window says so, and offers to ask again or to reload. */
export function late<M>(load: () => Promise<M>): Late<M> {
  const usePart = create<{ readonly part: M | null }>(() => ({ part: null }));
  const atHand = () => usePart.getState().part;
  const use = () => usePart((state) => state.part);
  let coming: Promise<M> | null = null;
  const fetch = () => {
    coming ??= load().then(
      (part) => {
        usePart.setState({ part });
        return part;
      },
      (error: unknown) => {
        coming = null;
        useMissingParts.setState(({ again }) => ({ again: new Set(again).add(fetch) }));
        throw error;
      },
    );
    return coming;
  };
  const useFetched = () => {
    const part = use();
    useEffect(() => fetchAhead(fetch), []);
    return part;
  };
  return { fetch, atHand, use, useFetched };
}

/** Fetches a part before anybody asks for it. Where it does not come, that is said elsewhere. */
export function fetchAhead(fetch: () => Promise<unknown>): void {
  void fetch().catch(() => undefined);
}

type Fetch = () => Promise<unknown>;

/** What did not come: how each is asked for again. */
export const useMissingParts = create<{ readonly again: ReadonlySet<Fetch> }>(() => ({
  again: new Set(),
}));

/** Asks once more for all that did not come. */
export function fetchMissing(): void {
  const { again } = useMissingParts.getState();
  useMissingParts.setState({ again: new Set() });
  again.forEach(fetchAhead);
}
