import { asProblem, type Batch, got, isTrouble, of, type Schemas, server, under } from './api';
import { keep, kept } from './kept';

const NAME = 'outbox';
const TRY_AFTER_MS = 2000;

/** A record that is on its way: it has its id, so that it is recorded once however often it is sent. */
export type Waiting = { batchId: string; entry: Schemas['LogInput']; words: string };

/**
 * Records of work on their way to the server. They are kept in the browser until the server has answered, also over a reload,
 * and sent one after the other in the order they were made.
 */
class Outbox {
    waiting = $state<Waiting[]>(kept<Waiting[]>(NAME) ?? []);
    /** The server does not answer, and what was done waits. */
    isStuck = $state(false);
    private running = false;
    private timer: ReturnType<typeof setTimeout> | undefined;
    private listeners = new Set<(record: Waiting, batch: Batch | null, error: unknown) => void>();

    /** Calls back whenever the server has answered: with the batch as it is now, or with why it was refused. Ends with what it returns. */
    listen(heard: (record: Waiting, batch: Batch | null, error: unknown) => void): () => void {
        this.listeners.add(heard);
        return () => this.listeners.delete(heard);
    }

    add(record: Waiting): void {
        this.waiting = [...this.waiting, record];
        this.keep();
        void this.send();
    }

    of(batchId: string): Waiting[] {
        return this.waiting.filter((one) => one.batchId === batchId);
    }

    /** Gives up a record that never got there. */
    drop(entryId: string): void {
        this.waiting = this.waiting.filter((one) => one.entry.id !== entryId);
        this.keep();
        if (this.waiting.length === 0) this.isStuck = false;
    }

    async send(): Promise<void> {
        clearTimeout(this.timer);
        if (this.running) return;
        this.running = true;
        for (let next = this.waiting[0]; next !== undefined; next = this.waiting[0]) {
            try {
                const batch = await got(
                    server.POST('/batches/{id}/log', {
                        ...of(next.batchId),
                        body: next.entry,
                        ...under(next.entry.id),
                    }),
                );
                this.done(next, batch, null);
            } catch (error) {
                if (isTrouble(asProblem(error))) {
                    this.isStuck = true;
                    this.timer = setTimeout(() => void this.send(), TRY_AFTER_MS);
                    break;
                }
                this.done(next, null, error);
            }
        }
        this.running = false;
    }

    private done(record: Waiting, batch: Batch | null, error: unknown): void {
        for (const heard of this.listeners) heard(record, batch, error);
        this.drop(record.entry.id);
        this.isStuck = false;
    }

    private keep(): void {
        keep(NAME, $state.snapshot(this.waiting));
    }
}

export const outbox = new Outbox();
