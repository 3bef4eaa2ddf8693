<script lang="ts">
    import type { BatchStep } from '../../lib/api';
    import type { PassTimer } from '../../lib/passTimer.svelte';
    import { span } from '../../lib/words';
    import Swatch from '../../parts/Swatch.svelte';

    /** Done, in reach of an elbow; beside it the clock of the pass, what it dries in, and what to fetch next. */
    let {
        words,
        on,
        timer,
        aboutMinutes,
        dryMinutes,
        following,
        open,
        finish,
    }: {
        words: string;
        /** "all 10", "3 of 6" */
        on: string;
        timer: PassTimer;
        aboutMinutes: number;
        dryMinutes: number;
        following: BatchStep | null;
        open: (stepId: string) => void;
        finish: () => void;
    } = $props();

    let button = $state<HTMLButtonElement>();

    export function focus(): void {
        button?.focus({ preventScroll: true });
    }
</script>

<div class="finish">
    <button class="done" type="button" bind:this={button} onclick={finish}>
        {words} <span>{on}</span>
        <kbd>space</kbd>
    </button>
    <button class="timer" type="button" onclick={() => timer.toggle()}>
        <span class="sr">Clock of this step, {timer.isRunning ? 'press to pause' : 'press to go on'}:</span>
        <b>{timer.words}</b>
        <small>{timer.isRunning ? `about ${span(aboutMinutes)} in all` : 'paused'}</small>
    </button>
    <p class="dry">
        <small class="quiet">dries in</small>
        <b>{span(dryMinutes)}</b>
    </p>
    {#if following}
        <button class="next" type="button" onclick={() => open(following.step.id)}>
            <small class="quiet">then fetch</small>
            <span
                >{#if following.mix}<Swatch hex={following.mix.colour.hex} size={26} />{/if}<span
                    ><b><bdi>{following.mix?.words ?? following.words}</bdi></b><br /><bdi>{following.areaName}</bdi>, {following.technique.toLowerCase()}</span
                ></span
            >
        </button>
    {/if}
</div>

<style>
    .finish {
        position: sticky;
        bottom: -24px;
        display: grid;
        grid-template-columns: minmax(260px, 1.4fr) 150px auto minmax(0, 1fr);
        gap: 16px;
        align-items: stretch;
        margin: auto -22px 0;
        padding: 12px 22px;
        border-top: 1px solid var(--line);
        background: var(--panel);
    }

    .done {
        display: flex;
        gap: 14px;
        align-items: center;
        justify-content: center;
        min-height: 78px;
        border: 0;
        border-radius: var(--radius);
        background: var(--accent);
        color: var(--accent-ink);
        font-family: var(--face);
        font-size: 1.75rem;
        font-weight: 800;
        cursor: pointer;
    }

    .done span {
        font-weight: 500;
    }

    kbd {
        padding: 2px 8px;
        border: 1px solid currentcolor;
        border-radius: 4px;
        font-family: var(--face);
        font-size: 0.875rem;
        font-weight: 400;
    }

    .timer,
    .next {
        display: grid;
        align-content: center;
        padding: 4px 12px;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    .timer b,
    .dry b {
        font-size: 1.375rem;
        line-height: 1.2;
    }

    .dry {
        display: grid;
        align-content: center;
    }

    .next span {
        display: flex;
        gap: 10px;
        align-items: center;
    }

    .next span span {
        display: block;
        line-height: 1.25;
    }

    small {
        font-size: 0.8125rem;
    }

    @media (hover: none) {
        kbd {
            display: none;
        }
    }

    @media (max-width: 1000px) {
        .finish {
            grid-template-columns: minmax(0, 1fr) auto auto;
        }

        .next {
            grid-column: 1 / -1;
        }
    }

    /* On a phone the thumb has Done, and one line with the rest. */
    @media (max-width: 700px) {
        .finish {
            bottom: -20px;
            grid-template-columns: auto auto minmax(0, 1fr);
            gap: 8px 12px;
            margin-inline: -14px;
            padding: 8px 14px;
        }

        .done {
            grid-column: 1 / -1;
            min-height: 60px;
            font-size: 1.375rem;
        }

        .timer b,
        .dry b {
            font-size: 1.0625rem;
        }

        .next {
            grid-column: auto;
            padding: 2px 8px;
            font-size: 0.875rem;
        }

        .next,
        .next span {
            min-width: 0;
        }

        .next span span {
            display: -webkit-box;
            overflow: hidden;
            -webkit-box-orient: vertical;
            -webkit-line-clamp: 2;
            line-clamp: 2;
        }
    }

    @media (max-width: 350px) {
        .next {
            grid-column: 1 / -1;
        }
    }
</style>
