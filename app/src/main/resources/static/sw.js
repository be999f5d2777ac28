// The owner's pages and a trainer's lesson without signal: what was loaded once is kept and shown when the network does not answer in time.
// Reps are no business of this file: they wait in the phone's database (app/queue.js).
const CACHE = 'cahier-12';
const PATIENCE_MS = 3000;
const SHELL = ['/fonts/fonts.css', '/app/cahier.css', '/app/theme.js', '/app/today.js', '/app/practice.js',
  '/app/queue.js', '/app/gone.js', '/app/parked.js', '/app/stopped.js', '/app/coach.js', '/app/marks.js', '/app/correct.js', '/app/earlier.js', '/app/clock.js', '/app/beat.js', '/app/signal.js', '/app/alarm.js', '/app/ask.js', '/app/happened.js', '/app/met.js', '/app/watch.js', '/app/count.js', '/app/watching.js', '/app/out.js', '/app/way.js', '/app/alone.js', '/app/departing.js', '/app/chosen.js', '/app/early.js', '/app/distance.js', '/app/threshold.js', '/app/hour.js', '/app/hour-rule.js', '/app/hour-strip.js', '/app/touch.js', '/app/offline.js', '/vendor/idb/idb.js', '/favicon.svg',
  '/fonts/atkinson-hyperlegible-latin-400-normal.woff2', '/fonts/atkinson-hyperlegible-latin-700-normal.woff2',
  '/fonts/literata-latin-wght-normal.woff2', '/fonts/literata-latin-wght-italic.woff2'];

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll(SHELL)).then(() => self.skipWaiting()));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(caches.keys()
    .then((names) => Promise.all(names.filter((name) => name !== CACHE).map((name) => caches.delete(name))))
    .then(() => self.clients.claim()));
});

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  // What is left today is asked of the server or not at all.
  if (event.request.method !== 'GET' || url.origin !== location.origin || url.pathname.endsWith('/left') || url.pathname.endsWith('/state') || url.pathname.includes('/alarms/')) return;
  event.respondWith(answer(event.request));
});

/** The pages of today's steps, so that they open in the park although nobody opened them at home. */
self.addEventListener('message', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => Promise.all([...(event.data.keep ?? []).map((url) => keep(cache, url)), event.data.lose && cache.delete(event.data.lose)])));
});

async function keep(cache, url) {
  try {
    const page = await fetch(url);
    if (page.ok && !page.redirected) await cache.put(url, page);
  } catch {
    // no signal: what was kept before stays
  }
}

/** The link was stopped or replaced: nothing of its household stays on the phone. */
async function lose(cache, token) {
  const pages = (await cache.keys()).filter((page) => `${new URL(page.url).pathname}/`.startsWith(`/o/${token}/`));
  await Promise.all(pages.map((page) => cache.delete(page)));
}

/** From the network, and kept; from what was kept when the network is silent. A link that was replaced loses what was kept of it. */
async function answer(request) {
  const cache = await caches.open(CACHE);
  // Whether a script is asked for as a module or not (Vary: Origin), it is the same file.
  const kept = await cache.match(request, { ignoreVary: true });
  const network = fetch(request).then(async (response) => {
    if (response.ok && !response.redirected) await cache.put(request, response.clone());
    if (response.status === 404) await cache.delete(request);
    if (response.headers.get('Cahier-Link') === 'gone') await lose(cache, new URL(request.url).pathname.split('/')[2]);
    return response;
  });
  if (!kept) return network;
  const silence = new Promise((resolve) => { setTimeout(() => resolve(kept), PATIENCE_MS); });
  return Promise.race([network.catch(() => kept), silence]);
}
