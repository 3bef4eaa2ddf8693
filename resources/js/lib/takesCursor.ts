/** Panels that have opened and wait for their first field: letters typed meanwhile are meant for it. */
let waiting = 0;

export function isWaiting(): boolean {
    return waiting > 0;
}

const FIELDS = 'input:not([type=hidden]):not([disabled]), textarea:not([disabled]), select:not([disabled])';

/**
 * A panel that opens takes the cursor: into its first field, as soon as there is one, and comes into view with it. Until then no letter is a key.
 *
 * @param field a selector for the field, where it is not the first
 */
export function takesCursor(panel: HTMLElement, field: string = FIELDS): { destroy: () => void } {
    let isOpen = true;
    waiting++;

    function done(): void {
        if (!isOpen) return;
        isOpen = false;
        waiting--;
        watch.disconnect();
    }

    function enter(): void {
        const first = [...panel.querySelectorAll<HTMLElement>(field)].find((one) => one.offsetParent !== null);
        if (first === undefined || !isOpen) return;
        done();
        panel.scrollIntoView({ block: 'nearest' });
        first.focus({ preventScroll: panel.getBoundingClientRect().height < innerHeight });
        if (first instanceof HTMLInputElement && first.type === 'text') first.select();
    }

    const watch = new MutationObserver(() => requestAnimationFrame(enter));
    watch.observe(panel, { childList: true, subtree: true });
    requestAnimationFrame(enter);
    return { destroy: done };
}
