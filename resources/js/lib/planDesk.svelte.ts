import { ulid } from 'ulid';
import { type Area, type Finding, got, of, type Schemas, server, type Step } from './api';
import { tell } from './notices.svelte';
import { moved } from './reorder';
import { SavedPlan } from './savedPlan.svelte';

type Looks = Schemas['Looks'];

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

    /** Something done to the whole model; its id. */
    async addWholeStep(technique: string): Promise<string | null> {
        const id = ulid();
        return (await this.edit({ do: 'add-whole-step', id, technique })) ? id : null;
    }

    /** A step before another in the running order, or last. What no order can hold springs back, and says why. */
    async runStep(step: string, before: string | null): Promise<boolean> {
        const made = await this.edit({ do: 'run-step', step, before });
        if (made) tell('The running order is changed.', this.wayBack());
        return made;
    }

    /** One of a finding's mends. */
    async mend(finding: Finding, number: number): Promise<void> {
        const { rule, areaId, stepId } = finding;
        const made = await this.edit({ do: 'mend', rule, area: areaId, step: stepId, mend: number });
        if (made) tell('Mended.', this.wayBack());
    }

    async silence(finding: Finding, note: string): Promise<void> {
        const { rule, areaId, stepId } = finding;
        const made = await this.edit({ do: 'silence', rule, area: areaId, step: stepId, note });
        if (made) tell('You will not hear of it again.', this.wayBack());
    }

    async unsilence(finding: Finding): Promise<void> {
        const { rule, areaId, stepId } = finding;
        await this.edit({ do: 'unsilence', rule, area: areaId, step: stepId });
    }

    /** What the plan would look like with a mend made. */
    afterMend(finding: Finding, number: number): Promise<Looks> {
        const { rule, areaId, stepId } = finding;
        const edit = { do: 'mend' as const, rule, area: areaId, step: stepId, mend: number };
        const body = { version: this.plan?.version ?? 0, edit };
        return got(server.POST('/plans/{id}/edits/preview', { ...of(this.id), body }));
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
            const take = (step: Step) => (step.id === stepId ? { ...step, ...changes } : step);
            for (const area of document.areas) area.steps = area.steps.map(take);
            document.wholeModel = document.wholeModel?.map(take);
        });
    }

    changeArea(areaId: string, changes: Partial<Area>): void {
        this.change((document) => {
            document.areas = document.areas.map((area) => (area.id === areaId ? { ...area, ...changes } : area));
        });
    }

    moveStep(areaId: string, from: number, to: number): void {
        const here = () =>
            this.change((document) => {
                const area = document.areas.find((one) => one.id === areaId);
                if (area) area.steps = moved(area.steps, from, to);
            });
        const steps = this.document?.areas.find((one) => one.id === areaId)?.steps ?? [];
        const [step, other] = [steps[from]?.id, steps[to]?.id];
        // An order of the painter's own has to follow, and that the server knows.
        if ((this.document?.order ?? []).length === 0) here();
        else if (step && other && step !== other)
            void this.edit({ do: 'move-step', step, other, before: to < from }, here);
    }

    /** Puts a copy right behind; the id of the copy. */
    duplicateStep(stepId: string): string {
        const id = ulid();
        this.change((document) => {
            const twice = (step: Step) => (step.id === stepId ? [step, { ...step, id }] : [step]);
            for (const area of document.areas) area.steps = area.steps.flatMap(twice);
            document.wholeModel = document.wholeModel?.flatMap(twice);
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
            document.wholeModel = document.wholeModel?.filter((step) => step.id !== stepId);
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
                    behind: area.behind?.filter((id) => id !== areaId),
                }));
        });
        tell(`“${name}” is taken out.`, this.wayBack());
    }
}
