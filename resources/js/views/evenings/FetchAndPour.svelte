<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, of, type Schemas, server } from '../../lib/api';
    import type { Evening } from '../../lib/evening';
    import { Latest } from '../../lib/latest.svelte';
    import Swatch from '../../parts/Swatch.svelte';

    /** What to fetch for an evening and how much to pour, and which pots will not last. */
    let { evening }: { evening: Evening } = $props();

    /** As many as one fetches at once. */
    const SHOWN = 6;
    const latest = new Latest<Schemas['Amounts'][]>();
    const batches = $derived([...new Set(evening.items.map((one) => one.batchId))]);
    const key = $derived(batches.join(' '));

    $effect(() => {
        void key;
        void latest.ask(() => Promise.all(batches.map((id) => got(server.GET('/batches/{id}/amounts', of(id))))));
    });

    const wanted = $derived(new Set(evening.items.map((one) => one.stepId)));
    const passes = $derived(
        (latest.answer ?? [])
            .flatMap((one) => one.passes)
            .filter((one) => wanted.has(one.stepId) && one.mixtures.length > 0),
    );
    const names = $derived(
        new Set(
            passes
                .flatMap((one) => one.mixtures)
                .flatMap((one) => one.pours)
                .map((one) => one.paintId),
        ),
    );
    const short = $derived((latest.answer ?? []).flatMap((one) => one.short).filter((one) => names.has(one.paintId)));
</script>

<section class="panel" aria-label="Fetch and pour">
    <h2>Fetch and pour</h2>
    {#if latest.problem}
        <p role="alert">{latest.problem.message}</p>
    {:else if passes.length === 0}
        <p class="quiet">{latest.answer === null ? 'Counting drops …' : 'No paint is needed.'}</p>
    {:else}
        <ul>
            {#each passes.slice(0, SHOWN) as pass (pass.stepId)}
                {#each pass.mixtures as mixture}
                    <li>
                        {#each mixture.pours as pour, at}
                            {#if pour.hex}<Swatch hex={pour.hex} size={14} />{/if}<span
                                >{at > 0 && pour.hex === null ? '+ ' : ''}<bdi>{pour.name}</bdi>
                                <b>{pour.drops}</b></span
                            >
                        {/each}
                    </li>
                {/each}
            {/each}
        </ul>
        {#if passes.length > SHOWN}<p class="quiet">
                and {passes.length - SHOWN} more, one after the other at the desk
            </p>{/if}
    {/if}
    {#each short as pot (pot.paintId)}
        <p class="short">
            <Swatch hex={pot.hex} size={18} /><span
                ><bdi>{pot.name}</bdi>: {pot.isOwned ? `${pot.leftMl} ml left` : 'not on the shelf'},
                <b>short by {pot.shortDrops} drops</b>{#if pot.reachesModels > 0}; enough for {pot.reachesModels}{/if}</span
            >
        </p>
        <Button size="small" kind="tertiary" href="#/mixing?paint={pot.paintId}">What stands in for it</Button>
    {/each}
</section>

<style>
    section {
        display: grid;
        gap: 8px;
        align-content: start;
        justify-items: start;
        padding: 12px 16px 14px;
    }

    ul {
        display: grid;
        gap: 3px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li,
    .short {
        display: flex;
        flex-wrap: wrap;
        gap: 3px 6px;
        align-items: center;
    }

    .short {
        flex-wrap: nowrap;
    }
</style>
