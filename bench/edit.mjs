// Edits one after the other, and a bare route by turns. Prints the medians as JSON.
const [base, email, password, page] = process.argv.slice(2);
const TIMES = 200;
const COLD = 80; // each of the workers has to have done both some times

const cookies = new Map();
const take = (response) =>
    response.headers.getSetCookie().forEach((line) => {
        const [name, value] = line.split(';')[0].split(/=(.*)/s);
        cookies.set(name, value);
    });
const headers = () => ({
    Accept: 'application/json',
    'Content-Type': 'application/json',
    Cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join('; '),
    'X-XSRF-TOKEN': decodeURIComponent(cookies.get('XSRF-TOKEN') ?? ''),
});

take(await fetch(`${base}/sign-in`));
take(
    await fetch(`${base}/sign-in`, {
        method: 'POST',
        redirect: 'manual',
        headers: headers(),
        body: JSON.stringify({ email, password }),
    }),
);
let { revision } = await (await fetch(`${base}/pages/${page}`, { headers: headers() })).json();

async function timed(send) {
    const start = performance.now();
    const response = await send();
    const text = await response.text();
    if (!response.ok) throw new Error(`${response.status}: ${text.slice(0, 200)}`);
    return [performance.now() - start, text];
}

const bare = (route) =>
    timed(() =>
        fetch(`${base}/bare/1/${route}`, {
            method: 'PATCH',
            headers: headers(),
            body: JSON.stringify({ text: 'The tide comes in twice a day.' }),
        }),
    );
const edit = (n) =>
    timed(() =>
        fetch(`${base}/pages/${page}/edits`, {
            method: 'POST',
            headers: headers(),
            body: JSON.stringify({
                base: revision,
                edit: { kind: 'move', ids: [`b${n % 300}`], dx: n % 2 ? 1 : -1, dy: 0 },
            }),
        }),
    );
const times = { nobody: [], bare: [], edit: [] };
let bytes = 0;
for (let n = 0; n < TIMES; n += 1) {
    const [nobodyTime] = await bare('read');
    const [bareTime] = await bare('signed-in');
    const [editTime, text] = await edit(n);
    revision = JSON.parse(text).revision;
    bytes = text.length;
    if (n < COLD) continue;
    times.nobody.push(nobodyTime);
    times.bare.push(bareTime);
    times.edit.push(editTime);
}
const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];
process.stdout.write(
    JSON.stringify({
        nobody: median(times.nobody),
        bare: median(times.bare),
        edit: median(times.edit),
        kilobytes: bytes / 1024,
    }),
);
