import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [
        laravel({
            input: [
                'resources/css/app.scss',
                'resources/js/app.js',
                'resources/js/bench.js',
                'resources/js/key.js',
                'resources/js/leaving.js',
                'resources/js/on-paper.js',
                'resources/js/board.js',
                'resources/js/copy.js',
                'resources/js/cut-out.js',
                'resources/js/desks.js',
                'resources/js/door.js',
                'resources/js/hand-out.js',
                'resources/js/own-zone.js',
                'resources/js/mark-copy.js',
                'resources/js/marking.js',
                'resources/js/pages.js',
                'resources/js/print.js',
                'resources/js/reading.js',
                'resources/js/teams.js',
            ],
            refresh: false,
        }),
    ],
    build: {
        assetsInlineLimit: 0,
        modulePreload: { polyfill: false },
        rolldownOptions: { checks: { pluginTimings: false } },
    },
    css: {
        preprocessorOptions: {
            scss: {
                quietDeps: true,
                silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
            },
        },
    },
});
