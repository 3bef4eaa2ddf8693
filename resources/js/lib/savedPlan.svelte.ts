import * as v from 'valibot';
import {
    asProblem,
    got,
    isTrouble,
    newKey,
    of,
    type Plan,
    type PlanDocument,
    Problem,
    server,
    under,
    type Schemas,
} from './api';
import { forget, keep, kept } from './kept';
import { tell, warn } from './notices.svelte';

type Edit = Schemas['EditInput']['edit'];
type Change = (document: PlanDocument) => void;

/** A document as it was typed: the server reads every field of it, here only what the page itself walks through. */
const Named = v.looseObject({ id: v.string() });
const Walked = v.looseObject({
    name: v.string(),
    model: v.looseObject({ name: v.string() }),
    areas: v.array(v.looseObject({ id: v.string(), name: v.string(), steps: v.array(Named) })),
    wholeModel: v.optional(v.array(Named)),
});
const Unsaved = v.object({
    document: v.custom<PlanDocument>((value) => v.is(Walked, value)),
    version: v.number(),
});

const SAVE_AFTER_MS = 0;
const RETRY_AFTER_MS = 2000;

/** A change as it was sent: sent again it is the very same, so that the server knows it. */
type Sent = { document: PlanDocument; version: number; key: string };

/**
 * A plan's document as it is being edited, saved as it changes. The server answers every save with what it looks like now.
 * What is not saved yet is kept in the browser, and found again after a reload.
 */
export class SavedPlan {
    plan = $state<Plan | null>(null);
    document = $state<PlanDocument | null>(null);
    problem = $state<Problem | null>(null);
    saving = $state<'saved' | 'saving' | 'stale' | 'faulty' | 'unreachable'>('saved');
    private pending = false;
    private running = false;
    private sent: Sent | null = null;
    /** Counts what was done to the plan from here: an undo belongs to one of these. */
    private changes = 0;
    /** What is changed while the server makes an edit. */
    private meanwhile: Change[] | null = null;
    private history = Promise.resolve();
    private timer: ReturnType<typeof setTimeout> | undefined;

    constructor(readonly id: string) {}

    async load(): Promise<void> {
        const mine = kept(this.keptAs, Unsaved);
        try {
            this.take(await got(server.GET('/plans/{id}', of(this.id))));
        } catch (error) {
            this.problem = asProblem(error);
            return;
        }
        if (mine !== null) this.takeUp(mine);
    }

    /** The state as it is saved; what was not saved is dropped. */
    async dropMine(): Promise<void> {
        forget(this.keptAs);
        this.pending = false;
        this.sent = null;
        await this.load();
    }

    /** Applies a change to a copy of the document and saves it. */
    change(edit: Change): void {
        if (this.document === null) return;
        this.meanwhile?.push(edit);
        const next = $state.snapshot(this.document) as PlanDocument;
        edit(next);
        this.document = next;
        this.pending = true;
        this.changes++;
        keep(this.keptAs, { document: next, version: this.plan?.version ?? 0 });
        if (this.saving === 'saved') this.saving = 'saving';
        clearTimeout(this.timer);
        this.timer = setTimeout(() => void this.save(), SAVE_AFTER_MS);
    }

    /** What an edit on its way will most likely do, so that the next one can be made on top of it at once. */
    protected show(areas: PlanDocument['areas']): void {
        if (this.document !== null) this.document = { ...this.document, areas };
    }

    /**
     * A change whose consequences are the craft's to say: the server makes it. False when it could not be made; when the server does not
     * answer, what is done `otherwise` waits for it.
     */
    edit(edit: Edit, otherwise?: () => void): Promise<boolean> {
        const body = () => ({ version: this.plan?.version ?? 0, edit });
        return this.write(() => got(server.POST('/plans/{id}/edits', { ...of(this.id), body: body() })), otherwise);
    }

    /** Anything else that the server makes of the plan: it is asked when all before it is saved, and answers with the plan as it is then. */
    protected write(ask: () => Promise<Plan>, otherwise?: () => void): Promise<boolean> {
        const made = this.history.then(() => this.writeNow(ask, otherwise));
        this.history = made.then(() => undefined);
        return made;
    }

    private async writeNow(ask: () => Promise<Plan>, otherwise?: () => void): Promise<boolean> {
        await this.settle();
        if (this.plan === null) return false;
        if (this.isUnsaved || this.saving !== 'saved') {
            if (otherwise) otherwise();
            else warn('What was changed before is not saved yet; this can be done as soon as it is.');
            return false;
        }
        // Nothing is saved meanwhile; what is changed meanwhile is done again on what comes back.
        const meanwhile: Change[] = (this.meanwhile = []);
        this.running = true;
        this.saving = 'saving';
        let refused: Problem | null = null;
        let isAnew = true;
        try {
            const changed = await ask();
            this.pending = false;
            this.take(changed);
            this.changes++;
        } catch (error) {
            refused = asProblem(error);
            isAnew = refused.version !== undefined;
            if (isAnew) {
                this.pending = false;
                await this.load();
            }
        }
        this.running = false;
        this.meanwhile = null;
        if (this.saving === 'saving') this.saving = 'saved';
        if (isAnew) for (const change of meanwhile) this.change(change);
        else if (this.pending) void this.save();
        if (refused !== null) {
            if (!isAnew && !this.isUnsaved) this.document = this.plan.document;
            if (isTrouble(refused) && otherwise) otherwise();
            else warn(refused.faults[0]?.message ?? refused.message);
        }
        return refused === null;
    }

