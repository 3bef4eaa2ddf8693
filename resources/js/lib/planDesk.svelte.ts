import { ulid } from 'ulid';
import type { Area, Schemas, Step } from './api';
import { tell } from './notices.svelte';
import { moved } from './reorder';
import { SavedPlan } from './savedPlan.svelte';

/** A plan on the desk: what can be done to its areas and steps. */
export class PlanDesk extends SavedPlan {
    /** The area goes behind the others; its id. */
    async addArea(name: string): Promise<string | null> {
        const id = ulid();
        return (await this.edit({ do: 'add-area', id, name })) ? id : null;
    }

    /** The step that is usual next in the area; its id. */
    async addStep(area: string): Promise<string | null> {
        const id = ulid();
        return (await this.edit({ do: 'add-step', id, area })) ? id : null;
    }

    /** Another paint may need other coats; other parts of the same are only noted. */
    paintStep(step: Step, mix: Schemas['Part'][]): void {
        const paints = (parts: Schemas['Part'][]) => parts.map((part) => part.paint).join();
        if (paints(mix) === paints(step.mix)) this.changeStep(step.id, { mix });
        else {
            const edit = {
                do: 'paint-step' as const,
                step: step.id,
                mix: mix.map(({ paint, parts }) => ({ paint, parts })),
            };
            void this.edit(edit, () => this.changeStep(step.id, { mix }));
        }
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
        tell('The step is taken out.', this.wayBack());
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
        tell(`“${name}” is taken out.`, this.wayBack());
    }
}
