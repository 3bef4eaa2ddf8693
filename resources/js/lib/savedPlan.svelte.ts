import { asProblem, got, of, type Plan, type PlanDocument, Problem, server } from './api';
import { tell, warn } from './notices.svelte';
import { type Became, type ForPlan, outbox, type Waiting } from './outbox.svelte';
import type { PlanEdit } from './outboxStore';
import { type Fields, isSet, laidOn, type Place, touched, words } from './planEdits';

/** What has become of an edit: made, kept here until the server answers, or refused. */
export type Made = 'made' | 'waits' | 'refused';

/**
 * A plan as it is being edited. All that is done to it waits in the outbox until the server has made it, in the order it was done, and counts
 * as done meanwhile; the server answers with what the plan looks like then.
 */
export class SavedPlan {
    plan = $state.raw<Plan | null>(null);
    /** Why the plan is not there. */
    problem = $state.raw<Problem | null>(null);
    /** What was done from this page, newest last, and null for what was done elsewhere: an undo belongs to one of these. */
    private done: (string | null)[] = [];
    /** Whether anybody looks on. */
    private isOpen = false;

    constructor(readonly id: string) {}

    private readonly mine = $derived.by((): ForPlan[] => outbox.ofPlan(this.id));

    /** The plan as it is saved, with what is on its way laid on it. */
    readonly document = $derived.by((): PlanDocument | null => {
        if (this.plan === null) return null;
        const edits = this.mine.flatMap((one) => (one.does.do === 'edit' ? [one.does.edit] : []));
        if (edits.length === 0) return this.plan.document;
        const document = structuredClone(this.plan.document);
        for (const edit of edits) laidOn(document, structuredClone($state.snapshot(edit) as PlanEdit));
        return document;
    });

    readonly refused = $derived(this.mine.filter((one) => one.refusal !== null));

    readonly saving = $derived.by((): 'saved' | 'saving' | 'stale' | 'faulty' | 'unreachable' => {
        if (this.refused.some((one) => one.refusal?.version !== null)) return 'stale';
        if (this.refused.length > 0) return 'faulty';
        if (this.mine.length === 0) return 'saved';
        return outbox.isStuck ? 'unreachable' : 'saving';
    });

