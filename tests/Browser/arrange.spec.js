import { at, bringIn, drag, draw, expect, expectAccessible, frames, test, openBlankForm, settled } from './support.js';

const selectAll = async (page) => {
    await page.keyboard.press('Escape');
    await page.locator('[data-desk]').focus();
    await page.keyboard.press('Control+a');
};
const openGroup = async (page, name) => {
    const group = page.locator(`[data-trait-group=${name}]`);
    if (!(await group.evaluate((one) => one.open))) await group.locator('summary').click();
};

async function blank(page, look = 'nothing on it') {
    await openBlankForm(page);
    const name = `Blank ${process.pid} ${Date.now()}`;
    await page.getByLabel('Name, and heading of the first page').fill(name);
    await page.getByLabel('Look', { exact: true }).selectOption({ label: look });
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.locator('.sheet__layer')).toBeVisible();
    return name;
}

test('many at once: lined up, spaced, made one size, grouped, locked, put in order', async ({ teacher: page }) => {
    await blank(page);
    await draw(page, 'Short box', 60, 60, 120, 20);
    await draw(page, 'Patch', 90, 110, 60, 30);
    await draw(page, 'Short box', 75, 260, 100, 24);
    await selectAll(page);
    await openGroup(page, 'arrange');
    await page.getByRole('button', { name: 'Line up their left sides' }).click();
    await expect
        .poll(async () => Object.values(await frames(page)).map((frame) => Math.round(frame.x)))
        .toEqual([60, 60, 60]);
    await page.getByRole('button', { name: 'The same room between them, down' }).click();
    await expect
        .poll(async () => {
            const { A1, P1, A2 } = await frames(page);
            return Math.abs(P1.y - A1.y - A1.height - (A2.y - P1.y - P1.height));
        })
        .toBeLessThan(0.1);
    await page.getByRole('button', { name: 'Same width' }).click();
    await expect.poll(async () => new Set(Object.values(await frames(page)).map((frame) => frame.width)).size).toBe(1);

    await page.locator('[data-desk]').focus();
    await page.keyboard.press('Control+g');
    await expect(page.locator('.element[data-group]')).toHaveCount(3);
    await page.keyboard.press('Escape');
    await page.locator('[data-tag=A1]').click();
    await expect(page.locator('.element.is-selected')).toHaveCount(3);
    await page.keyboard.press('Control+Shift+G');
    await expect(page.locator('.element[data-group]')).toHaveCount(0);
    await page.keyboard.press('Escape');
    await page.locator('[data-tag=A1]').click();
    await expect(page.locator('.element.is-selected')).toHaveCount(1);

    await page.getByRole('button', { name: 'Lock', exact: true }).click();
    await expect(page.locator('[data-tag=A1]')).toHaveClass(/element--locked/);
    const before = (await frames(page)).A1;
    await drag(page, [100, 70], [200, 200]);
    await settled(page);
    expect((await frames(page)).A1).toEqual(before);
    await page.locator('[data-tag=A1]').click();
    await page.getByRole('button', { name: 'Unlock', exact: true }).click();
    await expect(page.locator('[data-tag=A1]')).not.toHaveClass(/element--locked/);
});

test('dragging holds to guides and to gaps that come back; Control lets go', async ({ teacher: page }) => {
    await blank(page);
    const first = page.waitForResponse('**/guides');
    await draw(page, 'Short box', 100, 100, 150, 20);
    await first;
    // A slow answer: the lines of what was laid last come when it is dragged already, and holds to the first.
    let come;
    const held = new Promise((resolve) => {
        come = resolve;
    });
    await page.route('**/guides', async (route) => {
        await held;
        await route.continue().catch(() => {});
    });
    await draw(page, 'Short box', 100, 150, 150, 20);
    await draw(page, 'Short box', 300, 300, 150, 20);
    await page.keyboard.press('Escape');
    // Near the left edge of the others, and one gap of 30 below the second.
    const from = await at(page, 375, 310);
    const to = await at(page, 177, 212);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(to.x + 40, to.y + 40, { steps: 4 });
    await page.mouse.move(to.x, to.y, { steps: 4 });
    await expect(page.locator('.guide--x')).toHaveCount(1);
    await expect(page.locator('.gap--down')).toHaveCount(0);
    come();
    // What to hold to may come while one drags: from the next move on it counts.
    await expect(async () => {
        await page.mouse.move(to.x + 3, to.y);
        await page.mouse.move(to.x, to.y);
        await expect(page.locator('.guide--x')).toHaveCount(1, { timeout: 300 });
        await expect(page.locator('.gap--down')).toHaveCount(1, { timeout: 300 });
    }).toPass({ timeout: 20000 });
    await page.mouse.up();
    await settled(page);
    await expect(page.locator('.guide, .gap')).toHaveCount(0);
    await expect
        .poll(async () =>
            Object.values(await frames(page))
                .map((one) => [Math.round(one.x), Math.round(one.y)])
                .at(-1),
        )
        .toEqual([100, 200]);

    const again = await at(page, 175, 210);
    await page.keyboard.down('Control');
    await page.mouse.move(again.x, again.y);
    await page.mouse.down();
    await page.mouse.move(again.x + 3.5, again.y + 40, { steps: 6 });
    await page.mouse.up();
    await page.keyboard.up('Control');
    await expect.poll(async () => Math.abs(Object.values(await frames(page)).at(-1).x - 100)).toBeGreaterThan(1);
});

