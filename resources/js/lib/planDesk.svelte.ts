import { ulid } from 'ulid';
import { type Area, type Finding, got, of, type Schemas, server, type Step } from './api';
import { tell } from './notices.svelte';
import { moved } from './reorder';
import { SavedPlan } from './savedPlan.svelte';

type Looks = Schemas['Looks'];
type Variant = Schemas['Variant'];

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
        const areas = this.document?.areas ?? [];
        const steps = areas.find((one) => one.id === areaId)?.steps ?? [];
        const [step, other] = [steps[from]?.id, steps[to]?.id];
        if (!step || !other || step === other) return;
        this.show(areas.map((one) => (one.id === areaId ? { ...one, steps: moved(steps, from, to) } : one)));
        void this.edit({ do: 'move-step', step, other, before: to < from });
    }

    moveArea(from: number, to: number): void {
        const areas = this.document?.areas ?? [];
        const area = areas[from]?.id;
        if (area === undefined || from === to) return;
        const after = moved(areas, from, to);
        this.show(after);
        void this.edit({ do: 'move-area', area, before: after[to + 1]?.id ?? null });
    }

    /** What a sculpt says takes the place of what was said by eye. */
    async takeMeasures(
        areas: { area: string; size: Schemas['AreaMeasure']['size']; touches: string[] }[],
    ): Promise<void> {
        if (await this.edit({ do: 'measure-areas', areas })) tell('Taken from the sculpt.', this.wayBack());
    }

    /** Another recipe in place of the one it has, with what it was asked for. */
    async repaintArea(area: Area, steps: Step[], asked?: { aim: string; wish: Area['wish'] }): Promise<boolean> {
        const made = await this.edit({ do: 'repaint-area', area: area.id, steps, ...asked });
        if (made) tell(`${area.name} has a new recipe.`, this.wayBack());
        return made;
    }

    /** The recipe of an area comes into the library. */
    async shareRecipe(area: Area, name: string, tags: string[]): Promise<void> {
        await this.write(async () => {
            const params = { path: { id: this.id, area: area.id } };
            const body = { name, tags, version: this.plan?.version ?? 0 };
            return got(server.POST('/plans/{id}/areas/{area}/shared', { params, body }));
        });
    }

    async takeRecipe(area: Area, recipe: string): Promise<boolean> {
        const made = await this.edit({ do: 'take-recipe', area: area.id, recipe, id: ulid() });
        if (made) tell(`${area.name} is painted by the shared recipe.`, this.wayBack());
        return made;
    }

    async cutLoose(area: Area): Promise<void> {
        const made = await this.edit({ do: 'cut-loose', area: area.id });
        if (made) tell(`${area.name} goes its own way now.`, this.wayBack());
    }

    /** A recipe to be tried, put aside; without steps the one the area has. */
    async addVariant(area: Area, name: string, steps?: Step[]): Promise<void> {
        const edit = { do: 'add-variant' as const, area: area.id, id: ulid(), name };
        const made = await this.edit(steps === undefined ? edit : { ...edit, steps });
        if (made) tell(`“${name}” stands among the variants of ${area.name}.`, this.wayBack());
    }

    async promoteVariant(area: Area, variant: Variant): Promise<void> {
        const made = await this.edit({ do: 'promote-variant', area: area.id, variant: variant.id, id: ulid() });
        if (made) tell(`${area.name} is painted as “${variant.name}”.`, this.wayBack());
    }

    async removeVariant(area: Area, variant: Variant): Promise<void> {
        const made = await this.edit({ do: 'remove-variant', area: area.id, variant: variant.id });
        if (made) tell(`“${variant.name}” is gone.`, this.wayBack());
    }

    changeVariant(area: Area, id: string, changes: Partial<Variant>): void {
        const variants = (area.variants ?? []).map((one) => (one.id === id ? { ...one, ...changes } : one));
        this.changeArea(area.id, { variants });
    }

    /** Puts a copy right behind; its id. */
    async duplicateStep(step: string): Promise<string | null> {
        const id = ulid();
        return (await this.edit({ do: 'duplicate-step', step, id })) ? id : null;
    }

    /** Puts a copy with copies of all its steps right behind; its id. */
    async duplicateArea(area: string): Promise<string | null> {
        const id = ulid();
        return (await this.edit({ do: 'duplicate-area', area, id })) ? id : null;
    }

    async removeStep(step: string): Promise<void> {
        if (await this.edit({ do: 'remove-step', step })) tell('The step is taken out.', this.wayBack());
    }

    async removeArea(area: string): Promise<void> {
        const name = this.document?.areas.find((one) => one.id === area)?.name ?? 'The area';
        if (await this.edit({ do: 'remove-area', area })) tell(`“${name}” is taken out.`, this.wayBack());
    }

    async addRole(name: string): Promise<void> {
        await this.edit({ do: 'add-role', id: ulid(), name });
    }

    async removeRole(role: string): Promise<void> {
        if (await this.edit({ do: 'remove-role', role })) tell('What was only its own is everybody’s.', this.wayBack());
    }

    async addPart(name: string): Promise<void> {
        await this.edit({ do: 'add-part', id: ulid(), name });
    }

    async removePart(part: string): Promise<void> {
        if (await this.edit({ do: 'remove-part', part })) tell('It is not kept loose any more.', this.wayBack());
    }
}
