<script lang="ts">
    import { type Clock, clocks, remaining } from '../lib/clocks.svelte';

    /** What dries, each with its hand running round; what is dry says so. */
    let { all, open }: { all: Clock[]; open?: (clock: Clock) => void } = $props();

    const share = (clock: Clock): number => {
        const whole = new Date(clock.until).getTime() - new Date(clock.since).getTime();
        return whole <= 0 ? 1 : Math.min(1, 1 - (clocks.left(clock) * 1000) / whole);
    };
</script>

<ul aria-label="Drying">
    {#each all as clock ([clock.batchId, clock.stepId, clock.coat, clock.until].join(' '))}
        {@const left = clocks.left(clock)}
        <li class="line-up-near" class:dry={left === 0}>
            <svg width="22" height="22" viewBox="-11 -11 22 22" aria-hidden="true">
                <circle r="8" fill={clock.hex ?? 'none'} stroke="currentColor" stroke-width="1.4" />
                <circle
                    r="8"
                    fill="none"
                    stroke="var(--panel)"
                    stroke-width="3.4"
                    pathLength="1"
                    stroke-dasharray="{1 - share(clock)} 1"
                    transform="rotate(-90) scale(1 -1)"
                />
            </svg>
            {#snippet words()}
                <span class="name"><bdi>{clock.areaName}</bdi>, {clock.label.toLowerCase()}</span>
                <b>{left === 0 ? clock.ready : remaining(left)}</b>
            {/snippet}
            {#if open}
                <button type="button" onclick={() => open(clock)}>{@render words()}</button>
            {:else}
                <span>{@render words()}</span>
            {/if}
        </li>
    {/each}
</ul>

<style>
    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 14px;
    }

    button {
        padding: 4px 0;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    button:hover .name {
        text-decoration: underline;
    }

    .dry {
        font-weight: 700;
    }
</style>
