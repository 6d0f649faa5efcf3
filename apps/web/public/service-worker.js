/* Keeps the app and what was last fetched in the browser, so that a reload works while the server is away. */
const KEPT = 'round-mint-1';

/** Files whose names change with their content. */
const isHashed = ({ pathname }) => pathname.startsWith('/_expo/') || pathname.startsWith('/assets/');
/** Answers that are too large or too seldom wanted to keep, and streams, which never end. */
const isPassing = ({ pathname }) =>
  /^\/api\/v1\/(export|log\.csv|openapi|photos|devices\/\w+\/stream)/.test(pathname);

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => {
  const dropOld = async () => {
    const names = await caches.keys();
    await Promise.all(names.filter((name) => name !== KEPT).map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(dropOld());
});

async function keep(request, response) {
  if (response.ok) await (await caches.open(KEPT)).put(request, response.clone());
  return response;
}

async function fromKept(request) {
  const kept = await caches.match(request);
  if (!kept) throw new Error('not kept');
  return kept;
}

/** The newest there is: from the server, else as it was last. */
async function newest(request, keptAs = request) {
  let response;
  try {
    response = await fetch(request);
  } catch {
    return fromKept(keptAs);
  }
  return keep(keptAs, response);
}

async function hashed(request) {
  try {
    return await fromKept(request);
  } catch {
    return keep(request, await fetch(request));
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || isPassing(url)) return;
  const isPage = request.mode === 'navigate' && !url.pathname.startsWith('/api/');
  if (isPage) event.respondWith(newest(request, '/'));
  else event.respondWith(isHashed(url) ? hashed(request) : newest(request));
});

self.addEventListener('message', (event) => {
  const keepAll = async () => {
    const cache = await caches.open(KEPT);
    const urls = (event.data?.keep ?? []).filter((url) => !isPassing(new URL(url)));
    await Promise.all(urls.map((url) => cache.add(url).catch(() => undefined)));
  };
  event.waitUntil(keepAll());
});
