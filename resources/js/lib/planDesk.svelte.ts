import { ulid } from 'ulid';
import { type Area, type Finding, got, of, type Schemas, server, type Step } from './api';
import { placeOf } from './planEdits';
import { moved } from './reorder';
import { type Made, SavedPlan } from './savedPlan.svelte';
import { plural } from './words';

type Variant = Schemas['Variant'];

type MendAlong = Schemas['WeighedMends']['mends'][number]['with'][number];

/** A plan on the desk: what can be done to its areas and steps. */
export class PlanDesk extends SavedPlan {
    /** The area goes behind the others; its id. */
    async addArea(name: string): Promise<string | null> {
        const id = ulid();
        return this.known(id, await this.edit({ do: 'add-area', id, name }));
    }

    /** The step that is usual next in the area; its id. */
    async addStep(area: string): Promise<string | null> {
        const id = ulid();
        return this.known(id, await this.edit({ do: 'add-step', id, area }));
    }

    /** Something done to the whole model; its id. */
    async addWholeStep(technique: string): Promise<string | null> {
        const id = ulid();
        return this.known(id, await this.edit({ do: 'add-whole-step', id, technique }));
    }

    /** A step before another in the running order, or last. What no order can hold springs back, and says why. */
    async runStep(step: string, before: string | null): Promise<boolean> {
        return this.make({ do: 'run-step', step, before }, 'The running order is changed.');
    }

    /** One of a finding's mends. */
    async mend(finding: Finding, number: number, along: readonly MendAlong[] = []): Promise<void> {
        await this.make(mendOf(finding, number, along), 'Mended.');
    }

    async silence(finding: Finding, note: string): Promise<void> {
        const { rule, areaId, stepId } = finding;
        await this.make({ do: 'silence', rule, area: areaId, step: stepId, note }, 'You will not hear of it again.');
    }

    async unsilence(finding: Finding): Promise<void> {
        const { rule, areaId, stepId } = finding;
        await this.edit({ do: 'unsilence', rule, area: areaId, step: stepId });
    }

    /** What the plan would look like with a mend made. */
    afterMend(finding: Finding, number: number, along: readonly MendAlong[] = []): Promise<Schemas['EditPreview']> {
        const body = { version: this.plan?.version ?? 0, edit: mendOf(finding, number, along) };
        return got(server.POST('/plans/{id}/edits/preview', { ...of(this.id), body }));
    }

    /** Another paint may need other coats; other parts of the same are only noted. */
    paintStep(step: Step, mix: Schemas['Part'][]): void {
        const paints = (parts: Schemas['Part'][]) => parts.map((part) => part.paint).join();
        const told = mix.map(({ paint, parts }) => ({ paint, parts }));
        if (paints(mix) === paints(step.mix)) this.changeStep(step.id, { mix: told });
        else void this.edit({ do: 'paint-step', step: step.id, mix: told });
    }

    changeStep(stepId: string, changes: Partial<Step>): void {
        const place = this.document && placeOf(this.document, stepId);
        if (place) this.set(place, changes);
    }

    changeArea(areaId: string, changes: Partial<Area>): void {
        this.set(['areas', areaId], changes);
    }

    moveStep(areaId: string, from: number, to: number): void {
        const areas = this.document?.areas ?? [];
        const steps = areas.find((one) => one.id === areaId)?.steps ?? [];
        const [step, other] = [steps[from]?.id, steps[to]?.id];
        if (!step || !other || step === other) return;
        void this.edit({ do: 'move-step', step, other, before: to < from });
    }

    moveArea(from: number, to: number): void {
        const areas = this.document?.areas ?? [];
        const area = areas[from]?.id;
        if (area === undefined || from === to) return;
        const after = moved(areas, from, to);
        void this.edit({ do: 'move-area', area, before: after[to + 1]?.id ?? null });
    }

    /** What a sculpt says takes the place of what was said by eye. */
    async takeMeasures(
        areas: (Pick<Schemas['AreaMeasure'], 'size' | 'touches' | 'cm2' | 'height' | 'facing'> & { area: string })[],
    ): Promise<void> {
        await this.make({ do: 'measure-areas', areas }, 'Taken from the sculpt.');
    }

    /** Another recipe in place of the one it has, with what it was asked for. */
    async repaintArea(
        area: Area,
        steps: Step[],
        asked?: { aim: string; wish: NonNullable<Area['wish']> | null },
    ): Promise<boolean> {
        return this.make({ do: 'repaint-area', area: area.id, steps, ...asked }, `${area.name} has a new recipe.`);
    }

