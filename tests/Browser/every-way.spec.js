import { expect, expectAccessible, openCopy, test } from './support.js';

const SIZES = {
    laptop: { viewport: { width: 1366, height: 768 } },
    tablet: { viewport: { width: 810, height: 1080 }, hasTouch: true, isMobile: true },
    phone: { viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true },
};
// What WCAG 2.2, 1.4.12 says that a page has to bear.
const SPACED = `* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }
    p { margin-bottom: 2em !important; }`;

const other = (page) => page.locator('[data-list]');

for (const [size, how] of Object.entries(SIZES)) {
    test(`on a ${size} axe-core finds nothing on any screen of a student`, async ({ browser, baseURL, student }) => {
        const door = await (await browser.newContext({ baseURL, ...how })).newPage();
        for (const path of ['/', '/class/HERN26', '/nowhere']) {
            await door.goto(path);
            await expectAccessible(door, { every: true });
        }
        await door.context().close();

        const page = await student('Wilf Sandry', 'HERN26', how);
        await expectAccessible(page, { every: true });
        for (const sheet of ['Before we sail', 'Build the harbour', 'Reading a tide table']) {
            await openCopy(page, sheet);
            await expectAccessible(page, { every: true });
            await other(page).click();
            await expectAccessible(page, { every: true });
        }
        await page.getByRole('button', { name: 'Hand in' }).click();
        await expectAccessible(page, { every: true });
        await page.goto('/my/day');
        await page.getByRole('link', { name: /^Read / }).click();
        await expectAccessible(page, { every: true });
    });
}

test('with more room between letters, words and lines no word vanishes or leaves its ring', async ({ student }) => {
    // The style sheet is put in by the test: what a person has for themselves comes from no server either.
    const page = await student('Hana Brisk', 'HERN26', { bypassCSP: true });
    await openCopy(page, 'Before we sail');
    const boxes = () =>
        page.locator('.sheet .label span').evaluateAll((all) =>
            all.map((one) => {
                const box = one.getBoundingClientRect();
                const sheet = one.closest('.sheet').getBoundingClientRect();
                return [box.left - sheet.left, box.top - sheet.top, box.width, box.height].map(Math.round);
            }),
        );
    const before = await boxes();
    await page.addStyleTag({ content: SPACED });
    expect(await boxes()).toEqual(before);

    await other(page).click();
    const wide = await page.locator('[data-scroll]').evaluate((one) => one.scrollWidth - one.clientWidth);
    expect(wide).toBe(0);
    await expect(page.locator('.asked__option').first()).toHaveCSS('letter-spacing', /^[1-9.]/);
    const cut = await page.locator('.asked__words, .asked__option, .label, .btn').evaluateAll(
        (all) =>
            all.filter((one) => {
                const shows = getComputedStyle(one);
                const isCut = one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1;
                return one.clientWidth > 0 && shows.overflow !== 'visible' && isCut;
            }).length,
    );
    expect(cut).toBe(0);
});

test('in colours of a person’s own the fields, ticks, spots and the focus have edges', async ({ student }) => {
    const page = await student('Hana Brisk');
    await page.emulateMedia({ forcedColors: 'active' });
    const edge = (locator) => locator.evaluate((one) => getComputedStyle(one).outlineStyle);
    await openCopy(page, 'Before we sail');
    for (const seen of ['.element--number', '.table-cell--fill', '.ticked', '.option-at input'])
        expect(await edge(page.locator(seen).first()), seen).toBe('solid');
    const height = page.getByLabel('Height at noon, in m');
    const still = await page.locator('.element--number').evaluate((one) => getComputedStyle(one).outlineColor);
    await height.focus();
    const [width, colour] = await page.locator('.element--number').evaluate((one) => {
        const style = getComputedStyle(one);
        return [style.outlineWidth, style.outlineColor];
    });
    expect(width).toBe('3px');
    expect(colour).not.toBe(still);

    await openCopy(page, 'Build the harbour');
    const [spot, ground] = await page
        .locator('.spot--outline .part__drawn')
        .first()
        .evaluate((one) => [getComputedStyle(one).stroke, getComputedStyle(document.body).backgroundColor]);
    expect(spot).not.toBe(ground);
    await page.locator('[data-piece][tabindex="0"]').first().focus();
    await page.keyboard.press('ArrowRight');
    expect(await edge(page.locator('[data-piece]:focus-visible'))).toBe('solid');
});

test('at 400 % the bars scroll away with the rest, and nothing has to be looked for at the side', async ({
    student,
}) => {
    // A window of 1280 by 1024 that is enlarged four times.
    const page = await student('Hana Brisk', 'HERN26', { viewport: { width: 320, height: 256 } });
    await openCopy(page, 'Before we sail');
    const foot = page.getByRole('button', { name: 'Hand in' });
    await expect(foot).not.toBeInViewport();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(320);
    await page.mouse.move(160, 128);
    await page.mouse.wheel(0, 300);
    await expect(page.locator('.copybar')).not.toBeInViewport();
    await page.keyboard.press('End');
    await expect(foot).toBeInViewport();
    await page.getByLabel('Height at noon, in m').focus();
    await expect(page.getByLabel('Height at noon, in m')).toBeInViewport();
});

test('the choice of names says that there are more until the last is seen', async ({ page }) => {
    await page.setViewportSize({ width: 1366, height: 768 });
    await page.goto('/class/HERN26');
    await expect(page.getByText('(24 names)')).toBeVisible();
    const names = page.locator('.pick-name__list');
    const said = () => names.evaluate((one) => Number(getComputedStyle(one, '::after').opacity));
    expect(await said()).toBe(1);
    await names.evaluate((one) => {
        one.scrollTop = one.scrollHeight;
    });
    await expect.poll(said).toBe(0);
    await page.setViewportSize({ width: 1366, height: 1800 });
    await expect.poll(said, { message: 'where all are seen, nothing is said' }).toBe(0);
});
