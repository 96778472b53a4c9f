import { defineConfig } from '@playwright/test';
import { execFileSync } from 'node:child_process';

const port = Number(process.env.SLATE_TEST_PORT ?? 8199);
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();

// What Playwright itself takes away (its chromiumSwitches; the last list is the one that counts), and the list below
// the address, for which Chromium starts a page of its own beside every window: an eighth of what these tests cost.
const unwanted = [
    ...['AvoidUnnecessaryBeforeUnloadCheckSync', 'DestroyProfileOnBrowserClose', 'HttpsUpgrades'],
    ...['HttpsFirstBalancedModeAutoEnable', 'LensOverlay', 'MediaRouter', 'PaintHolding', 'OptimizationHints'],
    ...['ThirdPartyStoragePartitioning', 'AvoidCorsURLLoaderRestartOnRedirect', 'NetworkTimeServiceQuerying'],
    ...['AimEnabled', 'PreconnectToSearch'],
    ...['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup', 'WebUIOmniboxFullPopup'],
];

// The real program, started as anyone starts it, on data of its own.
export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results',
    timeout: 120000, // on a busy machine the longest take most of a minute
    expect: { timeout: 10000 },
    fullyParallel: false,
    workers: 2,
    retries: 0, // a test that is red now and then has a fault to be found
    reporter: 'list',
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath,
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                `--disable-features=${unwanted.join(',')}`,
                // A microphone that beeps, and nobody who has to allow it.
                '--use-fake-device-for-media-stream',
                '--use-fake-ui-for-media-stream',
            ],
        },
        screenshot: 'only-on-failure',
    },
    webServer: {
        command: `bin/start --fresh --port ${port}`,
        url: `http://127.0.0.1:${port}/up`,
        timeout: 180000,
        env: { SLATE_DATA: 'storage/framework/testing/browser' },
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    },
});
