<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** Says when a change is not saved, why, and how to go on. */
    let { desk }: { desk: PlanDesk } = $props();
</script>

{#if desk.saving === 'stale'}
    <div class="panel conflict" role="alert">
        <p><b>Changed elsewhere.</b> {desk.problem?.message}</p>
        <div class="acts">
            <Button size="small" kind="secondary" on:click={() => desk.resolve('theirs')}>Load the newer state</Button>
            <Button size="small" kind="tertiary" on:click={() => desk.resolve('mine')}>Save mine over it</Button>
        </div>
    </div>
{:else if desk.saving === 'faulty' || desk.saving === 'unreachable'}
    <div class="panel conflict" role="alert">
        <p>
            <b>Not saved.</b>
            {desk.problem?.message}{desk.saving === 'unreachable'
                ? ' Your change is kept here, and tried again every two seconds.'
                : ''}
        </p>
        {#if desk.saving === 'unreachable'}<Button size="small" kind="tertiary" on:click={() => desk.retry()}
                >Try now</Button
            >{:else}<Button size="small" kind="tertiary" on:click={() => desk.dropMine()}>Back to what was saved</Button
            >{/if}
    </div>
{/if}

<style>
    .conflict {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 20px;
        align-items: center;
        justify-content: space-between;
        margin-bottom: 12px;
        padding: 10px 14px;
        border-left: 6px solid var(--ink);
    }
</style>
