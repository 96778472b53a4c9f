import { test, expect, expectAccessible } from './support.js';

const HANDOUT = 'Build the harbour';

/** A copy that nobody has touched, at one of its pages. */
async function at(student, name, page) {
    const browser = await student(name);
    await browser.getByRole('link', { name: new RegExp(HANDOUT) }).click();
    const sheet = browser.locator(`[data-page="${page}"]`);
    await sheet.scrollIntoViewIfNeeded();
    return { browser, sheet, piece: (key) => sheet.locator(`[data-piece="${key}"]`), moves: sheet.locator('[data-moves]') };
}

const middle = async (locator) => { const box = await locator.boundingBox(); return { x: box.x + box.width / 2, y: box.y + box.height / 2 }; };
const saved = (browser) => expect(browser.locator('[data-saved]')).toHaveText('Saved');
const place = (piece) => piece.evaluate((one) => [one.style.getPropertyValue('--x'), one.style.getPropertyValue('--y')].map(Number));

async function dragTo(browser, piece, to) {
    await piece.scrollIntoViewIfNeeded();
    const from = await middle(piece);
    await browser.mouse.move(from.x, from.y);
    await browser.mouse.down();
    await browser.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
    await browser.mouse.move(to.x, to.y, { steps: 4 });
    await browser.mouse.up();
}

test('parts dragged into a zone stand in rows, are saved, and can be taken back', async ({ student }) => {
    const { browser, sheet, piece, moves } = await at(student, 'Dara Osei-Lund', 1);
    await dragTo(browser, piece('crab.1'), await middle(sheet.locator('[data-spot="zone2"]')));
    await expect.poll(() => place(piece('crab.1'))).toEqual([214, 124]);
    await dragTo(browser, piece('kelp.1'), await middle(sheet.locator('[data-spot="zone2"]')));
    await expect.poll(() => place(piece('kelp.1'))).toEqual([214, 166]);
    await expect(piece('kelp.1')).toHaveAccessibleName('kelp, in Middle shore');
    await expect(moves.locator('[data-moves-said]')).toHaveText('kelp, in Middle shore');
    await saved(browser);

    await browser.reload();
    await expect.poll(() => place(piece('kelp.1'))).toEqual([214, 166]);
    await expect(browser.locator('[data-tally]')).toHaveText('1 of 4 filled');

    await dragTo(browser, piece('kelp.1'), await middle(sheet.locator('[data-spot="zone4"]')));
    await expect(piece('kelp.1')).toHaveAccessibleName('kelp, in Low shore');
    await moves.getByRole('button', { name: 'Undo move' }).click();
    await expect(piece('kelp.1')).toHaveAccessibleName('kelp, in Middle shore');
    await moves.getByRole('button', { name: 'Redo' }).click();
    await expect(piece('kelp.1')).toHaveAccessibleName('kelp, in Low shore');

    await moves.getByRole('button', { name: 'Put all back' }).click();
    await browser.getByRole('button', { name: 'No, leave them' }).click();
    await expect(piece('kelp.1')).toHaveAccessibleName('kelp, in Low shore');
    await moves.getByRole('button', { name: 'Put all back' }).click();
    await browser.getByRole('button', { name: 'Yes, put all back' }).click();
    await expect(piece('kelp.1')).toHaveAccessibleName('kelp, in the tray');
    await saved(browser);
    await expect(browser.locator('[data-tally]')).toHaveText('0 of 4 filled');
});

test('with the keyboard alone: a part is chosen, then a place; arrows move it finely; it can be put back', async ({ student }) => {
    const { browser, sheet, piece, moves } = await at(student, 'Edwin Tarn', 1);
    await piece('limpet.1').focus();
    await browser.keyboard.press('Enter');
    await expect(piece('limpet.1')).toHaveAttribute('aria-pressed', 'true');
    await expect(moves.locator('[data-moves-said]')).toContainText('limpet chosen');
    const zone = sheet.getByRole('button', { name: 'Put it in Splash zone' });
    await zone.focus();
    await browser.keyboard.press('Enter');
    await expect(piece('limpet.1')).toHaveAccessibleName('limpet, in Splash zone');
    await expect(piece('limpet.1')).toBeFocused();
    await expect(zone).toHaveCount(0);

    await piece('wrack.1').focus();
    for (let n = 0; n < 9; n += 1) await browser.keyboard.press('Shift+ArrowLeft');
    await browser.keyboard.press('ArrowDown');
    await saved(browser);
    await expect(piece('wrack.1')).toHaveAccessibleName('wrack, on the page');
    await expect.poll(() => place(piece('wrack.1'))).toEqual([520, 165]);
    await browser.keyboard.press('Delete');
    await expect(piece('wrack.1')).toHaveAccessibleName('wrack, in the tray');
    await piece('limpet.1').focus();
    await browser.keyboard.press('Enter');
    await browser.keyboard.press('Escape');
    await expect(piece('limpet.1')).toHaveAttribute('aria-pressed', 'false');
    await saved(browser);
});

