import { asProblem, type Batch, type BatchStep, got, newKey, of, type Problem, type Schemas, server } from './api';
import { done } from './doing';
import { tell, warn } from './notices.svelte';
import { type ForBatch, type ForThing, outbox } from './outbox.svelte';

/** A change of what is of a batch, and the version it is made on. */
type Fresh = Omit<ForThing, 'id' | 'desk' | 'refusal' | 'kind'>;

export type Done = Omit<Schemas['LogInput'], 'id' | 'stepId'>;

/** The models that still lack a coat of a step, by their numbers. */
export function lacking(step: BatchStep, coat: number): number[] {
    const laid = step.laid[coat - 1] ?? [];
    return step.models.filter((model) => !laid.includes(model));
}

/** A step as it will be known once a record that is on its way has arrived. */
function asRecorded(step: BatchStep, entry: Schemas['LogInput']): BatchStep {
    const last = entry.coat ?? step.laid.length;
    const on = entry.on ?? lacking(step, last).slice(0, entry.models ?? 0);
    const laid = step.laid.map((have, at) =>
        at < last ? [...have, ...on.filter((one) => !have.includes(one))] : have,
    );
    return told(step, laid);
}

/** The same once such a record is taken back. */
function asTakenBack(step: BatchStep, entryId: string): BatchStep {
    const entry = step.entries.find((one) => one.id === entryId);
    if (entry === undefined) return step;
    const laid = step.laid.map((have, at) =>
        entry.coat === null || entry.coat === at + 1
            ? have.filter((one) => !(entry.on ?? have.slice(-entry.models)).includes(one))
            : have,
    );
    return told({ ...step, entries: step.entries.filter((one) => one !== entry) }, laid);
}

/** The step with these models having its coats. */
function told(step: BatchStep, laid: number[][]): BatchStep {
    const coatsDone = laid.map((have) => have.length);
    const done = coatsDone[coatsDone.length - 1] ?? 0;
    const next = coatsDone.findIndex((count) => count < step.models.length);
    return { ...step, laid, coatsDone, done, left: step.models.length - done, coat: next < 0 ? laid.length : next + 1 };
}

/** Whether the coat that comes next may be laid, and from when, by what is on its way: as long as the server cannot be asked, work goes on. */
function opened(step: BatchStep, all: BatchStep[], records: Schemas['LogInput'][]): BatchStep {
    const waits = (step.waitsFor[step.coat - 1] ?? []).flatMap((wait) => {
        const before = all.find((one) => one.step.id === wait.stepId && !one.isSkipped);
        return before === undefined ? [] : [{ ...wait, before }];
    });
    const isLaid = (model: number): boolean =>
        waits.every(
            ({ before, coat }) => !before.models.includes(model) || before.laid[coat - 1]?.includes(model) === true,
        );
    const dry = waits.flatMap((wait) =>
        records
            .filter((one) => one.stepId === wait.stepId && (one.coat ?? wait.coat) === wait.coat)
            .map((one) => new Date(one.at ?? 0).getTime() + 1000 * wait.seconds),
    );
    const readyAt = Math.max(step.readyAt === null ? 0 : new Date(step.readyAt).getTime(), ...dry);
    return {
        ...step,
        canBegin: lacking(step, step.coat).some(isLaid),
        readyAt: readyAt === 0 ? null : new Date(readyAt).toISOString(),
    };
}

/** A batch on the desk: which step is open, and what is recorded. What is on its way counts as done. */
export class BatchDesk {
    problem = $state<Problem | null>(null);
    fault = $state<Problem | null>(null);
    private answered = $state<Batch | null>(null);
    /** How often the batch has arrived, so that what was asked before is known to be older. */
    private arrivals = 0;

    constructor(readonly id: string) {}

    readonly waiting = $derived.by(() => outbox.ofBatch(this.id));

    readonly batch = $derived.by((): Batch | null => {
        if (this.answered === null || this.waiting.length === 0) return this.answered;
        const steps = this.answered.steps.map((step) => {
            const known = new Set(step.entries.map((entry) => entry.id));
            return this.waiting.reduce((so, { does }) => {
                if (does.do === 'take-back') return asTakenBack(so, does.entryId);
                if (does.do !== 'record' || does.entry.stepId !== step.step.id || known.has(does.entry.id)) return so;
                return asRecorded(so, does.entry);
            }, step);
        });
        const records = this.waiting.flatMap(({ does }) => (does.do === 'record' ? [does.entry] : []));
        return {
            ...this.answered,
            steps: steps.map((step) => opened(step, steps, records)),
            next: steps.find((step) => step.left > 0 && !step.isSkipped)?.step.id ?? null,
        };
    });

