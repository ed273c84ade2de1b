'use client';

import createCache, { type EmotionCache } from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';
import { useState, type ReactNode } from 'react';

/** Puts the styles that the server rendered into the page's head, so that the browser finds them there again. */
export function StyleRegistry({ children }: { readonly children: ReactNode }) {
  const [{ cache, flush }] = useState(collectingCache);
  useServerInsertedHTML(() => {
    const found = flush();
    if (found.length === 0) return null;
    const styles = found.map((name) => cache.inserted[name]).join('');
    return (
      <style
        data-emotion={`${cache.key} ${found.join(' ')}`}
        dangerouslySetInnerHTML={{ __html: styles }}
      />
    );
  });
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}

interface CollectingCache {
  readonly cache: EmotionCache;
  /** The names inserted since the last call. */
  readonly flush: () => readonly string[];
}

function collectingCache(): CollectingCache {
  const cache = createCache({ key: 'css' });
  cache.compat = true;
  const insert = cache.insert.bind(cache);
  let names: string[] = [];
  cache.insert = (...given) => {
    const [, serialized] = given;
    if (cache.inserted[serialized.name] === undefined) names.push(serialized.name);
    return insert(...given);
  };
  return {
    cache,
    flush: () => {
      const flushed = names;
      names = [];
      return flushed;
    },
  };
}
