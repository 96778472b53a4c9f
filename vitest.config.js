import { defineConfig } from 'vitest/config';

// Modules that know nothing of the document; what knows of it is tried in the browser: see playwright.config.js.
export default defineConfig({ test: { include: ['tests/scripts/**/*.test.js'] } });
