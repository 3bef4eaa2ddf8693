import { type DndEvent, TRIGGERS } from 'svelte-dnd-action';

type Item = { id: string };

/** The order of a list while one of it is being dragged, and where it went when it was let go. */
export class Dragged {
    items = $state.raw<Item[]>([]);
    private dragged = '';
    isDragging = $state(false);
    private waiting: string[] | null = null;

    /** @param outside is told what was let go beside the list; it stays where it was */
    constructor(
        private readonly move: (from: number, to: number) => void,
        private readonly outside: (id: string) => void = () => undefined,
    ) {}

    /** The list as it stands. What is being dragged goes on: an answer that comes meanwhile is shown when it is let go. */
    set(ids: string[]): void {
        if (this.isDragging) this.waiting = ids;
        else this.items = ids.map((id) => ({ id }));
    }

    /** Whose place it is: while something is dragged its place is held by a stand-in. */
    idOf(item: Item, known: (id: string) => boolean): string {
        return known(item.id) ? item.id : this.dragged;
    }

    consider = (event: CustomEvent<DndEvent<Item>>): void => {
        this.isDragging = true;
        this.dragged = event.detail.info.id;
        this.items = event.detail.items;
    };

    finalize =
        (ids: string[]) =>
        (event: CustomEvent<DndEvent<Item>>): void => {
            const id = event.detail.info.id;
            const [from, to] = [ids.indexOf(id), event.detail.items.findIndex((item) => item.id === id)];
            this.isDragging = false;
            this.items = event.detail.items;
            if (this.waiting !== null) this.set(this.waiting);
            this.waiting = null;
            if (event.detail.info.trigger === TRIGGERS.DROPPED_OUTSIDE_OF_ANY) this.outside(id);
            else if (from >= 0 && to >= 0 && from !== to) this.move(from, to);
        };
}
