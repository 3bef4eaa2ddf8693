<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Batch, Schemas } from '../../lib/api';
    import type { BatchDesk } from '../../lib/batchDesk.svelte';
    import { outbox } from '../../lib/outbox.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import { span } from '../../lib/words';

    /** The queue: small swatches with the exact mix, the best moment, and what each way of mending costs. */
    let { desk, batch, close }: { desk: BatchDesk; batch: Batch; close?: () => void } = $props();

    /** What is on its way counts. */
    const settled = $derived(
        outbox.things().flatMap((does) => (does.do === 'settle' && does.isMended ? [does.slipId] : [])),
    );
    const open = $derived(batch.slips.filter((one) => !one.isMended && !settled.includes(one.id)));
    const waiting = $derived(
        outbox.waiting.filter((one) => one.kind === 'thing' && one.does.do === 'slip' && one.does.batchId === batch.id),
    );
    const mended = $derived(batch.slips.length - open.length);

    function settle(slip: Schemas['Slip']): void {
        const words = `${slip.areaName} is put right`;
        const put = (isMended: boolean, version: number) => ({
            does: { do: 'settle' as const, slipId: slip.id, isMended },
            version,
            words,
        });
        void desk.change(put(true, slip.version), `${words}.`, put(false, slip.version + 1));
    }
</script>

<section class="panel" aria-label="Touch-ups">
    <h2>Touch-ups</h2>
    <ul>
        {#each open as slip (slip.id)}
            <li>
                <p class="what line-up">
                    <Swatch hex={slip.mix?.colour.hex ?? null} size={30} />
                    <span
                        ><b><bdi>{slip.areaName}</bdi></b>: {slip.kindLabel}, on {slip.models.length === batch.models &&
                        batch.models > 1
                            ? 'all'
                            : slip.models.join(', ')}</span
                    >
                </p>
                <p><bdi>{slip.words}</bdi>, {slip.dilution}</p>
                <p><b>{slip.isNow ? 'best done now' : `best done ${slip.when}`}</b></p>
                {#each slip.ways as way}<p class="quiet">{way.words} {span(way.minutes)}</p>{/each}
                <Button size="field" kind={slip.isNow ? 'primary' : 'tertiary'} on:click={() => settle(slip)}
                    >Put right</Button
                >
            </li>
        {:else}
            {#if waiting.length === 0}<li class="quiet">
                    Nothing has slipped{mended > 0 ? ` that is not put right: ${mended} were` : ''}.
                </li>{/if}
        {/each}
        {#each waiting as one (one.id)}<li>
                <bdi>{one.words}</bdi>
                <small class="quiet">waits for the server, which will say how it is put right</small>
            </li>{/each}
    </ul>
    {#if close}<Button size="field" kind="tertiary" on:click={close}>Close</Button>{/if}
</section>

<style>
    section {
        display: grid;
        gap: 12px;
        justify-items: start;
        padding: 16px 18px;
    }

    ul {
        display: grid;
        gap: 16px;
    }

    li {
        display: grid;
        gap: 4px;
        justify-items: start;
    }
</style>
