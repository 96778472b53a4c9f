// A browser in which a teacher has signed in, for benchmarks of what the browser does.
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';

/** @returns its `browser`, and its `page`, at the shelf */
export async function signedIn(base, email, password) {
    const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
    const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: base });
    await page.goto('/sign-in');
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForURL('**/shelf');
    return { browser, page };
}
