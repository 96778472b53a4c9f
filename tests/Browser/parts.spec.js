import { expect, expectAccessible, ready, test, startBlank } from './support.js';

const HANDOUT = 'Build the harbour';

/** A copy that nobody has touched, at one of its pages. */
async function at(student, name, page) {
    const browser = await student(name);
    await browser.getByRole('link', { name: new RegExp(HANDOUT) }).click();
    await ready(browser);
    const sheet = browser.locator(`[data-page="${page}"]`);
    await sheet.scrollIntoViewIfNeeded();
    return {
        browser,
        sheet,
        piece: (key) => sheet.locator(`[data-piece="${key}"]`),
        moves: sheet.locator('[data-moves]'),
    };
}

const middle = async (locator) => {
    const box = await locator.boundingBox();
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};
const saved = (browser) => expect(browser.locator('[data-saved]')).toHaveText('Saved');
const place = (piece) =>
    piece.evaluate((one) => [one.style.getPropertyValue('--x'), one.style.getPropertyValue('--y')].map(Number));

async function dragTo(browser, piece, { x, y }) {
    const before = await middle(piece);
    await piece.scrollIntoViewIfNeeded();
    const from = await middle(piece);
    // Where it is to go has come along.
    const to = { x: x + from.x - before.x, y: y + from.y - before.y };
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
    await ready(browser);
    await expect.poll(() => place(piece('kelp.1'))).toEqual([214, 166]);
    await expect(browser.locator('[data-tally]')).toHaveText('2 of 11 filled');

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
    await expect(browser.locator('[data-tally]')).toHaveText('0 of 11 filled');
});

test('with the keyboard alone: a part is chosen, then a place; arrows move it finely; it can be put back', async ({
    student,
}) => {
    const { browser, sheet, piece, moves } = await at(student, 'Edwin Tarn', 1);
    await piece('limpet.1').focus();
    await browser.keyboard.press('Enter');
    await expect(piece('limpet.1')).toHaveAttribute('aria-pressed', 'true');
    await expect(moves.locator('[data-moves-said]')).toContainText('limpet chosen');
    // The first place has the focus at once; arrows go round the others, Escape gives up.
    const zone = sheet.getByRole('button', { name: /^Put it in/ });
    await expect(zone.first()).toBeFocused();
    await browser.keyboard.press('ArrowDown');
    await expect(zone.nth(1)).toBeFocused();
    await browser.keyboard.press('ArrowLeft');
    await browser.keyboard.press('ArrowLeft');
    await expect(zone.last()).toBeFocused();
    await browser.keyboard.press('ArrowRight');
    await expect(zone.first()).toBeFocused();
    await browser.keyboard.press('Escape');
    await expect(piece('limpet.1')).toBeFocused();
    await expect(zone).toHaveCount(0);
    await browser.keyboard.press('Enter');
    await browser.keyboard.press('Enter');
    await expect(piece('limpet.1')).toHaveAccessibleName('limpet, in Splash zone');
    await expect(piece('limpet.1')).toBeFocused();
    await expect(zone).toHaveCount(0);

    // A run of arrows is one move, which ends when they rest: here, when all are pressed, however slow that is.
    await piece('wrack.1').focus();
    await browser.clock.install();
    await browser.clock.pauseAt(Date.now() + 1000);
    for (let n = 0; n < 9; n += 1) await browser.keyboard.press('Shift+ArrowUp');
    for (let n = 0; n < 9; n += 1) await browser.keyboard.press('Shift+ArrowLeft');
    await browser.keyboard.press('ArrowDown');
    const settled = browser.waitForResponse((response) => response.request().method() === 'PATCH');
    await browser.clock.runFor(2000);
    await settled;
    await browser.clock.resume();
    await saved(browser);
    await expect(piece('wrack.1')).toHaveAccessibleName('wrack, on the page');
    await expect.poll(() => place(piece('wrack.1'))).toEqual([520, 75]);
    await browser.keyboard.press('Delete');
    await expect(piece('wrack.1')).toHaveAccessibleName('wrack, in the tray');
    await piece('limpet.1').focus();
    await browser.keyboard.press('Enter');
    await browser.keyboard.press('Escape');
    await expect(piece('limpet.1')).toHaveAttribute('aria-pressed', 'false');
    await saved(browser);
});

test('what lies in a shut tray takes no focus', async ({ student }) => {
    const { browser, sheet, moves } = await at(student, 'Ada Quill', 2);
    const waiting = sheet.locator('[data-piece][role=button][aria-label$="in the tray"]').first();
    await moves.getByRole('button', { name: 'Shut the tray' }).click();
    for (let n = 0; n < 4; n += 1) {
        await browser.keyboard.press('Tab');
        const focused = await browser.evaluate(() => document.activeElement.getAttribute('aria-label') ?? '');
        expect(focused).not.toContain('in the tray');
    }
    await waiting.evaluate((one) => one.focus());
    await expect(waiting).not.toBeFocused();
    await moves.getByRole('button', { name: 'Open the tray' }).click();
    await waiting.evaluate((one) => one.focus());
    await expect(waiting).toBeFocused();
});

