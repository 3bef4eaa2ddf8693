<script lang="ts">
    import { onMount } from 'svelte';
    import type { Batch } from '../../lib/api';
    import { type Clock, clocks as hands, remaining } from '../../lib/clocks.svelte';

    /** Nothing of this batch can be painted now: what dries first, and what to do till then. */
    let { clocks, batch, open }: { clocks: Clock[]; batch: Batch; open: (stepId: string) => void } = $props();

    let panel: HTMLElement;
    // The next press of space is meant for nothing that stands beside it.
    onMount(() => panel.focus());

    const first = $derived(clocks.find((one) => hands.left(one) > 0));
    const blocked = $derived(batch.steps.find((one) => one.left > 0 && !one.isSkipped));
</script>

<section class="panel" tabindex="-1" bind:this={panel}>
    {#if first}
        <p class="quiet">everything is wet</p>
        <h1>{remaining(hands.left(first))}</h1>
        <p>
            until <bdi>{first.areaName}</bdi>, {first.label.toLowerCase()} is {first.ready}; then {first.nextLabel.toLowerCase()}.
        </p>
        <p class="quiet">
            Clean the brushes, change the water, look at the touch-ups — or paint on <a href="#/evenings"
                >another batch</a
            >.
        </p>
    {:else if blocked}
        <h1 class="said">What comes next waits for something that is left out.</h1>
        <button type="button" onclick={() => open(blocked.step.id)}
            >Open <bdi>{blocked.areaName}</bdi>, {blocked.technique.toLowerCase()} all the same</button
        >
    {:else}
        <h1 class="said">Nothing is left to paint but what was left out.</h1>
        <p><a href="#/evenings">Take it in again</a> when there is time for it.</p>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        justify-items: center;
        padding: clamp(30px, 10vh, 80px) clamp(14px, 4vw, 30px);
        font-size: 1.125rem;
        text-align: center;
    }

    h1 {
        font-size: 4rem;
        line-height: 1;
    }

    /* A sentence, not a time to be read from afar. */
    h1.said {
        max-width: 22em;
        font-size: clamp(1.5rem, 4vw, 2.25rem);
        line-height: 1.2;
        text-wrap: balance;
    }

    a {
        color: inherit;
    }

    button {
        min-height: 48px;
        padding: 0 18px;
        border: 1px solid var(--line-strong);
        border-radius: 4px;
        background: none;
        color: inherit;
        font: inherit;
        cursor: pointer;
    }
</style>
