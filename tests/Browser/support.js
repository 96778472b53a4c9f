import { test as base, expect } from '@playwright/test';
import axe from 'axe-core';
import { readFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';

export { expect };

const TEACHER = { email: 'marlow@saltmarsh.example', password: 'harbour-light' };
export const PIN = '2468';

/** What works on files stands behind all else on the machine (bin/low): while that is busy it takes its time. */
export const WORKED_ON = { timeout: 90000 };
export const demoFile = (name) => `database/demo/${name}`;

/** What the door's forms send; the tests of one-device.spec.js come in by the forms themselves. */
async function comeIn(request, name, code) {
    const door = `/class/${code}`;
    const html = await (await request.get(door)).text();
    const label = html.split('<label>').find((one) => one.includes(`<span>${name}</span>`));
    const form = {
        _token: /name="_token" value="([^"]+)"/.exec(html)[1],
        student: /value="(\d+)"/.exec(label)[1],
        pin: PIN,
    };
    expect((await request.post(door, { form })).url()).toMatch(/\/my\/day$/);
}

/** A hand draws, and presses keys that only scripts answer, once the page has loaded with its scripts. */
function waitToLoad(page) {
    const patient = (device, name) => {
        const does = device[name].bind(device);
        device[name] = async (...how) => {
            await page.waitForLoadState();
            await does(...how);
        };
    };
    ['down', 'click', 'dblclick'].forEach((name) => patient(page.mouse, name));
    ['down', 'press'].forEach((name) => patient(page.keyboard, name));
}

/** Whatever a page does, it stays on this server, breaks no rule of its own, and throws nothing. */
function watch(page, baseURL, problems) {
    waitToLoad(page);
    page.on('pageerror', (error) => problems.push(`error: ${error.message}`));
    page.on('console', (message) => {
        if (/Content Security Policy|Refused to/.test(message.text())) problems.push(message.text());
    });
    page.on('request', (request) => {
        if (!/^(data:|blob:)/.test(request.url()) && !request.url().startsWith(baseURL))
            problems.push(`left the server: ${request.url()}`);
    });
}

export const test = base.extend({
    problems: [
        // eslint-disable-next-line no-empty-pattern -- a fixture says by its pattern that it needs no other
        async ({}, use) => {
            const problems = [];
            await use(problems);
            expect(problems).toEqual([]);
        },
        { auto: true },
    ],

    page: async ({ page, baseURL, problems }, use) => {
        watch(page, baseURL, problems);
        await use(page);
    },

    // Signing in is slowed down on purpose; each worker does it once.
    teacherState: [
        async ({ browser }, use, info) => {
            const context = await browser.newContext({ baseURL: info.project.use.baseURL });
            const page = await context.newPage();
            await page.goto('/sign-in');
            await page.getByLabel('E-mail address').fill(TEACHER.email);
            await page.getByLabel('Password').fill(TEACHER.password);
            await page.getByRole('button', { name: 'Sign in' }).click();
            await page.waitForURL('**/shelf');
            // Nothing else is kept on a teacher's device; giving it back would cost each test a page more.
            await use({ cookies: await context.cookies(), origins: [] });
            await context.close();
        },
        { scope: 'worker' },
    ],

    teacher: async ({ browser, teacherState, baseURL, problems }, use) => {
        const context = await browser.newContext({
            storageState: teacherState,
            baseURL,
            viewport: { width: 1280, height: 800 },
        });
        const page = await context.newPage();
        watch(page, baseURL, problems);
        await use(page);
        await context.close();
    },

    /** Signs a student in, in a browser of their own. */
    student: async ({ browser, baseURL, problems }, use) => {
        const contexts = [];
        await use(async (name, code = 'HERN26', options = {}) => {
            const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 }, ...options });
            contexts.push(context);
            const page = await context.newPage();
            watch(page, baseURL, problems);
            await comeIn(context.request, name, code);
            await page.goto('/my/day');
            return page;
        });
        await Promise.all(contexts.map((context) => context.close()));
    },
});

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** @param {boolean} every also what axe-core holds for minor, WCAG 2.2 AA and best practice included */
export async function violationsOn(page, every) {
    // A page that has only begun to load has neither a heading nor anything else yet.
    await page.waitForLoadState();
    // What DevTools runs is no script of the page's, for which its rules would not allow it; once there, it stays.
    if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
    const violations = await page.evaluate(
        async (runOnly) => {
            // What stands in a frame is a student's page, which is looked at where it is one.
            const options = { resultTypes: ['violations'], iframes: false, ...(runOnly && { runOnly }) };
            const { violations } = await window.axe.run({ exclude: ['iframe'] }, options);
            return violations.map(({ id, impact, nodes }) => ({ id, impact, at: nodes.map((node) => node.target) }));
        },
        every ? RULES : null,
    );
    const grave = violations.filter((one) => every || ['serious', 'critical'].includes(one.impact));
    return grave.map((one) => `${one.id}: ${one.at.map((target) => target.join(' ')).join(', ')}`);
}

