import { expect, expectAccessible, png, ready, test } from './support.js';

const saved = (page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();
const place = (page, name) => page.locator(`[data-place="1.${name}"]`);

async function open(page) {
    await page.getByRole('link', { name: /^(Start|Go on with) Before we sail/ }).click();
    await ready(page);
}

/** What the server has, on another machine. */
async function elsewhere(student, name) {
    const page = await student(name);
    await open(page);
    return page;
}

test('ringing, ticking, choosing and filling a table with the keyboard alone', async ({ student }) => {
    const page = await student('Dara Osei-Lund');
    await open(page);
    await expect(page.getByText('0 of 14 filled')).toBeVisible();
    await page.getByRole('radio', { name: 'ebb' }).focus();
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('radio', { name: 'flood' })).toBeChecked();
    await page.keyboard.press('Delete');
    await expect(page.getByRole('radio', { name: 'flood' })).not.toBeChecked();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('radio', { name: 'slack' })).toBeChecked();
    await page.getByLabel('Height at noon, in m').fill('4.2');
    await page.keyboard.press('Enter');
    await expect(place(page, 'wind')).toBeFocused();
    await page.keyboard.press('w');
    await expect(place(page, 'wind')).toHaveValue('west');
    await page.getByRole('checkbox', { name: 'life jacket' }).focus();
    await page.keyboard.press('Space');
    await page.getByRole('textbox', { name: 'Sandpiper, In' }).fill('08:40');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('textbox', { name: 'Sandpiper, Out' })).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(page.getByRole('textbox', { name: 'Old Kittiwake, In' })).toBeFocused();
    await saved(page);
    await expect(page.getByText('5 of 14 filled')).toBeVisible();

    const there = await elsewhere(student, 'Dara Osei-Lund');
    await expect(there.getByRole('radio', { name: 'slack' })).toBeChecked();
    await expect(there.getByRole('checkbox', { name: 'life jacket' })).toBeChecked();
    await expect(place(there, 'wind')).toHaveValue('west');
    await expect(there.getByRole('textbox', { name: 'Sandpiper, In' })).toHaveValue('08:40');
});

test('a passage shows what was mended, and one change can be turned back', async ({ student }) => {
    const page = await student('Hana Brisk');
    await open(page);
    const passage = page.getByRole('textbox', { name: /The ferry: mend these/ });
    await expect(passage).toHaveAttribute('spellcheck', 'false');
    await expect(passage).toHaveValue(/^the ferry leave the harbor/);
    await passage.fill('The ferry leaves the harbor at nine. it carries crabs lobsters and mail');
    await expect(page.getByRole('button', { name: 'Your changes to The ferry' })).toHaveText('3 changes');
    await expect(page.locator('[data-passage-shown="1.passage"] ins')).toHaveText(['The', 'leaves', '.']);
    await page.getByRole('button', { name: 'Your changes to The ferry' }).click();
    const row = page.getByRole('listitem').filter({ hasText: 'leaves' });
    await expect(row.locator('del')).toHaveText('leave');
    await row.getByRole('button', { name: 'Turn back' }).click();
    await expect(page.locator('[data-changed-list] li')).toHaveCount(2);
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(passage).toHaveValue('The ferry leave the harbor at nine. it carries crabs lobsters and mail');
    await saved(page);
    await expect(passage).toHaveValue(/^The ferry leave the harbor at nine\./);
});

test('sentences are counted while they are written, help is there, and what is needed is asked for', async ({
    student,
}) => {
    const page = await student('Lena Okoro');
    await open(page);
    await page.getByRole('button', { name: 'Hand in' }).click();
    await page.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByRole('alert')).toContainText('One place that your teacher needs is still blank');
    const why = page.getByRole('textbox', { name: 'Your opinion, and why' });
    await why.fill('A rope. It holds.');
    await expect(page.locator('[data-limit="1.why"]')).toHaveText('2 sentences; 3 to 5 asked');
    await why.fill('A rope. It holds. Always.');
    await expect(page.locator('[data-limit="1.why"]')).toHaveText('3 sentences; 3 to 5 asked');
    await expect(page.locator('[data-limit="1.why"]')).toHaveAttribute('data-met', '');
    await page.getByRole('button', { name: /^Help with .*Your opinion, and why/ }).click();
    await expect(page.getByText('Say what could happen without it.')).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).click();
});

