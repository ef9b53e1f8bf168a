// A guest's seat without a network: the page as it was last, and the files it is made of. Nothing of the API is kept here; what is written stands in the page's own store.
const kept = 'seat';
const page = '/seat';
const isFile = (url) => url.origin === location.origin && url.pathname.startsWith('/_next/static/');
/** Milliseconds a network may take before the page that is kept is shown. */
const patience = 4000;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('message', (event) => {
  const { keep, files = [] } = event.data ?? {};
  event.waitUntil(
    (async () => {
      if (keep === false) return void (await caches.delete(kept));
      const cache = await caches.open(kept);
      await Promise.all(files.filter((file) => isFile(new URL(file))).map(async (file) => (await cache.match(file)) ?? cache.add(file).catch(() => undefined)));
      await keepPage(cache);
    })(),
  );
});
/** Keeps the page as it is now: only as a seat gets it, not where it was sent on to. */
async function keepPage(cache) {
  try {
    const answer = await fetch(page, { credentials: 'same-origin' });
    if (answer.ok && !answer.redirected) await cache.put(page, answer);
  } catch {
    // Without a network the one before stays.
  }
}
self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== 'GET') return;
  if (isFile(url)) event.respondWith(fileOf(event.request));
  else if (event.request.mode === 'navigate' && url.pathname === page) event.respondWith(pageOf(event.request));
});
/** Files are named by what they hold: one that is kept is the right one. */
async function fileOf(request) {
  const cache = await caches.open(kept);
  const known = await cache.match(request.url);
  if (known !== undefined) return known;
  const answer = await fetch(request);
  if (answer.ok) await cache.put(request.url, answer.clone());
  return answer;
}
async function pageOf(request) {
  const cache = await caches.open(kept);
  const known = await cache.match(page);
  if (known === undefined) return fetch(request);
  const late = new Promise((resolve) => setTimeout(resolve, patience, known));
  return Promise.race([fetch(request).catch(() => known), late]);
}
