import { onDestroy } from 'svelte';

/**
 * To be called while a component is made: does what it is given only as long as that component stands. Whoever waits for an answer and closes
 * itself then would close what has been opened in its place meanwhile.
 */
export function whileShown(run: () => void): () => void {
    let isShown = true;
    onDestroy(() => (isShown = false));
    return () => {
        if (isShown) run();
    };
}
