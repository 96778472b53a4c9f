// Students typing, more and more of them: each sends a save about once a second. Prints for each
// number of students the times of a bare signed-in route and of a save, by turns, as JSON.
import { Agent, request } from 'node:http';

const [base, code, pin, pairs] = process.argv.slice(2);
const everybody = pairs.split(',').map((pair, index) => {
    const [student, copy] = pair.split('.');
    return { student, copy, index };
});
const SECONDS = 6;
const WARM = 2;
const agent = new Agent({ keepAlive: true, maxSockets: 400 });
const { hostname, port } = new URL(base);

/** As little work as can be: what the client needs, the server has not. */
const send = (method, path, headers, body) =>
    new Promise((resolve, reject) => {
        const sent = request(
            {
                hostname,
                port,
                path,
                method,
                agent,
                headers: { ...headers, ...(body ? { 'Content-Length': Buffer.byteLength(body) } : {}) },
            },
            (answer) => {
                answer.resume();
                answer.on('end', () =>
                    resolve({ status: answer.statusCode, cookies: answer.headers['set-cookie'] ?? [] }),
                );
            },
        );
        sent.on('error', reject);
        sent.end(body);
    });

async function signIn(one) {
    const jar = new Map();
    const take = ({ cookies }) =>
        cookies.forEach((line) => {
            const [name, value] = line.split(';')[0].split(/=(.*)/s);
            jar.set(name, value);
        });
    const headers = () => ({
        Cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
        'X-XSRF-TOKEN': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
    });
    take(await send('GET', `/class/${code}`, {}));
    const came = await send(
        'POST',
        `/class/${code}`,
        { ...headers(), 'Content-Type': 'application/x-www-form-urlencoded' },
        new URLSearchParams({ student: one.student, pin }).toString(),
    );
    if (came.status !== 302) throw new Error(`sign-in ${came.status}`);
    take(came);
    // The first page notes in the session what later requests are checked against.
    take(await send('GET', '/my/day', headers()));
    one.headers = { ...headers(), 'Content-Type': 'application/json', Accept: 'application/json' };
}

async function load(students, write) {
    const times = [];
    const start = performance.now();
    const counted = start + WARM * 1000;
    const end = counted + SECONDS * 1000;
    await Promise.all(
        students.map(async (student) => {
            await new Promise((resolve) => {
                setTimeout(resolve, Math.random() * 1000);
            });
            for (let n = 1; performance.now() < end; n += 1) {
                const from = performance.now();
                const { status } = await write(student, n);
                const now = performance.now();
                if (status !== 200) throw new Error(`answered ${status}`);
                if (from >= counted) times.push(now - from);
                await new Promise((resolve) => {
                    setTimeout(resolve, 850 + Math.random() * 300);
                });
            }
        }),
    );
    times.sort((a, b) => a - b);
    const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))];
    return { p50: at(0.5), p95: at(0.95), longest: at(1), perSecond: times.length / SECONDS };
}

const words = (n) => 'The tide comes in twice a day because of the moon. '.repeat((n % 12) + 1);
const bare = (student, n) =>
    send('PATCH', `/bare/${student.index + 1}/student`, student.headers, JSON.stringify({ text: words(n) }));
/** Who types hears with each save whether there is news, and asks for nothing: see resources/js/copy/pulse.js. */
const save = (student, n) =>
    send(
        'PATCH',
        `/my/copies/${student.copy}`,
        student.headers,
        JSON.stringify({ draft: { base: 100000, window: 'bench', answers: { [`1.b${n % 20}`]: words(n) } }, page: 1 }),
    );
for (let n = 0; n < everybody.length; n += 4) await Promise.all(everybody.slice(n, n + 4).map(signIn));
const figures = {};
for (const many of [30, 150, 300].filter((count) => count <= everybody.length)) {
    const students = everybody.slice(0, many);
    figures[many] = { bare: await load(students, bare), save: await load(students, save) };
}
process.stdout.write(JSON.stringify(figures));
process.exit(0);
