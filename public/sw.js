// Keeps a student's pages in the browser, so that a reload works while the server is away. Pages come from the server
// whenever it answers; pictures and built files never change under their address and come from the browser first.
// What is kept is for one person: it goes when anybody else, or nobody, is signed in.
// Work itself is never kept here: see resources/js/copy/kept.js.
const KEPT_PAGES = 'open-slate-pages';
const WHO = '/who-is-kept';
const NOBODY = 'nobody';
const PATIENCE = 6000;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
    if (event.request.mode === 'navigate')
        event.respondWith(serverFirst(event.request, url.pathname.startsWith('/my/')));
    else if (isForGood(url)) event.respondWith(keptFirst(event.request));
    else if (isRecording(url)) event.respondWith(played(event.request));
});

// The page that started this worker, and what it had loaded by then, came past it.
self.addEventListener('message', (event) => event.waitUntil(keepWhatCamePast(event.data)));

async function keepWhatCamePast({ page, files }) {
    // Nobody looks at this one: what is to be said on the next page stays for the next page.
    await serverFirst(new Request(page, { headers: { Purpose: 'prefetch' } }), true);
    await Promise.all(files.filter((file) => isForGood(new URL(file))).map((file) => keptFirst(new Request(file))));
}

const isForGood = (url) =>
    url.origin === self.location.origin && /^\/(build|backdrops|pictures|my\/sheets)\//.test(url.pathname);

const isRecording = (url) => url.origin === self.location.origin && url.pathname.startsWith('/recordings/');

const whoIsKept = async (pages) => (await pages.match(WHO))?.text() ?? NOBODY;

/** Empties the keeping when it is somebody else's. */
async function keepingFor(who) {
    if ((await whoIsKept(await caches.open(KEPT_PAGES))) !== who) await caches.delete(KEPT_PAGES);
    const pages = await caches.open(KEPT_PAGES);
    if (who !== NOBODY) await pages.put(WHO, new Response(who));
    return pages;
}

/** A student's page, if it is kept for who is kept. */
async function keptPage(url) {
    const pages = await caches.open(KEPT_PAGES);
    const kept = await pages.match(url);
    return kept?.headers.get('Slate-Who') === (await whoIsKept(pages)) ? kept : undefined;
}

/** The same request, for a page that is sent only where it is another than the one kept. */
const unlessSame = (request, kept) =>
    new Request(request.url, {
        headers: {
            Accept: 'text/html',
            'If-None-Match': kept.headers.get('ETag'),
            ...(request.headers.has('Purpose') && { Purpose: request.headers.get('Purpose') }),
        },
        credentials: 'same-origin',
        redirect: 'manual',
    });

async function serverFirst(request, isStudents) {
    const kept = isStudents ? await keptPage(request.url) : undefined;
    const asked = kept?.headers.has('ETag') ? unlessSame(request, kept) : request;
    let response;
    try {
        response = await fetch(asked, isStudents ? { signal: AbortSignal.timeout(PATIENCE) } : {});
        if (response.status >= 502) throw new Error('away');
    } catch (away) {
        if (kept) return kept;
        if (response) return response;
        throw away;
    }
    if (response.status === 304) return kept;
    const who = response.headers.get('Slate-Who');
    if (who) {
        const pages = await keepingFor(who);
        if (isStudents && response.ok && !response.redirected) await pages.put(request.url, response.clone());
    }
    return response;
}

async function keptFirst(request) {
    const pages = await caches.open(KEPT_PAGES);
    const kept = await pages.match(request);
    if (kept) return kept;
    const response = await fetch(request);
    if (response.ok && response.status === 200) await pages.put(request, response.clone());
    return response;
}

/**
 * What is played is asked for in pieces: the whole of it is kept, and the pieces are cut from that (RFC 9110, 14).
 */
async function played(request) {
    const whole = await keptFirst(new Request(request.url, { credentials: 'same-origin' }));
    const range = /^bytes=(\d+)-(\d*)$/.exec(request.headers.get('Range') ?? '');
    if (!range || whole.status !== 200) return whole;
    const all = await whole.blob();
    const from = Number(range[1]);
    const to = Math.min(range[2] === '' ? Infinity : Number(range[2]), all.size - 1);
    if (from > to) return new Response(null, { status: 416, headers: { 'Content-Range': `bytes */${all.size}` } });
    return new Response(all.slice(from, to + 1), {
        status: 206,
        headers: {
            'Accept-Ranges': 'bytes',
            'Content-Length': String(to - from + 1),
            'Content-Range': `bytes ${from}-${to}/${all.size}`,
            'Content-Type': whole.headers.get('Content-Type'),
        },
    });
}
