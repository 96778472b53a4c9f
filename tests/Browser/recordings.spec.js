import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
    drag,
    draw,
    expect,
    expectAccessible,
    handOutTo,
    isKept,
    openCopy,
    ready,
    settled,
    startBlank,
    test,
} from './support.js';

// What is said: by a teacher on a page, and by a student as an answer. The browser's microphone beeps, its camera shows
// a clock.

const dialog = (page) => page.getByRole('dialog', { name: 'A message for the page' });
const laid = (page) => page.locator('.element--recording');
const saved = (page) => page.getByText('Saved', { exact: true });

/** A tone, in what a file of this name is written in. */
function tone(name, seconds) {
    const folder = mkdtempSync(join(tmpdir(), 'tone-'));
    const path = join(folder, name);
    execFileSync('ffmpeg', ['-v', 'error', '-f', 'lavfi', '-i', `sine=duration=${seconds}`, path]);
    const tone = readFileSync(path);
    rmSync(folder, { recursive: true });
    return tone;
}

/** Asks for a message at a place of the page, with the tool. */
async function ask(page, x, y, width, height) {
    const button = page.getByRole('button', { name: /^Recording/ }).first();
    if ((await button.getAttribute('aria-pressed')) !== 'true') await button.click();
    await drag(page, [x, y], [x + width, y + height]);
    await expect(dialog(page)).toBeVisible();
}

const length = (page, which) =>
    dialog(page)
        .locator(which)
        .evaluate((media) => media.duration > 0.5 || media.duration);

/** Until the clock says a second or more: on a busy machine it steps over some. */
const isRunning = (where) => expect(where.getByRole('timer')).toContainText(/^[1-9]\d* of 120 seconds/);

/** Records for a second. */
async function record(page) {
    await isRunning(dialog(page));
    await dialog(page).getByRole('button', { name: 'Stop' }).click();
}

test('a teacher says something, hears it again, throws it away, says it anew and lays it on the page', async ({
    teacher: page,
}) => {
    await startBlank(page, `Said ${Date.now()}`);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await ask(page, 60, 80, 260, 36);
    await dialog(page).getByRole('button', { name: 'Record a voice' }).click();
    await record(page);
    await expect.poll(() => length(page, 'audio')).toBeTruthy();
    await page.keyboard.press('Escape');
    await expect(dialog(page), 'what was recorded is not lost by a key').toBeVisible();
    await dialog(page).getByRole('button', { name: 'Throw it away' }).click();
    await expect(dialog(page).getByRole('button', { name: 'Lay it on the page' })).toBeHidden();
    await dialog(page).getByRole('button', { name: 'Record a voice' }).click();
    await record(page);
    await dialog(page).getByLabel('Title').fill('Welcome');
    await dialog(page).getByLabel('The words').fill('Tie three knots.');
    await expectAccessible(page);
    await dialog(page).getByRole('button', { name: 'Lay it on the page' }).click();
    await expect(dialog(page)).toBeHidden();
    await expect(laid(page)).toHaveAccessibleName(/recording: Welcome, \d+ seconds?$/);
    const { x, width } = await laid(page).evaluate((one) => JSON.parse(one.dataset.element));
    expect([Math.round(x), Math.round(width)]).toEqual([60, 260]);

    await laid(page).click();
    const title = page.locator('[data-traits]').getByLabel('Title');
    await title.fill('Good morning');
    await title.press('Tab');
    await settled(page);
    await page.reload();
    await expect(laid(page)).toContainText('Good morning');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(laid(page)).toContainText('Welcome');
});

