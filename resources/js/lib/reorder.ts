/** Drag with any pointer, or Alt and the arrow keys, to reorder the children marked data-index of a list. */
export type Reorder = { axis: 'x' | 'y'; move: (from: number, to: number) => void };

const THRESHOLD_PX = 6;

export function reorder(list: HTMLElement, options: Reorder) {
    let current = options;
    let drag: { from: number; start: number; item: HTMLElement; moved: boolean } | null = null;

    const items = () => [...list.querySelectorAll<HTMLElement>(':scope > [data-index]')];
    const along = (event: PointerEvent) => (current.axis === 'x' ? event.clientX : event.clientY);
    const indexOf = (element: HTMLElement) => Number(element.dataset.index);

    function targetIndex(at: number): number {
        const middles = items().map((item) => {
            const box = item.getBoundingClientRect();
            return {
                index: indexOf(item),
                middle: current.axis === 'x' ? box.left + box.width / 2 : box.top + box.height / 2,
            };
        });
        const before = middles.filter((one) => one.middle < at && one.index !== drag?.from).length;
        return (middles[0]?.index ?? 0) + before;
    }

    function down(event: PointerEvent): void {
        const target = event.target as HTMLElement;
        const item = target.closest<HTMLElement>('[data-index]');
        if (item === null || item.parentElement !== list || event.button !== 0 || target.closest('[data-no-drag]'))
            return;
        drag = { from: indexOf(item), start: along(event), item, moved: false };
        window.addEventListener('pointermove', moving);
        window.addEventListener('pointerup', up);
        window.addEventListener('pointercancel', cancel);
    }

    function moving(event: PointerEvent): void {
        if (drag === null) return;
        const by = along(event) - drag.start;
        if (!drag.moved && Math.abs(by) < THRESHOLD_PX) return;
        drag.moved = true;
        event.preventDefault();
        drag.item.dataset.dragged = 'true';
        drag.item.style.transform = current.axis === 'x' ? `translateX(${by}px)` : `translateY(${by}px)`;
        drag.item.style.zIndex = '5';
    }

    function up(event: PointerEvent): void {
        const done = drag;
        const to = done?.moved ? targetIndex(along(event)) : null;
        cancel();
        if (done !== null && to !== null) {
            window.addEventListener('click', (click) => click.stopPropagation(), { capture: true, once: true });
            setTimeout(() => window.dispatchEvent(new Event('click')), 0);
            if (to !== done.from) current.move(done.from, to);
        }
    }

    function cancel(): void {
        if (drag !== null) {
            drag.item.style.transform = '';
            drag.item.style.zIndex = '';
            delete drag.item.dataset.dragged;
        }
        drag = null;
        window.removeEventListener('pointermove', moving);
        window.removeEventListener('pointerup', up);
        window.removeEventListener('pointercancel', cancel);
    }

    function key(event: KeyboardEvent): void {
        const item = (event.target as HTMLElement).closest<HTMLElement>('[data-index]');
        const [back, forth] = current.axis === 'x' ? ['ArrowLeft', 'ArrowRight'] : ['ArrowUp', 'ArrowDown'];
        if (item === null || !event.altKey || (event.key !== back && event.key !== forth)) return;
        event.preventDefault();
        const all = items().map(indexOf);
        const to = indexOf(item) + (event.key === forth ? 1 : -1);
        if (to >= Math.min(...all) && to <= Math.max(...all)) current.move(indexOf(item), to);
    }

    list.addEventListener('pointerdown', down);
    list.addEventListener('keydown', key);
    return {
        update: (next: Reorder) => (current = next),
        destroy: () => {
            list.removeEventListener('pointerdown', down);
            list.removeEventListener('keydown', key);
            cancel();
        },
    };
}

export function moved<T>(list: T[], from: number, to: number): T[] {
    const copy = [...list];
    copy.splice(to, 0, ...copy.splice(from, 1));
    return copy;
}