test('drawing by mouse, with undo, rubbing out and redo; it is there again and on the desks', async ({
    student,
    teacher,
}) => {
    const page = await student('Petra Lisle');
    await open(page);
    const area = place(page, 'flag');
    await page.getByRole('button', { name: 'Draw: Your flag' }).click();
    const box = await area.boundingBox();
    const line = async (points) => {
        await page.mouse.move(box.x + points[0][0], box.y + points[0][1]);
        await page.mouse.down();
        for (const [x, y] of points.slice(1)) await page.mouse.move(box.x + x, box.y + y, { steps: 4 });
        await page.mouse.up();
    };
    await line([
        [20, 20],
        [120, 20],
    ]);
    await page.getByRole('button', { name: 'Red', exact: true }).click();
    await page.getByRole('button', { name: 'Thick', exact: true }).click();
    await line([
        [20, 60],
        [120, 60],
        [120, 90],
    ]);
    await expect(area.locator('path')).toHaveCount(2);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(area.locator('path')).toHaveCount(1);
    await page.getByRole('button', { name: 'Redo', exact: true }).click();
    await page.getByRole('button', { name: 'Rub out' }).click();
    await line([
        [60, 5],
        [60, 35],
    ]);
    await expect(area.locator('path')).toHaveCount(1);
    await expect(area.locator('path')).toHaveAttribute('stroke', '#a32b2b');
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Draw: Your flag' })).toBeFocused();
    await saved(page);
    const drawn = await area.locator('path').getAttribute('d');

    const there = await elsewhere(student, 'Petra Lisle');
    expect(await place(there, 'flag').locator('path').getAttribute('d')).toBe(drawn);
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Before we sail/ }).click();
    const desk = teacher.locator('.pupil', { hasText: 'Petra Lisle' });
    await expect(desk.locator('.ink path')).toHaveCount(1);
    expect(await desk.locator('.ink path').getAttribute('d')).toBe(drawn);
});

test('undo brings back what was rubbed out, and takes strokes, in the order in which it was done', async ({
    student,
}) => {
    const page = await student('Farah Nilsen');
    await open(page);
    await page.getByRole('button', { name: 'Draw: Your flag' }).click();
    const area = place(page, 'flag');
    const box = await area.boundingBox();
    const line = async (y, from = 10, to = 100) => {
        await page.mouse.move(box.x + from, box.y + y);
        await page.mouse.down();
        await page.mouse.move(box.x + to, box.y + y, { steps: 6 });
        await page.mouse.up();
    };
    const strokes = (count) => expect(area.locator('path')).toHaveCount(count);
    const press = (name) => page.getByRole('button', { name, exact: true }).click();
    for (const y of [20, 50, 80]) await line(y);
    await press('Rub out');
    await page.mouse.move(box.x + 50, box.y + 10);
    await page.mouse.down();
    await page.mouse.move(box.x + 50, box.y + 60, { steps: 8 });
    await page.mouse.up();
    await strokes(1);
    await press('Undo');
    await strokes(3);
    await press('Undo');
    await strokes(2);
    await press('Redo');
    await press('Redo');
    await strokes(1);
    await press('Undo');
    await strokes(3);
    await press('Done');
    await saved(page);
    await page.reload();
    await ready(page);
    await strokes(3);
    await page.getByRole('button', { name: 'Draw: Your flag' }).click();
    await press('Undo');
    await strokes(2);
});

test('by touch on a phone: ticks are large enough, a finger draws, the page does not scroll away under it', async ({
    student,
}) => {
    const page = await student('Tamsin Grove', 'HERN26', {
        viewport: { width: 360, height: 740 },
        hasTouch: true,
        isMobile: true,
    });
    await open(page);
    await page.getByRole('button', { name: 'Pages' }).tap();
    for (const one of await page.locator('.ticked, .option-at input').all()) {
        const box = await one.boundingBox();
        expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(23.9);
    }
    await page.getByRole('checkbox', { name: 'rope' }).tap();
    await page.getByRole('radio', { name: 'flood' }).tap();
    await page.getByRole('button', { name: 'Draw: Your flag' }).tap();
    const box = await place(page, 'flag').boundingBox();
    const before = await page.locator('[data-scroll]').evaluate((scroll) => scroll.scrollTop);
    const touch = await page.context().newCDPSession(page);
    const view = await page.locator('[data-scroll]').boundingBox();
    expect(Math.max(box.width / view.width, box.height / view.height), 'it fills the screen').toBeGreaterThan(0.75);
    const at = (x, y) => [{ x: box.x + x, y: box.y + y, id: 1 }];
    const palm = { x: box.x + box.width - 20, y: box.y + box.height - 20, id: 7 };
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(10, 10) });
    // The hand comes down beside the finger, and goes on lying there.
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [...at(10, 10), palm] });
    for (let n = 1; n <= 8; n++)
        await touch.send('Input.dispatchTouchEvent', {
            type: 'touchMove',
            touchPoints: [...at(10 + 6 * n, 10 + 6 * n), { ...palm, x: palm.x - n }],
        });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    await expect(place(page, 'flag').locator('path')).toHaveCount(1);
    expect(await page.locator('[data-scroll]').evaluate((scroll) => scroll.scrollTop)).toBe(before);
    await page.getByRole('button', { name: 'Done', exact: true }).tap();
    await saved(page);
    await expect(page.getByText('3 of 14 filled')).toBeVisible();
});

