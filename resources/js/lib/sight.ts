/** Scrolls a row sideways until what is in it can be seen; nothing else moves. */
export function keepInSight(row: HTMLElement, item: HTMLElement | null): void {
    if (item === null) return;
    const [outer, inner] = [row.getBoundingClientRect(), item.getBoundingClientRect()];
    if (inner.left < outer.left) row.scrollLeft -= outer.left - inner.left + 8;
    else if (inner.right > outer.right) row.scrollLeft += inner.right - outer.right + 8;
}
