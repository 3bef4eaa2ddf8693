<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import { hour } from '../../lib/evening';
    import { plural } from '../../lib/words';
    import Meter from '../../parts/Meter.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** The batch that was painted on last: its next pass filling the view, and the paints to fetch for those after. */
    let { batch }: { batch: Schemas['BenchBatch'] } = $props();
</script>

<article class="panel stack padded">
    <header>
        <h2><bdi>{batch.name}</bdi></h2>
        <p class="quiet">
            {plural(batch.models, 'model')} · {batch.passesDone} of {batch.passes} steps done
        </p>
    </header>
    <Meter share={batch.share} label="{batch.name}: how far" />
    {#if batch.next}
        <div class="next">
            {#if batch.next.look}<div class="look well">
                    <ZoneBars look={batch.next.look} height={112} label="after this step" />
                </div>{/if}
            <div>
                <p class="quiet">next, step {batch.next.number}</p>
                <p class="step"><bdi>{batch.next.areaName}</bdi>: {batch.next.technique}</p>
                <p>
                    <bdi>{batch.next.mixWords}</bdi> · {batch.next.dilution} · {plural(batch.next.coats, 'coat')}
                </p>
                <p>
                    {batch.next.done > 0
                        ? `done on ${batch.next.done}, left on ${batch.next.left}`
                        : `on all ${batch.next.left}`}
                </p>
                {#if batch.next.readyAt}<p><b>Dries until {hour(batch.next.readyAt)}</b>, as all that is left.</p>
                    <Button size="field" kind="tertiary" href="#/batches/{batch.id}/paint">To the desk</Button>
                {:else}<Button size="field" href="#/batches/{batch.id}/paint?step={batch.next.stepId}">Paint on</Button
                    >{/if}
            </div>
        </div>
        {#if batch.next.following.length > 0}
            <h3>After that</h3>
            <ol>
                {#each batch.next.following as pass (pass.number)}
                    <li>
                        <span class="quiet">{pass.number}</span><TechniqueMark technique={pass.technique} /><span
                            ><b><bdi>{pass.areaName}</bdi></b>: {pass.label.toLowerCase()}</span
                        ><span class="fetch line-up"><Swatch hex={pass.hex} size={24} /><bdi>{pass.mixWords}</bdi></span
                        >
                    </li>
                {/each}
            </ol>
        {/if}
    {/if}
</article>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: baseline;
        justify-content: space-between;
    }

    .next {
        display: grid;
        grid-template-columns: minmax(160px, 300px) minmax(0, 1fr);
        gap: 20px;
        align-items: center;
        font-size: 1rem;
    }

    .next > div:last-child {
        display: grid;
        gap: 3px;
        justify-items: start;
    }

    .next :global(.bx--btn) {
        margin-top: 8px;
    }
    li {
        display: grid;
        grid-template-columns: 24px 18px minmax(0, 1fr) minmax(0, 1fr);
        gap: 12px;
        align-items: center;
        padding: 5px 0;
        border-top: 1px solid var(--line);
    }

    .look {
        padding: 14px;
    }

    .step {
        font-size: 1.375rem;
        font-weight: 700;
        line-height: 1.2;
    }

    @media (max-width: 900px) {
        .next {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    @media (max-width: 500px) {
        li {
            grid-template-columns: 18px 18px minmax(0, 1fr);
        }

        .fetch {
            grid-column: 3;
        }
    }
</style>
