<script lang="ts">
    import type { Stage } from '../lib/figure/stage';

    /** A sculpt that is nobody's yet, bare, to see whether it stands right. */
    let { glb }: { glb: ArrayBuffer } = $props();

    let canvas = $state<HTMLCanvasElement>();

    $effect(() => {
        const [place, bytes] = [canvas, glb];
        if (place === undefined) return;
        let stage: Stage | null = null;
        let left = false;
        void import('../lib/figure/stage').then(async ({ Stage }) => {
            if (left) return;
            stage = new Stage(place);
            stage.light('desk');
            await stage.load(bytes.slice(0), new Uint8Array(), new Uint8Array(), []);
        });
        return () => {
            left = true;
            stage?.close();
        };
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
