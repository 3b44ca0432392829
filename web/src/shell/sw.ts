/// <reference lib="webworker" />
/**
 * Keeps the application and what was last read on this device, so that a page that is loaded without the shop computer shows
 * the ticket as it was. The newest always comes first: what is kept answers only where nothing else does.
 */
const worker = self as unknown as ServiceWorkerGlobalScope;

/** Files of the application; their names change with what is in them. */
const APPLICATION = 'application';
/** Pages and answers as they were last read. */
const LAST_READ = 'last-read';

/** So many answers are kept: a few tickets with what belongs to them. */
const MOST_KEPT = 150;

/** Every page is one document. */
const PAGE = '/';

const ASSETS = '/assets/';

/** Names of all files of the application, as the build wrote them. */
async function assetList(): Promise<readonly string[]> {
  const response = await fetch('/assets.json', { cache: 'no-store' });
  return response.ok ? ((await response.json()) as readonly string[]) : [];
}

/** Brings what is kept of the application to the build that is served now. */
async function renew(): Promise<void> {
  const files = await assetList();
  if (files.length === 0) return;
  const cache = await caches.open(APPLICATION);
  const kept = (await cache.keys()).map(({ url }) => new URL(url).pathname);
  for (const old of kept) if (!files.includes(old)) await cache.delete(old);
  await cache.addAll(files.filter((file) => !kept.includes(file)));
}

async function keep(request: Request | string, response: Response): Promise<void> {
  const cache = await caches.open(LAST_READ);
  // Put anew it is the newest: the oldest go first.
  await cache.delete(request);
  await cache.put(request, response);
  const keys = await cache.keys();
  for (const old of keys.slice(0, Math.max(0, keys.length - MOST_KEPT))) await cache.delete(old);
}

async function freshOrKept(request: Request, key: Request | string): Promise<Response> {
  try {
    const response = await fetch(request);
    if (response.ok) await keep(key, response.clone());
    return response;
  } catch (error) {
    const kept = await (await caches.open(LAST_READ)).match(key);
    if (kept) return kept;
    throw error;
  }
}

async function assetOf(request: Request): Promise<Response> {
  return (await (await caches.open(APPLICATION)).match(request)) ?? fetch(request);
}

/** Answers of the shop computer that a page can be drawn from without it; streams and what a guest reads are not. */
const isReadable = (path: string): boolean =>
  path.startsWith('/api/') && !path.endsWith('/events') && !path.startsWith('/api/home/');

worker.addEventListener('install', (event) => {
  event.waitUntil(renew().then(() => worker.skipWaiting()));
});

worker.addEventListener('activate', (event) => {
  event.waitUntil(worker.clients.claim());
});

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
  if (request.mode === 'navigate') {
    // A private link is opened on devices of others: nothing of it is kept.
    if (url.pathname.startsWith('/home/') || url.pathname.startsWith('/api/')) return;
    event.respondWith(freshOrKept(request, PAGE));
    event.waitUntil(renew().catch(() => undefined));
  } else if (url.pathname.startsWith(ASSETS)) event.respondWith(assetOf(request));
  else if (isReadable(url.pathname)) event.respondWith(freshOrKept(request, request));
});
