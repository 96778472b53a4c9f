import { expect, isKept, png, ready, test } from './support.js';

// Without a connection: what is done goes on, outlives a reload, and is sent when the server is back.

const HANDOUTS = { table: 'Activity 1: reading a tide table', kinds: 'Before we sail', parts: 'Build the harbour' };

const name = (page) => page.getByLabel('Name', { exact: true }).first();
const saved = (page) => page.getByText('Saved', { exact: true });
const unsent = (page) =>
    page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('open-slate.pending')));

/** The first page that this device has ever opened, once the browser keeps it and its scripts. */
async function open(page, handout) {
    await page.getByRole('link', { name: new RegExp(`^(Start|Go on with) ${handout}`) }).click();
    await ready(page);
    await isKept(page);
}

test('on the first copy that a device opens, words and moved parts outlive a reload', async ({ student }) => {
    const page = await student('Umar Finch');
    await open(page, HANDOUTS.parts);
    const sheet = page.locator('[data-page="1"]');
    const kelp = sheet.locator('[data-piece="kelp.1"]');
    await page.context().setOffline(true);
    await kelp.focus();
    await page.keyboard.press('Enter');
    await sheet.locator('[data-spot="zone2"]').focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('Kept on this device')).toBeVisible();
    const where = () => kelp.evaluate((one) => [one.style.getPropertyValue('--x'), one.style.getPropertyValue('--y')]);
    const put = await where();
    await page.reload();
    await ready(page);
    expect(await where()).toEqual(put);
    await expect(page.getByText('Kept on this device')).toBeVisible();

    await page.context().setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15000 });
    await expect(kelp).toHaveAccessibleName('kelp, in Middle shore');
    const elsewhere = await student('Umar Finch');
    await elsewhere.getByRole('link', { name: /Build the harbour/ }).click();
    await expect(elsewhere.locator('[data-piece="kelp.1"]')).toHaveAccessibleName('kelp, in Middle shore');
});

test('a picture chosen waits on this device, is seen after a reload, and is sent when the server is back', async ({
    student,
}) => {
    const page = await student('Kit Marrow');
    await open(page, HANDOUTS.kinds);
    const knot = (at) => at.locator('[data-place="1.knot"]');
    const filled = Number.parseInt(await page.locator('[data-tally]').textContent(), 10);
    await page.context().setOffline(true);
    await knot(page)
        .locator('input[type=file]')
        .setInputFiles({ name: 'knot.png', mimeType: 'image/png', buffer: png(320, 240) });
    const width = (at) =>
        expect.poll(() =>
            knot(at)
                .locator('img')
                .evaluate((image) => image.naturalWidth),
        );
    await width(page).toBe(320);
    await expect(page.getByText('Kept on this device')).toBeVisible();
    await expect(page.locator('[data-tally]')).toContainText(`${filled + 1} of`);
    await page.getByRole('button', { name: 'Hand in' }).click();
    await page.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByRole('alert')).toContainText('It is not handed in: there is no connection just now.');
    await page.reload();
    await width(page).toBe(320);
    expect(await unsent(page)).toHaveLength(1);

    await page.context().setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15000 });
    expect(await unsent(page)).toEqual([]);
    await expect(knot(page).locator('img')).toHaveAttribute('src', /^\/pictures\//);
    const elsewhere = await student('Kit Marrow');
    await elsewhere.getByRole('link', { name: /Before we sail/ }).click();
    await width(elsewhere).toBe(320);

    // Chosen and taken off again before it could go: nothing is sent.
    await page.context().setOffline(true);
    await knot(page).getByRole('button', { name: 'Take it off' }).click();
    await knot(page)
        .locator('input[type=file]')
        .setInputFiles({ name: 'knot.png', mimeType: 'image/png', buffer: png(100, 100) });
    await width(page).toBe(100);
    await knot(page).getByRole('button', { name: 'Take it off' }).click();
    await expect(knot(page).locator('img')).toBeHidden();
    await page.context().setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15000 });
    await page.reload();
    await expect(knot(page).locator('img')).toBeHidden();
});

test('a picture chosen for a card waits too, and lies on the card when it is sent', async ({ student }) => {
    const page = await student('Oskar Reed');
    await open(page, HANDOUTS.parts);
    const sheet = page.locator('[data-page="4"]');
    const card = sheet.locator('[data-piece="find.4"]');
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    await card.click();
    await page.context().setOffline(true);
    await sheet
        .getByLabel('Picture from this device')
        .setInputFiles({ name: 'pool.png', mimeType: 'image/png', buffer: png(40, 40) });
    await expect(card).toHaveAccessibleName('picture card, with a picture, 4 of 4, in the tray');
    await page.reload();
    await expect(card).toHaveAccessibleName('picture card, with a picture, 4 of 4, in the tray');
    await page.context().setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15000 });
    await expect(card.locator('img')).toHaveAttribute('src', /^\/pictures\//);
    await page.reload();
    await expect(card).toHaveAccessibleName('picture card, with a picture, 4 of 4, in the tray');
});

test('another picture chosen while the first is on its way is the one that stays', async ({ student }) => {
    const page = await student('Cleo Fennick');
    await open(page, HANDOUTS.kinds);
    const knot = page.locator('[data-place="1.knot"]');
    const choose = (name, buffer) =>
        knot.locator('input[type=file]').setInputFiles({ name, mimeType: 'image/png', buffer });
    let go;
    const held = new Promise((resolve) => {
        go = resolve;
    });
    const asked = [];
    await page.route('**/files', async (route) => {
        asked.push(route);
        if (asked.length === 1) await held;
        await route.continue();
    });
    await choose('note.png', Buffer.from('no picture'));
    await expect.poll(() => asked.length).toBe(1);
    await choose('knot.png', png(64, 48));
    await expect.poll(() => knot.locator('img').evaluate((image) => image.naturalWidth)).toBe(64);
    go();
    await expect(knot.locator('img')).toHaveAttribute('src', /^\/pictures\//);
    await expect(saved(page)).toBeVisible();
    await expect.poll(() => knot.locator('img').evaluate((image) => image.naturalWidth)).toBe(64);
    await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('with the server away work goes on, outlives a reload, and is sent when it is back', async ({ student }) => {
    const page = await student('Wilf Sandry');
    await open(page, HANDOUTS.table);
    await name(page).fill('Wilf');
    await expect(saved(page)).toBeVisible();
    await page.context().setOffline(true);
    await page.getByLabel('Date', { exact: true }).first().fill('Friday');
    await expect(page.getByText('Kept on this device')).toBeVisible();
    await page.reload();
    await expect(name(page)).toHaveValue('Wilf');
    await expect(page.getByLabel('Date', { exact: true }).first()).toHaveValue('Friday');
    await page.getByLabel('Date', { exact: true }).first().fill('Friday 4th');
    await page.getByRole('button', { name: 'Hand in' }).click();
    await page.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByRole('alert')).toContainText('It is not handed in: there is no connection just now.');

    await page.context().setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15000 });
    await expect.poll(() => unsent(page)).toEqual([]);
    const elsewhere = await student('Wilf Sandry');
    await open(elsewhere, HANDOUTS.table);
    await expect(elsewhere.getByLabel('Date', { exact: true }).first()).toHaveValue('Friday 4th');
});
