<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { outbox } from '../lib/outbox.svelte';
    import { plural } from '../lib/words';

    /** What was done and is not recorded: it stands above every view until the server has it or somebody decides. */
    const isAtBatch = $derived(router.location.startsWith('/batches/'));
</script>

{#if outbox.refused.length > 0 || outbox.foreign.length > 0 || (outbox.isStuck && outbox.waiting.length > 0 && !isAtBatch)}
    <section class="panel" aria-label="Not recorded yet">
        {#if outbox.isStuck && outbox.waiting.length > 0 && !isAtBatch}
            <div class="row">
                <p role="status">
                    <b>The server does not take anything now.</b>
                    {plural(outbox.waiting.length, 'record waits', 'records wait')} here and will be sent when it does.
                </p>
                <Button size="small" kind="tertiary" on:click={() => outbox.send()}>Try now</Button>
            </div>
        {/if}
        {#each outbox.refused as record (record.entry.id)}
            <div class="row">
                <p role="alert"><b><bdi>{record.words}</bdi></b> is not recorded: {record.refusal}</p>
                <Button size="small" kind="tertiary" on:click={() => outbox.retry(record.entry.id)}
                    >Send it again</Button
                >
                <Button size="small" kind="ghost" on:click={() => outbox.drop(record.entry.id)}>Drop it</Button>
            </div>
        {/each}
        {#each outbox.foreign as record (record.entry.id)}
            <div class="row">
                <p role="status">
                    <b><bdi>{record.words}</bdi></b> was done at another desk, and waits for it. Another database answers
                    here now.
                </p>
                <Button size="small" kind="tertiary" on:click={() => outbox.retry(record.entry.id)}
                    >Record it here</Button
                >
                <Button size="small" kind="ghost" on:click={() => outbox.drop(record.entry.id)}>Drop it</Button>
            </div>
        {/each}
    </section>
{/if}

<style>
    section {
        display: grid;
        gap: 6px;
        max-height: 40vh;
        margin-bottom: 12px;
        padding: 10px 14px;
        overflow: auto;
        border-left: 6px solid var(--ink);
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 12px;
        align-items: center;
    }

    .row p {
        flex: 1 1 260px;
    }
</style>
