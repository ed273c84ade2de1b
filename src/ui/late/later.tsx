'use client';

import type { ComponentType, ReactNode } from 'react';
import { PartBoundary } from '../opening/part-boundary';
import { late } from './late';

/** A part of a screen that comes later, and how it is fetched ahead. */
export type Later<P> = ComponentType<P> & { readonly fetch: () => Promise<ComponentType<P>> };

/**
 * A part of a screen that is fetched when it is first drawn: `fallback` stands in its place until then, and nothing beside
 * it waits. What fails in it takes nothing else with it.
 *
 * @example const Editor = later(() => import('./editor').then(({ Editor }) => Editor));
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  fallback: ReactNode = null,
): Later<P> {
  const part = late(load);
  function LaterPart(props: P) {
    const Part = part.useFetched();
    return Part === null ? (
      fallback
    ) : (
      <PartBoundary>
        <Part {...props} />
      </PartBoundary>
    );
  }
  return Object.assign(LaterPart, { fetch: part.fetch });
}
