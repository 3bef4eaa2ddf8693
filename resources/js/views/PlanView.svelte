<script lang="ts">
    import { push, replace, router } from 'svelte-spa-router';
    import type { Area } from '../lib/api';
    import { clipboard, copying } from '../lib/copied.svelte';
    import { craft } from '../lib/craft.svelte';
    import { handOver, sculptsOf } from '../lib/figure/handed';
    import { bindKeys } from '../lib/keys.svelte';
    import { PlanDesk } from '../lib/planDesk.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import AddByName from '../parts/AddByName.svelte';
    import AreaList from './plan/AreaList.svelte';
    import AreaPanel from './plan/AreaPanel.svelte';
    import FindingList from './plan/FindingList.svelte';
    import PaintIt from './plan/PaintIt.svelte';
    import PlanFacts from './plan/PlanFacts.svelte';
    import PlanHead, { FACES, type Face } from './plan/PlanHead.svelte';
    import FigureView from './plan/FigureView.svelte';
    import QuiltView from './plan/QuiltView.svelte';
    import ScoreView from './plan/ScoreView.svelte';
    import WholePanel from './plan/WholePanel.svelte';
    import ShelfOffers from './plan/ShelfOffers.svelte';
    import StepPanel from './plan/StepPanel.svelte';

    let { params }: { params: { id: string } } = $props();

    const id = $derived(params.id);
    const desk = $derived(new PlanDesk(id));
    let editing = $state(false);
    /** Face, area and step stand in the address, so that a reload, a link and the way back find them. */
    const asked = $derived(new URLSearchParams(router.querystring));
    /** Names that faces had before lead to where their things are now. */
    const MOVED: Record<string, Face> = { findings: 'score', amounts: 'paint', batches: 'paint' };
    const face = $derived<Face>(
        MOVED[asked.get('face') ?? ''] ?? FACES.find((one) => one.id === asked.get('face'))?.id ?? 'areas',
    );
    const areaId = $derived(asked.get('area'));
    const stepId = $derived(asked.get('step'));

    $effect(() => void desk.load());
    $effect(() => desk.listen());
    $effect(() =>
        bindKeys([
            { key: 'z', does: 'undo the last change of the plan', run: () => desk.undo() },
            { key: 'Z', does: 'do it again', run: () => desk.redo() },
        ]),
    );

    const isWhole = $derived(areaId === 'whole');
    const area = $derived(
        isWhole ? null : (desk.document?.areas.find((one) => one.id === areaId) ?? desk.document?.areas[0] ?? null),
    );
    const steps = $derived(isWhole ? (desk.document?.wholeModel ?? []) : (area?.steps ?? []));
    const step = $derived(steps.find((one) => one.id === stepId) ?? steps.at(-1) ?? null);
    const look = $derived(area ? desk.plan?.looks.areas[area.id] : undefined);
    const stage = $derived(look?.strip.stages.find((one) => one.stepId === step?.id) ?? null);
    const findings = $derived(
        (desk.plan?.looks.findings ?? []).filter((one) =>
            one.stepId === null ? area !== null && one.areaId === area.id : one.stepId === step?.id,
        ),
    );
    const notOwned = $derived(step ? (desk.plan?.looks.steps[step.id]?.notOwned ?? []) : []);
    const missingName = $derived(desk.plan?.paints.find((paint) => paint.id === notOwned[0])?.name ?? 'This paint');

    function openStep(area: string | null, step: string | null): void {
        const to = { area: area ?? 'whole', ...(step === null ? {} : { step }) };
        void push(`/plans/${id}?${new URLSearchParams(to)}`);
    }

    function copyStep(from: Area, id: string): void {
        const step = from.steps.find((one) => one.id === id);
        if (step) clipboard.step(from.name, step);
    }

    /** A recipe takes the place of what is there; a step goes behind the one that has the focus. */
    function put(to: string | null, after: string | null): void {
        const copied = clipboard.one;
        const target = desk.document?.areas.find((one) => one.id === (to ?? area?.id));
        if (copied === null || target === undefined) return;
        void desk.putSteps(target, copied.steps, copied.isRecipe ? { instead: true } : { after });
    }

    /** A sculpt may be dropped anywhere on its plan. */
    function dropped(event: DragEvent): void {
        const files = event.dataTransfer?.files ?? [];
        if (files.length === 0 || event.target instanceof HTMLInputElement) return;
        // Left to itself the browser would go to the file, and away from the plan.
        event.preventDefault();
        const sculpts = sculptsOf(files);
        if (sculpts.length === 0) return;
        handOver(id, sculpts);
        void push(`/plans/${id}?face=figure`);
    }

    function choose(area: string, step: string | null = null): void {
        void replace(`/plans/${id}?${new URLSearchParams({ area, ...(step === null ? {} : { step }) })}`);
    }
