<script lang="ts">
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** Says when a change is not saved, why, and how to go on. */
    let { desk }: { desk: PlanDesk } = $props();
</script>

{#if desk.saving === 'stale'}
    <div class="panel conflict" role="alert">
        <p><b>Changed elsewhere.</b> {desk.problem?.message}</p>
        <div class="acts">
            <button class="act strong" type="button" onclick={() => desk.resolve('theirs')}>Load the newer state</button
            >
            <button class="act" type="button" onclick={() => desk.resolve('mine')}>Save mine over it</button>
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
        {#if desk.saving === 'unreachable'}<button class="act" type="button" onclick={() => desk.retry()}
                >Try now</button
            >{:else}<button class="act" type="button" onclick={() => desk.dropMine()}>Back to what was saved</button
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
