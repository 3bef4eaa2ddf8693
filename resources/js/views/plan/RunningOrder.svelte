<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { craft, label } from '../../lib/craft.svelte';
    import { plural } from '../../lib/words';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** All steps as they are painted: undercoat, bases from the inside out, washes, drybrush, highlights. */
    let { desk, open }: { desk: PlanDesk; open: (areaId: string, stepId: string) => void } = $props();

    const rows = $derived(
        (desk.plan?.looks.order ?? []).map((pass) => {
            const area = desk.document?.areas.find((one) => one.id === pass.areaId);
            const step = area?.steps.find((one) => one.id === pass.stepId);
            const strip = desk.plan?.looks.areas[pass.areaId ?? desk.document?.areas[0]?.id ?? '']?.strip;
            return {
                pass,
                area,
                step,
                stage: strip?.stages.find((one) => one.stepId === pass.stepId),
                mix: desk.plan?.looks.steps[pass.stepId],
            };
        }),
    );
</script>

<ol class="panel" aria-label="Running order">
    {#each rows as { pass, area, step, stage, mix } (pass.stepId)}
        <li>
            <span class="number">{pass.number}</span>
            <span class="look"
                >{#if stage}<ZoneBars look={stage} height={24} />{/if}</span
            >
            {#if area && step}
                <TechniqueMark technique={step.technique} />
                <Button size="small" kind="ghost" on:click={() => open(area.id, step.id)}
                    ><span><bdi>{area.name}</bdi>: {label(craft()?.techniques, step.technique).toLowerCase()}</span
                    ></Button
                >
                <span><bdi>{mix?.mix?.words ?? 'no paint yet'}</bdi></span>
                <span class="quiet">{mix?.dilution}</span>
                <span>{plural(step.coats, 'coat')}</span>
                <span class="quiet">{label(craft()?.brushes, step.brush)}</span>
            {:else}
                <TechniqueMark technique={pass.stepId === 'undercoat' ? 'primer' : 'spray-from-above'} />
                <span class="whole">Whole model: {stage?.technique ?? 'Primer'}</span>
                <span><bdi>{mix?.mix?.words}</bdi></span>
                <span class="quiet">{mix?.dilution}</span>
                <span></span>
                <span class="quiet">{pass.stepId === 'undercoat' ? 'all over' : 'from above'}</span>
            {/if}
        </li>
    {/each}
</ol>

<style>
    ol {
        margin: 0;
        padding: 6px 14px;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 28px 92px 20px minmax(0, 1.3fr) minmax(0, 1.2fr) minmax(0, 1fr) 64px 120px;
        gap: 10px;
        align-items: center;
        padding: 4px 0;
        border-bottom: 1px solid var(--line);
    }

    li:last-child {
        border-bottom: 0;
    }

    .number {
        color: var(--ink-quiet);
        text-align: right;
    }

    .look {
        padding: 3px;
        border-radius: 4px;
        background: var(--well);
    }

    .whole,
    li :global(.bx--btn) {
        font-weight: 700;
    }

    li :global(.bx--btn) {
        justify-content: start;
        padding: 0;
        text-align: left;
    }

    @media (max-width: 700px) {
        li {
            grid-template-columns: 24px 60px 1fr;
        }

        li :global(svg) {
            display: none;
        }

        li > span:not(.number, .look) {
            grid-column: 3;
        }

        li :global(.bx--btn) {
            grid-column: 3;
        }
    }
</style>
