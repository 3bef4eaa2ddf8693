<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { onMount } from 'svelte';
    import Count from '../../parts/Count.svelte';

    /** Done, in reach of an elbow: on all models that are left, or on some. */
    let {
        left,
        models,
        focus,
        done,
    }: { left: number; models: number; focus: boolean; done: (models: number) => void } = $props();

    // svelte-ignore state_referenced_locally
    let some = $state(Math.max(1, left - 1));
    let button = $state<HTMLButtonElement>();

    onMount(() => {
        if (focus) button?.focus({ preventScroll: true });
    });
</script>

<div class="finish">
    <button class="done" type="button" bind:this={button} onclick={() => done(left)}>
        Done on {left === models ? `all ${models}` : `the ${left} left`}<kbd>space</kbd>
    </button>
    {#if left > 1}
        <Count label="or only on" value={some} least={1} most={left} change={(value) => (some = value)} />
        <Button size="small" kind="secondary" class="some" on:click={() => done(some)}>Done on {some}</Button>
    {/if}
</div>

<style>
    .finish {
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
        align-items: end;
    }

    .done {
        display: flex;
        gap: 18px;
        align-items: center;
        min-height: 64px;
        padding: 0 30px;
        border: 0;
        border-radius: var(--radius);
        background: var(--accent);
        color: var(--accent-ink);
        font: inherit;
        font-family: var(--face);
        font-size: 1.375rem;
        font-weight: 700;
        cursor: pointer;
    }

    .done:disabled {
        opacity: 0.6;
    }

    .done kbd {
        padding: 2px 8px;
        border: 1px solid currentcolor;
        border-radius: 4px;
        font-family: var(--face);
        font-size: 0.875rem;
        font-weight: 400;
    }

    @media (hover: none) {
        .done kbd {
            display: none;
        }
    }

    @media (max-width: 700px) {
        /* In reach of the thumb, however long the step is. */
        .finish {
            position: sticky;
            bottom: -20px;
            margin: 0 -20px;
            padding: 10px 20px;
            border-top: 1px solid var(--line);
            background: var(--panel);
        }

        .done {
            flex: 1 1 100%;
            justify-content: center;
        }
    }
</style>