    /** Copies of steps, from here or from another plan: behind one of the area's steps, behind all, or in place of them. */
    async putSteps(area: Area, steps: Step[], where: { after?: string | null; instead?: boolean }): Promise<boolean> {
        const words = `${plural(steps.length, 'step')} put into ${area.name}.`;
        return this.make({ do: 'put-steps', area: area.id, steps, id: ulid(), ...where }, words);
    }

    /** The recipe of an area comes into the library. */
    async shareRecipe(area: Area, name: string, tags: string[]): Promise<void> {
        await this.share(area.id, name, tags);
    }

    async takeRecipe(area: Area, recipe: string): Promise<boolean> {
        return this.make(
            { do: 'take-recipe', area: area.id, recipe, id: ulid() },
            `${area.name} is painted by the shared recipe.`,
        );
    }

    async cutLoose(area: Area): Promise<void> {
        await this.make({ do: 'cut-loose', area: area.id }, `${area.name} goes its own way now.`);
    }

    /** A recipe to be tried, put aside; without steps the one the area has. */
    async addVariant(area: Area, name: string, steps?: Step[]): Promise<void> {
        const edit = { do: 'add-variant' as const, area: area.id, id: ulid(), name };
        await this.make(
            steps === undefined ? edit : { ...edit, steps },
            `“${name}” stands among the variants of ${area.name}.`,
        );
    }

    async promoteVariant(area: Area, variant: Variant): Promise<void> {
        await this.make(
            { do: 'promote-variant', area: area.id, variant: variant.id, id: ulid() },
            `${area.name} is painted as “${variant.name}”.`,
        );
    }

    /** The recipes of several areas are put aside under one name. */
    async addWay(name: string, areas: string[]): Promise<void> {
        await this.make({ do: 'add-way', name, areas, id: ulid() }, `“${name}” is put aside as a way.`);
    }

    /** A way stands on an undercoat of its own; on none on that of the model. */
    async groundWay(name: string, base: string | null): Promise<void> {
        await this.make(
            { do: 'ground-way', name, undercoat: base === null ? null : { base } },
            base === null
                ? `“${name}” stands on the undercoat of the model.`
                : `“${name}” stands on its own undercoat.`,
        );
    }

    async promoteWay(name: string): Promise<void> {
        await this.make({ do: 'promote-way', name, id: ulid() }, `All of it is painted as “${name}”.`);
    }

    async removeVariant(area: Area, variant: Variant): Promise<void> {
        await this.make({ do: 'remove-variant', area: area.id, variant: variant.id }, `“${variant.name}” is gone.`);
    }

    changeVariant(area: Area, id: string, changes: Partial<Variant>): void {
        this.set(['areas', area.id, 'variants', id], changes);
    }

    /** Puts a copy right behind; its id. */
    async duplicateStep(step: string): Promise<string | null> {
        const id = ulid();
        return this.known(id, await this.edit({ do: 'duplicate-step', step, id }));
    }

    /** Puts a copy with copies of all its steps right behind; its id. */
    async duplicateArea(area: string): Promise<string | null> {
        const id = ulid();
        return this.known(id, await this.edit({ do: 'duplicate-area', area, id }));
    }

    async removeStep(step: string): Promise<void> {
        await this.make({ do: 'remove-step', step }, 'The step is taken out.');
    }

    async removeArea(area: string): Promise<void> {
        const name = this.document?.areas.find((one) => one.id === area)?.name ?? 'The area';
        await this.make({ do: 'remove-area', area }, `“${name}” is taken out.`);
    }

    async addRole(name: string): Promise<void> {
        await this.edit({ do: 'add-role', id: ulid(), name });
    }

    async removeRole(role: string): Promise<void> {
        await this.make({ do: 'remove-role', role }, 'What was only its own is everybody’s.');
    }

    async addPart(name: string): Promise<void> {
        await this.edit({ do: 'add-part', id: ulid(), name });
    }

    async removePart(part: string): Promise<void> {
        await this.make({ do: 'remove-part', part }, 'It is not kept loose any more.');
    }

    private known(id: string, made: Made): string | null {
        return made === 'refused' ? null : id;
    }
}

/** A mend with what goes along with it. */
function mendOf({ rule, areaId, stepId }: Finding, mend: number, along: readonly MendAlong[]) {
    const others = along.map((one) => ({ rule: one.rule, area: one.area, step: one.step, mend: one.mend }));
    const edit = { do: 'mend' as const, rule, area: areaId, step: stepId, mend };
    return others.length === 0 ? edit : { ...edit, with: others };
}
