<script lang="ts">
    import * as v from 'valibot';
    import { Button } from 'carbon-components-svelte';
    import { got, type Schemas, server } from '../../lib/api';
    import { onModels } from '../../lib/evening';
    import { span } from '../../lib/words';
    import { kept, keep } from '../../lib/kept';
    import { Latest } from '../../lib/latest.svelte';
    import Count from '../../parts/Count.svelte';

    /** So many minutes, now: what is worth sitting down for. */
    const latest = new Latest<Schemas['Moment']>();
    let minutes = $state(kept('moment', v.number()) ?? 25);
    /** Which of what is offered is shown: the best, then something else. */
    let turn = $state(0);

    const choices = $derived(
        latest.answer === null
            ? []
            : [latest.answer.items, ...latest.answer.others.map((one) => [one])].filter((one) => one.length > 0),
    );
    const shown = $derived(choices[turn % Math.max(1, choices.length)] ?? []);

    $effect(() => {
        const asked = minutes;
        keep('moment', asked);
        return latest.soon(200, () =>
            latest.ask(async () => {
                turn = 0;
                return got(server.GET('/evenings/moment', { params: { query: { minutes: asked } } }));
            }),
        );
    });
</script>

<section class="panel" aria-label="Only some minutes">
    <h2>Only {span(minutes)}?</h2>
    <Count
        label="Minutes I have"
        hideLabel
        value={minutes}
        least={5}
        most={600}
        change={(value) => (minutes = Math.max(5, Math.min(600, value)))}
    />
    {#if latest.problem}
        <p role="alert">{latest.problem.message}</p>
    {:else if latest.answer !== null && shown.length === 0}
        <p class="quiet">Nothing is dry enough, or small enough, to be begun now.</p>
    {:else}
        <ul class="stack-near" aria-busy={latest.busy}>
            {#each shown as item}
                <li>
                    <span class="zones"
                        >{#each item.zones as hex}<i style:background={hex}></i>{/each}</span
                    >
                    <span
                        ><b><bdi>{item.areaName}</bdi></b>, {item.label.toLowerCase()}, {onModels(item)} · {item.minutes}
                        min</span
                    >
                </li>
            {/each}
        </ul>
    {/if}
    {#if shown[0]}
        <div class="acts">
            <Button size="small" href="#/batches/{shown[0].batchId}/paint?step={shown[0].stepId}">Begin</Button>
            {#if choices.length > 1}<Button size="small" kind="tertiary" on:click={() => turn++}>Something else</Button
                >{/if}
        </div>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        align-content: start;
        padding: 12px 16px 14px;
    }

    li {
        display: grid;
        grid-template-columns: 40px 1fr;
        gap: 8px;
        align-items: center;
    }

    .zones {
        display: flex;
        height: 18px;
        overflow: hidden;
        border-radius: 2px;
    }

    .zones i {
        flex: 1;
    }

    .acts {
        display: flex;
        gap: 10px;
    }
</style>
