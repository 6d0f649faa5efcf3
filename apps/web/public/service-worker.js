/* Keeps the whole app and what was last fetched in the browser, so that it opens while the server is away. */

/** Files of the app, filled in when it is built; any change of them makes this another worker. */
const APP = { version: 'not built', files: ['/'] };

const APP_CACHE = `round-mint-app-${APP.version}`;
const ANSWERS = 'round-mint-answers-1';
/** On an answer that was kept: when it was fetched. */
const KEPT_AT = 'round-mint-kept-at';
/** A server that does not answer for so long is taken to be away, where an answer of it is kept, ms. */
const PATIENCE_MS = 8000;

const appFiles = new Set(APP.files);
/** Answers that are too large or too seldom wanted to keep, and streams, which never end. */
const isPassing = ({ pathname }) =>
  /^\/api\/v1\/(access|changes|export|log\.csv|openapi|photos\/|devices\/\w+\/stream|.*\.csv$)/.test(
    pathname,
  );

self.addEventListener('install', (event) => {
  const keepApp = async () => {
    const cache = await caches.open(APP_CACHE);
    await cache.addAll(APP.files);
    await self.skipWaiting();
  };
  event.waitUntil(keepApp());
});

self.addEventListener('activate', (event) => {
  const dropOld = async () => {
    const names = await caches.keys();
    const old = names.filter((name) => name !== APP_CACHE && name !== ANSWERS);
    await Promise.all(old.map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(dropOld());
});

/** Keeps an answer with the time it was fetched at. */
async function keep(request, response) {
  const headers = new Headers(response.headers);
  headers.set(KEPT_AT, new Date().toISOString());
  const body = await response.blob();
  const { status, statusText } = response;
  await (await caches.open(ANSWERS)).put(request, new Response(body, { status, statusText, headers }));
}

async function keptAnswer(request) {
  return (await caches.open(ANSWERS)).match(request);
}

/** The newest answer there is: the server's, else as it was last. */
async function newestAnswer(event) {
  const { request } = event;
  const asked = fetch(request).then((response) => {
    if (response.ok) event.waitUntil(keep(request, response.clone()));
    // Who is not let in any more keeps nothing of the workshop.
    if (response.status === 401) event.waitUntil(caches.delete(ANSWERS));
    return response;
  });
  const late = new Promise((resolve) => setTimeout(resolve, PATIENCE_MS));
  try {
    return (await Promise.race([asked, late])) ?? (await keptAnswer(request)) ?? (await asked);
  } catch (error) {
    const kept = await keptAnswer(request);
    if (kept) return kept;
    throw error;
  }
}

/** A file of the app; any address of a place is the same page. */
async function appFile(path) {
  return (await (await caches.open(APP_CACHE)).match(path)) ?? fetch(path);
}

/** The page itself: the server's, so that a newer app is found; else the one that is kept. */
async function newestPage(request) {
  try {
    return await fetch(request);
  } catch {
    return appFile('/');
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || isPassing(url)) return;
  if (url.pathname.startsWith('/api/')) event.respondWith(newestAnswer(event));
  else if (request.mode === 'navigate') event.respondWith(newestPage(request));
  else if (appFiles.has(url.pathname)) event.respondWith(appFile(url.pathname));
});

self.addEventListener('message', (event) => {
  const keepAll = async () => {
    for (const url of event.data?.keep ?? []) {
      // One after the other: the page that is open goes first.
      const response = await fetch(url).catch(() => undefined);
      if (response?.ok) await keep(url, response);
    }
    event.source?.postMessage({ kept: true });
  };
  event.waitUntil(keepAll());
});
