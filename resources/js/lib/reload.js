const LEAVING = 10_000; // milliseconds after which somebody who was on their way elsewhere has stayed after all

let left = -LEAVING;
window.addEventListener('beforeunload', () => {
    left = performance.now();
});

/**
 * Has the server draw the page anew; where somebody is on their way to another, who would be called back, only once it
 * is plain that they have stayed.
 */
export function reload() {
    const wait = left + LEAVING - performance.now();
    if (wait > 0) setTimeout(reload, wait);
    else window.location.reload();
}
