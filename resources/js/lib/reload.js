const LEAVING = 10_000; // milliseconds after which somebody who was on their way elsewhere has stayed after all

let left = -LEAVING;
window.addEventListener('beforeunload', () => {
    left = performance.now();
});

/** Has the server draw the page anew; not where somebody is on their way to another, who would be called back. */
export const reload = () => {
    if (performance.now() - left >= LEAVING) window.location.reload();
};
