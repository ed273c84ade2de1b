/**
 * Keeps the application at hand without a network. Pages come from the network while there is one, and from
 * the last visit otherwise; the built files carry their hash in their name, so a kept one is always right.
 */
const cacheName = 'acorn';
const builtFile = /\/_next\/static\/[^"'\\\s)]+/g;

self.addEventListener('install', (event) => {
  event.waitUntil(keepEverything().then(() => self.skipWaiting()));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (pathname.startsWith('/_next/static/')) event.respondWith(fromCacheFirst(request));
  else if (request.mode === 'navigate') event.respondWith(fromNetworkFirst(request, pathname));
});

/** Every page, and every built file: those that a page names, and those that come when they are used. */
async function keepEverything() {
  const cache = await caches.open(cacheName);
  const { pages, built } = await fetch('/api/to-keep').then((answer) => answer.json());
  const files = new Set(['/icon.svg', ...built]);
  for (const page of pages) {
    const answer = await fetch(page);
    await cache.put(page, answer.clone());
    for (const [file] of (await answer.text()).matchAll(builtFile)) files.add(file);
  }
  await Promise.all([...files].map((file) => cache.add(file).catch(() => undefined)));
}

async function fromCacheFirst(request) {
  const kept = await caches.match(request);
  if (kept) return atItsAddress(request, kept);
  const answer = await fetch(request);
  if (answer.ok) await (await caches.open(cacheName)).put(request, answer.clone());
  return atItsAddress(request, answer);
}

/**
 * A worker takes the address of its answer for its own, and finds what it is to load behind the # of that; an answer
 * that was fetched has lost it, one that is made here has none, so that the worker's own address stands.
 */
function atItsAddress(request, answer) {
  if (request.destination !== 'worker') return answer;
  const { status, headers } = answer;
  return new Response(answer.body, { status, headers });
}

async function fromNetworkFirst(request, pathname) {
  try {
    const answer = await fetch(request);
    const cache = await caches.open(cacheName);
    if (answer.ok && (await cache.match(pathname))) await cache.put(pathname, answer.clone());
    return answer;
  } catch (error) {
    const kept = (await caches.match(pathname)) ?? (await caches.match('/layout'));
    if (kept) return kept;
    throw error;
  }
}