test('a film shows what the camera sees while it is made, and by keys alone it comes to the middle', async ({
    teacher: page,
}) => {
    await startBlank(page, `Filmed ${Date.now()}`);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.locator('.desk').focus();
    await page.keyboard.press('q');
    await page.keyboard.press('Enter');
    await expect(dialog(page)).toBeVisible();
    await dialog(page).getByRole('button', { name: 'Record a film' }).press('Enter');
    const seen = dialog(page).getByLabel('What the camera sees');
    await expect.poll(() => seen.evaluate((video) => video.videoWidth)).toBeGreaterThan(0);
    expect(await seen.evaluate((video) => video.videoWidth)).toBeLessThanOrEqual(640);
    await expect(dialog(page).getByRole('button', { name: 'Stop' })).toBeFocused();
    await isRunning(dialog(page));
    await page.keyboard.press('Enter');
    await expect(dialog(page).getByRole('button', { name: 'Lay it on the page' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(laid(page)).toHaveCount(1, { timeout: 15000 });
    await expect(laid(page)).toHaveClass(/element--film/);
});

test('a file is taken for what is in it, and what is none is refused in words', async ({ teacher: page }) => {
    await startBlank(page, `Chosen ${Date.now()}`);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await ask(page, 60, 80, 260, 36);
    const choose = async (name, buffer) => {
        await dialog(page).getByLabel('Choose a file').setInputFiles({ name, mimeType: 'audio/mpeg', buffer });
        await dialog(page).getByRole('button', { name: 'Lay it on the page' }).click();
    };
    await choose('diary.mp3', Buffer.from('Dear diary'));
    await expect(dialog(page).getByRole('alert')).toContainText('This is no recording that can be played');
    await choose('long.mp3', tone('long.mp3', 140));
    // It is read through to the end, which a busy machine takes its time for.
    await expect(dialog(page).getByRole('alert')).toContainText('longer than 2 minutes', { timeout: 40000 });
    await choose('gulls at noon.mp3', tone('gulls.ogg', 2));
    await expect(laid(page)).toHaveAccessibleName('V1, recording: diary, 2 seconds');

    // Nobody allows the microphone.
    await page.evaluate(() => {
        navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('', 'NotAllowedError'));
    });
    await ask(page, 60, 180, 260, 36);
    await dialog(page).getByRole('button', { name: 'Record a voice' }).click();
    await expect(dialog(page).getByRole('alert')).toContainText('No microphone can be used here.');
    await dialog(page).getByRole('button', { name: 'Not now' }).click();
    await expect(laid(page)).toHaveCount(1);
});

test('students play what was said, and say an answer of their own, also without a connection', async ({
    teacher,
    student,
}) => {
    const name = `Said aloud ${Date.now()}`;
    await startBlank(teacher, name);
    await teacher.getByRole('link', { name: /^Boxes/ }).click();
    await ask(teacher, 60, 80, 300, 36);
    await dialog(teacher)
        .getByLabel('Choose a file')
        .setInputFiles({ name: 'hello.wav', mimeType: 'audio/wav', buffer: tone('hello.wav', 20) });
    await dialog(teacher).getByLabel('The words').fill('Which knot holds when it is wet?');
    await dialog(teacher).getByRole('button', { name: 'Lay it on the page' }).click();
    await expect(laid(teacher)).toHaveCount(1);
    await teacher.keyboard.press('Escape');
    await draw(teacher, 'Spoken', 60, 200, 300, 40);
    await teacher.getByLabel('Prompt', { exact: true }).fill('Say why');
    await teacher.getByLabel('Prompt', { exact: true }).press('Tab');
    await settled(teacher);
    await teacher.getByRole('link', { name: /^Hand out/ }).click();
    await handOutTo(teacher, '6 Curlew');
    await teacher.getByRole('button', { name: 'Hand out', exact: true }).click();
    await expect(teacher.getByText('Each student now has it.')).toBeVisible();

    const page = await student('Greta Sloe', 'CRLW26');
    await openCopy(page, name);
    await isKept(page);
    const go = page.getByRole('button', { name: /^(Play|Pause): hello$/ });
    const at = page.getByRole('slider', { name: 'Where in: hello' });
    await go.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(at).toHaveValue('10');
    await page.keyboard.press('Enter');
    await expect(go).toHaveAccessibleName('Pause: hello');
    await expect.poll(async () => Number(await at.inputValue())).toBeGreaterThan(10.3);
    await page.keyboard.press('Enter');
    await expect(go).toHaveAccessibleName('Play: hello');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText('Which knot holds when it is wet?')).toBeVisible();
    await expectAccessible(page);

    // It was played once: it is played again without a connection, from any place.
    await page.context().setOffline(true);
    await page.reload();
    await ready(page);
    await at.fill('15');
    await go.click();
    await expect.poll(async () => Number(await at.inputValue())).toBeGreaterThan(15.3);
    const place = page.locator('[data-kind=spoken]');
    await place.getByRole('button', { name: 'Say why' }).click();
    await expect(go, 'what is said is not mixed with what is played').toHaveAccessibleName('Play: hello');
    await isRunning(place);
    await place.getByRole('button', { name: 'Stop' }).click();
    await expect(page.getByText('Kept on this device')).toBeVisible();
    await expect(page.locator('[data-tally]')).toContainText('1 of 1');
    await page.reload();
    await expect(place.getByRole('button', { name: /^Listen/ })).toBeVisible();
    await page.context().setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15000 });
    await expect(place).toHaveAttribute('data-value', /^[0-9a-f]{64}$/);
    await page.reload();
    await expect(place.getByRole('button', { name: 'Say it again' })).toBeVisible();

    // While the browser still asks for the microphone, nothing waits for the answer.
    await page.evaluate(() => {
        navigator.mediaDevices.asked = navigator.mediaDevices.getUserMedia;
        navigator.mediaDevices.getUserMedia = () => new Promise(() => {});
    });
    const again = place.getByRole('button', { name: 'Say it again' });
    await again.click();
    await expect(place.getByRole('button', { name: /^Listen/ })).toBeHidden();
    await again.click();
    await expect(place.getByRole('button', { name: /^Listen/ })).toBeVisible();
    await page.evaluate(() => {
        navigator.mediaDevices.getUserMedia = navigator.mediaDevices.asked;
    });

    // Whoever hands in while they speak hands in what they said until then.
    const before = await place.getAttribute('data-value');
    await place.getByRole('button', { name: 'Say it again' }).click();
    await isRunning(place);
    await page.getByRole('button', { name: 'Hand in' }).click();
    await page.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByText('Handed in').first()).toBeVisible();
    await expect(place).not.toHaveAttribute('data-value', before);

    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: new RegExp(`^${name}`) }).click();
    await teacher.getByRole('link', { name: /^Greta Sloe/ }).click();
    const listen = teacher.getByRole('button', { name: /^Listen: Say why/ });
    const asked = teacher.waitForResponse(/\/recordings\//);
    await listen.click();
    expect((await asked).status()).toBeLessThan(300);
});
