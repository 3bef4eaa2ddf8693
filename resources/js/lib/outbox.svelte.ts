import { asProblem, newKey, type Problem } from './api';
import { home } from './home.svelte';
import { warn } from './notices.svelte';
import { type Does, type ForBatch, type ForPlan, type ForThing, OutboxStore, type Waiting } from './outboxStore';
import { type Answer, post } from './outboxPost';

export type { Answer, Does, ForBatch, ForPlan, ForThing, Waiting };

const TRY_AFTER_MS = 2000;
const SLOWEST_TRY_MS = 30000;
const LOCK = 'kalokroma.outbox';

/** What has become of something. */
export type Became = ({ is: 'made' } & Answer) | { is: 'refused'; problem: Problem } | { is: 'waiting' };
type Heard = (one: Waiting, became: Became) => void;
type Fresh<One extends Waiting> = Omit<One, 'id' | 'desk' | 'refusal'>;
export type Made = Fresh<ForBatch> | Fresh<ForPlan> | Fresh<ForThing>;

/**
 * What was done and the server has not answered yet: records of work, edits of plans, and what else is changed at the desk. It lies in the browser's database until it has, also over a reload, and is sent one after the other in the order it was made, by one tab at a time.
 * What may pass (no answer, trouble, a full disk) is tried again; what is refused, or belongs to another desk, stays until somebody decides.
 */
class Outbox {
    private all = $state.raw<Waiting[]>([]);
    /** The server does not answer, or takes nothing now, and what was done waits. */
    isStuck = $state(false);
    readonly waiting = $derived.by(() => this.all.filter((one) => one.refusal === null && this.isOurs(one)));
    readonly refused = $derived.by(() => this.all.filter((one) => one.refusal !== null && this.isOurs(one)));
    readonly foreign = $derived.by(() => this.all.filter((one) => !this.isOurs(one)));
    /** Something is to be said of what the server does not have. */
    readonly isUndecided = $derived.by(
        () => this.refused.length > 0 || this.foreign.length > 0 || (this.isStuck && this.waiting.length > 0),
    );
    /** On their way into the browser's database, or not taken by it. */
    private readonly unwritten = new Map<string, Waiting>();
    /** Made in this page and never sent: nobody but this page knows of them. */
    private readonly unsent = new Set<string>();
    private readonly store = new OutboxStore();
    private readonly others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(LOCK);
    private running: Promise<void> | null = null;
    private again = false;
    private tries = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;
    private listeners = new Set<Heard>();
    /** Who waits for what becomes of something. */
    private readonly asking = new Map<string, (became: Became) => void>();

    /** Calls back whenever something was answered or refused, here or in another tab. Ends with what it returns. */
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

    /** It counts as done from now on; its id. */
    add(made: Made): string {
        const id = made.kind === 'batch' && made.does.do === 'record' ? made.does.entry.id : newKey();
        const one = $state.snapshot({ ...made, id, desk: home.desk, refusal: null }) as Waiting;
        this.unsent.add(id);
        this.all = [...this.all, one];
        void this.keep(one);
        void this.send();
        return id;
    }

    /** What becomes of something that was just added: made, refused, or that it waits. */
    fate(id: string): Promise<Became> {
        return new Promise((told) => this.asking.set(id, told));
    }

    /** Something else in the place of what waits, as long as nobody but this page knows of it. */
    replace(other: Waiting): void {
        const one = $state.snapshot(other) as Waiting;
        this.all = this.all.map((before) => (before.id === one.id ? one : before));
        void this.keep(one);
        if (one.refusal === null) void this.send();
    }

    ofBatch(batchId: string): ForBatch[] {
        return this.waiting.filter((one) => one.kind === 'batch' && one.batchId === batchId) as ForBatch[];
    }

    /** What waits besides records and edits. */
    things(): Does[] {
        return this.waiting.flatMap((one) => (one.kind === 'thing' ? [one.does] : []));
    }

    /** Refused ones too: what is typed stays in sight until it is mended. */
    ofPlan(planId: string): ForPlan[] {
        return this.all.filter((one) => one.kind === 'plan' && one.planId === planId && this.isOurs(one)) as ForPlan[];
    }

    /** Whether it can be dropped as if it had never been: it was not sent yet, or it was refused. */
    canDrop(one: Waiting): boolean {
        return this.unsent.has(one.id) || one.refusal !== null || !this.isOurs(one);
    }

    /** Gives up something that never got there. */
    async drop(id: string): Promise<void> {
        this.all = this.all.filter((one) => one.id !== id);
        this.unwritten.delete(id);
        this.unsent.delete(id);
        if (this.waiting.length === 0) this.isStuck = false;
        await this.write(this.store.remove(id));
    }