/** @param {{every?: boolean}} how as in violationsOn */
export async function expectAccessible(page, { every = false } = {}) {
    expect(await violationsOn(page, every)).toEqual([]);
}

/**
 * A copy whose scripts have begun. What is typed before is kept; a key or a press that only they answer comes to
 * nothing, which nobody is quick enough for, but a test on a busy machine.
 */
export const ready = (page) => expect(page.locator('[data-copy-work][data-ready]')).toBeVisible();

/** A student's copy of a handout, from their day on. */
export async function openCopy(page, title) {
    await page.goto('/my/day');
    await page
        .getByRole('listitem')
        .filter({ has: page.getByRole('heading', { name: title, exact: true }) })
        .getByRole('link', { name: /^(Start|Go on)/ })
        .click();
    await ready(page);
}

/** Until the browser keeps a student's page and its scripts, for when the server is away. */
export const isKept = (page) =>
    expect
        .poll(() =>
            page.evaluate(async () => (await (await caches.open('open-slate-pages')).keys()).map((one) => one.url)),
        )
        .toEqual(expect.arrayContaining([page.url(), expect.stringMatching(/\/build\/.*\/copy-/)]));

/** A PNG (PNG specification, 5), of one colour where nothing else fills so many bytes. */
export function png(width, height, fill = (size) => Buffer.alloc(size, 90)) {
    const table = Array.from({ length: 256 }, (_, n) => {
        let c = n;
        for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
        return c >>> 0;
    });
    const crc = (bytes) => {
        let c = 0xffffffff;
        for (const byte of bytes) c = table[(c ^ byte) & 255] ^ (c >>> 8);
        return (c ^ 0xffffffff) >>> 0;
    };
    const chunk = (type, data) => {
        const body = Buffer.concat([Buffer.from(type), data]);
        const head = Buffer.alloc(4);
        head.writeUInt32BE(data.length);
        const tail = Buffer.alloc(4);
        tail.writeUInt32BE(crc(body));
        return Buffer.concat([head, body, tail]);
    };
    const size = Buffer.alloc(13);
    size.writeUInt32BE(width);
    size.writeUInt32BE(height, 4);
    size.set([8, 2], 8);
    const rows = fill((width * 3 + 1) * height);
    for (let y = 0; y < height; y++) rows[y * (width * 3 + 1)] = 0;
    return Buffer.concat([
        Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]),
        chunk('IHDR', size),
        chunk('IDAT', deflateSync(rows)),
        chunk('IEND', Buffer.alloc(0)),
    ]);
}

let count = 0;

/** Brings a demo file in under a name of its own and waits for the contact sheet. */
export async function bringIn(page, file = 'tide-times.pdf', name = `Sheet ${process.pid} ${(count += 1)}`) {
    await page.goto('/shelf');
    await page
        .locator('#bring-file')
        .setInputFiles({ name: `${name}.pdf`, mimeType: 'application/pdf', buffer: readFileSync(demoFile(file)) });
    await page.waitForURL('**/worksheets/*');
    // Files take turns: those of another test may be documents and photos, which take some seconds each.
    await expect(page.getByRole('button', { name: 'Cut the set' })).toBeEnabled(WORKED_ON);
    return name;
}

/** A file of pages that are pictures, which nobody has brought in before: its words are still to be read. */
export async function bringInScan(page) {
    count += 1;
    const unlike = Buffer.from(`\n% ${process.pid} ${count}\n`);
    await page.goto('/shelf');
    await page.locator('#bring-file').setInputFiles({
        name: `Scan ${process.pid} ${count}.pdf`,
        mimeType: 'application/pdf',
        buffer: Buffer.concat([readFileSync('tests/packs/scan.pdf'), unlike]),
    });
    await page.waitForURL('**/worksheets/*');
}

/** On the bench: a place on the page, in points, to pixels of the window. */
export async function at(page, x, y) {
    return page.locator('.sheet__layer').evaluate(
        (layer, [px, py]) => {
            const box = layer.getBoundingClientRect();
            const scale = box.width / Number(layer.dataset.width);
            return { x: box.left + px * scale, y: box.top + py * scale };
        },
        [x, y],
    );
}

export async function drag(page, from, to, { steps = 6, modifier } = {}) {
    const a = await at(page, ...from);
    const b = await at(page, ...to);
    if (modifier) await page.keyboard.down(modifier);
    await page.mouse.move(a.x, a.y);
    await page.mouse.down();
    await page.mouse.move(b.x, b.y, { steps });
    await page.mouse.up();
    if (modifier) await page.keyboard.up(modifier);
}

