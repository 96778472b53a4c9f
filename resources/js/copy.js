import { CopyWork } from './copy/copy-work';
import './lib/player';
import './lib/sounds';

const work = document.querySelector('[data-copy-work]');
new CopyWork(work);

// Keeps this page, its pictures and scripts, so that a reload works while the server is away. The first time on a
// device, this page is there before the worker is: it is told what to keep.
const isKept = navigator.serviceWorker && !('trial' in work.dataset);
if (isKept) navigator.serviceWorker.register('/sw.js').catch(() => {});
if (isKept && !navigator.serviceWorker.controller)
    window.addEventListener('load', async () => {
        const { active } = await navigator.serviceWorker.ready;
        const loaded = performance.getEntriesByType('resource').map((one) => one.name);
        active.postMessage({ page: window.location.href, files: [...new Set(loaded)] });
    });
