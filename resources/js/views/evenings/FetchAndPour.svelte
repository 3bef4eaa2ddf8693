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
    /** What is poured for a batch; batches of one plan, or of a copy of it, have steps of the same ids. */
    type OfBatch = { batchId: string; batchName: string; amounts: Schemas['Amounts'] };
    const latest = new Latest<OfBatch[]>();
    const batches = $derived(new Map(evening.items.map((one) => [one.batchId, one.batchName])));
    const key = $derived([...batches.keys()].join(' '));

    const asked = async (batchId: string, batchName: string): Promise<OfBatch> => ({
        batchId,
        batchName,
        amounts: await got(server.GET('/batches/{id}/amounts', of(batchId))),
    });
    $effect(() => {
        void key;
        void latest.ask(() => Promise.all([...batches].map(([id, name]) => asked(id, name))));
    });

    const wanted = $derived(new Set(evening.items.map((one) => `${one.batchId} ${one.stepId}`)));
    const passes = $derived(
        (latest.answer ?? [])
            .flatMap((one) => one.amounts.passes.map((pass) => ({ ...pass, key: `${one.batchId} ${pass.stepId}` })))
            .filter((one) => wanted.has(one.key) && one.mixtures.length + one.cans.length > 0),
    );
    const names = $derived(
        new Set(
            passes
                .flatMap((one) => [...one.cans, ...one.mixtures.flatMap((mixture) => mixture.pours)])
                .map((one) => one.paintId),
        ),
    );
    const short = $derived(
        (latest.answer ?? [])
            .flatMap((one) =>
                one.amounts.short.map((pot) => ({
                    ...pot,
                    key: `${one.batchId} ${pot.paintId}`,
                    batchName: one.batchName,
                })),
            )
            .filter((one) => names.has(one.paintId)),
    );
</script>

<section class="panel" aria-label="Fetch and pour">
    <h2>Fetch and pour</h2>
    {#if latest.problem}
        <p role="alert">{latest.problem.message}</p>
    {:else if passes.length === 0}
        <p class="quiet">{latest.answer === null ? 'Counting drops …' : 'No paint is needed.'}</p>
    {:else}
        <ul>
            {#each passes.slice(0, SHOWN) as pass (pass.key)}
                {#each pass.cans as can}
                    <li>
                        {#if can.hex}<Swatch hex={can.hex} size={14} />{/if}<span
                            ><bdi>{can.name}</bdi> <b>{can.sprayed}</b></span
                        >
                    </li>
                {/each}
                {#each pass.mixtures as mixture}
                    <li>
                        {#each mixture.pours as pour, at}
                            {#if pour.hex}<Swatch hex={pour.hex} size={14} />{/if}<span
                                >{at > 0 && pour.hex === null ? '+ ' : ''}<bdi>{pour.name}</bdi>
                                <b>{pour.drops}</b>{#if pour.lookalike}<small class="quiet"
                                        >&nbsp;not <bdi>{pour.lookalike}</bdi></small
                                    >{/if}</span
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
    {#each short as pot (pot.key)}
        <p class="short">
            <Swatch hex={pot.hex} size={18} /><span
                ><bdi>{pot.name}</bdi>: {pot.isOwned ? `${pot.leftMl} ml left` : 'not on the shelf'},
                <b>short by {pot.missing}</b>{batches.size > 1
                    ? ` for ${pot.batchName}`
                    : ''}{#if pot.reachesModels > 0}; enough for {pot.reachesModels}{/if}</span
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
