import { asProblem, type Batch, got, of, type Problem, server, under } from './api';
import { home } from './home.svelte';
import { warn } from './notices.svelte';
import { OutboxStore, type Waiting } from './outboxStore';
import { clock, day } from './words';

export type { Waiting };

const TRY_AFTER_MS = 2000;
const SLOWEST_TRY_MS = 30000;
const LOCK = 'kalokroma.outbox';
/** Told later than this by the server's clock than by ours is said. */
const WORTH_SAYING_MS = 60000;

type Heard = (record: Waiting, batch: Batch | null, error: unknown) => void;

/**
 * Records of work on their way to the server. They lie in the browser's database until the server has answered, also over a reload,
 * and are sent one after the other in the order they were made, by one tab at a time. What may pass (no answer, trouble, a full disk)
 * is tried again; what is refused, or belongs to another desk, stays until somebody decides.
 */
class Outbox {
    private all = $state.raw<Waiting[]>([]);
    /** The server does not answer, or takes nothing now, and what was done waits. */
    isStuck = $state(false);
    readonly waiting = $derived.by(() => this.all.filter((one) => one.refusal === null && this.isOurs(one)));
    readonly refused = $derived.by(() => this.all.filter((one) => one.refusal !== null && this.isOurs(one)));
    readonly foreign = $derived.by(() => this.all.filter((one) => !this.isOurs(one)));
    /** On their way into the browser's database, or not taken by it. */
    private readonly unwritten = new Map<string, Waiting>();
    private readonly store = new OutboxStore();
    private readonly others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(LOCK);
    private running: Promise<void> | null = null;
    private again = false;
    private tries = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;
    private listeners = new Set<Heard>();

    /** Calls back whenever the server has answered: with the batch as it is now, or with why it was refused. Ends with what it returns. */
    listen(heard: Heard): () => void {
        this.listeners.add(heard);
        return () => this.listeners.delete(heard);
    }

    /** Reads what waits from before and sends it, whatever view is open. Use as `$effect(() => outbox.run())`. */
    run(): () => void {
        const look = (): void => void this.look();
        const send = (): void => void this.send();
        if (this.others !== null) this.others.onmessage = look;
        globalThis.addEventListener?.('online', send);
        void this.look().then(send);
        return () => {
            if (this.others !== null) this.others.onmessage = null;
            globalThis.removeEventListener?.('online', send);
            clearTimeout(this.timer);
        };
    }

    add(record: Omit<Waiting, 'desk' | 'refusal'>): void {
        const whole = $state.snapshot({ ...record, desk: home.desk, refusal: null }) as Waiting;
        this.all = [...this.all, whole];
        this.unwritten.set(whole.entry.id, whole);
        void this.write(this.store.put(whole), whole.entry.id).then(() => this.send());
    }

    of(batchId: string): Waiting[] {
        return this.waiting.filter((one) => one.batchId === batchId);
    }

    /** Gives up a record that never got there. */
    async drop(entryId: string): Promise<void> {
        this.all = this.all.filter((one) => one.entry.id !== entryId);
        this.unwritten.delete(entryId);
        await this.write(this.store.remove(entryId));
        if (this.waiting.length === 0) this.isStuck = false;
    }

    /** Sends a record that was refused once more, or one of another desk to this one. */
    async retry(entryId: string): Promise<void> {
        const record = this.all.find((one) => one.entry.id === entryId);
        if (record === undefined) return;
        await this.change({ ...record, refusal: null, desk: home.desk });
        await this.send();
    }

    send(): Promise<void> {
        clearTimeout(this.timer);
        this.again = true;
        return (this.running ??= this.alone(() => this.sendAll()).finally(() => {
            this.running = null;
            // Asked for between the last look and the end.
            if (this.again) void this.send();
        }));
    }

    private isOurs(record: Waiting): boolean {
        return record.desk === null || home.desk === null || record.desk === home.desk;
    }

    private async sendAll(): Promise<void> {
        while (this.again) {
            this.again = false;
            await this.look();
            for (let next = this.waiting[0]; next !== undefined; next = this.waiting[0]) {
                if (await this.sendOne(next)) continue;
                // It is tried again in a while, whatever was added meanwhile.
                this.again = false;
                return;
            }
        }
    }

    /** False when nothing can be sent now. */
    private async sendOne(record: Waiting): Promise<boolean> {
        try {
            const batch = await got(
                server.POST('/batches/{id}/log', {
                    ...of(record.batchId),
                    body: record.entry,
                    headers: { ...under(record.entry.id).headers, ...home.headers(record.desk) },
                }),
            );
            this.tries = 0;
            this.isStuck = false;
            sayWhenDated(record, batch);
            // It counts as done on its way until who shows the batch has the answer: between the two it would be undone for a moment.
            for (const heard of this.listeners) heard(record, batch, null);
            await this.drop(record.entry.id);
        } catch (error) {
            const problem = asProblem(error);
            // Another database may answer here: what was done at the first waits for it.
            if (problem.status === 421) await home.ask();
            if (!this.isOurs(record)) return true;
            if (problem.status === 421 || mayPass(problem)) {
                this.isStuck = true;
                this.timer = setTimeout(
                    () => void this.send(),
                    Math.min(SLOWEST_TRY_MS, TRY_AFTER_MS * 2 ** this.tries++),
                );
                return false;
            } else {
                await this.change({ ...record, refusal: problem.faults[0]?.message ?? problem.message });
                for (const heard of this.listeners) heard(record, null, error);
            }
        }
        return true;
    }

    private async change(record: Waiting): Promise<void> {
        this.all = this.all.map((one) => (one.entry.id === record.entry.id ? record : one));
        if (this.unwritten.has(record.entry.id)) this.unwritten.set(record.entry.id, record);
        await this.write(this.store.put(record), record.entry.id);
    }

    private async look(): Promise<void> {
        const found = await this.store.all();
        const known = new Set(found.map((one) => one.entry.id));
        this.all = [...found, ...[...this.unwritten.values()].filter((one) => !known.has(one.entry.id))];
    }

    /** What could not be written into the browser still lies in this page, and is sent from it. */
    private async write(done: Promise<void>, id?: string): Promise<void> {
        try {
            await done;
            if (id !== undefined) this.unwritten.delete(id);
            this.others?.postMessage('changed');
        } catch {
            warn('This browser has no room to keep what was done. Leave the page open until it is recorded.');
        }
    }

    /** One tab at a time. */
    private alone(send: () => Promise<void>): Promise<void> {
        const locks = globalThis.navigator?.locks;
        return locks === undefined ? send() : Promise.resolve(locks.request(LOCK, send));
    }
}

/** No answer, trouble of the server, a full disk, too many at once: another time it may be taken. */
function mayPass(problem: Problem): boolean {
    return problem.status === 0 || problem.status >= 500 || problem.status === 429 || problem.status === 408;
}

function sayWhenDated(record: Waiting, batch: Batch): void {
    const told = record.entry.at;
    const entry = batch.steps?.flatMap((step) => step.entries).find((one) => one.id === record.entry.id);
    if (told == null || entry === undefined) return;
    if (Math.abs(new Date(entry.doneAt).getTime() - new Date(told).getTime()) <= WORTH_SAYING_MS) return;
    warn(
        `${record.words} is dated ${day(entry.doneAt)}, ${clock(entry.doneAt)}: the time it was told with cannot be right.`,
    );
}

export const outbox = new Outbox();
