// Who sits here. One device serves many children one after another: a page that a browser still has (by Back, in
// another
// tab, in the worker's keeping) is for the person it was made for and for nobody else.
import { request } from './request';

const WHO = 'open-slate.who';
const LEAVING = 'open-slate.leaving';
const ASKED_AFTER = 1000; // milliseconds out of sight

export const NOBODY = 'nobody';

/** Whom this page was made for; nothing where the server has not looked (as where there is no such page). */
export const here = document.body.dataset.who ?? '';

const read = (key) => {
    try {
        return localStorage.getItem(key);
    } catch {
        return null;
    }
};
const write = (key, value) => {
    try {
        if (value === null) localStorage.removeItem(key);
        else localStorage.setItem(key, value);
    } catch {
        /* Then nothing is remembered. */
    }
};

/** Leaves nothing of the page to be seen or typed in, and goes to the door. */
function leave() {
    document.documentElement.hidden = true;
    document.body.replaceChildren();
    window.location.replace('/');
}

const isStillHere = () => (read(WHO) ?? here) === here;

const KEYS = ['keydown', 'beforeinput', 'paste', 'drop', 'pointerdown', 'submit'];
const hold = (event) => {
    event.preventDefault();
    event.stopImmediatePropagation();
};
let asking = false;

/** Asks the server, and takes no key until it has answered; away from it, what this device knows counts. */
async function ask() {
    if (!isStillHere()) {
        leave();
        return;
    }
    if (asking) return;
    asking = true;
    KEYS.forEach((key) => window.addEventListener(key, hold, true));
    const answer = await request('GET', '/who', undefined, { signal: AbortSignal.timeout(2000) }).catch(() => null);
    KEYS.forEach((key) => window.removeEventListener(key, hold, true));
    asking = false;
    if (answer && answer.who !== here) leave();
    else document.documentElement.hidden = false;
}

export function watchWhoIsHere() {
    write(WHO, here);
    let since = 0;
    window.addEventListener('storage', (event) => {
        if (event.key === WHO && !isStillHere()) leave();
    });
    window.addEventListener('pageshow', (event) => {
        if (!event.persisted) return;
        document.documentElement.hidden = true;
        ask();
    });
    document.addEventListener('visibilitychange', () => {
        if (document.visibilityState === 'hidden') since = Date.now();
        else if (since && Date.now() - since > ASKED_AFTER) ask();
        else if (!isStillHere()) leave();
    });
    if (read(LEAVING)) finishLeaving();
}

/** Somebody signed out while the server was away: now it is told. */
async function finishLeaving() {
    const leaving = read(LEAVING);
    const form = document.querySelector('form[data-leave]');
    if (leaving !== here || !form) {
        if (leaving !== here) write(LEAVING, null);
        document.documentElement.hidden = leaving === here;
        if (leaving === here) window.location.replace('/');
        return;
    }
    if (await signedOut(form)) {
        write(LEAVING, null);
        leave();
    }
}

/** @returns {Promise<boolean>} false where the server is away */
async function signedOut(form) {
    try {
        const answer = await fetch(form.action, {
            method: 'POST',
            body: new FormData(form),
            credentials: 'same-origin',
            redirect: 'manual',
            signal: AbortSignal.timeout(6000),
        });
        return answer.type === 'opaqueredirect' || answer.status === 401 || answer.status === 419;
    } catch {
        return false;
    }
}

/**
 * Signs out, with or without a connection.
 *
 * @param {HTMLFormElement} form
 * @param {() => boolean} may whether they want to, all the same
 * @param {() => Promise<void>} forget what is kept for them on this device, but for what is not sent yet
 */
export function signOutBy(form, may, forget) {
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        if (!may()) return;
        const told = await signedOut(form);
        write(WHO, NOBODY);
        await forget();
        if (told) {
            leave();
            return;
        }
        write(LEAVING, here);
        document.title = 'Signed out · Open Slate';
        document.body.className = 'door';
        const words = document.createElement('main');
        words.className = 'door__leaf';
        words.innerHTML =
            '<h1>You are signed out here</h1><p>There is no connection just now. Whoever comes next can sign in when it is back.</p><p><a class="btn btn-primary" href="/">To the door</a></p>';
        document.body.replaceChildren(words);
    });
}
