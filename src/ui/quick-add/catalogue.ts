import { late } from '../late/late';

export type Catalogue = typeof import('@/core/catalogue') & typeof import('@/core/reading');

/** The catalogue and the reader of lines. */
export const lateCatalogue = late<Catalogue>(async () => {
  const [kinds, reading] = await Promise.all([
    import('@/core/catalogue'),
    import('@/core/reading'),
  ]);
  return { ...kinds, ...reading };
});
