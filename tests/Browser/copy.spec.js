import { expect, expectAccessible, isKept, PIN, ready, test } from './support.js';

const saved = (page) => page.getByText('Saved', { exact: true });
const link = (page) =>
    page
        .getByRole('listitem')
        .filter({ has: page.getByRole('heading', { name: 'Reading a tide table' }) })
        .getByRole('link', { name: /^(Start|Go on)/ });
const open = async (page) => {
    await link(page).click();
    await ready(page);
};
const name = (page) => page.getByLabel('Name', { exact: true }).first();

test('what is typed is saved within two seconds and is there on another machine', async ({ student }) => {
    const page = await student('Vera Colm');
    await open(page);
    await name(page).pressSequentially('Vera', { delay: 30 });
    const typed = Date.now();
    await expect(page.getByText('Saving', { exact: true })).toBeVisible();
    const answered = page.waitForResponse((response) => response.request().method() === 'PATCH');
    expect((await answered).status()).toBe(200);
    expect(Date.now() - typed).toBeLessThan(2500);
    await expect(saved(page)).toBeVisible();

    const elsewhere = await student('Vera Colm');
    await open(elsewhere);
    await expect(name(elsewhere)).toHaveValue('Vera');
});

test('what is typed before the program has loaded is not lost', async ({ student }) => {
    const page = await student('Tamsin Grove');
    let go;
    const held = new Promise((resolve) => {
        go = resolve;
    });
    await page.route('**/build/assets/copy-*.js', async (route) => {
        await held;
        await route.continue();
    });
    await link(page).click({ noWaitAfter: true });
    await name(page).fill('Tamsin was quick');
    go();
    await expect(saved(page)).toBeVisible();
    await expect(page.locator('[data-tally]')).toContainText('1 of');
    await page.reload();
    await expect(name(page)).toHaveValue('Tamsin was quick');
});

test('what was typed just before leaving is not lost', async ({ student }) => {
    const page = await student('Tamsin Grove');
    await open(page);
    await name(page).fill('Tamsin in a hurry');
    await page.goto('/my/day');
    await open(page);
    await expect(name(page)).toHaveValue('Tamsin in a hurry');
    await expect(saved(page)).toBeVisible();
});

test('two windows never overwrite each other: the student chooses', async ({ student }) => {
    const page = await student('Soren Blythe');
    await open(page);
    const other = await page.context().newPage();
    await other.goto(page.url());
    await name(page).fill('from the first window');
    await expect(saved(page)).toBeVisible();
    await expect(page.getByText('1 of 15 filled')).toBeVisible();
    await other.getByLabel('Date', { exact: true }).first().fill('today');
    await expect(name(other)).toHaveValue('from the first window');

    await name(page).fill('one');
    await expect(page.locator('[data-saved]')).toHaveText('Saving');
    await expect(saved(page)).toBeVisible();
    await name(other).fill('two');
    const clash = other.getByRole('dialog', { name: 'Which one is right?' });
    await expect(clash).toContainText('one');
    await expect(clash).toContainText('two');
    await expectAccessible(other);
    // Left undecided, it is asked again: neither text is lost.
    await other.reload();
    await expect(clash).toContainText('two');
    await clash.locator('[data-clash-keep=here]').click();
    await expect(clash).toBeHidden();
    await expect(saved(other)).toBeVisible();
    await page.reload();
    await expect(name(page)).toHaveValue('two');
});