    async load(): Promise<void> {
        try {
            const plan = await got(server.GET('/plans/{id}', of(this.id)));
            if (this.plan !== null && plan.version > this.plan.version) this.done.push(null);
            this.take(plan);
            this.problem = null;
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    /** Hears what becomes of what was done: use as `$effect(() => desk.listen())`. */
    listen(): () => void {
        const end = outbox.listen((one, became) => this.heard(one, became));
        this.isOpen = true;
        return () => {
            end();
            this.isOpen = false;
        };
    }

    /** Fields of what stands at a place take other values. */
    set(place: Place, fields: Fields): void {
        if (this.document === null) return;
        const { mine, document } = this;
        const before = mine.findLast((one) => isSetAt(one, place, fields));
        // What was refused is mended by what is typed now, and what nobody has seen yet is said in one.
        if (before && (before.refusal !== null || (before === mine.at(-1) && outbox.canDrop(before)))) {
            const { does } = before;
            if (does.do !== 'edit' || !isSet(does.edit)) return;
            const edit = { ...does.edit, fields: { ...does.edit.fields, ...fields } };
            const version = before.refusal === null ? before.version : (this.plan?.version ?? before.version);
            outbox.replace({ ...before, version, refusal: null, does: { ...does, edit } });
            return;
        }
        this.queue({ do: 'edit', edit: { do: 'set', at: place, fields }, was: [] }, document);
    }

    /** A change whose consequences are the craft's to say: the server makes it. */
    async edit(edit: PlanEdit): Promise<Made> {
        return this.document === null ? 'refused' : this.ask({ do: 'edit', edit, was: [] }, this.document);
    }

    /** The same, told with the way back when it is made. False when it was refused. */
    async make(edit: PlanEdit, done: string): Promise<boolean> {
        const made = await this.edit(edit);
        if (made === 'made') tell(done, this.wayBack());
        return made !== 'refused';
    }

    protected async share(areaId: string, name: string, tags: string[]): Promise<Made> {
        return this.document === null ? 'refused' : this.ask({ do: 'share', areaId, name, tags }, this.document);
    }

    async undo(): Promise<void> {
        // What was not sent is the last that was done, and goes first.
        const last = this.mine.at(-1);
        const refused = this.refused.at(-1);
        const never = refused ?? (last && outbox.canDrop(last) ? last : undefined);
        if (never !== undefined) {
            await outbox.drop(never.id);
            tell(`Taken back: ${never.words}.`);
            return;
        }
        const undone = this.plan?.undoes ?? null;
        if (this.document === null || (undone === null && this.mine.length === 0)) return;
        if ((await this.ask({ do: 'undo' }, this.document)) === 'made' && undone !== null) {
            tell(`Taken back: ${undone}.`, { label: 'Do it again', run: () => this.redo() });
        }
    }

    async redo(): Promise<void> {
        if (this.document !== null) await this.ask({ do: 'redo' }, this.document);
    }

    /** Takes back the change that was just made, and no other. */
    wayBack(): { label: string; of: string; run: () => Promise<void> } {
        const mine = this.done.at(-1);
        return {
            label: 'Undo',
            of: `plan.${this.id}`,
            run: async () => {
                if (this.done.at(-1) === mine) return this.undo();
                warn('The plan was changed again since, so this can no longer be taken back from here.');
            },
        };
    }

    /** The complaint about a field of the document, by its dotted path. */
    faultAt(path: string): string {
        for (const one of this.refused) {
            const fault = one.refusal?.faults.find((other) => other.field === path);
            if (fault !== undefined) return fault.message;
        }
        return '';
    }

    private async ask(does: ForPlan['does'], document: PlanDocument): Promise<Made> {
        const id = this.queue(does, document);
        const became = await outbox.fate(id);
        if (became.is === 'refused' && this.isOpen) await this.sayRefused(id, does, became.problem);
        return became.is === 'waiting' ? 'waits' : became.is;
    }

    private queue(does: ForPlan['does'], document: PlanDocument): string {
        const version = this.plan?.version ?? 0;
        const whole = does.do === 'edit' ? { ...does, was: touched(document, does.edit) } : does;
        const id = outbox.add({
            kind: 'plan',
            planId: this.id,
            version,
            does: whole,
            words: does.do === 'edit' ? words(document, does.edit) : `${document.name}: ${does.do}`,
        });
        this.done.push(id);
        return id;
    }

    private heard(one: Waiting, became: Became): void {
        if (became.is === 'waiting' || one.kind !== 'plan' || one.planId !== this.id) return;
        if (became.is === 'refused') {
            if (became.problem.version !== undefined) void this.load();
            return;
        }
        if (became.plan === undefined) void this.load();
        else this.take(became.plan);
        this.tryRefused();
    }

    /** Whoever still looks on is told at once what cannot be made; what was changed elsewhere too stays in sight until it is decided. */
    private async sayRefused(id: string, does: ForPlan['does'], problem: Problem): Promise<void> {
        if (problem.version !== undefined && does.do === 'edit') return;
        warn(problem.faults[0]?.message ?? problem.message);
        await outbox.drop(id);
    }

    /** What was done since may have put right what was refused. */
    private tryRefused(): void {
        for (const one of this.refused) if (one.refusal?.version === null) void outbox.retry(one.id);
    }

    private take(plan: Plan): void {
        if (this.plan !== null && plan.version < this.plan.version) return;
        this.plan = plan;
    }
}

function isSetAt(one: ForPlan, place: Place, fields: Fields): boolean {
    if (one.does.do !== 'edit' || !isSet(one.does.edit)) return false;
    const { at: other, fields: set } = one.does.edit;
    return other.join('/') === place.join('/') && Object.keys(fields).every((name) => name in set);
}
