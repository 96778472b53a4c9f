import { expect, PIN, ready, test } from './support.js';

// One device, two children after one another: what was the first one's is never the second one's, to see or to write
// in.

const FIRST = 'Bastian Moor';
const SECOND = 'Dara Osei-Lund';

const link = (page) =>
    page
        .getByRole('listitem')
        .filter({ has: page.getByRole('heading', { name: 'Reading a tide table' }) })
        .getByRole('link', { name: /^(Start|Go on)/ });
const box = (page) => page.getByLabel('Date', { exact: true }).first();
/** The first one's name where a page says whose it is; the list of names at the door is everybody's. */
const whose = (page) => page.locator('.topbar__who, .copybar, .day').filter({ hasText: FIRST });
const saved = (page) => page.getByText('Saved', { exact: true });

async function open(page) {
    await link(page).click();
    await ready(page);
}

async function comeIn(page, name) {
    await page.goto('/class');
    await page.getByLabel(/code/).fill('HERN26');
    await page.getByRole('button', { name: 'Next' }).click();
    await page.getByLabel(name, { exact: true }).check();
    await page.getByLabel('Your PIN').fill(PIN);
    await page.getByRole('button', { name: 'Come in' }).click();
    await page.waitForURL('**/my/day');
}

async function leave(page) {
    await page.goto('/my/day');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.waitForURL((url) => url.pathname === '/');
}

test('Back after signing out shows nothing of the one who left', async ({ student }) => {
    const page = await student(FIRST);
    await open(page);
    await box(page).fill('only for me');
    await expect(saved(page)).toBeVisible();
    await leave(page);
    for (let n = 0; n < 3; n += 1) {
        await page.goBack().catch(() => {});
        await expect(whose(page)).toHaveCount(0);
        await expect(page.locator('.answer')).toHaveCount(0);
    }
    await comeIn(page, SECOND);
    for (let n = 0; n < 6; n += 1) {
        await page.goBack().catch(() => {});
        await expect(whose(page)).toHaveCount(0);
        await expect(page.locator('.answer')).toHaveCount(0);
    }
});

test('a copy left open in another tab goes when its student signs out, and takes no key from the next one', async ({
    student,
}) => {
    const page = await student(FIRST);
    await open(page);
    const address = page.url();
    const other = await page.context().newPage();
    await other.goto('/my/day');
    await leave(other);
    await expect(page.locator('.answer')).toHaveCount(0);
    await comeIn(other, SECOND);
    await page.bringToFront();
    await page.keyboard.type('not mine');
    await expect(whose(page)).toHaveCount(0);
    expect(page.url()).not.toBe(address);
    await other.goto(address);
    await expect(other.getByText('This is not yours to see')).toBeVisible();
});

test('without a connection too: what is unsent waits for its owner, and the next one hears nothing of it', async ({
    student,
}) => {
    const page = await student(FIRST);
    const context = page.context();
    await page.evaluate(() => navigator.serviceWorker.register('/sw.js').then(() => navigator.serviceWorker.ready));
    await page.reload();
    await open(page);
    await page.reload();
    const address = page.url();
    await expect
        .poll(() => page.evaluate(async () => (await (await caches.open('open-slate-pages')).keys()).length))
        .toBeGreaterThan(3);
    await context.setOffline(true);
    await page.reload();
    await box(page).fill('kept for me');
    await expect(page.getByText('Kept on this device')).toBeVisible();

    const said = [];
    page.on('dialog', (dialog) => {
        said.push(dialog.message());
        dialog.accept();
    });
    await page.getByLabel('My day').click();
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('heading', { name: 'You are signed out here' })).toBeVisible();
    expect(said).toHaveLength(1);
    for (let n = 0; n < 3; n += 1) {
        await page.goBack().catch(() => {});
        await expect(whose(page)).toHaveCount(0);
        await expect(page.locator('.answer')).toHaveCount(0);
    }
    await page.goto(address).catch(() => {});
    await expect(page.locator('.answer')).toHaveCount(0);

    await context.setOffline(false);
    await page.goto('/my/day');
    await page.waitForURL((url) => url.pathname === '/' || url.pathname === '/class');
    await comeIn(page, SECOND);
    await expect(whose(page)).toHaveCount(0);
    await leave(page);
    expect(said, 'the second one is asked nothing about what the first one left').toHaveLength(1);

    await comeIn(page, FIRST);
    await open(page);
    await expect(box(page)).toHaveValue('kept for me');
    await expect(saved(page)).toBeVisible();
});