    /** Sends what was refused once more, on the newest version where it was changed elsewhere; or what belongs to another desk to this one. */
    async retry(id: string): Promise<void> {
        const one = this.all.find((other) => other.id === id);
        if (one === undefined) return;
        const version = one.refusal?.version ?? null;
        const anew = { ...one, refusal: null, desk: home.desk };
        this.replace(anew.kind !== 'batch' && version !== null ? { ...anew, version } : anew);
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

    private isOurs(one: Waiting): boolean {
        return one.desk === null || home.desk === null || one.desk === home.desk;
    }

    private async sendAll(): Promise<void> {
        while (this.again) {
            this.again = false;
            // What was never sent is nobody else's to send: it goes at once.
            if (this.waiting.some((one) => !this.unsent.has(one.id))) await this.look();
            for (let next = this.waiting[0]; next !== undefined; next = this.waiting[0]) {
                if (await this.sendOne(next)) continue;
                // It is tried again in a while, whatever was added meanwhile.
                this.again = false;
                return;
            }
        }
    }

    /** False when nothing can be sent now. */
    private async sendOne(one: Waiting): Promise<boolean> {
        this.unsent.delete(one.id);
        try {
            const answer = await post(one);
            this.tries = 0;
            this.isStuck = false;
            this.carryOn(one, answer);
            // It counts as done on its way until who shows it has the answer: between the two it would be undone for a moment.
            this.tell(one, { is: 'made', ...answer });
            await this.drop(one.id);
        } catch (error) {
            const problem = asProblem(error);
            // Another database may answer here: what was done at the first waits for it.
            if (problem.status === 421) await home.ask();
            if (!this.isOurs(one)) return true;
            if (problem.status === 421 || mayPass(problem)) {
                this.isStuck = true;
                this.tell(one, { is: 'waiting' });
                this.timer = setTimeout(
                    () => void this.send(),
                    Math.min(SLOWEST_TRY_MS, TRY_AFTER_MS * 2 ** this.tries++),
                );
                return false;
            }
            this.replace({
                ...one,
                refusal: {
                    message: problem.faults[0]?.message ?? problem.message,
                    faults: problem.faults,
                    version: one.kind === 'batch' ? null : (problem.version ?? null),
                    now: problem.now,
                },
            });
            this.tell(one, { is: 'refused', problem });
        }
        return true;
    }

    /** What was made on top of something goes on from the version that has led to. */
    private carryOn(done: Waiting, { version }: Answer): void {
        if (done.kind === 'batch' || done.version === null || version === undefined) return;
        for (const one of this.all) {
            if (one.kind === 'batch' || one.id === done.id || subject(one) !== subject(done)) continue;
            if (one.version === done.version) this.replace({ ...one, version } as Waiting);
        }
    }

    private tell(one: Waiting, became: Became): void {
        for (const heard of this.listeners) heard(one, became);
        // What stands behind what waits, waits too.
        const answered = became.is === 'waiting' ? [...this.asking.keys()] : [one.id];
        for (const id of answered) {
            this.asking.get(id)?.(became);
            this.asking.delete(id);
        }
    }

    private async look(): Promise<void> {
        const found = await this.store.all();
        const before = this.all;
        const known = new Set(found.map((one) => one.id));
        const written = found.map((one) => this.unwritten.get(one.id) ?? one);
        this.all = [...written, ...[...this.unwritten.values()].filter((one) => !known.has(one.id))];
        // What another tab has sent is known there; here it has to be asked.
        const present = new Set(this.all.map((one) => one.id));
        for (const one of before) if (!present.has(one.id)) this.tell(one, { is: 'made' });
    }

    private async keep(one: Waiting): Promise<void> {
        this.unwritten.set(one.id, one);
        await this.write(this.store.put(one));
        if (this.unwritten.get(one.id) === one) this.unwritten.delete(one.id);
    }

    /** What could not be written into the browser still lies in this page, and is sent from it. */
    private async write(done: Promise<void>): Promise<void> {
        try {
            await done;
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

/** What has the version that something was done on. */
export function subject(one: Fresh<ForPlan> | Fresh<ForThing>): string {
    if (one.kind === 'plan') return `plan.${one.planId}`;
    const { does } = one;
    if ('paintId' in does) return `paint.${does.paintId}`;
    if ('batchId' in does) return `batch.${does.batchId}`;
    return 'entryId' in does ? `entry.${does.entryId}` : `slip.${'slipId' in does ? does.slipId : ''}`;
}

/** No answer, trouble of the server, a full disk, too many at once: another time it may be taken. */
function mayPass(problem: Problem): boolean {
    return problem.status === 0 || problem.status >= 500 || problem.status === 429 || problem.status === 408;
}

export const outbox = new Outbox();
