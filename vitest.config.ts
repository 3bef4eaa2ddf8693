import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    plugins: [svelte()],
    resolve: { conditions: ['browser'] },
    test: {
        include: ['tests/Front/**/*.test.ts'],
        setupFiles: ['tests/Front/setup.ts'],
        watch: false,
        testTimeout: 60_000,
        hookTimeout: 60_000,
    },
});