test('numbers are typed in millimetres, inches or points, and what is no number is said', async ({ teacher: page }) => {
    await blank(page);
    await draw(page, 'Short box', 100, 100, 150, 20);
    await page.keyboard.press('Escape');
    await page.locator('[data-tag=A1]').click();
    await openGroup(page, 'place');
    await page.locator('[data-measure=x]').fill('25.4');
    await page.locator('[data-measure=x]').press('Enter');
    await expect.poll(async () => (await frames(page)).A1.x).toBe(72);
    await page.locator('[data-measure=width]').fill('2 in');
    await page.locator('[data-measure=width]').press('Enter');
    await expect.poll(async () => (await frames(page)).A1.width).toBe(144);
    await page.locator('[data-measure=height]').fill('wide');
    await page.locator('[data-measure=height]').press('Enter');
    await expect(page.getByRole('alert')).toContainText('is no length');
    await page.getByLabel('In', { exact: true }).selectOption('pt');
    await expect(page.locator('[data-measure=width]')).toHaveValue('144');
});

test('a table: words in a heading row, a dragged column, another row', async ({ teacher: page }) => {
    await blank(page);
    await draw(page, 'Table', 60, 60, 300, 100);
    await page.keyboard.press('Escape');
    await page.locator('[data-tag=T1]').click({ position: { x: 30, y: 10 } });
    await page.locator('[data-tag=T1] [data-cell="0"]').click();
    await page.getByLabel('Words in the cell').fill('Boat');
    await page.getByLabel('Words in the cell').press('Enter');
    await expect(page.locator('[data-cell="0"]')).toHaveText('Boat');
    await page.getByRole('button', { name: 'Row below' }).click();
    await expect(page.locator('[data-tag=T1] [data-cell]')).toHaveCount(15);
    const grip = await page.locator('.grip--across').first().boundingBox();
    await page.mouse.move(grip.x + 6, grip.y + 40);
    await page.mouse.down();
    await page.mouse.move(grip.x + 66, grip.y + 40, { steps: 4 });
    await page.mouse.up();
    const shares = () =>
        page.locator('[data-tag=T1]').evaluate((element) => JSON.parse(element.dataset.element).columns);
    await expect.poll(async () => (await shares())[0]).toBeGreaterThan(0.4);
    const columns = await shares();
    expect(Math.abs(columns.reduce((a, b) => a + b) - 1)).toBeLessThan(0.001);
});

