// Keeps the app's own files, and the pages that were open on this device, for use without a network.
// Written into public/sw.js at build time with the list of files and a version made from it.
const VERSION = '__VERSION__'
const FILES = /* __PRECACHE__ */ []
const STATIC = `nailsmith-static-${VERSION}`
const PAGES = 'nailsmith-pages'

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(STATIC)
      .then((cache) => cache.addAll(FILES))
      .then(() => self.skipWaiting()),
  )
})

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      // The files of the build before stay: pages kept from it still name them.
      .then((keys) =>
        Promise.all(
          keys
            .filter((key) => key.startsWith('nailsmith-static-') && key !== STATIC)
            .slice(0, -1)
            .map((key) => caches.delete(key)),
        ),
      )
      .then(() => self.clients.claim()),
  )
})

const NO_PAGE = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Nailsmith</title>
<body style="font:18px sans-serif;background:#e7e3da;color:#15202b;padding:2rem;max-width:32rem"><h1>No connection</h1>
<p>This page was not open on this device before, so it is not kept here. Jobs that were open still are: go back to one of them.</p></body></html>`

// A server that says nothing for so long is not waited for where the page is kept.
const PATIENCE_MS = 3_000

async function page(request) {
  const path = new URL(request.url).pathname
  const kept = await (await caches.open(PAGES)).match(path)
  // No network, or a server in trouble: what is kept.
  const asked = fetch(request).then(
    (response) => (response.status < 500 ? response : null),
    () => null,
  )
  const late = kept ? new Promise((resolve) => setTimeout(() => resolve(null), PATIENCE_MS)) : new Promise(() => undefined)
  return (
    (await Promise.race([asked, late])) ??
    kept ??
    new Response(NO_PAGE, { status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } })
  )
}

async function file(request) {
  const kept = await caches.match(request, { ignoreSearch: request.destination === 'worker' })
  if (!kept) return fetch(request)
  // A worker reads what to load from the fragment of its own address; a kept response would bring its own address, without one.
  return request.destination === 'worker' ? new Response(kept.body, { status: kept.status, headers: kept.headers }) : kept
}

async function photo(request) {
  const cache = await caches.open(PAGES)
  const kept = await cache.match(request)
  if (kept) return kept
  const response = await fetch(request)
  if (response.ok) await cache.put(request, response.clone())
  return response
}

self.addEventListener('message', (event) => {
  if (event.data === 'claim') event.waitUntil(self.clients.claim())
})

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (request.mode === 'navigate') event.respondWith(page(request))
  else if (url.pathname.startsWith('/_next/static/')) event.respondWith(file(request))
  else if (url.pathname.startsWith('/api/photos/')) event.respondWith(photo(request))
})