/** Draws with a tool of the bench and waits until the server has it. */
export async function draw(page, tool, x, y, width, height) {
    const button = page.getByRole('button', { name: new RegExp(`^${tool}`) });
    if ((await button.getAttribute('aria-pressed')) !== 'true') await button.click();
    const before = await page.locator('.element').count();
    await page.locator('.desk').evaluate(
        (desk, middle) => {
            const layer = desk.querySelector('.sheet__layer');
            desk.scrollTop = (middle * layer.clientWidth) / Number(layer.dataset.width) - desk.clientHeight / 2;
        },
        y + height / 2,
    );
    await drag(page, [x, y], [x + width, y + height]);
    await expect(page.locator('.element')).toHaveCount(before + 1);
}

/** The frames of all elements on the bench by tag, as the server drew them, in points. */
export async function frames(page) {
    return page.locator('.element').evaluateAll((all) =>
        Object.fromEntries(
            all.map((element) => {
                const { x, y, width, height } = JSON.parse(element.dataset.element);
                return [element.dataset.tag, { x, y, width, height }];
            }),
        ),
    );
}

/** Drags one thing onto another as a hand does: there may be a scroll between, and more than one move. */
export async function dragOnto(page, from, to, at = { x: 20, y: 12 }) {
    await from.scrollIntoViewIfNeeded();
    const a = await from.boundingBox();
    await page.mouse.move(a.x + at.x, a.y + at.y);
    await page.mouse.down();
    await page.mouse.move(a.x + at.x + 8, a.y + at.y + 8, { steps: 3 });
    await to.scrollIntoViewIfNeeded();
    const b = await to.boundingBox();
    await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2 - 4, { steps: 6 });
    await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 2 });
    await page.mouse.up();
}

/**
 * Opens the form that starts a worksheet from nothing: on a page that is still loading, a press may come to nothing.
 */
export async function openBlankForm(page) {
    await page.goto('/shelf');
    await expect(async () => {
        await page.getByText('Start from a blank page').click();
        await expect(page.getByLabel('Name, and heading of the first page')).toBeVisible({ timeout: 1000 });
    }).toPass();
}

/** At the Hand out station: to one class, or to nobody. */
export async function handOutTo(page, name) {
    const bracket = page.locator('[data-bracket="to"]');
    if ((await bracket.getAttribute('aria-expanded')) !== 'true') await bracket.click();
    const opened = page.locator('[data-opened="to"]');
    for (const group of await opened.locator('[data-class]').all()) await group.getByLabel('Not this class').check();
    if (name !== null)
        await opened
            .getByRole('group', { name: new RegExp(name) })
            .getByLabel(/The whole class/)
            .check();
    await opened.getByRole('button', { name: 'Done' }).click();
    await expect(bracket).toHaveText(name ?? 'nobody yet');
}

/** Starts a worksheet from an empty page; it opens on the bench. */
export async function startBlank(page, name) {
    await openBlankForm(page);
    await page.getByLabel('Name, and heading of the first page').fill(name);
    await page.getByLabel('Look', { exact: true }).selectOption({ label: 'nothing on it' });
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.getByRole('link', { name: /^Boxes/ }).waitFor();
}

/** Nothing that was done on the bench is still on its way to the server. */
export const settled = (page) => expect(page.locator('[data-sending]')).toHaveCount(0);

/** What a camera reads off a QR code: its picture, read by jsQR. */
export async function readOff(code) {
    const picture = (await code.screenshot()).toString('base64');
    const reader = await code.page().context().browser().newPage();
    await reader.setContent(`<img src="data:image/png;base64,${picture}">`);
    await reader.addScriptTag({ path: 'node_modules/jsqr/dist/jsQR.js' });
    const text = await reader.evaluate(() => {
        const image = document.querySelector('img');
        const canvas = new OffscreenCanvas(image.naturalWidth, image.naturalHeight);
        canvas.getContext('2d').drawImage(image, 0, 0);
        const { data, width, height } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
        return window.jsQR(data, width, height)?.data;
    });
    await reader.context().close();
    return text;
}

/**
 * A worksheet with all its blanks taken, handed out to a class.
 *
 * @returns {Promise<string>} what it is called
 */
export async function giveTideTimes(page, to) {
    const name = await bringIn(page);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await expect(page.locator('.ghost').first()).toBeVisible({ timeout: 60000 });
    await page.locator('.desk').focus();
    await page.keyboard.press('t');
    await expect(page.locator('.element--box')).toHaveCount(7);
    await page.getByRole('link', { name: /^Hand out/ }).click();
    await handOutTo(page, to);
    await page.getByRole('button', { name: 'Hand out', exact: true }).click();
    await expect(page.getByText('Each student now has it.')).toBeVisible();
    await expect(page.getByRole('heading', { name })).toBeVisible();
    return name;
}
