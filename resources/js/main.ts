import { mount } from 'svelte';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import 'carbon-components-svelte/css/all.css';
import './look.css';
import App from './App.svelte';

// What was looked at last can be looked at without a connection. It works only where the page is served safely; elsewhere nothing is missing but that.
if ('serviceWorker' in navigator) {
    const isFirst = navigator.serviceWorker.controller === null;
    void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    if (isFirst)
        navigator.serviceWorker.addEventListener(
            'controllerchange',
            () => {
                const read = performance.getEntriesByType('resource').map((one) => one.name);
                navigator.serviceWorker.controller?.postMessage({ read });
            },
            { once: true },
        );
}

const target = document.getElementById('app');
if (target !== null) mount(App, { target });
