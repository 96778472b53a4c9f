import { png, at, bringIn, drag, draw, expect, expectAccessible, frames, test, settled } from './support.js';

const near = (frame, x, y, width, height) => {
    expect(Math.abs(frame.x - x)).toBeLessThan(1.5);
    expect(Math.abs(frame.y - y)).toBeLessThan(1.5);
    if (width) expect(Math.abs(frame.width - width)).toBeLessThan(1.5);
    if (height) expect(Math.abs(frame.height - height)).toBeLessThan(1.5);
};
const selected = (page) =>
    page.locator('.element.is-selected').evaluateAll((all) => all.map((element) => element.dataset.tag).sort());

async function openBench(page, file) {
    const name = await bringIn(page, file);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await expect(page.locator('.sheet__layer')).toBeVisible();
    return name;
}

async function leaveTool(page) {
    await page.keyboard.press('Escape');
}

test('what is drawn lies where it was drawn, moves by drag, and sizes by its handles', async ({ teacher: page }) => {
    await openBench(page);
    await draw(page, 'Short box', 100, 150, 200, 20);
    near((await frames(page)).A1, 100, 150, 200, 20);
    await leaveTool(page);

    await drag(page, [150, 160], [250, 210]);
    await settled(page);
    near((await frames(page)).A1, 200, 200, 200, 20);

    const handle = await page.locator('.handle[data-handle="se"]').boundingBox();
    await page.mouse.move(handle.x + 12, handle.y + 12);
    await page.mouse.down();
    const to = await at(page, 450, 260);
    await page.keyboard.down('Control'); // Held, it lets go of the guides.
    await page.mouse.move(to.x, to.y, { steps: 5 });
    await page.mouse.up();
    await page.keyboard.up('Control');
    await settled(page);
    near((await frames(page)).A1, 200, 200, 250, 60);

    // It stops at the edge of the paper, on screen and on the server.
    await drag(page, [300, 230], [-400, 200]);
    await settled(page);
    expect((await frames(page)).A1.x).toBe(0);
    await page.reload();
    expect((await frames(page)).A1.x).toBe(0);
});

test('a tool that is pressed before the scripts of the bench have come is chosen when they have', async ({
    teacher: page,
}) => {
    await bringIn(page);
    let send;
    const late = new Promise((resolve) => (send = resolve));
    await page.route('**/build/assets/bench-*.js', (route) => late.then(() => route.continue()));
    const begun = page.waitForResponse(/\/assets\/app-.*\.js$/);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await begun;
    const tool = page.getByRole('button', { name: /^Patch/ });
    await tool.click();
    await tool.click();
    await expect(tool).toHaveAttribute('aria-pressed', 'false');
    send();
    await expect(tool).toHaveAttribute('aria-pressed', 'true');
});

test('a click lays one of the usual size, and Escape during a drag puts things back', async ({ teacher: page }) => {
    await openBench(page);
    await page.getByRole('button', { name: /^Patch/ }).click();
    const spot = await at(page, 200, 100);
    await page.mouse.click(spot.x, spot.y);
    await expect(page.locator('.element')).toHaveCount(1);
    near((await frames(page)).P1, 200, 100, 120, 24);
    await leaveTool(page);

    const from = await at(page, 250, 110);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + 120, from.y + 120, { steps: 4 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await settled(page);
    near((await frames(page)).P1, 200, 100);
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
});

test('selecting: click, shift-click, marquee, rows of the ledger, all', async ({ teacher: page }) => {
    await openBench(page);
    await draw(page, 'Short box', 100, 100, 100, 20);
    await draw(page, 'Short box', 250, 100, 100, 20);
    await draw(page, 'Short box', 100, 200, 100, 20);
    await leaveTool(page);

    await page.locator('[data-tag=A1]').click();
    expect(await selected(page)).toEqual(['A1']);
    await page.locator('[data-tag=A2]').click({ modifiers: ['Shift'] });
    expect(await selected(page)).toEqual(['A1', 'A2']);
    await page.locator('[data-tag=A1]').click({ modifiers: ['Shift'] });
    expect(await selected(page)).toEqual(['A2']);

    await drag(page, [80, 90], [210, 230]);
    expect(await selected(page)).toEqual(['A1', 'A3']);
    await drag(page, [240, 90], [360, 130], { modifier: 'Shift' });
    expect(await selected(page)).toEqual(['A1', 'A2', 'A3']);
    await expect(page.locator('[data-row].is-selected')).toHaveCount(3);

    await page.getByRole('button', { name: 'Select A2' }).click();
    expect(await selected(page)).toEqual(['A2']);
    await page.getByLabel('Prompt of A3').focus();
    expect(await selected(page)).toEqual(['A3']);
    await page.getByRole('button', { name: 'Select all' }).click();
    await expect(page.getByText('3 selected')).toBeVisible();

    // Changing many at once: all three in one step, and one undo for it.
    await page.getByLabel('Text size').fill('20');
    await page.getByLabel('Text size').press('Tab');
    await expect(page.locator('[data-element*=\'"size":20\']')).toHaveCount(3);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-element*=\'"size":12\']')).toHaveCount(3);
});

