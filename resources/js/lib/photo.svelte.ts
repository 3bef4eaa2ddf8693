import { asProblem, contentOf, got, type Measured, of, type Problem, type Schemas, sent, server } from './api';
import { Latest } from './latest.svelte';

export type Mark = Schemas['Mark'] & { id: number };
const ASK_AFTER_MS = 200;
const LARGEST_BYTES = 20 * 1024 * 1024;

/** A picture on the desk, what is marked in it, and the colours that come of it. */
export class PhotoDesk {
    photo = $state.raw<Schemas['Photo'] | null>(null);
    marks = $state<Mark[]>([]);
    private refused = $state.raw<Problem | null>(null);
    busy = $state('');
    private next = 1;
    private latest = new Latest<Measured[]>();

    get measured(): Measured[] {
        return this.latest.answer ?? [];
    }

    get problem(): Problem | null {
        return this.refused ?? this.latest.problem;
    }

    async open(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        this.refused = null;
        if (file.size > LARGEST_BYTES) {
            this.refused = asProblem('This picture is larger than 20 MB. Save it smaller and open it again.');
            return;
        }
        this.busy = `Looking at ${file.name}…`;
        try {
            const content = await contentOf(file);
            this.photo = await got(server.POST('/photos', sent(content, content.type)));
            this.marks = [];
            this.latest.drop();
        } catch (error) {
            this.refused = asProblem(error);
        }
        this.busy = '';
    }

    /** A second card would replace the first: one picture has one light. */
    mark(what: Mark['what'], box: Pick<Mark, 'x' | 'y' | 'width' | 'height'>): void {
        const others = what === 'grey' ? this.marks.filter((mark) => mark.what !== 'grey') : this.marks;
        this.marks = [...others, { id: this.next++, what, ...box }];
        this.ask();
    }

    change(id: number, box: Partial<Mark>): void {
        this.marks = this.marks.map((mark) => (mark.id === id ? { ...mark, ...box } : mark));
        this.ask();
    }

    remove(id: number): void {
        this.marks = this.marks.filter((mark) => mark.id !== id);
        this.ask();
    }

    close(): void {
        if (this.photo !== null) void got(server.DELETE('/photos/{id}', of(this.photo.id))).catch(() => undefined);
        this.photo = null;
        this.marks = [];
        this.latest.drop();
        this.refused = null;
    }

    get isReady(): boolean {
        return this.marks.some((mark) => mark.what === 'grey') && this.marks.some((mark) => mark.what === 'swatch');
    }

    private ask(): void {
        this.refused = null;
        this.latest.drop();
        if (this.photo === null || !this.isReady) return;
        const id = this.photo.id;
        const marks = this.marks.map(({ what, x, y, width, height }) => ({ what, x, y, width, height }));
        this.latest.soon(ASK_AFTER_MS, () =>
            this.latest.ask(() => got(server.POST('/photos/{id}/readings', { ...of(id), body: { marks } }))),
        );
    }
}
