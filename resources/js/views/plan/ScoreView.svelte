<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import ZoomIn from 'carbon-icons-svelte/lib/ZoomIn.svelte';
    import ZoomOut from 'carbon-icons-svelte/lib/ZoomOut.svelte';
    import type { Craft, Finding } from '../../lib/api';
    import { clocks } from '../../lib/clocks.svelte';
    import { label } from '../../lib/craft.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { columns } from '../../lib/score';
    import { span } from '../../lib/words';
    import { plural } from '../../lib/words';
    import ClockChips from '../../parts/ClockChips.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Hazards from '../../parts/Hazards.svelte';
    import Switcher from '../../parts/Switcher.svelte';
    import FindingList from './FindingList.svelte';
    import Score from './Score.svelte';
    import StripRow from '../../parts/StripRow.svelte';

    /** The running order drawn as a score, with the pass that is looked at and the findings beside it. */
    let {
        desk,
        craft,
        stepId,
        choose,
        open,
    }: {
        desk: PlanDesk;
        craft: Craft;
        stepId: string | null;
        choose: (stepId: string) => void;
        open: (areaId: string | null, stepId: string) => void;
    } = $props();

    const LEAST = 24;
    /** On a tablet or phone a note is taken with a finger. */
    const LEAST_BY_FINGER = 30;
    const NARROW = 800;
    const MOST = 56;
    const CLOSER = 1.35;

    const looks = $derived(desk.plan!.looks);
    let only = $state('');
    const count = $derived(
        columns(looks.order.filter((one) => only === '' || one.areaId === null || one.areaId === only)).length,
    );
    const shows = $derived([
        { value: '', label: 'all areas' },
        ...(desk.document?.areas ?? []).map((one) => ({ value: one.id, label: one.name })),
    ]);
    let room = $state(0);
    let zoomed = $state<number | null>(null);
    /** As wide as all of it fits, unless somebody has looked closer. */
    const least = $derived(room < NARROW ? LEAST_BY_FINGER : LEAST);
    const fitting = $derived(Math.max(least, Math.min(MOST, Math.floor((room - 240) / Math.max(1, count)) - 5)));
    const width = $derived(zoomed ?? fitting);

    function look(factor: number): void {
        zoomed = Math.round(Math.max(LEAST, Math.min(MOST, width * factor)));
    }

    /** What dries on the batches of this plan; the same steps stand in the score. */
    const drying = $derived(clocks.all.filter((one) => desk.plan!.batches.some((batch) => batch.id === one.batchId)));
    $effect(() => clocks.run());

    const pass = $derived(
        looks.order.find((one) => one.stepId === stepId) ?? looks.order.find((one) => !one.isUndercoat),
    );
    const area = $derived(desk.document?.areas.find((one) => one.id === pass?.areaId) ?? null);
    const step = $derived(
        (area?.steps ?? desk.document?.wholeModel ?? []).find((one) => one.id === pass?.stepId) ?? null,
    );
    const stop = $derived(looks.stops.find((one) => one.after === pass?.stepId) ?? null);
    const technique = $derived(craft.techniques.find((one) => one.value === step?.technique));

    /** What is left on each area after a stop. */
    function leftAfter(afterPass: number): string {
        const left = (desk.document?.areas ?? []).flatMap((one) => {
            const open = looks.order.filter((pass) => pass.areaId === one.id && pass.number > afterPass).length;
            return open === 0 ? [] : [`${one.name} ${plural(open, 'step')}`];
        });
        return left.length === 0 ? 'everything is done by then' : `still to come: ${left.join(', ')}`;
    }

    function setStyle(order: string): void {
        desk.set([], { way: { ...desk.document?.way, order } });
    }

    async function lock(): Promise<void> {
        if (pass) await desk.edit({ do: 'lock-step', step: pass.stepId, locked: !pass.isLocked });
    }

    async function rest(): Promise<void> {
        if (!pass) return;
        const taken = looks.stops.map((one) => one.name);
        const name = taken.includes('table-ready') ? `stop ${taken.length + 1}` : 'table-ready';
        await desk.make(
            { do: 'set-stop', name: stop?.name ?? name, after: stop ? null : pass.stepId },
            stop ? 'The stop is taken away.' : 'The models may rest there.',
        );
    }

    async function free(): Promise<void> {
        await desk.make({ do: 'free-order' }, 'The order is worked out anew.');
    }

    function go(finding: Finding): void {
        const to = finding.stepId ?? desk.document?.areas.find((one) => one.id === finding.areaId)?.steps.at(-1)?.id;
        if (to) choose(to);
    }
</script>

