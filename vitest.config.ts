import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    plugins: [svelte()],
    test: {
        include: ['tests/web/**/*.test.ts'],
        setupFiles: ['tests/web/words.ts'],
        // Syntax trees of all components: longer on a slow machine than five seconds, the usual limit.
        testTimeout: 60_000,
    },
});
