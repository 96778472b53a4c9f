import { expect, expectAccessible, isKept, PIN, readOff, ready, test } from './support.js';

// Passes: made by the teacher, read off the wall, and what they open.

const HANDOUT = 'A day at the harbour';

async function passes(teacher) {
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: new RegExp(HANDOUT) }).click();
    await teacher.getByRole('link', { name: 'Passes' }).click();
}

const visitor = async (browser, baseURL) =>
    (await browser.newContext({ baseURL, viewport: { width: 390, height: 780 } })).newPage();

test('a class pass on the wall is read by a camera, or typed where class codes are typed', async ({
    teacher,
    browser,
    baseURL,
}) => {
    await passes(teacher);
    await expectAccessible(teacher, { every: true });
    await teacher.getByRole('link', { name: 'Show it large' }).first().click();
    await expectAccessible(teacher, { every: true });
    const address = await readOff(teacher.locator('.qr').first());
    const code = await teacher.locator('.wall__code').innerText();
    const page = await visitor(browser, baseURL);
    await page.goto('/class');
    await page.getByLabel(/Type the code/).fill(code.toLowerCase());
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page).toHaveURL(address);
    await expectAccessible(page, { every: true });
    await page.getByLabel('Dev Rowan').check();
    await page.getByLabel('Your PIN').fill(PIN);
    await page.getByRole('button', { name: 'Come in' }).click();
    await ready(page);
    expect(page.url()).not.toContain(code.replace(' ', ''));
    await page.goto('/my/day');
    await expect(page.getByRole('heading', { level: 3 })).toHaveText([HANDOUT]);
    await page.context().close();
});

test('a guest gives a name, works, and comes back with a number; ended, the pass lets nobody in and loses nothing', async ({
    teacher,
    browser,
    baseURL,
}) => {
    await passes(teacher);
    const open = teacher.getByRole('region', { name: 'For anybody' });
    await open.getByRole('button', { name: 'Make a pass' }).click();
    const code = (await open.locator('code').innerText()).replace(' ', '');
    const page = await visitor(browser, baseURL);
    await page.goto(`/p/${code}`);
    await expectAccessible(page, { every: true });
    await page.getByLabel('Your name').fill('Uncle Bo');
    await page.getByRole('button', { name: 'Open my copy' }).click();
    await ready(page);
    const number = await page.getByText('To come back later').locator('b').innerText();
    const place = page.locator('input.answer, textarea.answer').first();
    await place.fill('high tide');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await isKept(page);

    const again = await visitor(browser, baseURL);
    await again.goto(`/p/${code}`);
    await again.getByLabel('Your name').fill('uncle bo');
    await again.getByLabel(/^Were you here before/).fill(number);
    await again.getByRole('button', { name: 'Open my copy' }).click();
    await expect(again.locator('input.answer, textarea.answer').first()).toHaveValue('high tide');

    await open.getByRole('button', { name: 'End it now' }).click();
    await place.fill('high tide at noon');
    await expect(page.locator('[data-saved]')).not.toHaveText('Saved');
    await page.goto('/my/day');
    await expect(page.getByRole('heading', { name: 'This pass is over' })).toBeVisible();

    // What was typed after the end went nowhere; it waits on the device, and goes when they are let in again.
    await open.getByRole('button', { name: 'Make a pass' }).click();
    const newer = (await open.locator('code').innerText()).replace(' ', '');
    await page.goto(`/p/${newer}`);
    await page.getByLabel('Your name').fill('Uncle Bo');
    await page.getByLabel(/^Were you here before/).fill(number);
    await page.getByRole('button', { name: 'Open my copy' }).click();
    await expect(place).toHaveValue('high tide at noon');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await again.reload();
    await Promise.all([page, again].map((one) => one.context().close()));
});

test('slips open each one’s own copy with one press', async ({ teacher, browser, baseURL }) => {
    await passes(teacher);
    await teacher.getByRole('button', { name: 'Make the slips' }).click();
    await expectAccessible(teacher, { every: true });
    const slip = teacher.getByRole('listitem').filter({ hasText: 'Alba Weir' });
    await expect(slip).toBeVisible();
    const address = await readOff(slip.locator('.qr'));
    const page = await visitor(browser, baseURL);
    await page.goto(address);
    await page.getByRole('button', { name: 'That is me' }).click();
    await ready(page);
    await page.context().close();
});
