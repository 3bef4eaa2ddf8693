import { api, asProblem, type Measured, type Problem, type Schemas } from './api';

export type Mark = Schemas['Mark'] & { id: number };
const ASK_AFTER_MS = 200;
const LARGEST_BYTES = 20 * 1024 * 1024;

/** A picture on the desk, what is marked in it, and the colours that come of it. */
export class PhotoDesk {
    photo = $state.raw<Schemas['Photo'] | null>(null);
    marks = $state<Mark[]>([]);
    measured = $state.raw<Measured[]>([]);
    problem = $state<Problem | null>(null);
    busy = $state('');
    private next = 1;
    private turn = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;

    async open(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        this.problem = null;
        if (file.size > LARGEST_BYTES) {
            this.problem = asProblem('This picture is larger than 20 MB. Save it smaller and open it again.');
            return;
        }
        this.busy = `Looking at ${file.name}…`;
        try {
            this.photo = await api.sendFile<Schemas['Photo']>('/photos', file, file.type || 'application/octet-stream');
            this.marks = [];
            this.measured = [];
        } catch (error) {
            this.problem = asProblem(error);
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
        if (this.photo !== null) void api.delete(`/photos/${this.photo.id}`).catch(() => undefined);
        this.photo = null;
        this.marks = [];
        this.measured = [];
        this.problem = null;
    }

    get isReady(): boolean {
        return this.marks.some((mark) => mark.what === 'grey') && this.marks.some((mark) => mark.what === 'swatch');
    }

    private ask(): void {
        clearTimeout(this.timer);
        this.measured = [];
        this.problem = null;
        this.timer = setTimeout(() => void this.read(), ASK_AFTER_MS);
    }

    private async read(): Promise<void> {
        if (this.photo === null || !this.isReady) return;
        const turn = ++this.turn;
        try {
            const marks = this.marks.map(({ what, x, y, width, height }) => ({ what, x, y, width, height }));
            const measured = await api.post<Measured[]>(`/photos/${this.photo.id}/readings`, { marks });
            if (turn === this.turn) this.measured = measured;
        } catch (error) {
            if (turn === this.turn) this.problem = asProblem(error);
        }
    }
}