    async load(): Promise<void> {
        try {
            const before = this.arrivals;
            const batch = await got(server.GET('/batches/{id}', of(this.id)));
            // A record that arrived meanwhile is not in it.
            if (this.arrivals !== before) return await this.load();
            this.take(batch);
            this.problem = null;
            void outbox.send();
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    private take(batch: Batch): void {
        this.arrivals++;
        this.answered = batch;
    }

    step(stepId: string | null): BatchStep | null {
        return this.batch?.steps.find((one) => one.step.id === stepId) ?? null;
    }

    /** Records at once for the eye; it is sent, and sent again, until the server has it. */
    record(step: BatchStep, how: Done): void {
        const entry: Schemas['LogInput'] = {
            id: newKey(),
            stepId: step.step.id,
            at: new Date().toISOString(),
            ...how,
        };
        const coat = how.coat ? `, coat ${how.coat} of ${step.step.coats}` : '';
        const words = `${step.areaName}: ${step.technique.toLowerCase()}${coat} done on ${how.on?.length ?? how.models}`;
        this.fault = null;
        outbox.add({ kind: 'batch', batchId: this.id, does: { do: 'record', entry }, words });
    }

    /** Hears what becomes of what was done: use as `$effect(() => desk.listen())`. */
    listen(): () => void {
        return outbox.listen((one, became) => {
            if (one.kind === 'thing' && became.is === 'made' && became.batch?.id === this.id) this.take(became.batch);
            if (one.kind !== 'batch' || one.batchId !== this.id || became.is === 'waiting') return;
            if (became.is === 'refused') {
                if (one.does.do === 'record') this.fault = became.problem;
                return;
            }
            if (became.batch === undefined) void this.load();
            else this.take(became.batch);
            this.say(one);
        });
    }

    /** With the way back. */
    private say({ does, words }: ForBatch): void {
        if (does.do === 'record') tell(`${words}.`, { label: 'Undo', run: () => this.undo(does.entry.id) });
        else if (does.do === 'put-back') tell('Put back.');
        else {
            const again = (): void => {
                outbox.add({ kind: 'batch', batchId: this.id, does: { ...does, do: 'put-back' }, words });
            };
            tell('Taken back.', { label: 'Put it back', run: again });
        }
    }

    /** Takes back a record: one that was not sent yet has never been. */
    async undo(entryId: string): Promise<void> {
        const mine = this.waiting.find((one) => one.id === entryId);
        if (mine !== undefined && outbox.canDrop(mine)) {
            await outbox.drop(entryId);
            tell('Taken back.');
            return;
        }
        const words = `${mine?.words ?? this.wordsOf(entryId)}: taken back`;
        outbox.add({ kind: 'batch', batchId: this.id, does: { do: 'take-back', entryId }, words });
    }

    /** Takes back what was recorded last, sent or not. */
    async undoNewest(): Promise<void> {
        const gone = new Set(this.waiting.map((one) => (one.does.do === 'take-back' ? one.does.entryId : '')));
        const waits = this.waiting.findLast((one) => one.does.do === 'record' && !gone.has(one.id));
        const newest = waits?.id ?? this.newest?.id;
        if (newest !== undefined) await this.undo(newest);
    }

    private wordsOf(entryId: string): string {
        const step = this.batch?.steps.find((one) => one.entries.some((entry) => entry.id === entryId));
        return step === undefined ? 'A record' : `${step.areaName}: ${step.technique.toLowerCase()}`;
    }

    /** The newest record of this batch. */
    private get newest(): Schemas['LogEntry'] | null {
        const all = this.batch?.steps.flatMap((step) => step.entries) ?? [];
        return all.reduce<Schemas['LogEntry'] | null>(
            (newest, one) => (newest === null || one.id > newest.id ? one : newest),
            null,
        );
    }

    /**
     * Changes what is of the batch, now or once the server answers. False where it was refused, and that was said.
     *
     * @param back what takes it back
     */
    async change(made: Fresh, told: string, back?: Fresh): Promise<boolean> {
        const became = await done(
            { kind: 'thing', ...made },
            told,
            back && (() => void this.change({ ...back, words: `${made.words}: taken back` }, 'Taken back.')),
        );
        return became !== null;
    }

    async takePlan(): Promise<void> {
        try {
            this.take(await got(server.POST('/batches/{id}/refresh', of(this.id))));
            tell('The batch goes on by the plan as it is now.');
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
}
