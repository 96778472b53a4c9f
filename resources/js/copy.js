import { CopyWork } from './copy/copy-work';

const work = document.querySelector('[data-copy-work]');
new CopyWork(work);

// Keeps this page, its pictures and scripts, so that a reload works while the server is away.
navigator.serviceWorker?.register('/sw.js').catch(() => {});