test('the printed words lie over their picture: they can be chosen and searched, and they name the places', async ({
    student,
}) => {
    const page = await student('Quinn Abara');
    await open(page);
    const line = page.locator('.sheet__words text', { hasText: 'On which day is the highest water?' });
    const box = await line.boundingBox();
    await page.mouse.move(box.x + 1, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width - 1, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
    expect(await page.evaluate(() => String(getSelection()))).toContain('On which day is the highest water');
    expect(await page.evaluate(() => window.find('trawler when to sail'))).toBe(true);

    const second = page.locator('[data-page="2"]');
    await expect(page.getByRole('heading', { name: 'Page 2 of 2' })).toBeAttached();
    await expect(second.getByRole('group', { name: 'Printed on page 2' })).toBeAttached();
    for (const name of ['Wednesday, Range', /^4\. You are the harbour master/])
        await expect(second.getByRole('textbox', { name })).toBeVisible();
    await expect(page.getByRole('textbox', { name: /^Answer \d/ })).toHaveCount(0);
    const [all, seen] = await page.evaluate(() => [document.body.scrollHeight, document.body.clientHeight]);
    expect(all, 'only the pages scroll, not the window').toBe(seen);
});

test('what is only to be read can be read and nothing more', async ({ student }) => {
    const page = await student('Quinn Abara');
    await page.getByRole('link', { name: 'Read Tide times' }).click();
    await expect(page.getByRole('heading', { name: 'Tide times' })).toBeVisible();
    await expect(page.getByText('Use the table. Write times with the 24-hour clock.')).toBeVisible();
    await expect(page.getByRole('textbox')).toHaveCount(0);
    await expectAccessible(page);
});

test('signed out meanwhile, a student comes in again at the page itself and nothing is lost', async ({ student }) => {
    const page = await student('Rosa Tideway');
    await open(page);
    await page.evaluate(() => {
        window.isTheSamePage = true;
    });
    await isKept(page); // No answer is on its way that brings the session back.
    await page.context().clearCookies();
    await name(page).fill('still here');
    const door = page.locator('[data-come-back]');
    await expect(door).toContainText('You were signed out. Your work is kept on this device.');
    await expect(page.getByText('Not sent', { exact: true })).toBeVisible();
    await expectAccessible(page);
    await page.getByLabel('Date', { exact: true }).first().fill('written meanwhile');

    await door.getByLabel('Your PIN, Rosa Tideway').fill('1111');
    await page.keyboard.press('Enter');
    await expect(door.getByRole('alert')).toContainText('That is not the PIN for this name.');
    await door.getByLabel('Your PIN, Rosa Tideway').fill(PIN);
    await door.getByRole('button', { name: 'Come in again' }).click();
    await expect(saved(page)).toBeVisible();
    await expect(door).toBeHidden();
    expect(await page.evaluate(() => window.isTheSamePage)).toBe(true);

    await page.reload();
    await expect(name(page)).toHaveValue('still here');
    await expect(page.getByLabel('Date', { exact: true }).first()).toHaveValue('written meanwhile');
});

test('at 390 by 844 by touch: the box grows readable, is never under a bar, and the way on is in sight', async ({
    student,
}) => {
    const page = await student('Petra Lisle', 'HERN26', {
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        isMobile: true,
    });
    await expectAccessible(page);
    await page
        .getByRole('listitem')
        .filter({ has: page.getByRole('heading', { name: 'Reading a tide table' }) })
        .getByRole('link', { name: /^Start/ })
        .tap();
    await ready(page);
    await page.getByRole('button', { name: 'Pages' }).tap();
    await expect(page.locator('.answer').first()).toBeVisible();
    await expectAccessible(page);
    for (const control of [
        page.getByRole('button', { name: 'Next blank' }),
        page.getByRole('button', { name: 'Hand in' }),
        saved(page),
        page.getByText('0 of 15 filled'),
    ])
        await expect(control).toBeInViewport({ ratio: 1 });
    const wide = await page.locator('.sheet').first().boundingBox();
    expect(wide.width).toBeGreaterThan(370);

    // Every place can be hit: 24 by 24 pixels at least (WCAG 2.2, 2.5.8).
    const small = await page
        .locator('.answer')
        .evaluateAll(
            (all) =>
                all.map((one) => one.getBoundingClientRect()).filter((box) => box.width < 24 || box.height < 24).length,
        );
    expect(small).toBe(0);

    await page.locator('.answer').nth(4).tap();
    const field = page.locator('.answer').nth(4);
    await expect(field).toBeFocused();
    await expect.poll(() => field.evaluate((one) => parseFloat(getComputedStyle(one).fontSize))).toBeGreaterThan(14.9);
    await expect(field).toBeInViewport({ ratio: 0.9 });
    const box = await field.boundingBox();
    const foot = await page.locator('.copyfoot').boundingBox();
    const bar = await page.locator('.copybar').boundingBox();
    expect(box.y + box.height).toBeLessThan(foot.y);
    expect(box.y).toBeGreaterThan(bar.y + bar.height);
    await field.fill('49');
    await expect(page.getByText('1 of 15 filled')).toBeVisible();
    await expect(saved(page)).toBeVisible();
    await page.getByRole('button', { name: 'Next blank' }).tap();
    await expect(page.locator('.answer').nth(5)).toBeFocused();
    await expect(page.locator('.answer').nth(5)).toBeInViewport();
    await page.getByRole('button', { name: 'Hand in' }).tap();
    await expect(page.getByRole('dialog', { name: 'Hand in now?' })).toBeInViewport({ ratio: 1 });
    await expectAccessible(page);
});

test('the dialog that hands in says by the server’s clock that it cannot be taken back', async ({ student }) => {
    const page = await student('Vera Colm');
    await open(page);
    const said = page.locator('[data-taking-back]');
    await page.getByRole('button', { name: 'Hand in' }).click();
    await expect(said).toContainText('You can take it back until');
    await page.getByRole('button', { name: 'Not yet' }).click();
    // The device goes on believing that it is today.
    await page.route('**/who', async (route) => {
        const answer = await route.fetch();
        const later = new Date(Date.now() + 400 * 24 * 3600 * 1000).toUTCString();
        await route.fulfill({ response: answer, headers: { ...answer.headers(), date: later } });
    });
    await page.getByRole('button', { name: 'Hand in' }).click();
    await expect(said).toContainText('The time is over');
});
