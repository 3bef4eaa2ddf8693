/** Alt and the arrow keys move the child marked data-index that has the focus; dragging is the library's. */
export type Arrows = { axis: 'x' | 'y'; move: (from: number, to: number) => void };

/** How things in a row or column are dragged: by mouse at once, by a finger after a moment, so that swiping still scrolls. */
export const DRAGGED = {
    flipDurationMs: 0,
    dropTargetStyle: {},
    zoneTabIndex: -1,
    zoneItemTabIndex: -1,
    delayTouchStart: 200,
    autoAriaDisabled: true,
} as const;

export function arrows(list: HTMLElement, options: Arrows) {
    let current = options;

    function key(event: KeyboardEvent): void {
        const item = (event.target as HTMLElement).closest<HTMLElement>('[data-index]');
        const [back, forth] = current.axis === 'x' ? ['ArrowLeft', 'ArrowRight'] : ['ArrowUp', 'ArrowDown'];
        if (item === null || !event.altKey || (event.key !== back && event.key !== forth)) return;
        event.preventDefault();
        const from = Number(item.dataset.index);
        const to = from + (event.key === forth ? 1 : -1);
        if (to >= 0 && to < list.querySelectorAll(':scope > [data-index]').length) current.move(from, to);
    }

    list.addEventListener('keydown', key);
    return {
        update: (next: Arrows) => (current = next),
        destroy: () => list.removeEventListener('keydown', key),
    };
}

export function moved<T>(list: T[], from: number, to: number): T[] {
    const copy = [...list];
    copy.splice(to, 0, ...copy.splice(from, 1));
    return copy;
}
