<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Pause from 'carbon-icons-svelte/lib/PauseFilled.svelte';
    import Play from 'carbon-icons-svelte/lib/PlayFilledAlt.svelte';
    import Back from 'carbon-icons-svelte/lib/ChevronLeft.svelte';
    import Next from 'carbon-icons-svelte/lib/ChevronRight.svelte';
    import { bindKeys } from '../../lib/keys.svelte';
    import type { Painted } from '../../lib/figures.svelte';

    /** Goes through the steps of a plan on its figure: by hand, by keys, or by itself. */
    let {
        passes,
        pass,
        worked,
        go,
        open,
    }: {
        passes: Painted['passes'];
        /** How many of them are done. */
        pass: number;
        /** The one area the last of them is done to. */
        worked: string | null;
        go: (pass: number) => void;
        open: (area: string | null, step: string | null) => void;
    } = $props();

    const FRAME_MS = 900;

    let playing = $state(false);
    const last = $derived(passes.length);
    const now = $derived(pass === 0 ? null : passes[pass - 1]);

    $effect(() => {
        if (!playing) return;
        const timer = setInterval(() => {
            if (pass >= last) playing = false;
            else go(pass + 1);
        }, FRAME_MS);
        return () => clearInterval(timer);
    });
    $effect(() =>
        bindKeys([
            { key: ',', does: 'one step back', run: () => step(-1), repeats: true },
            { key: '.', does: 'one step on', run: () => step(1), repeats: true },
        ]),
    );

    function step(by: number): void {
        playing = false;
        go(Math.max(0, Math.min(last, pass + by)));
    }

    function play(): void {
        if (!playing && pass >= last) go(0);
        playing = !playing;
    }
</script>

<div class="time">
    <Button
        size="small"
        kind="ghost"
        icon={playing ? Pause : Play}
        iconDescription={playing ? 'Stop' : 'Play all steps'}
        on:click={play}
    />
    <Button size="small" kind="ghost" icon={Back} iconDescription="One step back" on:click={() => step(-1)} />
    <input
        type="range"
        min="0"
        max={last}
        value={pass}
        aria-label="Step"
        aria-valuetext={now ? `${pass} of ${last}, ${now.where}: ${now.words}` : 'bare plastic'}
        oninput={(event) => {
            playing = false;
            go(Number(event.currentTarget.value));
        }}
    />
    <Button size="small" kind="ghost" icon={Next} iconDescription="One step on" on:click={() => step(1)} />
    <p class="now cut-short" role="status">
        {#if now}<b>{pass} of {last}</b>
            {#if worked}<button type="button" class="link" onclick={() => open(worked, now.step)}
                    ><bdi>{now.where}</bdi>: {now.words}</button
                >{:else}<bdi>{now.where}</bdi>: {now.words}{/if}{:else}<b>Bare plastic</b>{/if}
    </p>
</div>

<style>
    .time {
        display: grid;
        grid-template-columns: auto auto minmax(0, 1fr) auto minmax(0, 260px);
        gap: 6px;
        align-items: center;
    }

    .time input {
        width: 100%;
        height: 28px;
        accent-color: var(--ink);
    }

    @media (max-width: 600px) {
        .time {
            grid-template-columns: auto auto minmax(0, 1fr) auto;
        }

        .now {
            grid-column: 1 / -1;
        }
    }
</style>
