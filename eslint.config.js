import js from '@eslint/js';
import globals from 'globals';

// What the browser runs, and what drives it in tests and benchmarks. Layout is prettier's; here is what it cannot wrap.
const length = {
    code: 120,
    ignoreStrings: true,
    ignoreTemplateLiterals: true,
    ignoreRegExpLiterals: true,
    ignoreUrls: true,
};

export default [
    { ignores: ['public/build/**', 'vendor/**', 'storage/**', 'test-results/**'] },
    js.configs.recommended,
    {
        languageOptions: { ecmaVersion: 2024, sourceType: 'module', globals: { ...globals.browser, ...globals.node } },
        rules: {
            'max-len': ['error', length],
            'no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', caughtErrors: 'none' }],
            eqeqeq: ['error', 'always'],
            'no-var': 'error',
            'prefer-const': 'error',
        },
    },
    { files: ['public/sw.js'], languageOptions: { globals: globals.serviceworker } },
];