test('a large picture is made small by the browser and sent; what is none is refused in words', async ({ student }) => {
    const page = await student('Yasmin Holt');
    await open(page);
    const knot = place(page, 'knot');
    await knot
        .locator('input[type=file]')
        .setInputFiles({ name: 'note.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
    await expect(page.getByRole('alert')).toContainText('no picture that can be shown');
    const sent = page.waitForRequest((request) => request.url().endsWith('/files') && request.method() === 'POST');
    await knot
        .locator('input[type=file]')
        .setInputFiles({ name: 'knot.png', mimeType: 'image/png', buffer: png(3200, 2400) });
    await sent;
    await expect(knot.locator('img')).toHaveAttribute('src', /^\/pictures\//);
    expect(
        await knot.locator('img').evaluate(async (image) => {
            await image.decode();
            return [image.naturalWidth, image.naturalHeight];
        }),
    ).toEqual([1600, 1200]);
    await page.reload();
    await ready(page);
    await expect(knot.locator('img')).toBeVisible();
    await knot.getByRole('button', { name: 'Take it off' }).click();
    await saved(page);
    await expect(knot.locator('img')).toBeHidden();
});

test('every kind of place passes the accessibility check, on a laptop and at three times the size', async ({
    student,
}) => {
    const page = await student('Milo Strand');
    await open(page);
    await expectAccessible(page);
    for (let n = 0; n < 5; n++) await page.getByRole('button', { name: 'Show the page larger' }).click();
    await place(page, 'why').fill('Zoomed in, it can be read.');
    await expect(place(page, 'why')).toBeInViewport();
});

test('the key is typed on the page or in the ledger, and no student sees it', async ({ teacher: page, student }) => {
    await page.goto('/shelf');
    await page.getByRole('link', { name: /^Before we sail/ }).click();
    await page.getByRole('link', { name: /^Key/ }).click();
    await expect(page.locator('[data-job-state=key]')).toHaveText('13 of 14 keyed');
    await page
        .locator('[data-key-page]')
        .getByRole('textbox', { name: 'Your opinion, and why' })
        .fill('A life jacket keeps you afloat.');
    await expect(page.locator('[data-job-state=key]')).toHaveText('14 of 14 keyed');
    const row = page.locator('[data-key-row=height]');
    await row.getByRole('textbox').fill('4.2\n4,2 ± 0.1');
    await row.getByRole('textbox').press('Tab');
    await expect(page.locator('[data-key-page] [data-place="1.height"]')).toHaveValue('4.2');
    await row.getByRole('textbox').fill('high');
    await row.getByRole('textbox').press('Tab');
    await expect(page.getByRole('alert')).toContainText('must be a number');
    await page.locator('[data-key-page]').getByRole('radio', { name: 'slack' }).check();
    await expect(page.locator('[data-key-row=ring]').getByRole('checkbox', { name: 'slack' })).toBeChecked();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-key-row=ring]').getByRole('checkbox', { name: 'flood' })).toBeChecked();
    await expect(page.locator('[data-key-page]').getByRole('radio', { name: 'flood' })).toBeChecked();
    await expectAccessible(page);

    const copy = await student('Nia Hartwell');
    await open(copy);
    expect(await copy.content()).not.toContain('keeps you afloat');
});

test('an answer that cannot be kept says so at its place, holds no other up, and is kept here until it is mended', async ({
    student,
}) => {
    const page = await student('Edwin Tarn');
    await open(page);
    const out = page.getByRole('textbox', { name: 'Sandpiper, Out' });
    await out.evaluate((field) => field.removeAttribute('maxlength'));
    await out.fill('x'.repeat(5100));
    await page.getByRole('textbox', { name: 'Sandpiper, In' }).fill('08:40');
    const refusal = page.getByRole('alert').filter({ hasText: 'it is too long' });
    await expect(refusal).toBeVisible();
    await expect(page.getByText('Not all saved')).toBeVisible();
    await expect(out).toHaveAttribute('aria-invalid', 'true');
    await expectAccessible(page);

    await page.reload();
    await expect(out).toHaveValue('x'.repeat(5100));
    await expect(refusal).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Sandpiper, In' })).toHaveValue('08:40');
    await page.getByRole('button', { name: 'Hand in' }).click();
    await page.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'It is not handed in' })).toBeVisible();
    await expect(out).toBeFocused();

    await out.fill('09:15');
    await expect(refusal).toHaveCount(0);
    await saved(page);
    const other = await elsewhere(student, 'Edwin Tarn');
    await expect(other.getByRole('textbox', { name: 'Sandpiper, Out' })).toHaveValue('09:15');
});

