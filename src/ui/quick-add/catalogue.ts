import { create } from 'zustand';

export type Catalogue = typeof import('@/core/catalogue') & typeof import('@/core/reading');

const useLoaded = create<{ readonly catalogue: Catalogue | null }>(() => ({ catalogue: null }));

/** Fetches the catalogue and the reader of lines, once: they are no part of the first load. */
export async function loadCatalogue(): Promise<Catalogue> {
  const [catalogue, reading] = await Promise.all([
    import('@/core/catalogue'),
    import('@/core/reading'),
  ]);
  const loaded = { ...catalogue, ...reading };
  if (!useLoaded.getState().catalogue) useLoaded.setState({ catalogue: loaded });
  return loaded;
}

/** The catalogue, or null until it has come. */
export function useCatalogue(): Catalogue | null {
  return useLoaded(({ catalogue }) => catalogue);
}
