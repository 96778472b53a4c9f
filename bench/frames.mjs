// How long scripts run in the frames of a drag, read from Chromium's own trace.

/**
 * Drags something to and fro with the mouse.
 *
 * @param locator what is taken hold of, a third from its left
 * @returns {Promise<{longest: number, frames: number}>} the longest script of a frame, in milliseconds
 */
export async function dragged(browser, page, locator) {
    const box = await locator.boundingBox();
    const start = { x: box.x + box.width / 3, y: box.y + box.height / 2 };
    await page.mouse.move(start.x, start.y);
    await browser.startTracing(page, {
        categories: ['devtools.timeline', 'v8.execute', 'disabled-by-default-devtools.timeline'],
    });
    await page.mouse.down();
    for (let n = 0; n < 120; n += 1) {
        await page.mouse.move(start.x + 60 * Math.sin(n / 8), start.y + 30 * Math.sin(n / 5));
        await page.waitForTimeout(4);
    }
    await page.mouse.up();
    await page.waitForLoadState('networkidle');
    const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
    // What runs script on the page's main thread while the pointer moves: handlers and animation frames, outermost
    // only.
    const events = traceEvents.filter(
        (event) => event.ph === 'X' && ['FireAnimationFrame', 'EventDispatch'].includes(event.name),
    );
    const moves = events.filter(
        (event) => event.name === 'FireAnimationFrame' || /^(pointer|mouse)move$/.test(event.args?.data?.type ?? ''),
    );
    const frames = moves.filter((event) => event.name === 'FireAnimationFrame');
    // A frame: everything from one animation frame to the next.
    const sums = frames.map((frame, index) => {
        const end = frames[index + 1]?.ts ?? Infinity;
        return moves
            .filter((event) => event.ts >= frame.ts && event.ts < end)
            .reduce((sum, event) => sum + event.dur / 1000, 0);
    });
    return { longest: Math.max(...sums), frames: frames.length };
}

/** The median of three drags: what else the machine does must not count as script. */
export async function thrice(browser, page, locator) {
    const drags = [
        await dragged(browser, page, locator),
        await dragged(browser, page, locator),
        await dragged(browser, page, locator),
    ];
    return drags.sort((a, b) => a.longest - b.longest)[1];
}
