// The service worker: what the application is made of comes from this tablet, and where the line is gone the copies of its pages do too.
// Copies are made by the pages themselves (copies.js), so that each says of when it is.

import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';

const COPIES = 'lento.pages';
// ms: a line that says nothing for so long is none.
const PATIENCE = 8000;
const NEVER = /^\/(up|pulse|rail|build|calendar|api)(\/|$)|\.[a-z]+$/;

cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

// Of this very address: the copy of another pot, or of another question, would be a wrong answer.
const copyOf = async (url) => (await caches.open(COPIES)).match(url.href);

/** The page as the server has it; without a line, as it was when it was last seen here; and where it never was, what to do then. */
async function page({ request, url }) {
  const answer = fetch(request);
  const patience = new Promise((resolve) => {
    setTimeout(async () => {
      // What there is no copy of is waited for, however long it takes.
      const kept = await copyOf(url);
      if (kept) resolve(kept);
    }, PATIENCE);
  });
  try {
    return await Promise.race([answer, patience]);
  } catch (gone) {
    const kept = (await copyOf(url)) ?? (request.mode === 'navigate' ? await matchPrecache('/offline.html') : undefined);
    if (!kept) throw gone;
    return kept;
  }
}

registerRoute(
  ({ request, url, sameOrigin }) =>
    sameOrigin && !NEVER.test(url.pathname) && !request.headers.has('HX-Request') && !request.headers.has('Lento-Copy'),
  page,
);
// What is sent by hand and meets no line: it is still in the page that it was written on.
registerRoute(
  ({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate',
  async ({ request }) => fetch(request).catch(() => matchPrecache('/unsent.html')),
  'POST',
);
