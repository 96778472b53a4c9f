// Drags on the bench in Chromium and reads from its own trace how long scripts ran in each frame. Prints JSON.
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';

const [base, email, password, worksheet] = process.argv.slice(2);
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: base });
await page.goto('/sign-in');
await page.getByLabel('E-mail address').fill(email);
await page.getByLabel('Password').fill(password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.waitForURL('**/shelf');
await page.goto(`/worksheets/${worksheet}/boxes`);
await page.locator('.element').first().waitFor();

async function dragged(from) {
    const box = await page.locator('.element').nth(from).boundingBox();
    const start = { x: box.x + box.width / 3, y: box.y + box.height / 2 };
    await page.mouse.move(start.x, start.y);
    await browser.startTracing(page, { categories: ['devtools.timeline', 'v8.execute', 'disabled-by-default-devtools.timeline'] });
    await page.mouse.down();
    for (let n = 0; n < 120; n += 1) {
        await page.mouse.move(start.x + 60 * Math.sin(n / 8), start.y + 30 * Math.sin(n / 5));
        await page.waitForTimeout(4);
    }
    await page.mouse.up();
    await page.waitForLoadState('networkidle');
    const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
    // What runs script on the page's main thread while the pointer moves: handlers and animation frames, outermost only.
    const events = traceEvents.filter((event) => event.ph === 'X' && ['FireAnimationFrame', 'EventDispatch'].includes(event.name));
    const moves = events.filter((event) => event.name === 'FireAnimationFrame' || /^(pointer|mouse)move$/.test(event.args?.data?.type ?? ''));
    const frames = moves.filter((event) => event.name === 'FireAnimationFrame');
    // A frame: everything from one animation frame to the next.
    const sums = frames.map((frame, index) => {
        const end = frames[index + 1]?.ts ?? Infinity;
        return moves.filter((event) => event.ts >= frame.ts && event.ts < end).reduce((sum, event) => sum + event.dur / 1000, 0);
    });
    return { longest: Math.max(...sums), frames: frames.length };
}

/** The median of three drags: what else the machine does must not count as script. */
async function thrice(from) {
    const drags = [await dragged(from), await dragged(from), await dragged(from)];
    return drags.sort((a, b) => a.longest - b.longest)[1];
}

const one = await thrice(105);
await page.locator('.desk').focus();
await page.keyboard.press('Control+a');
const all = await thrice(105);
await browser.close();
process.stdout.write(JSON.stringify({ one: one.longest, all: all.longest, frames: one.frames }));
