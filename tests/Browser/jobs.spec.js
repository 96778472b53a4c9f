import { WORKED_ON, bringIn, expect, startBlank, test } from './support.js';

/**
 * Counts what a hand does: presses and drags of the pointer, from now on and over all pages. What a test does by
 * Playwright's fill is typing, and its focusing is no press: a place that is typed in is pressed first.
 */
async function counting(page) {
    const counted = { presses: 0 };
    await page.exposeFunction('countPress', () => {
        counted.presses += 1;
    });
    const watch = () => document.addEventListener('pointerdown', () => window.countPress(), true);
    await page.addInitScript(watch);
    await page.evaluate(watch);
    return counted;
}

test('all sections of a pack are cut into sets with at most four presses', async ({ teacher: page }) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    const counted = await counting(page);
    await page.getByLabel('one set for each section').click();
    await page.getByRole('button', { name: 'Cut 7 sets' }).click();
    await expect(page.getByText('Cut: 7 sets.')).toBeVisible();
    expect(counted.presses).toBeLessThanOrEqual(4);
});

test('one activity is cut, its blanks are taken and it is handed out to a class with at most eight presses', async ({
    teacher: page,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    const pack = page.url();
    // The blanks are found after the pages are there.
    await expect(async () => {
        await page.goto(`${pack}/boxes/14`);
        await expect(page.locator('[data-ghost]').first()).toBeVisible({ timeout: 1000 });
    }).toPass(WORKED_ON);
    await page.goto(pack);
    const counted = await counting(page);
    await page.getByRole('button', { name: 'Activity 5', exact: true }).click();
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await page.getByRole('link', { name: /^Activity 5: the harbour log/ }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.getByRole('button', { name: 'Lay boxes on the blanks of all pages' }).click();
    await expect(page.getByText(/Laid on the pages for students: [1-9]/)).toBeVisible();
    await page.getByRole('link', { name: /^Hand out/ }).click();
    // To whom it was given last time stands there already.
    await expect(page.locator('[data-bracket="to"]')).not.toHaveText('nobody yet');
    await page.getByRole('button', { name: 'Hand out', exact: true }).click();
    await expect(page.getByText('Handed out.')).toBeVisible();
    expect(counted.presses).toBeLessThanOrEqual(8);
});

test('some questions of an activity become a set of their own with at most six presses', async ({ teacher: page }) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    // Questions are known once the blanks are.
    await expect(page.getByText('Questions 1–4').nth(3)).toBeVisible({ timeout: 60000 });
    const counted = await counting(page);
    await page.getByRole('button', { name: 'Activity 1', exact: true }).click();
    await page.getByLabel('Only some of their questions').click();
    await page.keyboard.type('9');
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await expect(page.getByText('There is no question “9” on these pages. They go from 1 to 4.')).toBeVisible();
    await page.getByLabel('Only some of their questions').fill('2-3');
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await page.getByRole('link', { name: /^Activity 1/ }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    // Name and date once, and the blanks of two questions of both pages.
    await expect(page.getByText('10 answer boxes')).toBeVisible();
    expect(counted.presses).toBeLessThanOrEqual(6);
});

test('ten cards are sorted into three zones, from pasted words, with at most twenty presses and drags', async ({
    teacher: page,
}) => {
    await startBlank(page, `Sort ${Date.now()}`);
    const counted = await counting(page);
    await page.getByRole('link', { name: /^Parts/ }).click();
    await page.locator('[data-tool=zone]').click();
    const box = await page.locator('.sheet__layer').boundingBox();
    const drag = async (x, y, width, height) => {
        await page.mouse.move(box.x + x, box.y + y);
        await page.mouse.down();
        await page.mouse.move(box.x + x + width, box.y + y + height, { steps: 4 });
        await page.mouse.up();
    };
    for (const [n, x] of [30, 250, 470].entries()) {
        await drag(x, 60, 200, 220);
        await expect(page.locator('.element--spot')).toHaveCount(n + 1);
    }
    await page.keyboard.press('Escape');
    await page.mouse.dblclick(box.x + 100, box.y + 150);
    for (const title of ['floats', 'sinks', 'flies']) {
        await page.keyboard.type(title);
        await page.keyboard.press('Tab');
    }
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await page.locator('[data-tool=part-rectangle]').click();
    await drag(30, 330, 120, 34);
    await expect(page.locator('.element--part')).toHaveCount(1);
    await page.keyboard.press('Escape');
    await page.mouse.dblclick(box.x + 80, box.y + 345);
    const words = ['cork', 'anchor', 'gull', 'buoy', 'chain', 'kite', 'raft', 'stone', 'tern', 'oar'];
    await page.locator('.writing').evaluate((field, text) => {
        const clipboardData = new DataTransfer();
        clipboardData.setData('text/plain', text);
        field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, words.join('\n'));
    await expect(page.locator('.part__words')).toHaveText(words);
    await expect(page.locator('.spot__title')).toHaveText(['floats', 'sinks', 'flies']);
    expect(counted.presses).toBeLessThanOrEqual(20);
});

test('a new class of 25 comes from pasted names with at most four presses', async ({ teacher: page }) => {
    await page.goto('/classes');
    const counted = await counting(page);
    await page.getByLabel('New class').click();
    await page.keyboard.type(`6 Tern ${process.pid}`);
    await page.getByRole('button', { name: 'Make the class' }).click();
    await page.getByLabel('Add students, one name a line').click();
    await page
        .getByLabel('Add students, one name a line')
        .fill(Array.from({ length: 25 }, (_, n) => `Student ${n + 1}`).join('\n'));
    await page.getByRole('button', { name: 'Add to the class' }).click();
    await expect(page.getByText('In the class now')).toBeVisible();
    await expect(page.locator('.names li')).toHaveCount(25);
    expect(counted.presses).toBeLessThanOrEqual(4);
});
