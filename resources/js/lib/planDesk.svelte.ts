import { ulid } from 'ulid';
import { api, asProblem, Problem, Unreachable, type Area, type Plan, type PlanDocument, type Step } from './api';
import { tell, warn } from './notices.svelte';
import { moved } from './reorder';

const SAVE_AFTER_MS = 60;
const RETRY_AFTER_MS = 2000;

/**
 * A plan on the desk: the document as it is being edited, saved as it changes. The server answers every save with what it looks like now.
 */
export class PlanDesk {
    plan = $state<Plan | null>(null);
    document = $state<PlanDocument | null>(null);
    problem = $state<Problem | null>(null);
    saving = $state<'saved' | 'saving' | 'stale' | 'faulty' | 'unreachable'>('saved');
    private pending = false;
    private running = false;
    private timer: ReturnType<typeof setTimeout> | undefined;

    constructor(readonly id: string) {}

    async load(): Promise<void> {
        try {
            this.take(await api.get<Plan>(`/plans/${this.id}`));
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    /** Applies a change to a copy of the document and saves it. */
    change(edit: (document: PlanDocument) => void): void {
        if (this.document === null) return;
        const next = $state.snapshot(this.document) as PlanDocument;
        edit(next);
        this.document = next;
        this.pending = true;
        if (this.saving === 'saved') this.saving = 'saving';
        clearTimeout(this.timer);
        this.timer = setTimeout(() => void this.save(), SAVE_AFTER_MS);
    }

    changeStep(stepId: string, changes: Partial<Step>): void {
        this.change((document) => {
            for (const area of document.areas) {
                area.steps = area.steps.map((step) => (step.id === stepId ? { ...step, ...changes } : step));
            }
        });
    }

    changeArea(areaId: string, changes: Partial<Area>): void {
        this.change((document) => {
            document.areas = document.areas.map((area) => (area.id === areaId ? { ...area, ...changes } : area));
        });
    }

    moveStep(areaId: string, from: number, to: number): void {
        this.change((document) => {
            const area = document.areas.find((one) => one.id === areaId);
            if (area) area.steps = moved(area.steps, from, to);
        });
    }

    /** Puts a copy right behind; the id of the copy. */
    duplicateStep(stepId: string): string {
        const id = ulid();
        this.change((document) => {
            for (const area of document.areas) {
                area.steps = area.steps.flatMap((step) => (step.id === stepId ? [step, { ...step, id }] : [step]));
            }
        });
        return id;
    }

    /** Puts a copy with copies of all its steps right behind; the id of the copy. */
    duplicateArea(areaId: string): string {
        const id = ulid();
        this.change((document) => {
            document.areas = document.areas.flatMap((area) => {
                if (area.id !== areaId) return [area];
                const steps = area.steps.map((step) => ({ ...step, id: ulid() }));
                return [area, { ...area, id, name: `${area.name} (copy)`.slice(0, 120), steps }];
            });
        });
        return id;
    }

    removeStep(stepId: string): void {
        this.change((document) => {
            for (const area of document.areas) area.steps = area.steps.filter((step) => step.id !== stepId);
        });
        tell('The step is taken out.', { label: 'Undo', run: () => this.undo() });
    }

    removeArea(areaId: string): void {
        const name = this.document?.areas.find((area) => area.id === areaId)?.name ?? 'The area';
        this.change((document) => {
            document.areas = document.areas
                .filter((area) => area.id !== areaId)
                .map((area) => ({
                    ...area,
                    touches: area.touches.filter((id) => id !== areaId),
                    liesUnder: area.liesUnder.filter((id) => id !== areaId),
                }));
        });
        tell(`“${name}” is taken out.`, { label: 'Undo', run: () => this.undo() });
    }

    async undo(): Promise<void> {
        await this.go('undo');
    }

    async redo(): Promise<void> {
        await this.go('redo');
    }

    /** The way out of a conflict: the newer state, or ours over it. */
    async resolve(way: 'theirs' | 'mine'): Promise<void> {
        const version = this.problem?.version;
        if (way === 'theirs' || version === undefined || this.plan === null) return this.load();
        this.plan.version = version;
        this.pending = true;
        await this.save();
    }

    /** The complaint about a field of the document, by its dotted path. */
    faultAt(path: string): string {
        return this.saving === 'faulty' ? (this.problem?.at(path) ?? '') : '';
    }

    get isUnsaved(): boolean {
        return this.pending || this.running;
    }

    private async go(way: 'undo' | 'redo'): Promise<void> {
        await this.settle();
        try {
            this.take(await api.post<Plan>(`/plans/${this.id}/${way}`));
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    /** Waits until what was changed is saved, so that an undo undoes that. */
    private async settle(): Promise<void> {
        clearTimeout(this.timer);
        if (this.pending) await this.save();
        while (this.running) await new Promise((done) => setTimeout(done, 20));
    }

    private async save(): Promise<void> {
        if (this.running || !this.pending || this.plan === null || this.document === null) return;
        this.running = true;
        this.pending = false;
        this.saving = 'saving';
        try {
            const saved = await api.put<Plan>(`/plans/${this.id}`, {
                document: this.document,
                version: this.plan.version,
            });
            if (this.pending) this.plan = saved;
            else this.take(saved);
        } catch (error) {
            this.running = false;
            return this.fail(asProblem(error));
        }
        this.running = false;
        if (this.pending) void this.save();
    }

    private fail(problem: Problem): void {
        this.problem = problem;
        if (problem instanceof Unreachable) {
            this.saving = 'unreachable';
            this.pending = true;
            this.timer = setTimeout(() => void this.save(), RETRY_AFTER_MS);
        } else {
            this.saving = problem.status === 409 ? 'stale' : 'faulty';
        }
    }

    private take(plan: Plan): void {
        this.plan = plan;
        this.document = plan.document;
        this.problem = null;
        this.saving = 'saved';
    }
}
