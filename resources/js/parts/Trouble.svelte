<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Problem } from '../lib/api';

    /** Something went wrong: what, what to do, and a way to try again. */
    let { problem, retry }: { problem: Problem; retry?: () => unknown } = $props();
</script>

<div class="trouble panel" role="alert">
    <h2>{problem.title}</h2>
    <p>{problem.message}</p>
    {#if problem.faults.length > 1}
        <ul class="points">
            {#each problem.faults.slice(0, 40) as fault}
                <li>
                    {#if fault.row !== undefined}<b>row {fault.row}, {fault.field}</b>{:else}<b>{fault.field}</b>{/if}: {fault.message}
                </li>
            {/each}
        </ul>
    {:else if problem.faults[0]?.row !== undefined}
        <p class="quiet">row {problem.faults[0].row}, {problem.faults[0].field}</p>
    {/if}
    {#if retry}
        <Button size="small" kind="tertiary" on:click={retry}>Try again</Button>
    {/if}
</div>

<style>
    .trouble {
        display: grid;
        gap: 8px;
        justify-items: start;
        max-width: 640px;
        padding: 16px 18px;
        border-left: 6px solid var(--ink);
    }
</style>