</script>

<svelte:head><title>{desk.document?.name ?? 'Plan'} · Kalokroma</title></svelte:head>
<svelte:window
    ondragover={(event) => face !== 'figure' && event.dataTransfer?.types.includes('Files') && event.preventDefault()}
    ondrop={(event) => face !== 'figure' && dropped(event)}
/>
{#if desk.plan === null && desk.problem}
    <h1 class="unread">{desk.problem.status === 404 ? 'This plan is not here' : 'A plan that cannot be read'}</h1>
    <Trouble problem={desk.problem} retry={() => desk.load()} />
    {#if desk.problem.status === 422}
        <p class="unread">
            <a href="/api/plans/{params.id}/file" download>Save it to a file</a>, mend it and bring it in again.
        </p>
    {/if}
{:else if desk.plan === null || desk.document === null || craft() === null}
    <Waiting what="the plan" />
{:else}
    {@const table = craft()!}
    <PlanHead {desk} plan={desk.plan} document={desk.document} {table} {face} area={areaId} bind:editing />
    {#if editing}<PlanFacts {desk} craft={table} />{/if}
    {#if face === 'areas'}
        <div
            class="desk"
            use:copying={{
                copyStep: (id) => area && copyStep(area, id),
                copyRecipe: (id) => {
                    const from = desk.document?.areas.find((one) => one.id === id);
                    if (from) clipboard.recipe(from);
                },
                put,
            }}
        >
            <AreaList {desk} chosen={isWhole ? 'whole' : (area?.id ?? null)} {choose} />
            {#if area}
                <div class="strip">
                    <AreaPanel
                        {desk}
                        craft={table}
                        {area}
                        stepId={step?.id ?? null}
                        chooseStep={(id) => choose(area.id, id)}
                        chooseArea={choose}
                        write={asked.has('write')}
                    />
                </div>
            {/if}
            {#if isWhole}
                <div class="strip">
                    <WholePanel {desk} craft={table} stepId={step?.id ?? null} choose={(id) => choose('whole', id)} />
                </div>
            {/if}
            <div class="stack-far">
                {#if area || isWhole}
                    {#if step}<StepPanel
                            {desk}
                            craft={table}
                            {area}
                            {step}
                            {stage}
                            choose={(id) => choose(area?.id ?? 'whole', id)}
                        />{/if}
                {:else}
                    <div class="panel nothing">
                        <h2>No areas yet</h2>
                        <p class="quiet">
                            An area is a part of the model that gets one colour scheme: coat, skin, boots, blade. Begin
                            with the one everybody will look at.
                        </p>
                        <AddByName
                            label="Name of the first area"
                            placeholder="Coat"
                            addLabel="Add the area"
                            add={(name) => void desk.addArea(name)}
                        />
                    </div>
                {/if}
            </div>
            <div class="side stack-far">
                {#if step && notOwned.length > 0}{#key step.id}<ShelfOffers
                            {desk}
                            stepId={step.id}
                            missing={missingName}
                        />{/key}{/if}
                {#if step}<FindingList {desk} {findings} />{/if}
            </div>
        </div>
    {:else if face === 'figure'}
        <FigureView
            {desk}
            areaId={area?.id ?? null}
            choose={(area) => void replace(`/plans/${id}?${new URLSearchParams({ face: 'figure', area })}`)}
            open={openStep}
        />
    {:else if face === 'quilt'}
        <QuiltView
            {desk}
            areaId={area?.id ?? null}
            choose={(area) => void replace(`/plans/${id}?${new URLSearchParams({ face: 'quilt', area })}`)}
            open={openStep}
            write={(area) => void push(`/plans/${id}?${new URLSearchParams({ area, write: '1' })}`)}
        />
    {:else if face === 'score'}
        <ScoreView
            {desk}
            craft={table}
            {stepId}
            choose={(step) => void replace(`/plans/${id}?${new URLSearchParams({ face: 'score', step })}`)}
            open={(area, step) => openStep(area, step)}
        />
    {:else}
        <PaintIt {desk} craft={table} />
    {/if}
{/if}

<style>
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

    .unread {
        margin: 0 0 12px;
    }

    p.unread {
        margin-top: 12px;
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
        .desk {
            grid-template-columns: minmax(0, 1fr);
        }

        .side,
        .strip {
            grid-column: 1;
        }

        .strip {
            order: -1;
        }

        .desk :global(> nav) {
            position: static;
            grid-row: auto;
        }
    }
</style>