test('the keyboard alone: lay, nudge, stretch, repeat, copy, delete, undo, redo', async ({ teacher: page }) => {
    await openBench(page);
    await page.locator('.desk').focus();
    await page.keyboard.press('s');
    await expect(page.getByRole('button', { name: /^Short box/ })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Enter');
    await expect(page.locator('.element')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await page.locator('.element').focus();
    const start = (await frames(page)).A1;

    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowDown', 'Shift+ArrowRight', 'Shift+ArrowUp'])
        await page.keyboard.press(key);
    await page.waitForTimeout(300);
    await settled(page);
    await page.reload();
    near((await frames(page)).A1, start.x + 12, start.y - 9);
    await page.locator('.element').focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Alt+Shift+ArrowRight');
    await settled(page);
    expect((await frames(page)).A1.width).toBeCloseTo(start.width + 10, 1);

    // Repeat lies below; moved on, the next repeat keeps the step.
    await page.keyboard.press('Control+d');
    await expect(page.locator('.element')).toHaveCount(2);
    expect(await selected(page)).toEqual(['A2']);
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Control+d');
    await expect(page.locator('.element')).toHaveCount(3);
    const { A1, A2, A3 } = await frames(page);
    expect(A3.y - A2.y).toBeCloseTo(A2.y - A1.y, 1);
    expect(A2.y - A1.y).toBeCloseTo(A1.height + 14, 1);

    await page.keyboard.press('Delete');
    await expect(page.locator('.element')).toHaveCount(2);
    await page.keyboard.press('Control+z');
    await expect(page.locator('.element')).toHaveCount(3);
    await page.keyboard.press('Control+Shift+z');
    await expect(page.locator('.element')).toHaveCount(2);
    for (let n = 0; n < 12 && (await page.getByRole('button', { name: 'Undo' }).isEnabled()); n += 1) {
        await page.keyboard.press('Control+z');
        await settled(page);
    }
    await expect(page.locator('.element')).toHaveCount(0);

    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('l');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: /^Label/ })).toHaveAttribute('aria-pressed', 'false');
});

test('copy and paste, here and on another page', async ({ teacher: page }) => {
    await openBench(page, 'harbour-log-workbook.pdf');
    await draw(page, 'Short box', 100, 100, 100, 20);
    await draw(page, 'Patch', 100, 150, 60, 20);
    await leaveTool(page);
    await page.locator('.desk').focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Control+c');
    await page.keyboard.press('Control+v');
    await expect(page.locator('.element')).toHaveCount(4);
    near((await frames(page)).A2, 112, 112, 100, 20);
    expect(await selected(page)).toEqual(['A2', 'P2']);

    await page.keyboard.press('PageDown');
    await expect(page.getByRole('heading', { name: /Page 2/ })).toBeVisible();
    await expect(page.locator('.element')).toHaveCount(0);
    await page.getByRole('button', { name: 'Paste' }).click();
    await expect(page.locator('.element')).toHaveCount(2);
    near((await frames(page)).A1, 112, 112, 100, 20);
    await expect(page.getByText('3 answer boxes')).toBeVisible();
});

test('what was copied elsewhere is pasted as a label or as a picture, whichever was copied last', async ({
    teacher: page,
}) => {
    await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
    await openBench(page, 'tide-times.pdf');
    await draw(page, 'Short box', 100, 100, 100, 20);
    await leaveTool(page);
    await page.locator('.desk').focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Control+c');
    const paste = async () => {
        await page.locator('.desk').focus();
        await page.keyboard.press('Control+v');
    };
    await page.evaluate(() => navigator.clipboard.writeText('Read the table.\nThen answer.'));
    await paste();
    const label = page.locator('.element--label');
    await expect(label).toHaveText(/Read the table\.\s*Then answer\./);
    await page.evaluate(
        async (bytes) =>
            navigator.clipboard.write([
                new ClipboardItem({ 'image/png': new Blob([new Uint8Array(bytes)], { type: 'image/png' }) }),
            ]),
        [...png(60, 40)],
    );
    await paste();
    await expect(page.locator('.element--picture')).toHaveCount(1);
    await label.click();
    await page.keyboard.press('Control+c');
    await paste();
    await expect(label).toHaveCount(2);
    expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('Then answer.');
    await page.evaluate(() => navigator.clipboard.writeText('a'.repeat(2001)));
    await paste();
    await expect(page.getByText('These are 2001 letters; a label takes 2000.')).toBeVisible();
    await expect(label).toHaveCount(2);

    // Words that are pasted into a field stay there.
    await page.evaluate(() => navigator.clipboard.writeText('Elsewhere'));
    await label.last().click();
    await page.locator('[data-traits]').getByLabel('Words', { exact: true }).focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Control+v');
    await expect(label.last()).toContainText('Elsewhere');
    await expect(label).toHaveCount(2);
});

