/* Brings the bunker's page back when it is loaded again while the server is away: the one that was opened last, for a day at most,
 * with the balls that wait in the browser. Everything else goes to the server as ever. */

const PAGE = 'mellow-bunker-page';
const PARTS = 'mellow-parts';
const MOST_PARTS = 300;
const DAY_MS = 24 * 60 * 60 * 1000;
const KEPT_AT = 'x-kept-at';

const isBunker = ({ pathname }) => /^\/lessons\/[0-9a-f-]{36}$/.test(pathname);
const isPart = ({ pathname }) =>
  pathname.startsWith('/_next/static/') || pathname.startsWith('/words/');

/* A browser may refuse its storage, or have no room left: then nothing is kept, and what the server answers is answered all the same. */
const unlessRefused = (work) => work().catch(() => undefined);
const forget = (name) => unlessRefused(() => caches.delete(name));

/** Keeps a page in the place of the one before, with when it was kept. */
async function keep(url, response) {
  const headers = new Headers(response.headers);
  headers.set(KEPT_AT, String(Date.now()));
  const copy = new Response(await response.blob(), { status: response.status, headers });
  await caches.delete(PAGE);
  await (await caches.open(PAGE)).put(url, copy);
}

/** The page that was kept under an address; undefined where there is none, or it is too old. */
async function kept(url) {
  const found = await unlessRefused(async () => (await caches.open(PAGE)).match(url));
  if (!found) return undefined;
  if (Date.now() - Number(found.headers.get(KEPT_AT)) < DAY_MS) return found;
  await forget(PAGE);
  return undefined;
}

/** True of what the product itself answers: a gateway before it, or a network that asks for a sign-in of its own, does not say so. */
const isOwn = ({ headers }) => headers.get('x-answered-by') === 'mellow-divot';

/** True of the page itself, as the product answers it. */
const isThePage = (response) => isOwn(response) && response.ok && !response.redirected;

/** Who may not see the page is not shown the one that was kept either: signed out, not theirs, gone. */
const TAKEN_AWAY = [401, 403, 404, 410];

async function page(event) {
  const { request } = event;
  try {
    const response = await fetch(request);
    if (isThePage(response)) {
      const copy = response.clone();
      event.waitUntil(unlessRefused(() => keep(request.url, copy)));
    }
    if (isOwn(response) && TAKEN_AWAY.includes(response.status)) await forget(PAGE);
    // A gateway whose server is away, or the server whose database is.
    return response.status >= 500 ? ((await kept(request.url)) ?? response) : response;
  } catch {
    return (await kept(request.url)) ?? Response.error();
  }
}

/** A part of a page: its name says its content, so one that is kept is as good as a new one. */
async function part(request) {
  const found = await unlessRefused(async () => (await caches.open(PARTS)).match(request));
  if (found) return found;
  const response = await fetch(request);
  if (response.ok) {
    const copy = response.clone();
    await unlessRefused(() => keepPart(request, copy));
  }
  return response;
}

/** Keeps a part that is not kept yet; throws where that cannot be done. */
async function haveKept(request) {
  if (await (await caches.open(PARTS)).match(request)) return;
  const response = await fetch(request);
  if (response.ok) await keepPart(request, response);
}

async function keepPart(request, response) {
  const parts = await caches.open(PARTS);
  if ((await parts.keys()).length >= MOST_PARTS) await caches.delete(PARTS);
  await (await caches.open(PARTS)).put(request, response);
}

/** Keeps the page that asks for it, and what it was made of: it was loaded before this stood between. */
async function keepWhatIsOpen({ url, parts }) {
  const response = await fetch(url);
  if (isThePage(response)) await keep(url, response);
  await Promise.all(
    parts
      .map((each) => new URL(each))
      .filter(isPart)
      .map((each) => haveKept(new Request(each))),
  );
}

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('message', (event) => {
  if (event.origin !== self.location.origin || !isBunker(new URL(event.data.url))) return;
  event.waitUntil(
    keepWhatIsOpen(event.data)
      .then(() => true)
      .catch(() => false)
      .then((done) => event.ports[0]?.postMessage(done)),
  );
});
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && isBunker(url)) event.respondWith(page(event));
  else if (isPart(url)) event.respondWith(part(request));
});
