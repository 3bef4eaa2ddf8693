/**
 * When what has the focus goes away (a row is deleted, a panel closes), the focus moves to what stood next to it instead of being lost.
 * Whoever moves the focus on purpose comes first.
 */
const FOCUSABLE = 'a[href], button:not([disabled]), input:not([disabled]), select, textarea, summary, [tabindex="0"]';
const NEIGHBOURS = 12;

export function keepFocusHome(root: HTMLElement): () => void {
    let last: HTMLElement | null = null;
    let neighbours: HTMLElement[] = [];

    function remember(event: FocusEvent): void {
        last = event.target as HTMLElement;
        const all = [...root.querySelectorAll<HTMLElement>(FOCUSABLE)];
        const at = all.indexOf(last);
        const after = at < 0 ? [] : all.slice(at + 1, at + 1 + NEIGHBOURS);
        const before = at < 0 ? [] : all.slice(Math.max(0, at - NEIGHBOURS), at).reverse();
        // The next one below comes first: what follows a deleted row takes its place.
        neighbours = [...after, ...before];
    }

    function mend(): void {
        if (last === null || last.isConnected || document.activeElement !== document.body) return;
        const home = neighbours.find((one) => one.isConnected && one.offsetParent !== null) ?? root;
        last = null;
        home.focus({ preventScroll: true });
    }

    // After whoever changed the page had its turn to move the focus.
    const watch = new MutationObserver(() => requestAnimationFrame(mend));
    root.addEventListener('focusin', remember);
    watch.observe(root, { childList: true, subtree: true });
    return () => {
        watch.disconnect();
        root.removeEventListener('focusin', remember);
    };
}