    async undo(): Promise<void> {
        // What cannot be saved is the last that was done, and goes first.
        if (this.saving === 'faulty') return this.dropMine();
        await this.go('undo');
    }

    async redo(): Promise<void> {
        await this.go('redo');
    }

    /** Takes back the change that was just made, and no other. */
    wayBack(): { label: string; of: string; run: () => Promise<void> } {
        const mine = this.changes;
        return {
            label: 'Undo',
            of: `plan.${this.id}`,
            run: async () => {
                if (this.saving === 'faulty' && this.changes > mine) await this.dropMine();
                else if (this.changes > mine) {
                    warn('The plan was changed again since, so this can no longer be taken back from here.');
                    return;
                }
                await this.go('undo');
            },
        };
    }

    /** The way out of a conflict: the newer state, or ours over it. */
    async resolve(way: 'theirs' | 'mine'): Promise<void> {
        const version = this.problem?.version;
        if (way === 'theirs' || version === undefined || this.plan === null) return this.dropMine();
        this.plan.version = version;
        this.pending = true;
        this.sent = null;
        await this.save();
    }

    /** The complaint about a field of the document, by its dotted path. */
    faultAt(path: string): string {
        return this.saving === 'faulty' ? (this.problem?.at(path) ?? '') : '';
    }

    get isUnsaved(): boolean {
        return this.pending || this.running || this.sent !== null;
    }

    /** Sends what could not be sent, now rather than in a moment. */
    retry(): void {
        clearTimeout(this.timer);
        void this.save();
    }

    private get keptAs(): string {
        return `plan.${this.id}`;
    }

    /** A change that was made before a reload and not saved: it goes on from where it was, or stands beside the newer state. */
    private takeUp(mine: { document: PlanDocument; version: number }): void {
        if (this.plan === null || JSON.stringify(mine.document) === JSON.stringify(this.plan.document)) {
            forget(this.keptAs);
            return;
        }
        this.document = mine.document;
        if (mine.version === this.plan.version) {
            this.pending = true;
            void this.save();
            return;
        }
        this.problem = new Problem(
            409,
            'Changed elsewhere',
            'You have changes here that were never saved, and the plan was changed elsewhere since. Yours are shown.',
            [],
            this.plan.version,
        );
        this.saving = 'stale';
    }

    /** One after the other, each on the state the one before has left. */
    private go(way: 'undo' | 'redo'): Promise<void> {
        return (this.history = this.history.then(() => this.goNow(way)));
    }

    private async goNow(way: 'undo' | 'redo'): Promise<void> {
        await this.settle();
        if (this.plan === null) return;
        const undone = way === 'undo' ? (this.plan.undoes ?? '') : '';
        try {
            this.take(
                await got(server.POST(`/plans/{id}/${way}`, { ...of(this.id), body: { version: this.plan.version } })),
            );
            this.changes++;
            if (undone !== '') tell(`Taken back: ${undone}.`, { label: 'Do it again', run: () => this.redo() });
        } catch (error) {
            const problem = asProblem(error);
            warn(problem.message);
            if (problem.version !== undefined) await this.load();
        }
    }

    /** Waits until what was changed is saved, so that an undo undoes that. */
    private async settle(): Promise<void> {
        clearTimeout(this.timer);
        if (this.pending) await this.save();
        while (this.running) await new Promise((done) => setTimeout(done, 20));
    }

    private async save(): Promise<void> {
        if (this.running || this.plan === null || this.document === null) return;
        if (this.sent === null) {
            if (!this.pending) return;
            this.pending = false;
            this.sent = {
                document: $state.snapshot(this.document) as PlanDocument,
                version: this.plan.version,
                key: newKey(),
            };
        }
        this.running = true;
        this.saving = 'saving';
        const { key, ...body } = this.sent;
        try {
            const saved = await got(server.PUT('/plans/{id}', { ...of(this.id), body, ...under(key) }));
            this.sent = null;
            if (this.pending) {
                this.plan = saved;
                keep(this.keptAs, { document: this.document, version: saved.version });
            } else this.take(saved);
        } catch (error) {
            this.running = false;
            return this.fail(asProblem(error));
        }
        this.running = false;
        if (this.pending) void this.save();
    }

    private fail(problem: Problem): void {
        this.problem = problem;
        if (isTrouble(problem)) {
            this.saving = 'unreachable';
            this.timer = setTimeout(() => void this.save(), RETRY_AFTER_MS);
            return;
        }
        this.sent = null;
        this.saving = problem.status === 409 ? 'stale' : 'faulty';
        // What was changed since may have put it right.
        if (this.saving === 'faulty' && this.pending) void this.save();
    }

    private take(plan: Plan): void {
        this.plan = plan;
        this.document = plan.document;
        this.problem = null;
        this.saving = 'saved';
        forget(this.keptAs);
    }
}
