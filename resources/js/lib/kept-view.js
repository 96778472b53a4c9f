const KEPT = 'open-slate.view';
const MOST = 60; // scrollers that are remembered, the latest

/** How a window looks at things, for as long as it is open: how far each scroller is, and how large pages are. */
const read = () => JSON.parse(sessionStorage.getItem(KEPT) ?? '{}');
const write = (view) => sessionStorage.setItem(KEPT, JSON.stringify(view));

const scrollers = () => [
    [`window ${window.location.pathname}`, document.scrollingElement],
    ...[...document.querySelectorAll('[data-scrolls]')].map((one) => [one.dataset.scrolls, one]),
];

const scrolled = new Map(); // how far each scroller is that was scrolled, since this page came

/** Noted as it happens: asked for on the way out, the browser would lay a page out that nobody will see. */
function note({ target }) {
    const scroller = target === document ? document.scrollingElement : target;
    const [name] = scrollers().find(([, one]) => one === scroller) ?? [];
    if (name) scrolled.set(name, Math.round(scroller.scrollTop));
}

function keepScroll() {
    const { tops = {}, ...view } = read();
    scrolled.forEach((top, name) => {
        delete tops[name];
        if (top > 0) tops[name] = top;
    });
    write({ ...view, tops: Object.fromEntries(Object.entries(tops).slice(-MOST)) });
}

/** Where one was when one left: who cuts, bins or takes back stays there, and finds it again on coming back. */
export function scrollBack() {
    if (window.location.hash !== '') return;
    const { tops = {} } = read();
    scrollers().forEach(([name, scroller]) => {
        if (name in tops) scroller.scrollTop = tops[name];
    });
}

export function keepsView() {
    document.addEventListener('scroll', note, { capture: true, passive: true });
    scrollBack();
    window.addEventListener('pagehide', keepScroll);
}

export const kept = (name, usual) => read()[name] ?? usual;
export const keep = (name, value) => write({ ...read(), [name]: value });
