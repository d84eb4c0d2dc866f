// Keeps the application, and what it last loaded of a project, on the device: a survey goes on through
// a reload without a connection. The server's answer always comes first; nothing is kept of a refusal.
const SHELL = 'riegel-shell';
const DATA = 'riegel-data';
const MOST_ASSETS = 80;

/** What a survey needs to open: who is signed in, the project, its openings. */
const KEPT = /^\/api\/(session|projects\/[0-9a-f-]{36}(\/openings)?)$/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('message', (event) => {
  if (event.data === 'forget') event.waitUntil(caches.delete(DATA));
});

async function networkFirst(request, cacheName, key) {
  const cache = await caches.open(cacheName);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(key, answer.clone());
    else if (answer.status === 401) await caches.delete(DATA);
    return answer;
  } catch (error) {
    const kept = await cache.match(key);
    if (kept) return kept;
    throw error;
  }
}

async function cacheFirst(request) {
  const cache = await caches.open(SHELL);
  const kept = await cache.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) {
    await cache.put(request, answer.clone());
    const keys = await cache.keys();
    for (const old of keys.slice(0, Math.max(0, keys.length - MOST_ASSETS)))
      await cache.delete(old);
  }
  return answer;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && !url.pathname.startsWith('/api'))
    event.respondWith(networkFirst(request, SHELL, '/'));
  else if (url.pathname.startsWith('/assets/')) event.respondWith(cacheFirst(request));
  else if (KEPT.test(url.pathname)) event.respondWith(networkFirst(request, DATA, url.pathname));
});
