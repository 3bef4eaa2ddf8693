import { ulid } from 'ulid';
import { api, asProblem, type Batch, type BatchStep, type Problem, type Schemas } from './api';
import { tell, warn } from './notices.svelte';

export type Done = Omit<Schemas['LogInput'], 'id' | 'stepId'>;

/** A batch on the desk: which step is open, and what is recorded. */
export class BatchDesk {
    batch = $state<Batch | null>(null);
    problem = $state<Problem | null>(null);
    recording = $state(false);
    fault = $state<Problem | null>(null);

    constructor(readonly id: string) {}

    async load(): Promise<void> {
        try {
            this.batch = await api.get<Batch>(`/batches/${this.id}`);
            this.problem = null;
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    step(stepId: string | null): BatchStep | null {
        return this.batch?.steps.find((one) => one.step.id === stepId) ?? null;
    }

    /** True when it was recorded. */
    async record(step: BatchStep, done: Done): Promise<boolean> {
        if (this.recording) return false;
        this.recording = true;
        const entry: Schemas['LogInput'] = { id: ulid(), stepId: step.step.id, ...done };
        try {
            this.batch = await this.insist(() => api.post<Batch>(`/batches/${this.id}/log`, entry));
            this.fault = null;
            tell(`${step.areaName}: ${step.technique.toLowerCase()} done on ${done.models}.`, {
                label: 'Undo',
                run: () => this.undo(entry.id),
            });
            return true;
        } catch (error) {
            this.fault = asProblem(error);
            return false;
        } finally {
            this.recording = false;
        }
    }

    async undo(entryId: string): Promise<void> {
        try {
            this.batch = await api.delete<Batch>(`/log/${entryId}`);
            tell('Taken back.', {
                label: 'Put it back',
                run: async () => {
                    this.batch = await api.post<Batch>(`/log/${entryId}/restore`);
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    /** The newest record of this batch. */
    get newest(): Schemas['LogEntry'] | null {
        const all = this.batch?.steps.flatMap((step) => step.entries) ?? [];
        return all.reduce<Schemas['LogEntry'] | null>(
            (newest, one) => (newest === null || one.id > newest.id ? one : newest),
            null,
        );
    }

    async takePlan(): Promise<void> {
        try {
            this.batch = await api.post<Batch>(`/batches/${this.id}/refresh`);
            tell('The batch goes on by the plan as it is now.');
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    /** The entry has an id of our making, so that a request may be repeated when the server was away. */
    private async insist<T>(send: () => Promise<T>): Promise<T> {
        for (let tries = 0; ; tries++) {
            try {
                return await send();
            } catch (error) {
                if (asProblem(error).status !== 0 || tries >= 4) throw error;
                await new Promise((wait) => setTimeout(wait, 500 * 2 ** tries));
            }
        }
    }
}
