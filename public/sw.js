// What was looked at last can be looked at again when the server does not answer. Answers are always asked for first; what is kept is only for when none
// comes. Nothing is written from here: what was done waits in the page until the server has it.
const KEPT = 'kalokroma-1';
const SHELL = ['/', '/theme.js', '/app.webmanifest', '/icon.svg'];
/** Read at the desk: what is planned, what is painted, what dries, what comes next. */
const READ = /^\/api\/(plans\/[^/]+|batches\/[^/]+|batches\/[^/]+\/(amounts|squad)|craft|handbook|settings|clocks|bench|evenings|photos\/[^/]+)$/;
/** What one cannot do without there; the other places are kept once they were gone to. */
const AT_THE_DESK = ['BenchView', 'PlanView', 'BatchView', 'PaintView', 'EveningsView', 'LogbookView'];
/** Whoever thinks is waited for; a line that hangs is not. */
const PATIENCE_MS = 15000;

self.addEventListener('install', (event) => {
    event.waitUntil(
        (async () => {
            const kept = await caches.open(KEPT);
            await kept.addAll(SHELL);
            const manifest = await (await fetch('/build/.vite/manifest.json')).json();
            const files = new Set();
            const needs = (name) => {
                const part = manifest[name];
                if (part === undefined || files.has(`/build/${part.file}`)) return;
                for (const file of [part.file, ...(part.css ?? []), ...(part.assets ?? [])]) files.add(`/build/${file}`);
                for (const other of part.imports ?? []) needs(other);
                // What opens within a place at the desk, but no other place and no drawing.
                for (const other of part.dynamicImports ?? []) if (!/^resources\/js\/(views\/\w+\.|lib\/figure\/)/.test(other)) needs(other);
            };
            for (const name of ['main', ...AT_THE_DESK.map((view) => `views/${view}`)]) {
                needs(`resources/js/${name}.${name === 'main' ? 'ts' : 'svelte'}`);
            }
            await kept.addAll([...files].filter((file) => !/cyrillic|greek|vietnamese/.test(file)));
            await self.skipWaiting();
        })(),
    );
});

self.addEventListener('activate', (event) => {
    event.waitUntil(
        (async () => {
            for (const name of await caches.keys()) if (name !== KEPT) await caches.delete(name);
            await self.clients.claim();
        })(),
    );
});

// What the page has read before this was there is read once more, and kept: one look is enough to look again without a line.
self.addEventListener('message', (event) => {
    const read = (Array.isArray(event.data?.read) ? event.data.read : []).map((one) => new URL(one, self.location.origin));
    event.waitUntil(
        Promise.all(read.filter(isKept).map((url) => askedFirst(new Request(url.href, { headers: { Accept: 'application/json' } })).catch(() => undefined))),
    );
});

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
    const isBuilt = url.pathname.startsWith('/build/assets/');
    if (isBuilt) event.respondWith(keptFirst(event.request));
    else if (isKept(url)) event.respondWith(askedFirst(event.request));
});

function isKept(url) {
    return url.origin === self.location.origin && url.search === '' && (SHELL.includes(url.pathname) || READ.test(url.pathname));
}

/** Built files have their fingerprint in their name and never change. */
async function keptFirst(request) {
    const kept = await caches.open(KEPT);
    const found = await kept.match(request);
    if (found) return found;
    const answer = await fetch(request);
    if (answer.ok) await remember(kept, request, answer);
    return answer;
}

/** A browser without room keeps nothing more; the answer counts all the same, and an older one that stands in its place must not. */
async function remember(kept, request, answer) {
    try {
        await kept.put(request, answer.clone());
    } catch {
        await kept.delete(request).catch(() => false);
    }
}

async function askedFirst(request) {
    const kept = await caches.open(KEPT);
    try {
        const answer = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
        if (answer.ok) await remember(kept, request, answer);
        return answer;
    } catch (error) {
        const found = await kept.match(request);
        if (found) return found;
        throw error;
    }
}
