/**
 * Keeps the application at hand without a network, a build at a time. `build` names the build that this worker is of;
 * its cache holds every page and every built file of it, so that what runs always finds its own.
 *
 * Pages come from the network while it answers within reach, and from the cache otherwise. Built files carry their hash
 * in their name, so that a kept one is always right, whichever build kept it: a window that was opened on an older build
 * goes on with the files of that one until it is closed or reloaded.
 */
const cacheName = `acorn ${self.build}`;

/** How long a page may take to come from the network before the kept one is shown. */
const patienceMs = 3000;

self.addEventListener('install', (event) => event.waitUntil(keepEverything()));

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('message', (event) => {
  const { data, ports } = event;
  if (data === 'take over') void self.skipWaiting();
  else if (data === 'which build') ports[0]?.postMessage(self.build);
  else if (data === 'here') event.waitUntil(dropUnused());
  else if (data === 'who is here') event.waitUntil(tellWhoIsHere(ports[0]));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (pathname.startsWith('/_next/static/')) event.respondWith(fromCacheFirst(request));
  else if (request.mode === 'navigate') event.respondWith(page(request, pathname));
  else if (besides.includes(pathname)) event.respondWith(fromNetworkFirst(request, pathname));
});

/** Files that no page names and that do not carry a hash. */
const besides = ['/icon.svg', '/manifest.webmanifest', '/demo.json'];

/**
 * Keeps every page and every built file, all or none: a build that is not whole is not installed, and is asked for
 * again later.
 */
async function keepEverything() {
  const cache = await caches.open(cacheName);
  try {
    const answer = await fetched('/api/to-keep', { cache: 'no-store' });
    const { build, pages, built } = await answer.json();
    if (build !== self.build) throw new Error('the server has gone on to another build');
    await inTurns([...pages, ...built, ...besides], async (file) => {
      const answered = await fetched(file, {
        cache: file.startsWith('/_next/') ? 'default' : 'no-store',
      });
      if (!answered.ok || answered.redirected) throw new Error(`${file} is not to be had`);
      await cache.put(file, answered);
    });
  } catch (error) {
    await caches.delete(cacheName);
    throw error;
  }
}

/** Asks a few times: a server that was just started anew lets lines that were open before fall. */
async function fetched(file, options) {
  for (let tries = 1; ; tries += 1) {
    try {
      return await fetch(file, options);
    } catch (error) {
      if (tries >= 4) throw error;
      await new Promise((resolve) => setTimeout(resolve, tries * 400));
    }
  }
}

/** A few at a time: a server that answers many at once answers none of them soon. */
async function inTurns(files, keep) {
  const waiting = [...new Set(files)];
  const hand = async () => {
    for (let file = waiting.pop(); file !== undefined; file = waiting.pop()) await keep(file);
  };
  await Promise.all(Array.from({ length: 6 }, hand));
}

async function fromCacheFirst(request) {
  const kept = (await matched(request.url)) ?? (await caches.match(request));
  if (kept) return atItsAddress(request, kept);
  return atItsAddress(request, await fetch(request));
}

async function matched(url) {
  const cache = await caches.open(cacheName);
  return cache.match(url);
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

/** A page from the network, or the kept one where that fails, is ill, or takes too long. */
async function page(request, pathname) {
  const kept = (await matched(pathname)) ?? (await matched('/layout'));
  if (!kept) return fetch(request);
  const answered = await within(patienceMs, fetch(request));
  return answered !== null && answered.status < 500 ? answered : kept;
}

async function fromNetworkFirst(request, pathname) {
  const kept = await matched(pathname);
  if (!kept) return fetch(request);
  const answered = await within(patienceMs, fetch(request));
  return answered?.ok ? answered : kept;
}

/** What a promise gives within so long; null where it gives nothing, or fails. */
function within(ms, promise) {
  const tooLate = new Promise((resolve) => setTimeout(resolve, ms, null));
  return Promise.race([promise.catch(() => null), tooLate]);
}

/**
 * Drops what builds kept that nobody is on any more. Every window holds a lock with the name of its build while it is
 * there. While any window holds none, as it is just being loaded or is of a build before there were such locks, nothing
 * is dropped, nor while a newer worker waits: its cache is not this one's to judge.
 */
async function dropUnused() {
  const { installing, waiting } = self.registration;
  if (!self.navigator.locks || installing || waiting) return;
  const { held } = await self.navigator.locks.query();
  const builds = held
    .map(({ name }) => name.split(' '))
    .filter(([what]) => what === 'acorn-window');
  const windows = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
  if (windows.length > builds.length) return;
  const inUse = new Set([cacheName, ...builds.map(([, build]) => `acorn ${build}`)]);
  for (const name of await caches.keys()) {
    if (name.startsWith('acorn') && !inUse.has(name)) await caches.delete(name);
  }
}

/** The paths of all windows, for a window that waits for another one. */
async function tellWhoIsHere(port) {
  const windows = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
  port?.postMessage(windows.map(({ url }) => new URL(url).pathname));
}
