<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { tick, untrack } from 'svelte';
    import type { Area, Craft } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { clipboard, RECIPE } from '../../lib/copied.svelte';
    import { label } from '../../lib/craft.svelte';
    import { plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import StripRow from '../../parts/StripRow.svelte';
    import Words from '../../parts/Words.svelte';
    import AreaNeighbours from './AreaNeighbours.svelte';
    import AreaPlacing from './AreaPlacing.svelte';
    import AreaSharing from './AreaSharing.svelte';
    import AreaVariants from './AreaVariants.svelte';
    import CopiedHere from './CopiedHere.svelte';
    import RecipeWriter from './RecipeWriter.svelte';
    import SharedMark from './SharedMark.svelte';

    /** An area's strip, with what kind of place it is on the model. */
    let {
        desk,
        craft,
        area,
        stepId,
        chooseStep,
        chooseArea,
        write = false,
    }: {
        desk: PlanDesk;
        craft: Craft;
        area: Area;
        stepId: string | null;
        chooseStep: (stepId: string) => void;
        chooseArea: (areaId: string) => void;
        write?: boolean;
    } = $props();

    let editing = $state(false);
    /** Who comes to have a recipe written finds the pen out. */
    let writing = $state(untrack(() => write));
    let sharing = $state(false);
    const look = $derived(desk.plan?.looks.areas[area.id]);
    /** Said here where the review says it: glass, metal and specks may be flat. */
    const isLost = $derived(
        (desk.plan?.looks.findings ?? []).some(
            (finding) => finding.areaId === area.id && finding.rule === 'flat-at-arms-length' && !finding.isSilenced,
        ),
    );
    const path = $derived(`areas.${desk.document?.areas.findIndex((one) => one.id === area.id)}`);
    const warned = $derived(
        (desk.plan?.looks.findings ?? [])
            .filter((finding) => finding.areaId === area.id && !finding.isSilenced && finding.severity !== 'taste')
            .flatMap((finding) => finding.stepId ?? []),
    );

    async function add(): Promise<void> {
        const id = await desk.addStep(area.id);
        if (id !== null) chooseStep(id);
    }

    const placingFault = $derived(
        ['touches', 'liesUnder', 'behind', 'part'].map((one) => desk.faultAt(`${path}.${one}`)).find(Boolean) ?? '',
    );
    /** What is folded away, in short. */
    const placed = $derived.by(() => {
        const touched = (area.touches ?? []).length + (area.liesUnder ?? []).length;
        return touched === 0 ? '' : plural(touched, 'neighbour');
    });

    /** The next area is only looked at; the cursor goes to it in the list. */
    async function takeOut(): Promise<void> {
        editing = false;
        await desk.removeArea(area.id);
        await tick();
        document.querySelector<HTMLElement>('nav[aria-label="Areas"] [aria-current]')?.focus();
    }

    async function duplicate(): Promise<void> {
        const id = await desk.duplicateArea(area.id);
        if (id !== null) chooseArea(id);
    }

    /** A step that was let go over another area is copied there; within its own it stays where it was. */
    function away(id: string, to: string): void {
        const [step, other] = [
            area.steps.find((one) => one.id === id),
            desk.document?.areas.find((one) => one.id === to),
        ];
        if (step && other && other.id !== area.id) void desk.putSteps(other, [step], {});
    }

    function mixWords(id: string): string {
        return desk.plan?.looks.steps[id]?.mix?.words ?? 'choose a paint';
    }
</script>

<section class="panel" aria-label="Strip of {area.name}">
    <header>
        <div>
            <h2
                draggable={area.steps.length > 0}
                title={area.steps.length > 0 ? 'Drag it onto another area to paint that alike' : undefined}
                ondragstart={(event) => event.dataTransfer?.setData(RECIPE, area.id)}
            >
                <bdi>{area.name}</bdi>
            </h2>
            <p class="quiet">
                {label(craft.textures, area.texture)}{(area.material ?? 'other') === 'other'
                    ? ''
                    : `, ${area.material}`} · {label(craft.sizes, area.size)}{area.cm2
                    ? `, ${area.cm2.toFixed(area.cm2 < 1 ? 2 : 1)} cm² measured`
                    : ''} · {label(craft.importances, area.importance)}
                {#if look && area.steps.some((step) => step.mix.length > 0)}
                    {#if look.strip.isReadable}· reads at arm’s length{:else if isLost}
                        · <span class="weak"
                            >gets lost at arm’s length: raised parts are {look.strip.relief} lighter than the recesses,
                            {look.strip.reliefWanted} are wanted</span
                        >{/if}
                {/if}
            </p>
        </div>
        <div class="acts">
            <Button size="small" kind="tertiary" aria-expanded={editing} on:click={() => (editing = !editing)}
                >{editing ? 'Done' : 'Edit area'}</Button
            >
            {#if area.steps.length > 0}<Button
                    size="small"
                    kind="tertiary"
                    aria-expanded={writing}
                    on:click={() => (writing = !writing)}>Write a recipe</Button
                >
                <Button size="small" kind="tertiary" aria-expanded={sharing} on:click={() => (sharing = !sharing)}
                    >Share</Button
                >{/if}
            <Button size="small" kind="secondary" on:click={add}>Add a step</Button>
        </div>
    </header>
    {#if editing || desk.faultAt(`${path}.name`) !== ''}
        <div class="facts">
            <Words
                label="Name of the area"
                value={area.name}
                fault={desk.faultAt(`${path}.name`)}
                change={(name) => desk.changeArea(area.id, { name })}
            />
            <Choose
                label="Texture"
                value={area.texture}
                choices={craft.textures}
                change={(texture) => desk.changeArea(area.id, { texture })}
            />
            <Choose
                label="Share of the model"
                value={area.size}
                choices={craft.sizes}
                change={(size) => desk.changeArea(area.id, { size })}
            />
        </div>
        <details open={placingFault !== ''}>
            <summary>What it is made of, touches and lies under <span class="quiet">{placed}</span></summary>
            <div class="facts">
                <Choose
                    label="Made of"
                    value={area.material ?? 'other'}
                    choices={craft.materials}
                    change={(material) => desk.changeArea(area.id, { material })}
                />
                <Choose
                    label="Importance"
                    value={area.importance}
                    choices={craft.importances}
                    change={(importance) => desk.changeArea(area.id, { importance })}
                />
            </div>
            <AreaNeighbours
                {desk}
                {area}
                fault={desk.faultAt(`${path}.touches`) || desk.faultAt(`${path}.liesUnder`)}
            />
            <AreaPlacing {desk} {area} fault={desk.faultAt(`${path}.behind`) || desk.faultAt(`${path}.part`)} />
        </details>
        <div class="acts">
            {#if area.steps.length > 0}<Button
                    size="small"
                    kind="tertiary"
                    on:click={() => desk.addVariant(area, 'as it is')}>Put this recipe aside</Button
                >{/if}
            {#if area.steps.length > 0}<Button size="small" kind="tertiary" on:click={() => clipboard.recipe(area)}
                    >Copy this recipe</Button
                >{/if}
            <Button size="small" kind="tertiary" on:click={duplicate}>Duplicate this area</Button>
            <Button size="small" kind="tertiary" on:click={takeOut}>Take this area out</Button>
        </div>
    {/if}
    {#if (area.recipe ?? null) !== null}<SharedMark {desk} {area} />{/if}
    {#if sharing}<AreaSharing {desk} {area} close={() => (sharing = false)} />{/if}
    {#if area.steps.length === 0}
        {#if !writing}<div class="empty">
                <p>This area has no steps yet. Name a colour and have its recipe written, or begin with a basecoat.</p>
                <div class="acts">
                    <Button size="small" on:click={() => (writing = true)}>Write a recipe</Button>
                    <Button size="small" kind="tertiary" on:click={add}>Add the first step</Button>
                    <Button size="small" kind="tertiary" on:click={() => (sharing = !sharing)}>Take a shared one</Button
                    >
                </div>
            </div>{/if}
    {:else if look}
        <StripRow
            strip={look.strip}
            steps={area.steps}
            {mixWords}
            {warned}
            chosen={stepId}
            choose={chooseStep}
            move={(from, to) => desk.moveStep(area.id, from, to)}
            {away}
        />
    {/if}
    <CopiedHere {desk} {area} after={stepId} />
    {#if writing}{#key area.id}<RecipeWriter {desk} {craft} {area} close={() => (writing = false)} />{/key}{/if}
    {#if (area.variants ?? []).length > 0}<AreaVariants {desk} {area} />{/if}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        min-width: 0;
        padding: 12px 14px 14px;
    }

    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: start;
        justify-content: space-between;
    }

    .facts {
        display: grid;
        grid-template-columns: 1.4fr repeat(4, 1fr);
        gap: 10px;
    }

    .weak {
        color: var(--ink);
        font-weight: 700;
    }

    .empty {
        display: grid;
        gap: 10px;
        place-items: center;
        padding: 34px;
        border: 1px dashed var(--line-strong);
        border-radius: 4px;
    }

    @media (max-width: 900px) {
        .facts {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