test('a box goes down the lines, a choice over what is printed, a tick where a square is', async ({
    teacher: page,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    await page.goto(`${page.url()}/boxes/7`);
    await expect(page.locator('[data-ghost]').first()).toBeVisible();
    const ticks = page.locator('[data-ghost][aria-label*="Yes"], [data-ghost][aria-label*="No."]');
    await expect(ticks).toHaveCount(2);
    await ticks.first().click();
    await expect(page.locator('.element--tick')).toHaveCount(1);
    // All cells of the table from one of them.
    const cell = await page.locator('[data-ghost]').evaluateAll(
        (all) =>
            all
                .map((one) => ({
                    x: parseFloat(one.style.getPropertyValue('--x')),
                    y: parseFloat(one.style.getPropertyValue('--y')),
                    w: parseFloat(one.style.getPropertyValue('--w')),
                    h: parseFloat(one.style.getPropertyValue('--h')),
                }))
                .filter(
                    (one, _, every) =>
                        every.filter((other) => Math.abs(other.x - one.x) < 1 && Math.abs(other.w - one.w) < 1)
                            .length >= 4,
                )[0],
    );
    await draw(page, 'Short box', cell.x + 2, cell.y + 2, cell.w - 4, cell.h - 4);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Repeat it in all empty cells' }).click();
    await expect.poll(() => page.locator('.element--short').count()).toBeGreaterThanOrEqual(5);
});

test('a clip of another page is dragged out, laid, and kept back as an answer', async ({ teacher: page }) => {
    const pack = await bringIn(page, 'tide-times.pdf');
    await blank(page, 'green banner');
    await page.getByRole('button', { name: /^Clip/ }).click();
    await page.locator('[data-clip-worksheet]').selectOption({ label: pack });
    const sheet = page.locator('[data-clip-page] .sheet');
    await expect(sheet).toBeVisible();
    await expectAccessible(page);
    const box = await sheet.boundingBox();
    await page.mouse.move(box.x + 60, box.y + 60);
    await page.mouse.down();
    await page.mouse.move(box.x + 260, box.y + 160, { steps: 5 });
    await page.mouse.up();
    const clip = page.locator('.element--clip');
    await expect(clip).toHaveCount(1);
    const data = await clip.evaluate((element) => JSON.parse(element.dataset.element));
    expect(Math.abs(data.left - 60 / box.width)).toBeLessThan(0.01);
    expect(Math.abs(data.width / data.height - 2)).toBeLessThan(0.05);
    await page.getByLabel('An answer: left out of copies').check();
    await expect(clip).toHaveClass(/element--kept/);
    await page.getByRole('button', { name: 'Let students move it' }).click();
    const part = page.locator('.element--part img');
    await expect
        .poll(() => part.evaluate((picture) => picture.naturalWidth / picture.naturalHeight))
        .toBeGreaterThan(1.9);
    await expect(page.locator('[data-job-state=parts]')).toHaveText('1 part');
});

test('room is made above what is selected; what crosses the foot goes on and comes back', async ({ teacher: page }) => {
    await blank(page);
    await draw(page, 'Short box', 60, 60, 120, 20);
    await page.locator('[data-desk]').evaluate((desk) => {
        desk.scrollTop = 2000;
    });
    await draw(page, 'Lines box', 60, 700, 300, 60);
    await page.keyboard.press('Escape');
    await page.locator('[data-tag=A2]').click();
    await openGroup(page, 'arrange');
    await page.getByLabel('How much room').fill('40');
    await page.getByRole('button', { name: 'Make room' }).click();
    await expect(page.getByRole('alert')).toContainText('1 page right after this one');
    await expect(page.locator('.element')).toHaveCount(1);

    // The same by dragging: above the first box down, then up again.
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: /^Room/ }).click();
    await page.locator('[data-desk]').evaluate((desk) => {
        desk.scrollTop = 0;
    });
    await drag(page, [300, 40], [300, 100]);
    await expect.poll(async () => Math.round((await frames(page)).A1.y)).toBe(120);
    await drag(page, [300, 100], [300, 40]);
    await expect.poll(async () => Math.round((await frames(page)).A1.y)).toBe(60);
});

test('a link asks where it leads and says when that is no address', async ({ teacher: page }) => {
    await blank(page);
    await page.getByRole('button', { name: /^Link/ }).click();
    await drag(page, [60, 60], [180, 80]);
    await page.getByLabel('Its words').fill('Tides today');
    await page.getByLabel('Leads to the address').fill('tides');
    await page.getByRole('button', { name: 'Lay the link' }).click();
    // A single word is a host name; with a space it is none.
    await expect(page.locator('.element--link')).toHaveCount(1);
    await drag(page, [60, 100], [180, 120]);
    await page.getByLabel('Leads to the address').fill('the tides');
    await page.getByRole('button', { name: 'Lay the link' }).click();
    await expect(page.getByText('That is no address')).toBeVisible();
    await page.locator('[data-linking] select').selectOption({ label: 'page 1' });
    await page.getByRole('button', { name: 'Lay the link' }).click();
    await expect(page.locator('.element--link')).toHaveCount(2);
});

