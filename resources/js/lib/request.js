// JSON requests to this server. The CSRF token is read from the cookie at each call, so that a page that has been open
// (or kept) for long still sends the one in force.

/** The server answered, but not with what was asked for; `body.message` is a sentence for the person. */
export class Refused extends Error {
    constructor(status, body) {
        super(body?.message ?? `The server answered ${status}.`);
        this.status = status;
        this.body = body ?? {};
    }
}

/** No answer at all: the network or the server is away. */
export class Away extends Error {}

export const token = () => decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '');

const TIME_LIMIT = 20000;

let ahead = null; // milliseconds that the server's clock is before this device's, which may be wrong

/** The time by the server's clock, in seconds; nothing before it has answered. */
export const serverTime = () => (ahead === null ? null : (Date.now() + ahead) / 1000);

/** A token for something that is to be made once, however often it is sent. */
export const once = () =>
    Array.from({ length: 3 }, () => Math.random().toString(36).slice(2, 10).padEnd(8, '0')).join('');

export async function request(method, url, body, options = {}) {
    const response = await send(method, url, body, options);
    return response.status === 204 ? null : response.json();
}

/** As request, for an answer that is a drawn piece of a page. */
export async function requestPage(method, url, body) {
    return (await send(method, url, body)).text();
}

async function send(method, url, body, { headers = {}, ...others } = {}) {
    const isForm = body instanceof FormData; // The browser says itself what it sends.
    let response;
    try {
        response = await fetch(url, {
            method,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': token(),
                ...(body === undefined || isForm ? {} : { 'Content-Type': 'application/json' }),
                ...headers,
            },
            body: body === undefined || isForm ? body : JSON.stringify(body),
            credentials: 'same-origin',
            signal: AbortSignal.timeout(TIME_LIMIT),
            ...others,
        });
    } catch (cause) {
        throw new Away('No connection.', { cause });
    }
    if (response.status >= 502) throw new Away('The server is away.');
    const date = Date.parse(response.headers.get('Date'));
    if (!Number.isNaN(date)) ahead = date - Date.now();
    if (!response.ok) throw new Refused(response.status, await response.json().catch(() => null));
    return response;
}
