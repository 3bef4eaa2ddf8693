<script lang="ts">
    import { push } from 'svelte-spa-router';
    import { api, asProblem, type Plan } from '../lib/api';
    import { craft } from '../lib/craft.svelte';
    import { bindKeys } from '../lib/keys.svelte';
    import { tell, warn } from '../lib/notices.svelte';
    import { PlanDesk } from '../lib/planDesk.svelte';
    import { label } from '../lib/craft.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import AreaList from './plan/AreaList.svelte';
    import AreaPanel from './plan/AreaPanel.svelte';
    import FindingList from './plan/FindingList.svelte';
    import PlanBatches from './plan/PlanBatches.svelte';
    import PlanFacts from './plan/PlanFacts.svelte';
    import RunningOrder from './plan/RunningOrder.svelte';
    import ShelfOffers from './plan/ShelfOffers.svelte';
    import StepPanel from './plan/StepPanel.svelte';

    let { params }: { params: { id: string } } = $props();

    const faces = [
        { id: 'areas', name: 'Areas' },
        { id: 'order', name: 'Running order' },
        { id: 'batches', name: 'Batches' },
    ] as const;

    const desk = $derived(new PlanDesk(params.id));
    let face = $state<(typeof faces)[number]['id']>('areas');
    let editing = $state(false);
    let areaId = $state<string | null>(null);
    let stepId = $state<string | null>(null);

    $effect(() => void desk.load());
    $effect(() =>
        bindKeys([
            { key: 'z', does: 'undo the last change of the plan', run: () => desk.undo() },
            { key: 'Z', does: 'do it again', run: () => desk.redo() },
        ]),
    );

    const area = $derived(desk.document?.areas.find((one) => one.id === areaId) ?? desk.document?.areas[0] ?? null);
    const step = $derived(area?.steps.find((one) => one.id === stepId) ?? area?.steps.at(-1) ?? null);
    const look = $derived(area ? desk.plan?.looks.areas[area.id] : undefined);
    const stage = $derived(look?.strip.stages.find((one) => one.stepId === step?.id) ?? null);
    const findings = $derived(look?.findings.filter((finding) => finding.stepId === step?.id) ?? []);
    const notOwned = $derived(step ? (desk.plan?.looks.steps[step.id]?.notOwned ?? []) : []);
    const missingName = $derived(desk.plan?.paints.find((paint) => paint.id === notOwned[0])?.name ?? 'This paint');

    function choose(nextArea: string, nextStep: string | null = null): void {
        areaId = nextArea;
        stepId = nextStep;
    }

    async function duplicate(): Promise<void> {
        try {
            const copy = await api.post<Plan>(`/plans/${desk.id}/duplicate`);
            tell(`“${copy.document.name}” is open now.`);
            await push(`/plans/${copy.id}`);
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function remove(): Promise<void> {
        const id = desk.id;
        try {
            await api.delete(`/plans/${id}`);
            await push('/plans');
            tell('The plan is deleted. Its batches keep their record.', {
                label: 'Undo',
                run: () => api.post(`/plans/${id}/restore`).then(() => push(`/plans/${id}`)),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<svelte:window onbeforeunload={(event) => desk.isUnsaved && event.preventDefault()} />

{#if desk.plan === null && desk.problem}
    <Trouble problem={desk.problem} retry={() => desk.load()} />
{:else if desk.plan === null || desk.document === null || craft() === null}
    <Waiting what="the plan" />
{:else}
    {@const table = craft()!}
    <header class="head">
        <h1><bdi>{desk.document.name}</bdi></h1>
        <div class="acts">
            <span class="saved quiet" role="status"
                >{desk.saving === 'saving' ? 'saving…' : desk.saving === 'saved' ? 'all saved' : 'not saved'}</span
            >
            <button
                class="act icon"
                type="button"
                aria-label="Undo"
                title="Undo (z)"
                disabled={!desk.plan.canUndo}
                onclick={() => desk.undo()}>↶</button
            >
            <button
                class="act icon"
                type="button"
                aria-label="Redo"
                title="Redo (Z)"
                disabled={!desk.plan.canRedo}
                onclick={() => desk.redo()}>↷</button
            >
            <button class="act" type="button" aria-expanded={editing} onclick={() => (editing = !editing)}
                >{editing ? 'Done' : 'Model and undercoat'}</button
            >
            <button class="act" type="button" onclick={duplicate}>Duplicate</button>
            <button class="act" type="button" onclick={remove}>Delete</button>
        </div>
        <p class="facts quiet">
            <bdi>{desk.document.model.name}</bdi> · {label(table.bodyTypes, desk.document.model.bodyType)}, {desk
                .document.model.heightMm} mm · {desk.document.model.finishLevel} · {desk.plan.looks.undercoat}
        </p>
        <nav class="faces" aria-label="Faces of the plan">
            {#each faces as one}
                <button
                    type="button"
                    aria-current={face === one.id ? 'page' : undefined}
                    onclick={() => (face = one.id)}
                >
                    {one.name}{one.id === 'batches' && desk.plan.batches.length > 0
                        ? ` ${desk.plan.batches.length}`
                        : ''}
                </button>
            {/each}
        </nav>
    </header>
    {#if desk.saving === 'stale'}
        <div class="panel conflict" role="alert">
            <p><b>Changed elsewhere.</b> {desk.problem?.message}</p>
            <div class="acts">
                <button class="act strong" type="button" onclick={() => desk.resolve('theirs')}
                    >Load the newer state</button
                >
                <button class="act" type="button" onclick={() => desk.resolve('mine')}>Save mine over it</button>
            </div>
        </div>
    {:else if desk.saving === 'faulty' || desk.saving === 'unreachable'}
        <div class="panel conflict" role="alert">
            <p><b>Not saved.</b> {desk.problem?.message}</p>
            {#if desk.saving === 'faulty'}<button class="act" type="button" onclick={() => desk.load()}
                    >Back to what was saved</button
                >{/if}
        </div>
    {/if}
    {#if editing}<PlanFacts {desk} craft={table} />{/if}
    {#if face === 'areas'}
        <div class="desk">
            <AreaList {desk} chosen={area?.id ?? null} {choose} />
            {#if area}
                <div class="strip">
                    <AreaPanel
                        {desk}
                        craft={table}
                        {area}
                        stepId={step?.id ?? null}
                        chooseStep={(id) => choose(area.id, id)}
                        chooseArea={choose}
                    />
                </div>
            {/if}
            <div class="middle">
                {#if area}
                    {#if step}{#key step.id}<StepPanel
                                {desk}
                                craft={table}
                                {area}
                                {step}
                                {stage}
                                choose={(id) => choose(area.id, id)}
                            />{/key}{/if}
                {:else}
                    <div class="panel nothing">
                        <h2>No areas yet</h2>
                        <p class="quiet">
                            An area is a part of the model that gets one colour scheme: coat, skin, boots, blade. Begin
                            with the one everybody will look at.
                        </p>
                    </div>
                {/if}
            </div>
            <div class="side">
                {#if step && notOwned.length > 0}{#key step.id}<ShelfOffers
                            {desk}
                            stepId={step.id}
                            missing={missingName}
                        />{/key}{/if}
                {#if step}<FindingList {desk} {findings} />{/if}
            </div>
        </div>
    {:else if face === 'order'}
        <RunningOrder
            {desk}
            open={(toArea, toStep) => {
                choose(toArea, toStep);
                face = 'areas';
            }}
        />
    {:else}
        <PlanBatches {desk} craft={table} />
    {/if}
{/if}

<style>
    .head {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 6px 16px;
        align-items: start;
        margin-bottom: 12px;
    }

    .saved {
        min-width: 66px;
        text-align: right;
    }

    .facts {
        grid-column: 1 / -1;
        margin-top: -4px;
    }

    .faces {
        display: flex;
        grid-column: 1 / -1;
        gap: 22px;
        border-bottom: 1px solid var(--line);
    }

    .faces button {
        padding: 6px 0;
        border: 0;
        border-bottom: 3px solid transparent;
        background: none;
        color: var(--ink-quiet);
        font: inherit;
        font-family: var(--face);
        cursor: pointer;
    }

    .faces button[aria-current] {
        border-bottom-color: var(--ink);
        color: var(--ink);
        font-weight: 700;
    }

    .conflict {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 20px;
        align-items: center;
        justify-content: space-between;
        margin-bottom: 12px;
        padding: 10px 14px;
        border-left: 6px solid var(--ink);
    }

    .desk {
        display: grid;
        grid-template-columns: 216px minmax(0, 1fr) 300px;
        grid-template-rows: auto 1fr;
        gap: 12px;
        align-items: start;
    }

    .desk :global(> nav) {
        position: sticky;
        top: 0;
        grid-row: 1 / 3;
    }

    .strip {
        grid-column: 2 / -1;
        min-width: 0;
    }

    .middle,
    .side {
        display: grid;
        gap: 12px;
        min-width: 0;
    }

    .nothing {
        padding: 40px;
    }

    :global(main > section.panel) {
        margin-bottom: 12px;
    }

    @media (max-width: 1160px) {
        .desk {
            grid-template-columns: 200px minmax(0, 1fr);
        }

        .desk :global(> nav) {
            grid-row: 1 / 4;
        }

        .side {
            grid-column: 2;
        }
    }

    @media (max-width: 700px) {
        .head,
        .desk {
            grid-template-columns: minmax(0, 1fr);
        }

        .side,
        .strip {
            grid-column: 1;
        }

        .desk :global(> nav) {
            position: static;
            grid-row: auto;
        }
    }
</style>
