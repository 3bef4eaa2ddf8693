<script lang="ts">
    import { untrack } from 'svelte';
    import type { Stage } from '../lib/figure/stage';

    /** A sculpt that is nobody's yet, bare, to see whether it stands right. */
    let {
        glb,
        lit = [0, 0],
    }: {
        glb: ArrayBuffer;
        /** From which triangle to which it is lit up. */
        lit?: readonly [number, number];
    } = $props();

    let canvas = $state<HTMLCanvasElement>();
    let stage = $state.raw<Stage | null>(null);
    let shown = $state.raw<ArrayBuffer | null>(null);

    $effect(() => {
        const place = canvas;
        if (place === undefined) return;
        let made: Stage | null = null;
        let left = false;
        void import('../lib/figure/stage').then(({ Stage }) => {
            if (left) return;
            made = new Stage(place);
            made.light('desk');
            stage = made;
        });
        return () => {
            left = true;
            made?.close();
            stage = null;
        };
    });
    // Another state of the same sculpt is seen from where one was looking.
    $effect(() => {
        const bytes = glb;
        void stage
            ?.load(bytes.slice(0), new Uint8Array(), new Uint8Array(), [], false, untrack(() => shown) !== null)
            .then(() => (shown = bytes));
    });
    $effect(() => {
        if (shown !== null) stage?.mark(Array.from({ length: lit[1] - lit[0] }, (_, at) => lit[0] + at));
    });
</script>

<div><canvas bind:this={canvas} aria-label="The sculpt, to be turned with the pointer"></canvas></div>

<style>
    div {
        height: clamp(300px, 52vh, 620px);
        border-radius: 4px;
        background: var(--well);
    }

    canvas {
        display: block;
        width: 100%;
        height: 100%;
        cursor: grab;
        touch-action: none;
    }
</style>
