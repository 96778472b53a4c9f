import { expect, openBlankForm, settled, test } from './support.js';

/** All that is seen of the page, element by element, as a person would compare it. */
const shown = (page) =>
    page.locator('.sheet__layer').evaluate((layer) => {
        const scale = layer.getBoundingClientRect().width / Number(layer.dataset.width);
        const origin = layer.getBoundingClientRect();
        return [...layer.querySelectorAll('.element')].map((element) => {
            const box = element.getBoundingClientRect();
            const words = element.querySelector('.label span, .part__words, .answer, .spot__title');
            const range = document.createRange();
            if (words) range.selectNodeContents(words);
            return {
                tag: element.dataset.tag,
                said: element.getAttribute('aria-label'),
                words: element.innerText,
                classes: [...element.classList].filter((name) => name !== 'is-selected').sort(),
                at: [box.x - origin.x, box.y - origin.y, box.width, box.height].map((side) => Math.round(side / scale)),
                // Words that are there and take no room are not seen.
                room: words ? Math.round(range.getBoundingClientRect().width / scale) : 0,
                colour: words ? getComputedStyle(words).color : '',
                above: Number(getComputedStyle(element).zIndex),
            };
        });
    });

test('what edits have drawn is what is drawn anew: kits laid, their parts removed, things moved, undone and done again', async ({
    teacher: page,
}) => {
    test.setTimeout(180000);
    await openBlankForm(page);
    await page.getByLabel('Name, and heading of the first page').fill(`Drawn ${Date.now()}`);
    await page.getByLabel('Look', { exact: true }).selectOption('green banner');
    await page.getByLabel('Which way').first().selectOption('landscape');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.getByRole('link', { name: /^Parts/ }).click();
    const kits = page.locator('#kit-list');
    await kits.waitFor();
    const asAnew = async (after) => {
        await settled(page);
        const before = await shown(page);
        await page.reload();
        await page.locator('.sheet__layer .element').first().waitFor();
        expect(await shown(page), after).toEqual(before);
    };
    for (const kit of ['coins', 'timeline-cards', 'number-line']) {
        const fold = page.locator('details', { has: page.getByRole('heading', { name: 'Kits and tray' }) });
        if ((await fold.getAttribute('open')) === null) await fold.locator('summary').click();
        await kits.selectOption(kit);
        const count = await page.locator('.element').count();
        await page.getByRole('button', { name: 'Lay the kit' }).click();
        await expect(page.locator('.element')).not.toHaveCount(count);
        await asAnew(`${kit} laid`);
        const parts = page.locator('.rows [data-row]:has([data-row-select])');
        const ids = await page.locator('.element--part').evaluateAll((all) => all.map((one) => one.dataset.id));
        for (const id of ids.slice(-3))
            await page.locator(`[data-row="${id}"] [data-row-select]`).click({ modifiers: ['Shift'] });
        await page.locator('[data-desk]').focus();
        await page.keyboard.press('ArrowDown');
        await page.keyboard.press('Control+d');
        await page.keyboard.press('Delete');
        await settled(page);
        await expect(parts).not.toHaveCount(0);
        await asAnew(`parts of ${kit} removed`);
        for (const key of ['z', 'z', 'Z', 'z']) {
            await page.locator('[data-desk]').focus();
            await page.keyboard.press(key === 'Z' ? 'Control+Shift+Z' : 'Control+z');
        }
        await asAnew(`after undo of ${kit}`);
    }
});
