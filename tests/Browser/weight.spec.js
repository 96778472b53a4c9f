import { randomBytes } from 'node:crypto';
import { expect, expectAccessible, isKept, png, ready, startBlank, test } from './support.js';

/** Bytes that came over the network since, as the browser counts them: headers too, and compressed as they came. */
async function counting(page) {
    const network = await page.context().newCDPSession(page);
    await network.send('Network.enable');
    const seen = new Map();
    let bytes = { page: 0, pictures: 0 };
    network.on('Network.responseReceived', ({ requestId, response }) => seen.set(requestId, response.url));
    network.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
        const isPicture = /\/(backdrops|pictures|sheets)\//.test(seen.get(requestId) ?? '');
        bytes[isPicture ? 'pictures' : 'page'] += encodedDataLength;
    });
    return () => {
        const now = bytes;
        bytes = { page: 0, pictures: 0 };
        return now;
    };
}

test('the first visit of a copy is light, and the second asks only whether anything is new', async ({ student }) => {
    const page = await student('Yasmin Holt');
    const link = page.getByRole('link', { name: /Build the harbour/ });
    const address = await link.getAttribute('href');
    const bytes = await counting(page);
    await page.goto(address);
    await ready(page);
    await page.waitForLoadState('networkidle');
    expect(bytes().page, 'beside its pictures').toBeLessThan(400_000);
    await isKept(page);

    await page.goto('/my/day');
    await page.goto(address);
    await ready(page);
    const answers = [];
    page.on('response', (response) => {
        if (!response.fromServiceWorker()) answers.push(`${response.status()} ${new URL(response.url()).pathname}`);
    });
    await page.reload();
    await ready(page);
    await page.waitForLoadState('networkidle');
    // What is no page and may change under its address is asked for, and is the same; and what the teacher says now.
    expect(
        answers.filter((one) => !/^(304|200) \/(first\.js|icon\.svg|who|my\/copies\/\d+\/pulse)$/.test(one)),
    ).toEqual([]);
});

test('what has changed since is sent, and what is typed is there', async ({ student }) => {
    const page = await student('Yasmin Holt');
    await page.getByRole('link', { name: /^(Start|Go on with) Tide times/ }).click();
    await ready(page);
    await isKept(page);
    const field = page.locator('.answer').first();
    await page.reload();
    await field.fill('typed on the second visit');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await page.evaluate(() => localStorage.clear());
    await page.reload();
    await expect(field).toHaveValue('typed on the second visit');
});

test('a heavy page says why, shows what would be saved and how it would look, and is made lighter', async ({
    teacher: page,
}) => {
    await startBlank(page, `Heavy ${Date.now()}`);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.getByLabel('A picture for the page').setInputFiles({
        name: 'noise.png',
        mimeType: 'image/png',
        buffer: png(1200, 1200, (size) => randomBytes(size)),
    });
    await expect(page.locator('.element--picture')).toHaveCount(1);
    await page.getByRole('link', { name: /^Pages/ }).click();
    await expect(page.getByText(/^Heavy: the picture I1 alone has 4\.\d MB\./)).toBeVisible();
    await page.getByText(/^Each device loads/).click();
    await expect(page.getByText('It is kept here once')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Make it lighter' }).click();
    await expect(page.getByRole('heading', { name: 'What page 1 weighs' })).toBeVisible();
    await expect(
        page.getByRole('checkbox', { name: /^The picture I1: saves \d\.\d MB, \d+ MB for a class$/ }),
    ).toBeChecked();
    for (const look of ['As it is now', 'As it would be'])
        await expect.poll(() => page.getByAltText(look).evaluate((image) => image.naturalWidth)).toBeGreaterThan(0);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Make it lighter' }).click();
    await expect(page.getByText('The page is lighter.')).toBeVisible();
    await page.getByRole('link', { name: 'Back to the pages' }).click();
    await expect(page.getByText(/^\d+ KB, \d+(\.\d)? MB for 30/)).toBeVisible();
    await expect(page.getByText(/^Heavy:/)).toHaveCount(0);
});
