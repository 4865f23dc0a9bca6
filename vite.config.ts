import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { pageWords } from './ops/page-words.mjs';

// Visitors and staff are built apart, so that a visitor loads nothing of what only staff pages use of a shared library.
const PAGES: Record<string, string[]> = {
    visit: ['web/visit.ts', 'web/plain.css'],
    staff: ['web/staff.ts'],
};

export default defineConfig(({ mode }) => ({
    plugins: [
        laravel({ input: PAGES[mode] ?? [], buildDirectory: `build/${mode}`, refresh: false }),
        tailwindcss(),
        pageWords(),
        svelte(),
    ],
    build: {
        target: 'es2021',
        rolldownOptions: {
            output: {
                // What nearly every page loads anyway is one file: a dozen small ones are larger, and each is asked for.
                codeSplitting: {
                    groups: [
                        {
                            name: 'shared',
                            test: /web\/(lib\/(again|api|beside|clock|elsewhere|form|key|live|now|say)|parts\/(ClockSwitch|Contact|Field|Masthead|Office))\b/,
                        },
                    ],
                },
            },
        },
    },
}));