test('by touch on a phone: tap a part, tap a place; a finger drags one off a stock, and it says how many are left', async ({ student }) => {
    const { browser, sheet, piece } = await at((name) => student(name, 'HERN26', { viewport: { width: 390, height: 780 }, hasTouch: true, isMobile: true }), 'Idris Cobb', 3);
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const top = piece('rowing.4');
    await expect(top.locator('[data-left]')).toHaveText('4');
    await top.tap();
    await expect(top).toHaveAttribute('aria-pressed', 'true');
    const ring = await sheet.locator('[data-spot="inner"]').boundingBox();
    await browser.touchscreen.tap(ring.x + ring.width / 2, ring.y + 3);
    await expect(top).toHaveAccessibleName('rowing boat, 4 of 4, in inner ring');
    await expect(piece('rowing.3').locator('[data-left]')).toHaveText('3');

    const from = await middle(piece('rowing.3'));
    const to = { x: ring.x + ring.width / 2, y: ring.y + ring.height - 3 };
    const touch = await browser.context().newCDPSession(browser);
    const send = (type, point) => touch.send('Input.dispatchTouchEvent', { type, touchPoints: point ? [point] : [] });
    await send('touchStart', from);
    for (const share of [0.3, 0.6, 1]) await send('touchMove', { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
    await send('touchEnd');
    await expect(piece('rowing.3')).toHaveAccessibleName('rowing boat, 3 of 4, in inner ring');
    // Two on a ring stand opposite each other: above and below its middle, at 297.5 and 215, ninety points away.
    await expect.poll(async () => [await place(top), await place(piece('rowing.3'))]).toEqual([[274.5, 111], [274.5, 291]]);
    await saved(browser);
});

test('joints hold, a rope has two ends and follows, a full place sends back', async ({ student }) => {
    const { browser, sheet, piece } = await at(student, 'Juno Vale', 2);
    const scale = async () => (await sheet.locator('.sheet__layer').boundingBox()).width / 595;
    const point = async (x, y) => { const box = await sheet.locator('.sheet__layer').boundingBox(); return { x: box.x + x * await scale(), y: box.y + y * await scale() }; };
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    await dragTo(browser, piece('mast.1'), await point(238, 203));
    // The mast's foot, in the middle of its lower edge, comes to the hull's deck: 110 + 0.48 of 260, 310.
    await expect.poll(() => place(piece('mast.1'))).toEqual([228.8, 90]);
    await expect(piece('mast.1')).toHaveAccessibleName('mast, joined to hull');

    const rope = piece('rope.2');
    const end = (n) => rope.locator(`[data-end="${n}"]`);
    await dragTo(browser, end(0), await point(236, 92));
    await saved(browser);
    await dragTo(browser, end(1), await point(363, 317));
    await expect(rope).toHaveAccessibleName('rope, 2 of 2, joined to mast and hull');
    await saved(browser);
    await dragTo(browser, piece('hull.1'), await point(240, 300));
    await expect.poll(() => rope.evaluate((one) => Number(one.style.getPropertyValue('--y')) + Number(one.style.getPropertyValue('--h')))).toBeLessThan(290);
    await saved(browser);
});

test('a crafted request that invents a part, or moves one that is fixed, is refused and nothing is lost', async ({ student }) => {
    const { browser, piece } = await at(student, 'Dara Osei-Lund', 3);
    const send = (model) => browser.evaluate(async (text) => {
        const root = document.querySelector('[data-copy-work]');
        const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
        const response = await fetch(root.dataset.save, { method: 'PATCH', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify({ draft: { base: 0, window: 'crafted', answers: { '3._parts': text } }, page: 3 }) });
        return [response.status, (await response.json()).message];
    }, JSON.stringify(model));
    expect(await send({ 'gull.1': [10, 10] })).toEqual([422, expect.stringContaining('There is no such part on this page.')]);
    expect(await send({ 'rowing.5': [10, 10] })).toEqual([422, expect.stringContaining('There is no such part on this page.')]);
    expect(await send({ 'light.1': [10, 10] })).toEqual([422, expect.stringContaining('That part is fixed.')]);
    await browser.reload();
    await expect(piece('rowing.1')).toHaveAccessibleName('rowing boat, 1 of 4, in the tray');
});

test('students write on cards of their own; a page with parts passes the accessibility check', async ({ student }) => {
    const { browser, sheet, piece, moves } = await at(student, 'Edwin Tarn', 4);
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const card = piece('idea.5');
    await card.click();
    await moves.getByLabel('Its words').fill('The limpet clamps down');
    await moves.getByLabel('Its words').press('Enter');
    await expect(card.locator('.part__words')).toHaveText('The limpet clamps down');
    await dragTo(browser, card, await middle(sheet.locator('.sheet__layer')));
    await expect(card).toHaveAccessibleName('The limpet clamps down, 5 of 5, on the page');
    await saved(browser);
    await browser.reload();
    await expect(card.locator('.part__words')).toHaveText('The limpet clamps down');
    await expectAccessible(browser);
});
