import type { DndEvent } from 'svelte-dnd-action';

type Item = { id: string };

/** The order of a list while one of it is being dragged, and where it went when it was let go. */
export class Dragged {
    items = $state.raw<Item[]>([]);
    private dragged = '';

    constructor(private readonly move: (from: number, to: number) => void) {}

    /** The list as it stands; what is being dragged goes on. */
    set(ids: string[]): void {
        this.items = ids.map((id) => ({ id }));
    }

    /** Whose place it is: while something is dragged its place is held by a stand-in. */
    idOf(item: Item, known: (id: string) => boolean): string {
        return known(item.id) ? item.id : this.dragged;
    }

    consider = (event: CustomEvent<DndEvent<Item>>): void => {
        this.dragged = event.detail.info.id;
        this.items = event.detail.items;
    };

    finalize =
        (ids: string[]) =>
        (event: CustomEvent<DndEvent<Item>>): void => {
            const id = event.detail.info.id;
            const [from, to] = [ids.indexOf(id), event.detail.items.findIndex((item) => item.id === id)];
            this.items = event.detail.items;
            if (from >= 0 && to >= 0 && from !== to) this.move(from, to);
        };
}
