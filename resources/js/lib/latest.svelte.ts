import { untrack } from 'svelte';
import { asProblem, type Problem } from './api';

/** Of questions asked one after the other only the newest answer counts, whichever comes first. */
export class Latest<T> {
    answer = $state.raw<T | null>(null);
    problem = $state.raw<Problem | null>(null);
    busy = $state(false);
    private turn = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;

    /** @param taken is told each answer that counts */
    constructor(private readonly taken: (answer: T) => unknown = () => undefined) {}

    async ask(question: () => Promise<T>): Promise<void> {
        clearTimeout(this.timer);
        const turn = ++this.turn;
        this.busy = true;
        try {
            // What the question reads is no reason to ask it again.
            const answer = await untrack(question);
            if (turn !== this.turn) return;
            this.answer = answer;
            this.problem = null;
            await this.taken(answer);
        } catch (error) {
            if (turn === this.turn) this.problem = asProblem(error);
        }
        if (turn === this.turn) this.busy = false;
    }

    /** Does so once nothing more was asked for a moment; not at all when what it gives back is called before. */
    soon(afterMs: number, ask: () => unknown): () => void {
        clearTimeout(this.timer);
        const timer = setTimeout(ask, afterMs);
        this.timer = timer;
        return () => clearTimeout(timer);
    }

    /** The same, at once as long as there is no answer; that one comes is no reason to ask again. */
    sooner(afterMs: number, ask: () => unknown): () => void {
        return this.soon(untrack(() => this.answer) === null ? 0 : afterMs, ask);
    }

    /** No question stands any more, and no answer is waited for. */
    drop(): void {
        clearTimeout(this.timer);
        this.turn++;
        this.answer = null;
        this.problem = null;
        this.busy = false;
    }
}
