import { at, draw, expect, expectAccessible, frames, settled, startBlank, test } from './support.js';

const field = (page) => page.locator('.writing');

async function pressTwice(page, x, y) {
    const point = await at(page, x, y);
    await page.mouse.dblclick(point.x, point.y);
    await expect(field(page)).toBeFocused();
}

/** A paste as the browser gives it. */
const paste = (where, text) =>
    where.evaluate((into, words) => {
        const clipboardData = new DataTransfer();
        clipboardData.setData('text/plain', words);
        into.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, text);

test('a double click writes on a box and a label; Tab goes to the next as they are read, Esc ends', async ({
    teacher: page,
}) => {
    await startBlank(page, `Written ${Date.now()}`);
    await draw(page, 'Short', 60, 160, 200, 26);
    await draw(page, 'Number', 300, 160, 90, 26);
    await draw(page, 'Label', 60, 60, 300, 30);
    await page.keyboard.press('Escape');
    await pressTwice(page, 100, 75);
    await expect(field(page)).toHaveAccessibleName(/^Words of L1$/);
    await field(page).fill('Tides at the quay');
    await page.keyboard.press('Tab');
    await expect(field(page)).toHaveAccessibleName(/^Prompt of A1$/);
    await page.keyboard.type('tide, in words');
    await page.keyboard.press('Tab');
    await page.keyboard.type('m');
    await expectAccessible(page);
    await page.keyboard.press('Shift+Tab');
    await expect(field(page)).toHaveValue('tide, in words');
    await page.keyboard.press('Escape');
    await expect(field(page)).toHaveCount(0);
    await expect(page.locator('.label')).toHaveText('Tides at the quay');
    await expect(page.locator('[data-tag=A1] .answer')).toHaveText('tide, in words');
    await expect(page.locator('[data-tag=A2] .answer')).toHaveText('m');
    await expect(page.locator('[data-tool][aria-pressed=true]')).toHaveCount(0);
    // From the keyboard: what has the focus is selected, Enter writes on it, a blank prompt is a prompt too.
    await expect(page.locator('[data-tag=A1]')).toBeFocused();
    await page.keyboard.press('Enter');
    await field(page).fill('');
    await page.keyboard.press('Enter');
    await settled(page);
    await page.keyboard.press('Alt+Enter');
    await expect(page.getByLabel('Prompt', { exact: true })).toBeFocused();
    await expect(page.getByLabel('Prompt', { exact: true })).toHaveValue('');
    await page.reload();
    await expect(page.locator('[data-tag=A2] .answer')).toHaveText('m');
});

test('letters are words of the chosen cell and no tools; Delete takes its words, and pasted lines fill cells', async ({
    teacher: page,
}) => {
    await startBlank(page, `Cells ${Date.now()}`);
    await draw(page, 'Table', 60, 60, 400, 160);
    await page.keyboard.press('Escape');
    const cells = page.locator('.table-cell');
    await cells.nth(1).click();
    await cells.nth(1).click();
    await page.keyboard.type('tide time');
    await expect(field(page)).toHaveValue('tide time');
    await page.keyboard.press('Tab');
    await page.keyboard.type('height');
    await page.keyboard.press('Escape');
    await expect(cells.nth(1)).toHaveText('tide time');
    await expect(cells.nth(2)).toHaveText('height');
    await expect(page.locator('[data-tool][aria-pressed=true]')).toHaveCount(0);
    await page.keyboard.press('Delete');
    await expect(cells.nth(2)).toHaveText('');
    await expect(page.locator('.element--table')).toHaveCount(1);
    await cells.nth(0).dblclick();
    await paste(field(page), 'day\r\nMon\r\nTue');
    await expect(cells.nth(3)).toHaveText('Mon');
    await expect(cells.nth(6)).toHaveText('Tue');
    await cells.nth(4).dblclick();
    await paste(field(page), '06:10\t4.2\n18:40\t4.4');
    await expect(cells.nth(8)).toHaveText('4.4');
    await expect(cells.nth(4)).toHaveText('06:10');
    await cells.nth(0).dblclick();
    await paste(field(page), Array.from({ length: 40 }, (_, n) => `line ${n}`).join('\n'));
    await expect(page.getByRole('alert')).toContainText('These are 40 lines');
    await expect(cells.nth(0)).toHaveText('day');
});

test('ten pasted lines are the prompts of ten boxes, or ten cards', async ({ teacher: page }) => {
    await startBlank(page, `Pasted ${Date.now()}`);
    const lines = Array.from({ length: 10 }, (_, n) => `harbour word ${n + 1}`);
    for (let n = 0; n < 2; n += 1) await draw(page, 'Short', 60, 60 + 40 * n, 200, 26);
    await page.keyboard.press('Escape');
    await pressTwice(page, 80, 70);
    await paste(field(page), 'How high?\nHow long?');
    await expect(page.locator('[data-tag=A2] .answer')).toHaveText('How long?');
    await page.getByRole('link', { name: /^Parts/ }).click();
    await draw(page, 'Rectangle', 60, 300, 110, 30);
    await page.keyboard.press('Escape');
    await pressTwice(page, 80, 315);
    await paste(field(page), lines.join('\n'));
    await expect(page.locator('.element--part')).toHaveCount(10);
    await expect(page.locator('.part__words')).toHaveText(lines);
    const all = Object.values(await frames(page));
    const meet = (a, b) => a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
    expect(all.flatMap((a, n) => all.slice(n + 1).filter((b) => meet(a, b)))).toEqual([]);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.element--part')).toHaveCount(1);
});

test('a zone is given its title where it lies, and shows it', async ({ teacher: page }) => {
    await startBlank(page, `Titled ${Date.now()}`);
    await page.getByRole('link', { name: /^Parts/ }).click();
    await draw(page, 'Zone', 60, 60, 200, 100);
    await page.keyboard.press('Escape');
    await pressTwice(page, 100, 100);
    await field(page).fill('floats');
    await field(page).press('Enter');
    await expect(page.locator('.spot__title')).toHaveText('floats');
});

test('on a slow network what was written on a place stands there when one comes back to it, and is built on', async ({
    teacher: page,
}) => {
    await startBlank(page, `Slowly written ${Date.now()}`);
    await draw(page, 'Short', 60, 160, 200, 26);
    await draw(page, 'Organiser', 60, 260, 420, 240);
    await page.keyboard.press('Escape');
    await settled(page);
    let letThrough;
    const held = new Promise((resolve) => {
        letThrough = resolve;
    });
    await page.route('**/edits', async (route) => {
        await held;
        await route.continue();
    });
    await pressTwice(page, 100, 170);
    await page.keyboard.type('tide');
    await page.keyboard.press('Tab');
    await page.keyboard.type('first box');
    await page.keyboard.press('Tab');
    await page.keyboard.type('second box');
    await page.keyboard.press('Shift+Tab');
    await expect(field(page)).toHaveValue('first box');
    await page.keyboard.press('Shift+Tab');
    await expect(field(page)).toHaveValue('tide');
    await field(page).press('End');
    await page.keyboard.type(', in words');
    await page.keyboard.press('Escape');
    letThrough();
    await settled(page);
    await expect(page.locator('.element--box .answer')).toHaveText('tide, in words');
    await expect(page.locator('.organiser__name').nth(0)).toHaveText('first box');
    await expect(page.locator('.organiser__name').nth(1)).toHaveText('second box');
});
