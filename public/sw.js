// Keeps a student's pages in the browser, so that a reload works while the server is away. Pages come from the server
// whenever it answers; pictures and built files never change under their address and come from the browser first.
// Work itself is never kept here: see resources/js/copy/kept.js.
const KEPT_PAGES = 'open-slate-pages';
const PATIENCE = 6000;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
    if (event.request.mode === 'navigate' && url.pathname.startsWith('/my/')) event.respondWith(serverFirst(event.request));
    else if (/^\/(build|backdrops|pictures)\//.test(url.pathname)) event.respondWith(keptFirst(event.request));
});

async function serverFirst(request) {
    const pages = await caches.open(KEPT_PAGES);
    try {
        const response = await fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
        if (response.status >= 502) throw new Error('away');
        if (response.ok && !response.redirected) await pages.put(request.url, response.clone());
        return response;
    } catch (away) {
        const kept = await pages.match(request.url);
        if (kept) return kept;
        throw away;
    }
}

async function keptFirst(request) {
    const pages = await caches.open(KEPT_PAGES);
    const kept = await pages.match(request);
    if (kept) return kept;
    const response = await fetch(request);
    if (response.ok && response.status === 200) await pages.put(request, response.clone());
    return response;
}