test('too much text gets smaller or makes the box higher, as it was set', async ({ teacher: page }) => {
    await blank(page);
    await draw(page, 'Lines box', 60, 60, 150, 40);
    await draw(page, 'Lines box', 300, 60, 150, 40);
    await page.keyboard.press('Escape');
    for (const [tag, fit] of [
        ['A1', 'gets smaller'],
        ['A2', 'makes the box higher'],
    ]) {
        await page.locator(`[data-tag=${tag}]`).click();
        await openGroup(page, 'looks');
        await page.getByLabel('Too much text').selectOption({ label: fit });
    }
    await expect(page.locator('.element--shrink')).toHaveCount(1);
    await expect(page.locator('.element--grow')).toHaveCount(1);
    await page.getByRole('link', { name: /^Key/ }).click();
    const long = 'The tide comes in twice a day because of the moon. '.repeat(4);
    const [small, high] = [page.locator('.element--shrink textarea'), page.locator('.element--grow textarea')];
    const before = {
        size: await small.evaluate((field) => parseFloat(getComputedStyle(field).fontSize)),
        height: (await high.boundingBox()).height,
    };
    await small.fill(long);
    await high.fill(long);
    expect(await small.evaluate((field) => parseFloat(getComputedStyle(field).fontSize))).toBeLessThan(
        before.size * 0.9,
    );
    expect(await small.evaluate((field) => field.scrollHeight - field.clientHeight)).toBeLessThanOrEqual(1);
    expect((await high.boundingBox()).height).toBeGreaterThan(before.height * 1.5);
    expect(await high.evaluate((field) => field.scrollHeight - field.clientHeight)).toBeLessThanOrEqual(1);
});

test('by finger: a box is drawn, moved and made larger', async ({ teacher: page }) => {
    await blank(page);
    const touch = await page.context().newCDPSession(page);
    const swipe = async (from, to) => {
        const point = (share) => [{ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share }];
        await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: point(0) });
        for (let n = 1; n <= 6; n++)
            await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: point(n / 6) });
        await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    };
    await page.getByRole('button', { name: /^Lines box/ }).click();
    await swipe(await at(page, 100, 100), await at(page, 300, 180));
    await expect(page.locator('.element')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await swipe(await at(page, 200, 140), await at(page, 260, 240));
    await expect.poll(async () => Math.round((await frames(page)).A1.y / 10)).toBe(20);
    const handle = await page.locator('.handle[data-handle="se"]').boundingBox();
    await swipe({ x: handle.x + 12, y: handle.y + 12 }, { x: handle.x + 92, y: handle.y + 72 });
    await expect.poll(async () => (await frames(page)).A1.width).toBeGreaterThan(240);
    await expect.poll(async () => (await frames(page)).A1.height).toBeGreaterThan(110);
});

test('whatever is selected, all that the panel offers lies within it and has words of its own', async ({
    teacher: page,
}) => {
    const outside = () =>
        page.locator('[data-traits]').evaluate((panel) => {
            const edge = panel.getBoundingClientRect();
            return [...panel.querySelectorAll('label, button, input, select, textarea')]
                .filter((one) => one.checkVisibility())
                .filter((one) => {
                    const { left, right } = one.getBoundingClientRect();
                    return left < edge.left || right > edge.right;
                })
                .map((one) => one.outerHTML.slice(0, 80));
        });
    const verbs = () =>
        page
            .locator('[data-traits]')
            .getByRole('button')
            .evaluateAll((all) =>
                all
                    .filter((one) => one.checkVisibility())
                    .map((one) => one.getAttribute('aria-label') ?? one.textContent.trim()),
            );
    for (const [sheet, station] of [
        ['Before we sail', 'Boxes'],
        ['A day at the harbour', 'Boxes'],
        ['Build the harbour', 'Parts'],
    ]) {
        await page.goto('/shelf');
        await page
            .getByRole('link', { name: new RegExp(`^${sheet}`) })
            .first()
            .click();
        const unlock = page.getByRole('button', { name: 'Unlock to change it' });
        expect(await unlock.count()).toBe(0);
        await page.getByRole('link', { name: new RegExp(`^${station}`) }).click();
        const rows = page.locator('[data-row-select]');
        await rows.first().waitFor();
        for (let n = 0; n < (await rows.count()); n += 1) {
            await rows.nth(n).click();
            expect(await outside(), `${sheet}: ${await rows.nth(n).textContent()}`).toEqual([]);
        }
        await rows.first().click({ modifiers: ['Shift'] });
        await page.locator('[data-traits] details').evaluateAll((all) => all.forEach((one) => (one.open = true)));
        expect(await outside()).toEqual([]);
        const said = await verbs();
        expect(said).toEqual([...new Set(said)]);
    }
});