test('two windows on one page: the later one is told, sees the newer page, and can do its change again', async ({
    teacher: page,
    teacherState,
    browser,
    baseURL,
}) => {
    await openBench(page);
    const other = await (
        await browser.newContext({ storageState: teacherState, baseURL, viewport: { width: 1280, height: 800 } })
    ).newPage();
    await other.goto(page.url());
    await draw(page, 'Short box', 100, 100, 100, 20);

    await other.getByRole('button', { name: /^Patch/ }).click();
    await drag(other, [100, 300], [200, 330]);
    await expect(other.getByRole('alert')).toContainText('changed in another window');
    await expect(other.locator('.element--box')).toHaveCount(1);
    await expect(other.locator('.element--patch')).toHaveCount(0);
    await other.getByRole('button', { name: 'Do my change again' }).click();
    await expect(other.locator('.element--patch')).toHaveCount(1);
    await expect(other.getByRole('alert')).toBeHidden();
    await other.context().close();
});

test('with the server away an edit waits and is made when it is back', async ({ teacher: page }) => {
    await openBench(page);
    await page.context().setOffline(true);
    await page.getByRole('button', { name: /^Short box/ }).click();
    await drag(page, [100, 100], [200, 120]);
    await expect(page.getByRole('alert')).toContainText('There is no connection. Your change is kept here');
    await page.context().setOffline(false);
    await expect(page.locator('.element')).toHaveCount(1);
    await expect(page.getByRole('alert')).toBeHidden();
});

test('words typed in a row of the ledger stand on the page', async ({ teacher: page }) => {
    await openBench(page);
    await draw(page, 'Short box', 100, 100, 200, 20);
    await draw(page, 'Label', 100, 200, 200, 30);
    await page.getByLabel('Prompt of A1').fill('Which boat?');
    await page.getByLabel('Words of L1').fill('Look at the <b>chart</b>');
    await page.keyboard.press('Tab');
    await expect(page.locator('.answer--prompt')).toHaveText('Which boat?');
    await expect(page.locator('.label')).toHaveText('Look at the <b>chart</b>');
});

test('a drag touches nothing on the page but what moves', async ({ teacher: page }) => {
    // What it costs is measured by bin/bench drag; this is why it costs little.
    await openBench(page);
    await draw(page, 'Short box', 50, 50, 100, 20);
    await leaveTool(page);
    const changed = await page.evaluateHandle(() => {
        const nodes = new Set();
        new MutationObserver((records) => records.forEach((record) => nodes.add(record.target))).observe(
            document.querySelector('.sheet'),
            { subtree: true, attributes: true, childList: true },
        );
        return nodes;
    });
    const from = await at(page, 80, 60);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + 60, from.y + 60, { steps: 10 });
    await page.waitForTimeout(50);
    expect(await changed.evaluate((nodes) => nodes.size)).toBeLessThanOrEqual(2 + 8 + 1);
    await page.mouse.up();
});

test('what is typed goes to what it was typed for, and a field shows what is selected', async ({ teacher: page }) => {
    await openBench(page);
    await draw(page, 'Short box', 100, 150, 200, 20);
    await draw(page, 'Short box', 100, 250, 200, 20);
    await leaveTool(page);
    const press = async (x, y) => {
        const spot = await at(page, x, y);
        await page.mouse.click(spot.x, spot.y);
    };
    const prompt = page.getByLabel('Prompt', { exact: true });
    const size = page.getByLabel('Text size');
    const of = (tag, name) =>
        page.locator(`.element[data-tag="${tag}"]`).evaluate((one, key) => JSON.parse(one.dataset.element)[key], name);

    await press(150, 160);
    await prompt.fill('Low water');
    // Still in the field, another is selected.
    await press(150, 260);
    await expect(page.getByText('A2 selected')).toBeVisible();
    await expect(prompt).toHaveValue('');
    await settled(page);
    await expect.poll(() => of('A1', 'prompt')).toBe('Low water');
    expect(await of('A2', 'prompt')).toBe('');

    // A number that is only sent when it is left is half typed.
    const usual = await of('A1', 'size');
    await size.fill('20');
    await press(150, 160);
    await expect(size).toHaveValue(String(usual));
    await expect.poll(() => of('A2', 'size')).toBe(20);
    expect(await of('A1', 'size')).toBe(usual);

    // So is a place: by keys too.
    await page.getByText('Place and size').click();
    const across = page.locator('[data-measure="x"]');
    const [before, other] = [(await frames(page)).A1.x, (await frames(page)).A2.x];
    await across.fill('10 mm');
    await press(150, 260);
    await settled(page);
    await expect.poll(async () => (await frames(page)).A1.x).toBeCloseTo(28.35, 1);
    expect(before).not.toBeCloseTo(28.35, 1);
    expect((await frames(page)).A2.x).toBe(other);
});

test('words typed for a cell stand in it when another is pressed', async ({ teacher: page }) => {
    await openBench(page);
    await draw(page, 'Table', 100, 150, 240, 80);
    await leaveTool(page);
    const press = async (x, y) => {
        const spot = await at(page, x, y);
        await page.mouse.click(spot.x, spot.y);
    };
    await press(110, 160);
    await press(110, 160);
    const words = page.getByLabel('Words in the cell');
    await words.fill('Boat');
    await press(320, 160);
    await settled(page);
    await expect(page.locator('.table-cell').first()).toHaveText('Boat');
    await expect(words).toHaveValue('');
});
