<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { outbox, type Waiting } from '../lib/outbox.svelte';
    import { difference } from '../lib/planEdits';
    import { plural } from '../lib/words';

    /** What was done and the server does not have: it stands above every view until it has it, or somebody decides. */
    let shown = $state(false);

    /** Something that is typed anew is sent by that; anything else is sent again by hand. */
    function isTyped(one: Waiting): boolean {
        return one.kind === 'plan' && one.does.do === 'edit' && one.does.edit.do === 'set';
    }
</script>

<section class="panel" aria-label="Not recorded yet">
    {#if outbox.isStuck && outbox.waiting.length > 0}
        <div class="side-by-side row">
            <p role="status">
                <b>No connection.</b> <span class="more">Go on:</span>
                {plural(outbox.waiting.length, 'thing you did waits', 'things you did wait')}
                here<span class="more">, and will be sent once it is back</span>.
            </p>
            <Button size="small" kind="ghost" aria-expanded={shown} on:click={() => (shown = !shown)}
                >{shown ? 'Hide them' : 'Show them'}</Button
            >
            <Button size="small" kind="tertiary" on:click={() => outbox.send()}>Try now</Button>
        </div>
        {#if shown}
            <ol>
                {#each outbox.waiting as one (one.id)}
                    <li class="row">
                        <p><bdi>{one.words}</bdi></p>
                        {#if outbox.canDrop(one)}<Button size="small" kind="ghost" on:click={() => outbox.drop(one.id)}
                                >Take it back<span class="sr">: {one.words}</span></Button
                            >{:else}<span class="quiet">on its way</span>{/if}
                    </li>
                {/each}
            </ol>
        {/if}
    {/if}
    {#each outbox.refused as one (one.id)}
        <div class="row">
            {#if one.refusal?.version != null}
                <p role="alert">
                    <b>Changed elsewhere.</b> <bdi>{one.words}</bdi>{one.kind === 'plan' ? difference(one) : ''}
                </p>
                <Button size="small" kind="secondary" on:click={() => outbox.drop(one.id)}>Load the newer state</Button>
                <Button size="small" kind="tertiary" on:click={() => outbox.retry(one.id)}>Save mine over it</Button>
            {:else}
                <p role="alert">
                    <b><bdi>{one.words}</bdi></b> is not {one.kind === 'plan' ? 'saved' : 'recorded'}: {one.refusal
                        ?.message}
                </p>
                {#if !isTyped(one)}<Button size="small" kind="tertiary" on:click={() => outbox.retry(one.id)}
                        >Send it again</Button
                    >{/if}
                <Button size="small" kind="ghost" on:click={() => outbox.drop(one.id)}
                    >{isTyped(one) ? 'Back to what was saved' : 'Drop it'}</Button
                >
            {/if}
        </div>
    {/each}
    {#each outbox.foreign as one (one.id)}
        <div class="row">
            <p role="status">
                <b><bdi>{one.words}</bdi></b> was done at another desk, and waits for it. Another database answers here now.
            </p>
            <Button size="small" kind="tertiary" on:click={() => outbox.retry(one.id)}>Record it here</Button>
            <Button size="small" kind="ghost" on:click={() => outbox.drop(one.id)}>Drop it</Button>
        </div>
    {/each}
</section>

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

    ol {
        display: grid;
        gap: 2px;
        padding-left: 12px;
        border-left: 1px solid var(--line);
    }

    .row p {
        flex: 1 1 260px;
    }

    /* At the desk on a phone there is room for what to pour. */
    @media (max-width: 500px) {
        .row p {
            flex-basis: 120px;
        }

        .more {
            display: none;
        }
    }
</style>
