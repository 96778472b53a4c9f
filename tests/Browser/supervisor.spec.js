import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, expectAccessible, test } from './support.js';

// The program as anyone starts it, with nothing in it: the first visit makes the school; workers that die come back;
// nothing is left when it goes.

const PORT = Number(process.env.SLATE_TEST_PORT ?? 8199) - 1;
const address = `http://127.0.0.1:${PORT}`;
const data = mkdtempSync(join(tmpdir(), 'slate-'));
let started;
let printed = '';

/** All that was started by it, directly or not: ids and commands. */
function family() {
    const all = execFileSync('ps', ['-e', '-o', 'pid=,ppid=,args='], { encoding: 'utf8' })
        .trim()
        .split('\n')
        .map((line) => line.trim().match(/^(\d+)\s+(\d+)\s+(.*)$/))
        .map(([, pid, parent, command]) => ({ pid: Number(pid), parent: Number(parent), command }));
    const below = (pid) => all.filter((one) => one.parent === pid).flatMap((one) => [one, ...below(one.pid)]);
    return below(started.pid);
}

const pids = (words) =>
    family()
        .filter((one) => one.command.startsWith(words))
        .map((one) => one.pid);

const answers = async () => {
    try {
        return (await fetch(`${address}/up`, { signal: AbortSignal.timeout(3000) })).status;
    } catch {
        return 0;
    }
};

test.describe.configure({ mode: 'serial' });

test.beforeAll(async () => {
    started = spawn('bin/start', ['--port', String(PORT), '--empty'], {
        env: { ...process.env, SLATE_DATA: data },
        stdio: ['ignore', 'pipe', 'ignore'],
    });
    started.stdout.on('data', (some) => (printed += some));
    await expect.poll(answers, { timeout: 90000 }).toBe(200);
});

test.afterAll(() => {
    started.kill('SIGKILL');
    rmSync(data, { recursive: true, force: true });
});

test('who comes first makes the school, by the address that was printed, and nobody after them does', async ({
    browser,
}) => {
    await expect.poll(() => printed, { timeout: 30000 }).toContain('/welcome/');
    const [welcome] = /http:\S+\/welcome\/\S+/.exec(printed);
    const page = await (await browser.newContext({ timezoneId: 'Pacific/Auckland' })).newPage();
    await page.goto(`${address}/sign-in`);
    await page.goto(welcome);
    await expectAccessible(page, { every: true });
    await expect(page.getByLabel('Its time zone')).toHaveValue('Pacific/Auckland');
    await page.getByLabel('Name of the school').fill('Fog Point School');
    await page.getByLabel('Your name, as students know it').fill('Ms Tide');
    await page.getByLabel('Your e-mail address').fill('tide@fogpoint.example');
    await page.getByLabel('Choose a password').fill('three small boats');
    await page.getByLabel('The password once more').fill('three big boats');
    await page.getByRole('button', { name: 'Open the school' }).click();
    await expect(page.getByText('The two are not the same')).toBeVisible();
    await expect(page.getByLabel('Name of the school')).toHaveValue('Fog Point School');
    await page.getByLabel('Choose a password').fill('three small boats');
    await page.getByLabel('The password once more').fill('three small boats');
    await page.getByRole('button', { name: 'Open the school' }).click();
    await expect(page).toHaveURL(/\/shelf$/);
    await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
    await page.goto(welcome);
    await expect(page.getByRole('heading', { name: 'This link is over' })).toBeVisible();
    await page.context().close();
});

for (const [what, words] of [
    ['every PHP worker', 'php-fpm: pool web'],
    ['the PHP master', 'php-fpm: master'],
    ['nginx', 'nginx: master'],
    ['a queue worker', 'php -d memory_limit=512M'],
]) {
    test(`${what} that is killed comes back`, async () => {
        const before = pids(words);
        expect(before.length).toBeGreaterThan(0);
        before.forEach((pid) => process.kill(pid, 'SIGKILL'));
        await expect
            .poll(() => pids(words).filter((pid) => !before.includes(pid)).length, { timeout: 30000 })
            .toBeGreaterThanOrEqual(what === 'a queue worker' ? 2 : 1);
        await expect.poll(answers, { timeout: 30000 }).toBe(200);
    });
}

test('what works on files stands behind what answers people, also where sessions share the processor', () => {
    const niceness = (pid) => Number(readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ')[16]);
    const ofSession = (pid) => {
        const at = `/proc/${pid}/autogroup`;
        return existsSync(at) ? Number(/nice (-?\d+)/.exec(readFileSync(at, 'utf8'))[1]) : undefined;
    };
    const [web] = pids('php-fpm: pool web');
    const workers = pids('php -d memory_limit=512M');
    expect(workers.length).toBeGreaterThanOrEqual(2);
    for (const worker of workers) {
        expect(niceness(worker)).toBeGreaterThan(niceness(web) + 10);
        if (ofSession(worker) !== undefined) expect(ofSession(worker)).toBeGreaterThan(ofSession(web) + 10);
    }
});

test('the host that a browser makes up is not reflected, and what is kept is for its owner only', async () => {
    const made = await new Promise((resolve) => {
        import('node:http').then(({ get }) =>
            get({ host: '127.0.0.1', port: PORT, path: '/shelf', headers: { Host: 'evil.example' } }, (answer) => {
                answer.resume();
                resolve([answer.statusCode, answer.headers.location]);
            }),
        );
    });
    expect(made).toEqual([400, undefined]);
    for (const file of ['open-slate.sqlite', 'run/config.php'])
        expect(statSync(join(data, file)).mode & 0o077, file).toBe(0);
    expect(statSync('.env').mode & 0o077).toBe(0);
    expect(readFileSync(join(data, 'run/nginx.conf'), 'utf8')).toContain(`listen 127.0.0.1:${PORT}`);
});

test('what it makes of its views and packages is its own: clearing it takes nothing from another beside it', () => {
    expect(readdirSync(join(data, 'run/views')).length).toBeGreaterThan(100);
    expect(existsSync(join(data, 'run/services.php'))).toBe(true);
});

test('when what started them is killed, all of them go', async () => {
    const all = family();
    expect(all.length).toBeGreaterThan(20);
    process.kill(started.pid, 'SIGKILL');
    const left = () =>
        all
            .filter((one) => {
                try {
                    return readFileSync(`/proc/${one.pid}/stat`, 'utf8').split(') ')[1][0] !== 'Z';
                } catch {
                    return false;
                }
            })
            .map((one) => one.command);
    await expect.poll(left, { timeout: 30000 }).toEqual([]);
    expect(await answers()).toBe(0);
});
