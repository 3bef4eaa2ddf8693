import { asProblem, type Batch, got, newKey, of, type Plan, type Problem, server, under } from './api';
import { home } from './home.svelte';
import { warn } from './notices.svelte';
import { type ForBatch, type ForPlan, OutboxStore, type Waiting } from './outboxStore';
import { clock, day } from './words';

export type { ForBatch, ForPlan, Waiting };

const TRY_AFTER_MS = 2000;
const SLOWEST_TRY_MS = 30000;
const LOCK = 'kalokroma.outbox';
/** Told later than this by the server's clock than by ours is said. */
const WORTH_SAYING_MS = 60000;

/** What the server answered: the batch or plan as it is now; neither when another tab has heard it, or when it was not there any more. */
type Answer = { batch?: Batch; plan?: Plan };
/** What has become of something. */
export type Became = ({ is: 'made' } & Answer) | { is: 'refused'; problem: Problem } | { is: 'waiting' };
type Heard = (one: Waiting, became: Became) => void;
type Made<One extends Waiting> = Omit<One, 'id' | 'desk' | 'refusal'>;

/**
 * What was done and the server has not answered yet: records of work and edits of plans. They lie in the browser's database until it has,
 * also over a reload, and are sent one after the other in the order they were made, by one tab at a time. What may pass (no answer, trouble,
 * a full disk) is tried again; what is refused, or belongs to another desk, stays until somebody decides.
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
    /** Made in this page and never sent: nobody but this page knows of them. */
    private readonly unsent = new Set<string>();
    private readonly store = new OutboxStore();
    private readonly others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(LOCK);
    private running: Promise<void> | null = null;
    private again = false;
    private tries = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;
    private listeners = new Set<Heard>();

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
    add(made: Made<ForBatch> | Made<ForPlan>): string {
        const id = made.kind === 'batch' && made.does.do === 'record' ? made.does.entry.id : newKey();
        const one = $state.snapshot({ ...made, id, desk: home.desk, refusal: null }) as Waiting;
        this.unsent.add(id);
        this.all = [...this.all, one];
        void this.keep(one);
        void this.send();
        return id;
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
        this.replace(anew.kind === 'plan' && version !== null ? { ...anew, version } : anew);
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
    private async sendOne(one: Waiting): Promise<boolean> {
        this.unsent.delete(one.id);
        try {
            const answer = await post(one);
            this.tries = 0;
            this.isStuck = false;
            if (one.kind === 'plan') this.carryOn(one, answer);
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
                    version: one.kind === 'plan' ? (problem.version ?? null) : null,
                    now: problem.now,
                },
            });
            this.tell(one, { is: 'refused', problem });
        }
        return true;
    }

    /** What was made on top of an edit goes on from the version that edit has led to. */
    private carryOn(done: ForPlan, { plan }: Answer): void {
        if (plan === undefined) return;
        for (const one of this.ofPlan(done.planId)) {
            if (one.id !== done.id && one.version === done.version) this.replace({ ...one, version: plan.version });
        }
    }

    private tell(one: Waiting, became: Became): void {
        for (const heard of this.listeners) heard(one, became);
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

/** Sends it under its key, to the desk it belongs to. */
async function post(one: Waiting): Promise<Answer> {
    const headers = { ...under(one.id).headers, ...home.headers(one.desk) };
    if (one.kind === 'batch') {
        const { does } = one;
        switch (does.do) {
            case 'record': {
                const path = of(one.batchId);
                const batch = await got(server.POST('/batches/{id}/log', { ...path, body: does.entry, headers }));
                sayWhenDated(one.words, does.entry, batch);
                return { batch };
            }
            case 'take-back':
                return await unlessGone(got(server.DELETE('/log/{id}', { ...of(does.entryId), headers })));
            case 'put-back':
                return { batch: await got(server.POST('/log/{id}/restore', { ...of(does.entryId), headers })) };
        }
    }
    const { does, version } = one;
    const path = of(one.planId);
    switch (does.do) {
        case 'edit': {
            const body = { version, edit: does.edit, was: does.was };
            return { plan: await got(server.POST('/plans/{id}/edits', { ...path, body, headers })) };
        }
        case 'undo':
            return { plan: await got(server.POST('/plans/{id}/undo', { ...path, body: { version }, headers })) };
        case 'redo':
            return { plan: await got(server.POST('/plans/{id}/redo', { ...path, body: { version }, headers })) };
        case 'share': {
            const { name, tags } = does;
            const params = { path: { id: one.planId, area: does.areaId } };
            const body = { name, tags, version };
            return { plan: await got(server.POST('/plans/{id}/areas/{area}/shared', { params, body, headers })) };
        }
    }
}

/** A record that never got there is taken back already. */
async function unlessGone(asked: Promise<Batch>): Promise<Answer> {
    try {
        return { batch: await asked };
    } catch (error) {
        if (asProblem(error).status === 404) return {};
        throw error;
    }
}

/** No answer, trouble of the server, a full disk, too many at once: another time it may be taken. */
function mayPass(problem: Problem): boolean {
    return problem.status === 0 || problem.status >= 500 || problem.status === 429 || problem.status === 408;
}

function sayWhenDated(words: string, told: { id: string; at?: string | null }, batch: Batch): void {
    const entry = batch.steps?.flatMap((step) => step.entries).find((one) => one.id === told.id);
    if (told.at == null || entry === undefined) return;
    if (Math.abs(new Date(entry.doneAt).getTime() - new Date(told.at).getTime()) <= WORTH_SAYING_MS) return;
    warn(`${words} is dated ${day(entry.doneAt)}, ${clock(entry.doneAt)}: the time it was told with cannot be right.`);
}

export const outbox = new Outbox();