test('Escape during a drag puts the part back where it was, and nothing is saved', async ({ student }) => {
    const { browser, piece, moves } = await at(student, 'Nia Hartwell', 1);
    await piece('snail.1').scrollIntoViewIfNeeded();
    const before = await place(piece('snail.1'));
    const from = await middle(piece('snail.1'));
    await browser.mouse.move(from.x, from.y);
    await browser.mouse.down();
    await browser.mouse.move(from.x - 200, from.y - 20, { steps: 4 });
    await expect(piece('snail.1')).toHaveClass(/is-dragged/);
    await browser.keyboard.press('Escape');
    await browser.mouse.up();
    await expect(piece('snail.1')).not.toHaveClass(/is-dragged/);
    await expect(moves.locator('[data-moves-said]')).toHaveText('Let go.');
    expect(await place(piece('snail.1'))).toEqual(before);
    await expect(moves.getByRole('button', { name: 'Undo move' })).toBeDisabled();
});

test('while a part is dragged it shows what would take it and where it would rest; let go, it is there at once', async ({
    student,
}) => {
    const { browser, sheet, piece } = await at(student, 'Nia Hartwell', 1);
    const zone = sheet.locator('[data-spot="zone2"]');
    const rest = sheet.locator('.rest');
    // The server says nothing until it is asked to: what shows is the browser's.
    let answer;
    const asked = new Promise((resolve) => {
        answer = resolve;
    });
    await browser.route('**/copies/*', async (route) => {
        if (route.request().method() === 'PATCH') await asked;
        await route.continue();
    });
    const from = await middle(piece('crab.1'));
    const to = await middle(zone);
    await browser.mouse.move(from.x, from.y);
    await browser.mouse.down();
    await browser.mouse.move(from.x + 20, from.y + 5, { steps: 3 });
    await expect(rest).toHaveCount(0);
    await browser.mouse.move(to.x, to.y, { steps: 5 });
    await expect(zone).toHaveClass(/is-taking/);
    expect(await place(rest)).toEqual([214, 124]);
    await browser.mouse.up();
    expect(await place(piece('crab.1')), 'in the frame in which it is let go').toEqual([214, 124]);
    await expect(zone).not.toHaveClass(/is-taking/);
    await expect(rest).toHaveCount(0);
    answer();
    await saved(browser);
    await expect(piece('crab.1')).toHaveAccessibleName('crab, in Middle shore');
    expect(await place(piece('crab.1')), 'the server has put it there too').toEqual([214, 124]);

    // The next one, once the server has said what there is now.
    await expect(async () => {
        await browser.mouse.move(...Object.values(await middle(piece('kelp.1'))));
        await browser.mouse.down();
        await browser.mouse.move(to.x, to.y, { steps: 5 });
        const shown = await place(rest);
        await browser.keyboard.press('Escape');
        await browser.mouse.up();
        expect(shown).toEqual([214, 166]);
    }).toPass();
});

test('the end of a rope shows the joint that it would hold to', async ({ student }) => {
    const { browser, sheet, piece } = await at(student, 'Nia Hartwell', 2);
    const rope = await sheet.locator('.piece--connector:not(.is-under)').first().getAttribute('data-piece');
    const end = piece(rope).locator('[data-end="1"]');
    const [key, joint] = await sheet.locator('[data-piece]').evaluateAll((all) => {
        const one = all.find((piece) => JSON.parse(piece.dataset.joints).length > 0);
        const box = one.getBoundingClientRect();
        const [[, x, y]] = JSON.parse(one.dataset.joints);
        return [one.dataset.piece, { x: box.left + x * box.width, y: box.top + y * box.height }];
    });
    await dragTo(browser, piece(key), await middle(sheet));
    await saved(browser);
    const moved = await piece(key).evaluate((one) => {
        const box = one.getBoundingClientRect();
        const [[, x, y]] = JSON.parse(one.dataset.joints);
        return { x: box.left + x * box.width, y: box.top + y * box.height };
    });
    expect(moved).not.toEqual(joint);
    await browser.mouse.move(...Object.values(await middle(end)));
    await browser.mouse.down();
    await browser.mouse.move(moved.x - 60, moved.y - 60, { steps: 3 });
    await expect(sheet.locator('.rest')).toHaveCount(0);
    await browser.mouse.move(moved.x + 5, moved.y + 4, { steps: 4 });
    await expect(sheet.locator('.rest')).toBeVisible();
    await browser.mouse.up();
    const at1 = await middle(end);
    expect(Math.hypot(at1.x - moved.x, at1.y - moved.y), 'it lies on the joint at once').toBeLessThan(1);
    await saved(browser);
});

test('what is dragged to the edge of the window scrolls it, and stays under the pointer', async ({ student }) => {
    const { browser, sheet, piece } = await at(student, 'Nia Hartwell', 3);
    await browser.setViewportSize({ width: 1280, height: 480 });
    await piece('rowing.4').scrollIntoViewIfNeeded();
    const scroll = browser.locator('[data-scroll]');
    const view = await scroll.boundingBox();
    const before = await scroll.evaluate((one) => one.scrollTop);
    const from = await middle(piece('rowing.4'));
    await browser.mouse.move(from.x, from.y);
    await browser.mouse.down();
    await browser.mouse.move(from.x - 300, view.y + view.height - 12, { steps: 4 });
    await expect.poll(() => scroll.evaluate((one) => one.scrollTop)).toBeGreaterThan(before + 60);
    const now = await middle(piece('rowing.4'));
    expect(Math.abs(now.y - (view.y + view.height - 12))).toBeLessThan(20);
    await browser.mouse.move(from.x - 300, view.y + view.height / 2, { steps: 4 });
    const rests = await scroll.evaluate((one) => one.scrollTop);
    await browser.waitForTimeout(150);
    expect(await scroll.evaluate((one) => one.scrollTop), 'away from the edge it rests').toBe(rests);
    await browser.keyboard.press('Escape');
    await browser.mouse.up();
    await expect(sheet).toBeVisible();
});

