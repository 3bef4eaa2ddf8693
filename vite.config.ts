import { svelte } from '@sveltejs/vite-plugin-svelte';
import { optimizeCss, optimizeImports } from 'carbon-preprocess-svelte';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import postcss from 'postcss';
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

/** Ways of Carbon's parts that we ask for nowhere, by the name that property and class share. Whoever asks for one takes it out here. */
const NEVER_ASKED = ['fluid', 'readonly', 'light', 'expandable', 'inline', 'expressive'];

/**
 * What Carbon's own optimizer leaves of parts that are not used goes too: rules for classes that no script ever names, whole or as the
 * beginning of a name that is put together (`bx--btn--${kind}`), for ways of them that are never asked for, and the themes of which we have
 * our own.
 */
function withoutUnusedRules(): Plugin {
    return {
        name: 'without-unused-rules',
        enforce: 'post',
        buildStart() {
            const asks = new RegExp(`<[A-Z]\\w+\\s(?:[^<>]|=>)*?\\s(${NEVER_ASKED.join('|')})(?=[\\s=/>])`);
            for (const file of readdirSync('resources/js', { recursive: true, encoding: 'utf8' })) {
                const found = file.endsWith('.svelte') && asks.exec(readFileSync(`resources/js/${file}`, 'utf8'));
                if (found)
                    this.error(
                        `${file} asks a part to be “${found[1]}”; take it out of NEVER_ASKED in vite.config.ts.`,
                    );
            }
        },
        generateBundle(_, bundle) {
            const files = Object.values(bundle);
            const script = files.map((file) => (file.type === 'chunk' ? file.code : '')).join('\n');
            const known = new Map<string, boolean>();
            const named = (name: string): boolean => {
                const beginnings = [...name.matchAll(/--/g)].map(({ index }) => name.slice(0, index + 2)).slice(1);
                return (
                    script.includes(name) ||
                    beginnings.some((one) => script.includes(`${one}\${`) || script.includes(`${one}"`))
                );
            };
            const never = new RegExp(`\\.bx--[\\w-]*--(${NEVER_ASKED.join('|')})(?![\\w-])`);
            const isUsed = (selector: string): boolean =>
                !/^:root\[theme=/.test(selector) &&
                !never.test(selector.replaceAll(/:not\([^)]*\)/g, '')) &&
                [
                    ...selector.replaceAll(/:not\([^)]*\)/g, '').matchAll(/\.((?:bx--|flatpickr-|numInput)[\w-]*)/g),
                ].every(([, name]) => {
                    if (!known.has(name!)) known.set(name!, named(name!));
                    return known.get(name!);
                });
            const sheets = files.flatMap((file) =>
                file.type === 'asset' && file.fileName.endsWith('.css')
                    ? [{ file, sheet: postcss.parse(String(file.source)) }]
                    : [],
            );
            for (const { sheet } of sheets) {
                sheet.walkRules((rule) => {
                    const used = rule.selectors.filter(isUsed);
                    if (used.length === 0) rule.remove();
                    else if (used.length < rule.selectors.length) rule.selectors = used;
                });
            }
            withoutUnusedTokens(
                sheets.map(({ sheet }) => sheet),
                script,
            );
            for (const { file, sheet } of sheets) file.source = sheet.toString();
        },
    };
}

/** Tokens of the theme that no rule, no other token and no script asks for. */
function withoutUnusedTokens(sheets: postcss.Root[], script: string): void {
    const inScript = new Set(script.match(/--[\w-]+/g));
    for (let left = -1; left !== 0;) {
        const asked = new Set(
            sheets.flatMap((sheet) => [...sheet.toString().matchAll(/var\(\s*(--[\w-]+)/g)].map(([, name]) => name!)),
        );
        left = 0;
        for (const sheet of sheets) {
            sheet.walkDecls(/^--/, (token) => {
                if (asked.has(token.prop) || inScript.has(token.prop)) return;
                left++;
                token.remove();
            });
        }
    }
}

/** The face's licence goes where the face goes. */
function withFaceLicence(): Plugin {
    return {
        name: 'with-face-licence',
        generateBundle() {
            const source = readFileSync('node_modules/@fontsource-variable/atkinson-hyperlegible-next/LICENSE');
            this.emitFile({ type: 'asset', fileName: 'assets/atkinson-hyperlegible-next-licence.txt', source });
        },
    };
}

/** Text is sent small: each file has its brotli and gzip beside it, made once. */
function withCompressed(): Plugin {
    return {
        name: 'with-compressed',
        enforce: 'post',
        writeBundle(options, bundle) {
            for (const name of Object.keys(bundle).filter((one) => /\.(js|css|json)$/.test(one))) {
                const path = `${options.dir}/${name}`;
                const bytes = readFileSync(path);
                writeFileSync(
                    `${path}.br`,
                    brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
                );
                writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }));
            }
        },
    };
}

export default defineConfig({
    plugins: [
        withoutRemoteFonts(),
        svelte({ preprocess: [optimizeImports()] }),
        optimizeCss(),
        withoutUnusedRules(),
        withFaceLicence(),
        withCompressed(),
    ],
    publicDir: false,
    base: '/build/',
    build: {
        outDir: 'public/build',
        manifest: true,
        rollupOptions: {
            input: 'resources/js/main.ts',
            output: {
                // What most views share comes in one file, not in a hundred.
                codeSplitting: {
                    groups: [
                        {
                            name: 'shared',
                            test: /resources\/js\/(parts|lib)\/|node_modules\/(carbon-|valibot|svelte)/,
                            minShareCount: 12,
                            priority: 1,
                        },
                    ],
                },
            },
        },
    },
});
