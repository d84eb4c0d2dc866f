import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/**
 * Keeps the whole application, and what it last loaded of a project, on the device: work goes on through
 * a reload without a connection. The server's answer always comes first; nothing is kept of a refusal.
 */
declare const self: {
  __WB_MANIFEST: (string | { url: string; revision: string | null })[];
  skipWaiting(): Promise<void>;
  addEventListener(
    type: 'message',
    listener: (event: { data: unknown; waitUntil(work: Promise<unknown>): void }) => void,
  ): void;
};

const DATA = 'riegel-data';

/** What a survey needs to open: who is signed in, the project, its openings. */
const KEPT = /^\/api\/(session|projects\/[0-9a-f-]{36}(\/openings)?)$/;

cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);
registerRoute(
  new NavigationRoute(createHandlerBoundToURL('index.html'), { denylist: [/^\/api(\/|$)/] }),
);

async function networkFirst(request: Request, key: string): Promise<Response> {
  const cache = await caches.open(DATA);
  try {
    const answer = await fetch(request);
    if (answer.ok) {
      // A device that is full keeps nothing more; the answer stands all the same.
      await cache.put(key, answer.clone()).catch(() => undefined);
    } else if (answer.status === 401) await caches.delete(DATA);
    return answer;
  } catch (error) {
    const kept = await cache.match(key);
    if (kept) return kept;
    throw error;
  }
}

registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin && request.method === 'GET' && KEPT.test(url.pathname),
  ({ request, url }) => networkFirst(request, url.pathname),
);

self.addEventListener('message', (event) => {
  if (event.data === 'forget') event.waitUntil(caches.delete(DATA));
  if ((event.data as { type?: string } | undefined)?.type === 'SKIP_WAITING')
    event.waitUntil(self.skipWaiting());
});