test('the words of every label stand within it, on the bench and on the copy', async ({ teacher, student }) => {
    const hidden = (page) =>
        page.locator('.label:has(span:not(:empty))').evaluateAll((labels) =>
            labels
                .filter((label) => {
                    const box = label.getBoundingClientRect();
                    const [line] = label.querySelector('span').getClientRects();
                    const middle = (line.top + line.bottom) / 2;
                    return middle < box.top || middle > box.bottom;
                })
                .map((label) => label.textContent.trim()),
        );
    await teacher.goto('/shelf');
    await teacher.getByRole('link', { name: /^Before we sail/ }).click();
    await teacher.getByRole('link', { name: /^Boxes/ }).click();
    await expect(teacher.locator('.label').first()).toBeVisible();
    expect(await hidden(teacher)).toEqual([]);
    const browser = await student('Dara Osei-Lund');
    await browser.getByRole('link', { name: /Before we sail/ }).click();
    await expect(browser.locator('.label').first()).toBeVisible();
    expect(await hidden(browser)).toEqual([]);
});

test('what is longer than its box says so, a cell shows all of it, and the teacher reads every word', async ({
    student,
    teacher,
}) => {
    const page = await student('Gus Pellow');
    await open(page);
    const why = page.getByRole('textbox', { name: 'Your opinion, and why' });
    const box = page.locator('.element', { has: why });
    await why.fill('The rope.');
    await expect(box).not.toHaveClass(/has-more/);
    const long = 'The rope, since without it the boat goes where the tide goes. '.repeat(12).trim();
    await why.fill(long);
    await expect(box).toHaveClass(/has-more/);
    const cell = page.getByRole('textbox', { name: 'Sandpiper, In' });
    const words = 'about nine in the morning, if the master is awake by then and the tide allows it';
    await cell.fill(words);
    expect(await cell.evaluate((field) => field.scrollHeight - field.clientHeight)).toBeLessThan(3);
    await why.focus();
    await expect(page.locator('.table-cell', { has: cell })).toHaveClass(/has-more/);
    await saved(page);

    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Before we sail/ }).click();
    await teacher
        .getByRole('link', { name: /Gus Pellow/ })
        .first()
        .click();
    const whole = teacher.locator('.in-words');
    await expect(whole).toHaveAttribute('open', '');
    await expect(whole).toContainText(long);
    await expect(whole).toContainText(words);
    await expectAccessible(teacher);
    // Once shut it stays shut, whatever is written meanwhile.
    await whole.locator('summary').click();
    await cell.fill('about ten');
    await expect(whole).toContainText('about ten');
    await expect(whole).not.toHaveAttribute('open');
});

test('a number that is written as a word is kept, and the student is told of figures; Arabic runs from the right', async ({
    student,
}) => {
    const page = await student('Gus Pellow');
    await open(page);
    const height = page.getByRole('textbox', { name: 'Height at noon, in m' });
    await height.fill('four');
    await expect(page.getByText('Write it in figures: 4, not “four”.')).toBeVisible();
    await expect(height).toHaveAccessibleDescription('Write it in figures: 4, not “four”.');
    await height.fill('4.2');
    await expect(page.getByText('Write it in figures')).toBeHidden();
    const cell = page.getByRole('textbox', { name: 'Old Kittiwake, In' });
    await cell.fill('الساعة التاسعة صباحا');
    expect(await cell.evaluate((field) => getComputedStyle(field).direction)).toBe('rtl');
    await cell.fill('at nine 👩‍🚀');
    expect(await cell.evaluate((field) => getComputedStyle(field).direction)).toBe('ltr');
    await saved(page);
    await page.reload();
    await expect(cell).toHaveValue('at nine 👩‍🚀');
});

test('letters that a typeface does not have are drawn with one that ships with the program', async ({ student }) => {
    const page = await student('Bastian Moor');
    await open(page);
    const fetched = [];
    page.on('request', (request) => {
        const [, script] = /noto-sans-(?:[a-z]+-)?([a-z]+)-400/.exec(request.url()) ?? [];
        if (script) fetched.push(script);
    });
    const why = page.getByRole('textbox', { name: 'Your opinion, and why' });
    await why.fill('The rope.');
    await page.evaluate(() => document.fonts.ready);
    expect(fetched, 'none before it is needed').toEqual([]);
    await why.fill('Παλίρροια');
    await expect.poll(() => fetched).toEqual(['greek']);
    await why.fill('مدّ وجزر גאות ज्वार জোয়ার ਜਵਾਰ அலை');
    const scripts = ['arabic', 'hebrew', 'devanagari', 'bengali', 'gurmukhi', 'tamil'];
    await expect.poll(() => fetched).toEqual(expect.arrayContaining(scripts));
    await expect
        .poll(() => page.evaluate(() => [...document.fonts].filter((one) => one.status === 'error').length))
        .toBe(0);
    await saved(page);
});
