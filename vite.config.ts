import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [
        laravel({ input: ['web/visit.ts', 'web/staff.ts', 'web/plain.css'], refresh: false }),
        tailwindcss(),
        svelte(),
    ],
    build: { target: 'es2021' },
});
