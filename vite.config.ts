import { svelte } from '@sveltejs/vite-plugin-svelte';
import { optimizeCss, optimizeImports } from 'carbon-preprocess-svelte';
import { defineConfig, type Plugin } from 'vite';

/** Carbon's style sheet names fonts on somebody else's server; ours ships with the application. */
function withoutRemoteFonts(): Plugin {
    return {
        name: 'without-remote-fonts',
        enforce: 'pre',
        transform: (code, id) =>
            id.includes('carbon-components-svelte') && id.includes('.css')
                ? code.replaceAll(/@font-face\s*{[^}]*}/g, '')
                : null,
    };
}

export default defineConfig({
    plugins: [withoutRemoteFonts(), svelte({ preprocess: [optimizeImports()] }), optimizeCss()],
    publicDir: false,
    base: '/build/',
    build: {
        outDir: 'public/build',
        manifest: true,
        rollupOptions: { input: 'resources/js/main.ts' },
    },
});