{#if drying.length > 0}
    <section class="panel drying" aria-label="Drying by this plan">
        <ClockChips all={drying} open={(clock) => choose(clock.stepId)} />
    </section>
{/if}
<section class="panel score" aria-label="Running order" bind:clientWidth={room}>
    <header>
        <div class="way">
            <Switcher
                label="Way through the model"
                choices={craft.orderStyles}
                value={desk.document?.way?.order ?? 'bases-first'}
                change={setStyle}
            />
        </div>
        <Choose label="Areas shown" hideLabel value={only} choices={shows} change={(value) => (only = value)} />
        <p class="quiet">
            {plural(looks.order.length, 'step')}{looks.isOrdered ? ' · in your own order' : ''}
        </p>
        <div class="acts">
            {#if looks.isOrdered}<Button size="small" kind="tertiary" on:click={free}>Work the order out anew</Button
                >{/if}
            <Button
                size="small"
                kind="ghost"
                icon={ZoomOut}
                iconDescription="See more steps"
                disabled={width <= LEAST}
                on:click={() => look(1 / CLOSER)}
            />
            <Button
                size="small"
                kind="ghost"
                icon={ZoomIn}
                iconDescription="See steps larger"
                tooltipPosition="left"
                disabled={width >= MOST}
                on:click={() => look(CLOSER)}
            />
        </div>
    </header>
    {#if looks.order.some((one) => !one.isUndercoat)}
        <Score
            {desk}
            chosen={pass?.stepId ?? null}
            {width}
            only={only === '' ? null : only}
            {choose}
            open={(id) => open(looks.order.find((one) => one.stepId === id)?.areaId ?? null, id)}
        />
    {:else}
        <p class="nothing quiet">No steps yet. As soon as an area has one, it stands here in its turn.</p>
    {/if}
    {#each looks.stops as one, at (at)}
        <p class="quiet"><b><bdi>{one.name}</bdi></b>, after step {one.afterPass}: {leftAfter(one.afterPass)}.</p>
    {/each}
</section>
<div class="below">
    {#if pass && step}
        <section class="panel pass" aria-label="Step {pass.number}">
            <header>
                <h2>
                    <bdi>{area?.name ?? 'Whole model'}</bdi> · step {pass.number} · {label(
                        craft.techniques,
                        step.technique,
                    )}
                </h2>
                <div class="acts">
                    <Button size="small" kind="tertiary" on:click={() => void lock()}
                        >{pass.isLocked ? 'Let it move' : 'Lock it here'}</Button
                    >
                    <Button size="small" kind="tertiary" on:click={() => void rest()}
                        >{stop ? 'No stop here' : 'Stop after it'}</Button
                    >
                    <Button size="small" kind="secondary" on:click={() => open(area?.id ?? null, step.id)}
                        >Open the step</Button
                    >
                </div>
            </header>
            {#if area && looks.areas[area.id]}
                <StripRow
                    strip={looks.areas[area.id]!.strip}
                    steps={area.steps}
                    mixWords={(id) => looks.steps[id]?.words ?? ''}
                    chosen={step.id}
                    {choose}
                />
            {/if}
            <p>
                <b><bdi>{looks.steps[step.id]?.words}</bdi></b>, {looks.steps[step.id]?.dilution}, {plural(
                    step.coats,
                    'coat',
                )}, {label(craft.brushes, step.brush)}, {label(craft.places, step.place)} · about {span(
                    pass.minutesPerModel,
                )} each, dry in {span(pass.dryMinutes)}
            </p>
            {#if pass.reasons.length > 0}
                <details>
                    <summary>Why it stands here</summary>
                    <ul class="points">
                        {#each pass.reasons as reason}<li>{reason}</li>{/each}
                    </ul>
                </details>
            {/if}
            {#if technique}<Hazards hazards={technique.hazards} {craft} />{/if}
            <p class="quiet keys">Drag a note along, or Alt and arrows. Arrows walk the score, Enter opens the step.</p>
        </section>
    {/if}
    <FindingList {desk} findings={looks.findings} where open={go} nothing="Nothing to remark on this plan." />
</div>

<style>
    .drying {
        margin-bottom: 12px;
        padding: 8px 16px;
    }

    .score {
        display: grid;
        gap: 10px;
        min-width: 0;
        margin-bottom: 12px;
        padding: 10px 14px 12px;
    }

    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: center;
        justify-content: space-between;
    }

    header :global(.bx--form-item) {
        flex: 0 1 190px;
    }

    .way {
        width: 270px;
    }

    header p {
        flex: 1;
    }

    .below {
        display: grid;
        grid-template-columns: minmax(0, 1.5fr) minmax(300px, 1fr);
        gap: 12px;
        align-items: start;
    }

    .pass {
        display: grid;
        gap: 10px;
        min-width: 0;
        padding: 12px 14px;
    }

    .nothing {
        padding: 40px;
        text-align: center;
    }

    @media (max-width: 1000px) {
        .below {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    @media (max-width: 700px) {
        .keys {
            display: none;
        }
    }
</style>
