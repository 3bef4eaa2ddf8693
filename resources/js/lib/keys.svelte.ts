import { untrack } from 'svelte';
import { settings } from './settings.svelte';
import { isWaiting } from './takesCursor';

/** Keys that work without a modifier while no field has the focus. */
export type Key = { key: string; does: string; run: (event: KeyboardEvent) => unknown; repeats?: boolean };

const bound = $state<Key[]>([]);

/** Binds keys for as long as a component lives: use as `$effect(() => bindKeys([...]))`. */
export function bindKeys(keys: Key[]): () => void {
    // Untracked, or every binding would run all the others anew.
    untrack(() => bound.push(...keys));
    return () =>
        untrack(() => {
            for (const key of keys) {
                const index = bound.findIndex((one) => one.run === key.run);
                if (index >= 0) bound.splice(index, 1);
            }
        });
}

/** A key that a voice or a tremor can strike by mistake; it can be switched off. */
export function isLetter(key: string): boolean {
    return key.length === 1 && key !== ' ';
}

export function boundKeys(): Key[] {
    return bound;
}

export function onKeydown(event: KeyboardEvent): void {
    const target = event.target as HTMLElement;
    // An elbow that stays on the key marks one pass, not three.
    if (event.repeat && (event.key === ' ' || event.key === 'Enter') && target.matches('button, summary, body, main')) {
        event.preventDefault();
        return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (target.matches('input, select, textarea, [contenteditable]')) return;
    if (event.key === ' ' && target.matches('button, a, summary, [role=option]')) return;
    if (isLetter(event.key) && (!settings.letterKeys || isWaiting())) return;
    const key = bound.findLast((one) => one.key === event.key);
    if (key === undefined || (event.repeat && !key.repeats)) return;
    event.preventDefault();
    key.run(event);
}
