import { expect, test, violationsOn } from './support.js';

const SIZES = { 'on a laptop': [1280, 800], 'on a tablet held upright': [820, 1180] };

for (const [where, [width, height]] of Object.entries(SIZES))
    test(`${where} axe-core finds nothing on any screen of a teacher`, async ({ teacher: page }) => {
        test.setTimeout(240000);
        await page.setViewportSize({ width, height });
        const found = {};
        const look = async (what) => {
            const violations = await violationsOn(page, true);
            if (violations.length > 0) found[what] = violations;
        };
        await page.goto('/shelf');
        await look('shelf');
        await page.locator('.shelf__item .menu > summary').first().click();
        await look('shelf, a menu');
        await page.keyboard.press('Escape');
        await page.locator('[data-choose]').first().check();
        await look('shelf, one chosen');
        for (const room of ['/packages', '/colleagues', '/bin', '/handouts', '/school', '/account', '/classes']) {
            await page.goto(room);
            await look(room);
        }
        await page.getByRole('link', { name: /^6 Heron/ }).click();
        await page.locator('.names summary').first().click();
        await look('class');
        await page
            .getByRole('link', { name: /^All work of/ })
            .first()
            .click();
        await look('all work of a student');
        await page.goBack();
        await page.getByRole('link', { name: 'Sign-in slips' }).click();
        await look('slips');
        await page.goBack();
        await page.getByRole('link', { name: 'Results', exact: true }).click();
        await look('results of a class');
        await page.goto('/classes');
        await page.getByLabel(/CSV from a spreadsheet/).setInputFiles({
            name: 'list.csv',
            mimeType: 'text/csv',
            buffer: Buffer.from('Name,Class\nAda Brine,6 Tern'),
        });
        await page.getByRole('button', { name: 'Look at the list' }).click();
        await expect(page.getByText('1 student to come, and 1 new class: 6 Tern.')).toBeVisible();
        await look('a class list');
        await page.goto('/shelf');
        await page.getByRole('link', { name: /^The Working Harbour \(pack\)/ }).click();
        const pack = new URL(page.url()).pathname;
        await look('pages of a locked pack');
        for (const at of ['/boxes/6', '/key/6', '/check', '/sharing', '/board', '/mending', '/paper']) {
            await page.goto(pack + at);
            await look(`pack ${at}`);
        }
        await page.goto('/shelf');
        await page.getByRole('link', { name: /^Before we sail/ }).click();
        await look('pages');
        await page.getByRole('link', { name: /^Boxes/ }).click();
        await look('boxes');
        await page.locator('[data-tag=T1]').click({ position: { x: 30, y: 12 } });
        const change = page.getByRole('button', { name: 'Change it' });
        if (await change.isVisible()) await change.click();
        await page
            .locator('[data-traits] details')
            .evaluateAll((all) => all.filter((one) => !one.hidden).forEach((one) => (one.open = true)));
        await look('boxes, a cell chosen, all groups open');
        await page.getByRole('link', { name: /^Key/ }).click();
        await look('key');
        await page.getByRole('link', { name: /^Hand out/ }).click();
        await look('hand out');
        await page.goto('/shelf');
        await page
            .getByRole('link', { name: /^Build the harbour/ })
            .first()
            .click();
        await page.getByRole('link', { name: /^Parts/ }).click();
        await look('parts');
        await page.goto('/handouts');
        await page.getByRole('link', { name: /^Crossing the mud flats/ }).click();
        await look('desks');
        const desks = page.url();
        await page.getByRole('link', { name: 'Change it' }).click();
        for (const bracket of ['items', 'to', 'out', 'late']) {
            await page.locator(`[data-bracket="${bracket}"]`).click();
            await look(`change, ${bracket}`);
        }
        await page.goto(desks);
        await page.locator('.desk-verbs details').evaluateAll((all) => all.forEach((one) => (one.open = true)));
        await look('desks, all verbs open');
        await page.getByRole('link', { name: 'Mark', exact: true }).click();
        await look('marking');
        await page.goto(`${desks}/results`);
        await look('results');
        await page.goto(desks);
        await page.locator('main a[href*="/copies/"]').first().click();
        await page.locator('[data-mark]').first().click();
        await look('a copy, where a mark is written');
        await page.keyboard.press('Escape');
        await page.locator('.past a').first().click();
        await look('a moment');
        await page.goto(desks);
        await page.locator('main a[href*="/copies/"]').first().click();
        await look('one copy');
        expect(found).toEqual({});
    });

test('on a tablet by touch alone: tools, several selected, changed, done; a finger scrolls the page', async ({
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 820, height: 1180 }, hasTouch: true });
    const page = await context.newPage();
    await page.goto('/sign-in');
    await page.getByLabel('E-mail address').fill('marlow@saltmarsh.example');
    await page.getByLabel('Password').fill('harbour-light');
    await page.getByRole('button', { name: 'Sign in' }).tap();
    await page.getByText('Start from a blank page').tap();
    await page.getByLabel('Name, and heading of the first page').fill(`Touched ${Date.now()}`);
    await page.getByLabel('Look', { exact: true }).selectOption({ label: 'nothing on it' });
    await page.getByRole('button', { name: 'Start', exact: true }).tap();
    await page.getByRole('link', { name: /^Boxes/ }).tap();
    const sheet = page.locator('.ledger');
    await expect(sheet).toBeHidden();
    for (const y of [120, 220]) {
        await page.getByRole('button', { name: 'Tools' }).tap();
        await page.getByRole('button', { name: /^Short box/ }).tap();
        await expect(sheet).toBeHidden();
        const count = await page.locator('.element').count();
        await page.locator('.sheet__layer').tap({ position: { x: 200, y } });
        await expect(page.locator('.element')).toHaveCount(count + 1);
        await page.getByRole('button', { name: 'Done' }).tap();
        await expect(page.locator('.element.is-selected')).toHaveCount(0);
    }
    await page.getByRole('button', { name: 'Select several' }).tap();
    for (const tag of ['A1', 'A2']) await page.locator(`[data-tag=${tag}]`).tap();
    await expect(page.locator('.element.is-selected')).toHaveCount(2);
    await page.getByRole('button', { name: 'Change it' }).tap();
    await page.getByLabel('Prompt', { exact: true }).fill('tide');
    await page.getByRole('button', { name: 'Done' }).tap();
    await expect(sheet).toBeHidden();
    await expect(page.locator('.element .answer')).toHaveText(['tide', 'tide']);
    // What a finger may do is what the page says: over its ground it scrolls, over a thing it does not.
    const allows = (target) =>
        page
            .locator(target)
            .first()
            .evaluate((one) => getComputedStyle(one).touchAction);
    expect(await allows('.sheet--bench')).toBe('manipulation');
    expect(await allows('.element')).toBe('pinch-zoom');
    await context.close();
});
