import { create } from 'zustand';

export type Catalogue = typeof import('@/core/catalogue') & {
  readonly kindsLike: (typeof import('@/core/catalogue/suggest'))['kindsLike'];
};

const useLoaded = create<{ readonly catalogue: Catalogue | null }>(() => ({ catalogue: null }));

/** Fetches the catalogue and the index over it, once: they are no part of the first load. */
export async function loadCatalogue(): Promise<Catalogue> {
  const [catalogue, { kindsLike }] = await Promise.all([
    import('@/core/catalogue'),
    import('@/core/catalogue/suggest'),
  ]);
  const loaded = { ...catalogue, kindsLike };
  if (!useLoaded.getState().catalogue) useLoaded.setState({ catalogue: loaded });
  return loaded;
}

/** The catalogue, or null until it has come. */
export function useCatalogue(): Catalogue | null {
  return useLoaded(({ catalogue }) => catalogue);
}