test('by touch on a phone: tap a part, tap a place; a finger drags one off a stock, and it says how many are left', async ({
    student,
}) => {
    const { browser, sheet, piece } = await at(
        (name) => student(name, 'HERN26', { viewport: { width: 390, height: 780 }, hasTouch: true, isMobile: true }),
        'Idris Cobb',
        3,
    );
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
    for (const share of [0.3, 0.6, 1])
        await send('touchMove', { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
    await send('touchEnd');
    await expect(piece('rowing.3')).toHaveAccessibleName('rowing boat, 3 of 4, in inner ring');
    // Two on a ring stand opposite each other: above and below its middle, at 297.5 and 215, ninety points away.
    await expect
        .poll(async () => [await place(top), await place(piece('rowing.3'))])
        .toEqual([
            [274.5, 111],
            [274.5, 291],
        ]);
    await saved(browser);
});

test('on a phone the tools are one row, and a part that is taken is shown large by itself', async ({ student }) => {
    const { browser, sheet, piece, moves } = await at(
        (name) => student(name, 'HERN26', { viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true }),
        'Rosa Tideway',
        1,
    );
    const tops = await moves
        .locator('.moves__tools button:visible')
        .evaluateAll((all) => new Set(all.map((one) => Math.round(one.getBoundingClientRect().top))).size);
    expect(tops).toBe(1);
    expect(await browser.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
    await piece('snail.1').tap();
    await expect(sheet).toHaveClass(/is-large/);
    await expect(piece('snail.1')).toHaveAttribute('aria-pressed', 'true');
    await expect(piece('snail.1')).toBeInViewport({ ratio: 0.9 });
    expect((await piece('snail.1').boundingBox()).height).toBeGreaterThanOrEqual(23.9);
    await sheet.locator('[data-spot="zone2"]').tap();
    await expect(piece('snail.1')).toHaveAccessibleName('snail, in Middle shore');
    await moves.getByRole('button', { name: 'Back to the page' }).tap();
    await expect(sheet).not.toHaveClass(/is-large/);
    await saved(browser);
});

test('two fingers on parts enlarge the page and move none; one finger then drags what is enlarged', async ({
    student,
}) => {
    const { browser, sheet, piece } = await at(
        (name) => student(name, 'HERN26', { viewport: { width: 390, height: 780 }, hasTouch: true, isMobile: true }),
        'Edwin Tarn',
        3,
    );
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const seen = () => browser.evaluate(() => window.visualViewport.scale);
    const touch = await browser.context().newCDPSession(browser);
    const send = (type, ...touchPoints) => touch.send('Input.dispatchTouchEvent', { type, touchPoints });
    const [one, other] = [await middle(piece('rowing.4')), await middle(piece('sail.5'))];
    const [dx, dy] = [other.x - one.x, other.y - one.y];
    const fingers = (share) => [
        { ...one, id: 0 },
        { x: one.x + dx * share, y: one.y + dy * share, id: 1 },
    ];
    const before = await place(piece('rowing.4'));
    expect(await seen()).toBe(1);
    await send('touchStart', fingers(1)[0]);
    await send('touchMove', { x: one.x + 4, y: one.y + 4, id: 0 });
    await send('touchStart', ...fingers(1));
    for (const share of [1.3, 1.7, 2.1, 2.5]) await send('touchMove', ...fingers(share));
    await send('touchEnd');
    await expect.poll(seen).toBeGreaterThan(1.2);
    const view = () =>
        browser.evaluate(() =>
            [
                window.visualViewport.scale,
                window.visualViewport.offsetLeft,
                window.visualViewport.offsetTop,
                document.querySelector('[data-scroll]').scrollTop,
            ].join(),
        );
    await expect
        .poll(async () => {
            const before = await view();
            await browser.waitForTimeout(200);
            return before === (await view());
        })
        .toBe(true);
    expect(await place(piece('rowing.4'))).toEqual(before);
    await expect(sheet.locator('[data-move=undo]')).toBeDisabled();
    await expect(browser.locator('.is-dragged')).toHaveCount(0);

    const from = await piece('rowing.4').evaluate((part) => {
        const box = part.getBoundingClientRect();
        return {
            x: box.x + box.width / 2 - window.visualViewport.offsetLeft,
            y: box.y + box.height / 2 - window.visualViewport.offsetTop,
        };
    });
    const ring = await sheet.locator('[data-spot="inner"]').evaluate((spot) => {
        const box = spot.getBoundingClientRect();
        return {
            x: box.x + 3 - window.visualViewport.offsetLeft,
            y: box.y + box.height / 2 - window.visualViewport.offsetTop,
        };
    });
    await send('touchStart', { ...from, id: 0 });
    for (const share of [0.3, 0.6, 1])
        await send('touchMove', {
            x: from.x + (ring.x - from.x) * share,
            y: from.y + (ring.y - from.y) * share,
            id: 0,
        });
    await send('touchEnd');
    await expect(piece('rowing.4')).toHaveAccessibleName('rowing boat, 4 of 4, in inner ring');
    await saved(browser);
    expect(await seen()).toBeGreaterThan(1.2);
});

test('joints hold, a rope has two ends and follows, a full place sends back', async ({ student }) => {
    const { browser, sheet, piece } = await at(student, 'Juno Vale', 2);
    const scale = async () => (await sheet.locator('.sheet__layer').boundingBox()).width / 595;
    const point = async (x, y) => {
        const box = await sheet.locator('.sheet__layer').boundingBox();
        return { x: box.x + x * (await scale()), y: box.y + y * (await scale()) };
    };
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    await dragTo(browser, piece('mast.1'), await point(238, 203));
    // The mast's foot, in the middle of its lower edge, comes to the hull's deck: 110 + 0.48 of 260, 310.
    await expect.poll(() => place(piece('mast.1'))).toEqual([228.8, 90]);
    await expect(piece('mast.1')).toHaveAccessibleName('mast, joined to hull');

    const rope = piece('rope.2');
    const end = (n) => rope.locator(`[data-end="${n}"]`);
    await end(0).click();
    await expect(end(0)).toHaveAttribute('aria-pressed', 'true');
    await browser.keyboard.press('Escape');
    await expect(end(0)).toHaveAttribute('aria-pressed', 'false');
    // By two taps: an end, then the part that is to hold it.
    await end(0).click();
    const top = await point(236, 92);
    await browser.mouse.click(top.x, top.y);
    await expect(rope).toHaveAccessibleName('rope, 2 of 2, joined to mast');
    await saved(browser);
    await dragTo(browser, end(1), await point(363, 317));
    await expect(rope).toHaveAccessibleName('rope, 2 of 2, joined to mast and hull');
    await saved(browser);
    // The mast stands on the hull and goes along with it; taking the move back brings both back, and holds them.
    const [mastX, mastY] = await place(piece('mast.1'));
    await dragTo(browser, piece('hull.1'), await point(240, 300));
    const offset = async () => {
        const [[mx, my], [hx, hy]] = [await place(piece('mast.1')), await place(piece('hull.1'))];
        return [Math.round(mx - hx), Math.round(my - hy)];
    };
    await expect.poll(offset).toEqual([Math.round(mastX - 110), Math.round(mastY - 310)]);
    await saved(browser);
    await expect(piece('mast.1')).toHaveAccessibleName('mast, joined to hull');
    await expect.poll(offset).toEqual([Math.round(mastX - 110), Math.round(mastY - 310)]);
    await sheet.locator('[data-move=undo]').click();
    await saved(browser);
    await expect.poll(() => place(piece('mast.1'))).toEqual([mastX, mastY]);
    await expect(piece('mast.1')).toHaveAccessibleName('mast, joined to hull');
    await expect(rope).toHaveAccessibleName('rope, 2 of 2, joined to mast and hull');
    await dragTo(browser, piece('hull.1'), await point(240, 300));
    await expect
        .poll(() =>
            rope.evaluate(
                (one) => Number(one.style.getPropertyValue('--y')) + Number(one.style.getPropertyValue('--h')),
            ),
        )
        .toBeLessThan(290);
    await saved(browser);
});

test('what is moved while a move is on its way to the server undoes nothing of what it says', async ({ student }) => {
    const { browser, sheet, piece } = await at(student, 'Edwin Tarn', 2);
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const point = async (x, y) => {
        const box = await sheet.locator('.sheet__layer').boundingBox();
        return { x: box.x + (x * box.width) / 595, y: box.y + (y * box.width) / 595 };
    };
    await dragTo(browser, piece('mast.1'), await point(238, 203));
    await expect(piece('mast.1')).toHaveAccessibleName('mast, joined to hull');
    await saved(browser);
    let held;
    await browser.route('**/my/copies/*', async (route) => {
        if (route.request().method() !== 'PATCH' || held) return route.fallback();
        const response = await route.fetch();
        await new Promise((resolve) => {
            held = resolve;
        });
        return route.fulfill({ response });
    });
    await dragTo(browser, piece('hull.1'), await point(240, 300));
    await expect.poll(() => held !== undefined).toBe(true);
    await dragTo(browser, piece('jib.1'), await point(430, 90));
    held();
    await saved(browser);
    await expect(piece('mast.1')).toHaveAccessibleName('mast, joined to hull');
    const [[mx, my], [hx, hy]] = [await place(piece('mast.1')), await place(piece('hull.1'))];
    expect([Math.round(mx - hx), Math.round(my - hy)]).toEqual([119, -220]);
    await expect(piece('jib.1')).toHaveAccessibleName('jib, in boatyard');
    await browser.unrouteAll({ behavior: 'ignoreErrors' });
});

test('a crafted request that invents a part, or moves one that is fixed, is refused and nothing is lost', async ({
    student,
}) => {
    const { browser, piece } = await at(student, 'Dara Osei-Lund', 3);
    const send = (model) =>
        browser.evaluate(async (text) => {
            const root = document.querySelector('[data-copy-work]');
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            const response = await fetch(root.dataset.save, {
                method: 'PATCH',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({ draft: { base: 0, window: 'crafted', answers: { '3._parts': text } }, page: 3 }),
            });
            return [response.status, (await response.json()).refused];
        }, JSON.stringify(model));
    expect(await send({ 'gull.1': [10, 10] })).toEqual([200, { '3._parts': expect.stringContaining('not saved') }]);
    expect(await send({ 'rowing.5': [10, 10] })).toEqual([200, { '3._parts': expect.stringContaining('not saved') }]);
    expect(await send({ 'light.1': [10, 10] })).toEqual([200, { '3._parts': expect.stringContaining('not saved') }]);
    await browser.reload();
    await expect(piece('rowing.4')).toHaveAccessibleName('rowing boat, 4 of 4, in the tray');
});

test('students write on cards of their own; a page with parts passes the accessibility check', async ({ student }) => {
    const { browser, sheet, piece, moves } = await at(student, 'Edwin Tarn', 4);
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const card = piece('idea.5');
    await card.click();
    await moves.getByLabel('Its words').fill('The limpet clamps down');
    await moves.getByLabel('Its words').press('Enter');
    await expect(card.locator('.part__words')).toHaveText('The limpet clamps down');
    await saved(browser);
    await expect(card).toHaveAccessibleName('The limpet clamps down, 5 of 5, in the tray');
    await dragTo(browser, card, await middle(sheet.locator('.sheet__layer')));
    await expect(card).toHaveAccessibleName('The limpet clamps down, 5 of 5, on the page');
    await saved(browser);
    await browser.reload();
    await expect(card.locator('.part__words')).toHaveText('The limpet clamps down');
    await expectAccessible(browser);
});

test('a teacher makes parts, a stock, a spot and a tray at the Parts station', async ({ teacher: page }) => {
    await startBlank(page, 'Pairs of boats');
    await page.getByRole('link', { name: /^Parts/ }).click();
    const draw = async (tool, from, to, keys = []) => {
        // What is selected takes the tools' room; nothing is.
        await page.locator('[data-desk]').focus();
        await page.keyboard.press('Escape');
        await page.keyboard.press('Escape');
        await page.locator(`[data-tool="${tool}"]`).click();
        const box = await page.locator('.sheet__layer').boundingBox();
        for (const key of keys) await page.keyboard.down(key);
        await page.mouse.move(box.x + from[0], box.y + from[1]);
        await page.mouse.down();
        await page.mouse.move(box.x + to[0], box.y + to[1], { steps: 5 });
        await page.mouse.up();
        for (const key of keys) await page.keyboard.up(key);
    };
    const element = (n) =>
        page
            .locator('.element')
            .nth(n)
            .evaluate((one) => JSON.parse(one.dataset.element));

    await draw('part-ellipse', [100, 200], [200, 240], ['Shift']);
    await expect(page.locator('.element--part')).toHaveCount(1);
    const circle = await element(0);
    expect(circle.width).toBeCloseTo(circle.height, 1);
    await expect(page.locator('[data-job-state=parts]')).toHaveText('1 part');

    await page.getByLabel('Words', { exact: true }).fill('buoy');
    await page.getByLabel('How many', { exact: true }).fill('5');
    await page.getByLabel('How many', { exact: true }).blur();
    await expect(page.locator('.part__left')).toHaveText('5');
    await page.getByRole('button', { name: 'All sides' }).click();
    await expect(page.locator('.element--part .joint')).toHaveCount(4);
    await page.locator('[data-desk]').focus();
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await page.keyboard.press('j');
    const spot = await page.locator('.element--part').first().boundingBox();
    await page.mouse.click(spot.x + spot.width / 2, spot.y + spot.height / 2);
    await expect(page.locator('.element--part .joint')).toHaveCount(5);
    await page.mouse.click(spot.x + spot.width - 1, spot.y + spot.height / 2);
    await expect(page.locator('.element--part .joint')).toHaveCount(4);
    await page.keyboard.press('Escape');

    await draw('part-rectangle', [300, 300], [340, 320], ['Alt']);
    await expect.poll(async () => (await element(1)).x * (await scaleOf(page))).toBeCloseTo(260, 0);

    await openKits(page);
    await page.getByLabel('Tray').selectOption('right');
    await expect(page.locator('.sheet--tray')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.locator('.element--part').first().focus();
    await page.keyboard.press('Enter');
    for (let n = 0; n < 50; n += 1) await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(async () => (await element(0)).x + (await element(1)).x).toBeGreaterThan(595);
    await openKits(page);
    await page.getByLabel('Tray').selectOption('');
    await expect(page.locator('[data-problem-words]')).toContainText('Parts are waiting in the tray');

    await draw('ring', [80, 400], [240, 500], ['Shift']);
    await expect(page.locator('.element--spot')).toHaveCount(1);
    await page.locator('summary', { hasText: 'Line up, space, order' }).click();
    await page.getByRole('button', { name: 'Put in the middle of the page' }).click();
    const width = Number(await page.locator('.sheet__layer').getAttribute('data-width'));
    await expect
        .poll(async () => {
            const ring = await page.locator('.element--spot').evaluate((one) => JSON.parse(one.dataset.element));
            return ring.x + ring.width / 2;
        })
        .toBeCloseTo(width / 2, 1);
    await page.getByLabel('Only these may go here, one name a line').fill('buoy');
    await page.getByLabel('Only these may go here, one name a line').blur();
    await expect
        .poll(
            async () => (await page.locator('.element--spot').evaluate((one) => JSON.parse(one.dataset.element))).takes,
        )
        .toEqual(['buoy']);
    await expectAccessible(page);
});

const scaleOf = async (page) =>
    (await page.locator('.sheet__layer').boundingBox()).width /
    Number(await page.locator('.sheet__layer').getAttribute('data-width'));

/** What is selected folds them away. */
async function openKits(page) {
    const fold = page.locator('details', { has: page.getByRole('heading', { name: 'Kits and tray' }) });
    if ((await fold.getAttribute('open')) === null) await fold.locator('summary').click();
}

test('the teacher builds the right model; it says what counts, and the copy is checked against it', async ({
    teacher: page,
}) => {
    await page.goto('/shelf');
    await page
        .getByRole('link', { name: /^Build the harbour/ })
        .first()
        .click();
    await page.getByRole('link', { name: /^Key/ }).click();
    const row = page.locator('[data-key-row="_parts"]');
    await expect(row.locator('.keyed__words')).toHaveText('8 parts');
    const crab = page.locator('[data-piece="crab.1"]');
    await dragTo(page, crab, await middle(page.locator('[data-spot="zone4"]')));
    await expect(crab).toHaveAccessibleName('crab, in Low shore');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(crab).toHaveAccessibleName('crab, in Middle shore');
    await row.getByLabel('their order in rows and on lines').check();
    await expect
        .poll(async () => {
            await page.reload();
            return row.getByLabel('their order in rows and on lines').isChecked();
        })
        .toBe(true);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(row.getByLabel('their order in rows and on lines')).not.toBeChecked();

    await page.goto('/handouts');
    await page.getByRole('link', { name: /^Build the harbour/ }).click();
    await page
        .getByRole('link', { name: /Bastian Moor/ })
        .first()
        .click();
    await expect(page.locator('.large__said').first()).toHaveText('The model: 1 of 8 right');
    await expect(page.locator('.large__said', { hasText: 'limpet does not belong in Middle shore' })).toBeVisible();
});

test('an arrow of a food web runs one way: it has a head, and the key says that sides do not count', async ({
    teacher: page,
}) => {
    await startBlank(page, `Food web ${Date.now()}`);
    await page.getByRole('link', { name: /^Parts/ }).click();
    await page.getByLabel('Kit', { exact: true }).selectOption('food-web');
    await page.getByRole('button', { name: 'Lay the kit' }).click();
    await expect(page.locator('.element--part')).toHaveCount(9);
    await page.locator('.element--part', { has: page.locator('marker') }).click();
    await expect(page.getByLabel('Arrow’s head')).toHaveValue('end');
    await page.getByLabel('Arrow’s head').selectOption('both');
    await expect(page.locator('.element--part path[marker-start]')).toHaveCount(1);
    await page.getByLabel('Arrow’s head').selectOption('end');
    await expect(page.locator('.element--part path[marker-start]')).toHaveCount(0);

    await page.getByRole('link', { name: /^Key/ }).click();
    const box = (name) => page.locator(`[data-piece][data-name="${name}"]`).last();
    const on = async (x, y) => {
        const layer = await page.locator('.sheet__layer').boundingBox();
        return { x: layer.x + x, y: layer.y + y };
    };
    const revised = (act) =>
        Promise.all([page.waitForResponse((response) => /\/edits/.test(response.url()) && response.ok()), act()]);
    await revised(async () => dragTo(page, box('seaweed'), await on(100, 200)));
    await revised(async () => dragTo(page, box('limpet'), await on(300, 200)));
    const side = async (name, across) => {
        const at = await box(name).boundingBox();
        return { x: at.x + at.width * across, y: at.y + at.height / 2 };
    };
    const arrow = box('eaten-by arrow');
    await expect(arrow.getByRole('button', { name: 'Tip of eaten-by arrow' })).toHaveAttribute('data-end', '1');
    await revised(async () => dragTo(page, arrow.locator('[data-end="0"]'), await side('seaweed', 1)));
    await revised(async () => dragTo(page, arrow.locator('[data-end="1"]'), await side('limpet', 0)));
    await expect(arrow).toHaveAccessibleName(/joined to seaweed and limpet/);
    await expect(page.getByLabel('what is joined to what')).toBeChecked();
    await expect(page.getByLabel('at which joints')).not.toBeChecked();
});

test('two half see-through parts over each other cover three quarters of what is below', async ({ student }) => {
    const { browser, sheet, piece } = await at(student, 'Juno Vale', 4);
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const paper = await sheet.locator('.sheet__layer').boundingBox();
    for (const [key, x] of [
        ['pool.5', 0.3],
        ['pool.4', 0.36],
    ]) {
        await dragTo(browser, piece(key), { x: paper.x + paper.width * x, y: paper.y + paper.height * 0.6 });
        await saved(browser);
    }
    const [one, two] = await Promise.all(['pool.5', 'pool.4'].map((key) => piece(key).boundingBox()));
    const shot = (await browser.screenshot()).toString('base64');
    const colours = await browser.evaluate(
        async ([data, points]) => {
            const picture = new Image();
            picture.src = `data:image/png;base64,${data}`;
            await picture.decode();
            const canvas = document.createElement('canvas');
            [canvas.width, canvas.height] = [picture.width, picture.height];
            const context = canvas.getContext('2d');
            context.drawImage(picture, 0, 0);
            return points.map(([x, y]) =>
                [...context.getImageData(Math.round(x), Math.round(y), 1, 1).data].slice(0, 3),
            );
        },
        [
            shot,
            [
                [one.x + 14, one.y + one.height / 2],
                [(two.x + one.x + one.width) / 2, one.y + one.height / 2],
            ],
        ],
    );
    // #3f8fb0 on white (Porter and Duff 1984, over): once it is half of it, twice three quarters.
    const mixed = (share) => [0x3f, 0x8f, 0xb0].map((value) => Math.round(value * share + 255 * (1 - share)));
    colours.forEach((colour, n) =>
        colour.forEach((value, channel) =>
            expect(Math.abs(value - mixed([0.5, 0.75][n])[channel])).toBeLessThanOrEqual(2),
        ),
    );
});

test('building is done large, and is back on the page', async ({ student }) => {
    const { browser, sheet, piece, moves } = await at(student, 'Dara Osei-Lund', 2);
    const before = (await piece('hull.1').boundingBox()).width;
    await moves.getByRole('button', { name: 'Build large: boatyard' }).click();
    const hull = await piece('hull.1').boundingBox();
    expect(hull.width).toBeGreaterThan(1.2 * before);
    const tray = await piece('jib.1').boundingBox();
    expect(tray.x + tray.width).toBeLessThan(1280);
    await dragTo(browser, piece('jib.1'), { x: hull.x + hull.width * 0.8, y: hull.y - 120 });
    await expect(piece('jib.1')).toHaveAccessibleName('jib, in boatyard');
    await saved(browser);
    await expectAccessible(browser);
    await browser.keyboard.press('Escape');
    await expect(sheet).not.toHaveClass(/is-large/);
    await expect(moves.getByRole('button', { name: 'Build large: boatyard' })).toBeFocused();
    await expect(piece('jib.1')).toHaveAccessibleName('jib, in boatyard');
    expect((await piece('hull.1').boundingBox()).width).toBeCloseTo(before, 0);
});

test('a kit is laid, with its tray; a page’s parts are kept as one of the teacher’s own and thrown away', async ({
    teacher: page,
}) => {
    await startBlank(page, `Kits ${Date.now()}`);
    await page.getByRole('link', { name: /^Parts/ }).click();
    await page.getByRole('button', { name: 'Lay the kit' }).click();
    await expect(page.locator('[data-problem-words]')).toHaveText('Choose a kit first.');
    await page.getByLabel('Kit', { exact: true }).selectOption({ label: 'Food web' });
    await page.getByRole('button', { name: 'Lay the kit' }).click();
    await expect(page.locator('.element--part')).toHaveCount(9);
    await expect(page.getByLabel('Tray')).toHaveValue('right');
    await page.locator('[data-desk]').focus();
    await page.keyboard.press('Escape');
    await openKits(page);
    await page.getByRole('button', { name: 'Keep as a kit' }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('Give the kit a name.')).toBeVisible();
    await page.getByLabel('Its name').fill('Our shore');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByLabel('Kit', { exact: true }).locator('option:checked')).toHaveText('Our shore');
    await openKits(page);
    await page.getByRole('button', { name: 'Lay the kit' }).click();
    await expect(page.locator('.element--part')).toHaveCount(18);
    await openKits(page);
    await page.getByRole('button', { name: 'Throw away' }).click();
    await expect(page.locator('[data-said]')).toContainText('“Our shore” is thrown away');
    await expect(page.locator('.element--part')).toHaveCount(18);
});

test('an organiser is drawn anew as its shape and its number change, keeps its words, and is filled in', async ({
    teacher: page,
}) => {
    await startBlank(page, `Organiser ${Date.now()}`);
    await page.locator('[data-tool=organiser]').click();
    const box = await page.locator('.sheet__layer').boundingBox();
    await page.mouse.move(box.x + 60, box.y + 60);
    await page.mouse.down();
    await page.mouse.move(box.x + 600, box.y + 400, { steps: 5 });
    await page.mouse.up();
    const boxes = page.locator('.organiser__box');
    await expect(boxes).toHaveCount(4);
    await page.getByLabel('Their names, one a line').fill('egg\nlarva\nyoung crab\ncrab');
    await page.getByLabel('Their names, one a line').blur();
    await expect(page.locator('.organiser__name')).toHaveText(['egg', 'larva', 'young crab', 'crab']);
    await page.getByLabel('Boxes', { exact: true }).fill('3');
    await page.getByLabel('Boxes', { exact: true }).blur();
    await expect(page.locator('.organiser__name')).toHaveText(['egg', 'larva', 'young crab']);
    await page.locator('#trait-shape').selectOption('cycle');
    await page.getByLabel('Boxes', { exact: true }).fill('4');
    await page.getByLabel('Boxes', { exact: true }).blur();
    await expect(page.locator('.organiser__name')).toHaveText(['egg', 'larva', 'young crab', 'crab']);
    await expect(page.locator('.organiser__head')).toHaveCount(4);
    await expect(page.locator('[data-job-state=boxes]')).toHaveText('4 answer boxes');
    await expectAccessible(page);
    await page.getByRole('link', { name: /^Key/ }).click();
    await page.getByRole('textbox', { name: 'larva' }).fill('a tiny swimmer');
    await page.getByRole('textbox', { name: 'larva' }).blur();
    await expect(page.locator('[data-key-row$=".2"] textarea')).toHaveValue('a tiny swimmer');
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.locator('.element--organiser').click();
    await page.getByRole('button', { name: 'As loose parts' }).click();
    await expect(page.locator('.element--part')).toHaveCount(8);
    await expect(page.locator('[data-job-state=parts]')).toHaveText('8 parts');
});

test('a hierarchy is typed as an outline: dashes say what is below what, and its number follows', async ({
    teacher: page,
}) => {
    await startBlank(page, `Hierarchy ${Date.now()}`);
    await page.locator('[data-tool=organiser]').click();
    const box = await page.locator('.sheet__layer').boundingBox();
    await page.mouse.move(box.x + 40, box.y + 60);
    await page.mouse.down();
    await page.mouse.move(box.x + 560, box.y + 400, { steps: 5 });
    await page.mouse.up();
    await page.locator('#trait-shape').selectOption('hierarchy');
    const names = page.getByLabel('Their names, one a line');
    await expect(names).toHaveValue('\n-\n-\n-');
    await names.fill('boats\n- with sails\n-- dinghy\n-- sloop\n- with engines\n-- tug');
    await expect(page.locator('.organiser__name')).toHaveText([
        'boats',
        'with sails',
        'dinghy',
        'sloop',
        'with engines',
        'tug',
    ]);
    await names.blur();
    await expect(page.getByLabel('Boxes', { exact: true })).toHaveValue('6');
    const tops = await page
        .locator('.organiser__box')
        .evaluateAll((boxes) => boxes.map((one) => Math.round(one.getBoundingClientRect().y)));
    expect(new Set([tops[2], tops[3], tops[5]]).size).toBe(1);
    expect(tops[1]).toBe(tops[4]);
    expect(tops[0]).toBeLessThan(tops[1]);
    expect(tops[1]).toBeLessThan(tops[2]);
    // One more stands beside the last.
    await page.getByLabel('Boxes', { exact: true }).fill('7');
    await page.getByLabel('Boxes', { exact: true }).blur();
    await expect(names).toHaveValue('boats\n- with sails\n-- dinghy\n-- sloop\n- with engines\n-- tug\n--');
    // A line fewer is a box fewer, and what is below goes with what it is below.
    await names.fill('boats\n- with engines\n-- tug');
    await names.blur();
    await expect(page.locator('.organiser__name')).toHaveText(['boats', 'with engines', 'tug']);
    await expectAccessible(page);
});

test('a student puts a picture of their own on a card; what is none is refused in words', async ({
    student,
    teacher,
}) => {
    const { browser, sheet, piece, moves } = await at(student, 'Idris Cobb', 4);
    await sheet.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const card = piece('find.4');
    await card.click();
    const device = moves.getByLabel('Picture from this device');
    await device.setInputFiles({ name: 'note.png', mimeType: 'image/png', buffer: Buffer.from('no picture at all') });
    await expect(moves.locator('[data-moves-said]')).toContainText('no picture that can be shown');
    await expect(card.locator('img')).toBeHidden();
    const dot = await browser.evaluate(() => {
        const canvas = document.createElement('canvas');
        canvas.width = canvas.height = 40;
        canvas.getContext('2d').fillRect(0, 0, 40, 40);
        return canvas.toDataURL('image/png').split(',')[1];
    });
    await device.setInputFiles({ name: 'pool.png', mimeType: 'image/png', buffer: Buffer.from(dot, 'base64') });
    await expect(card).toHaveAccessibleName('picture card, with a picture, 4 of 4, in the tray');
    await saved(browser);
    await dragTo(browser, card, await middle(sheet.locator('.sheet__layer')));
    await expect(card).toHaveAccessibleName('picture card, with a picture, 4 of 4, on the page');
    await saved(browser);
    await browser.reload();
    await expect.poll(() => card.locator('img').evaluate((picture) => picture.naturalWidth)).toBe(40);

    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Build the harbour/ }).click();
    await teacher
        .getByRole('link', { name: /Idris Cobb/ })
        .first()
        .click();
    await expect
        .poll(() =>
            teacher
                .locator('.piece--picture img')
                .last()
                .evaluate((picture) => picture.naturalWidth),
        )
        .toBe(40);
});

test('a circuit is laid from the kit; its symbols change, and its wires bend while they are drawn and when they rest', async ({
    teacher: page,
}) => {
    await startBlank(page, `Circuit ${process.pid}`);
    await page.getByRole('link', { name: /^Parts/ }).click();
    await page.getByLabel('Kit', { exact: true }).selectOption('circuit');
    await page.getByRole('button', { name: 'Lay the kit' }).click();
    const row = (name) => page.locator('[data-row]', { has: page.locator(`[placeholder^="${name}"]`) });
    await row('resistor').locator('[data-row-select]').click();
    const symbol = page.getByLabel('Symbol', { exact: true });
    await expect(symbol).toHaveValue(/^M0 50H20M20 20/);
    await symbol.selectOption('fuse');
    await expect(row('fuse')).toHaveCount(1); // It is called what it is.
    await expect(row('resistor')).toHaveCount(0);

    await page.getByRole('button', { name: 'Try it as a student' }).click();
    const wire = page.locator('.piece--connector[aria-label^="wire, 12 of 12"]');
    const line = wire.locator('path[stroke]');
    const from = await middle(wire.locator('[data-end="1"]'));
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x - 300, from.y - 100, { steps: 6 });
    const drawn = await line.getAttribute('d');
    expect(drawn).toMatch(/^M\S+ \S+L\S+ \S+L\S+ \S+L\S+ \S+$/);
    await page.mouse.up();
    await saved(page);
    await page.reload();
    expect(await line.getAttribute('d')).toMatch(/^M\S+ \S+L\S+ \S+L\S+ \S+L\S+ \S+$/);
});
