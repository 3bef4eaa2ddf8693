<script lang="ts">
    import type { Schemas } from '../lib/api';
    import KindMark from './KindMark.svelte';

    /** A paint's colour in a mid-grey well, with the mark of its kind where there is room. */
    let { hex, kind, size = 28 }: { hex: string | null; kind?: Schemas['Kind'] | undefined; size?: number } = $props();
</script>

<span class="swatch" style:width="{size}px" style:height="{size}px">
    <span class="colour" class:clear={hex === null} style:background={hex ?? undefined}></span>
    {#if kind}
        <span class="kind"><KindMark {kind} size={Math.max(10, Math.round(size * 0.38))} /></span>
    {/if}
</span>

<style>
    .swatch {
        position: relative;
        display: inline-block;
        flex: none;
        padding: 3px;
        background: var(--well);
        border-radius: 4px;
        vertical-align: middle;
    }

    .colour {
        display: block;
        width: 100%;
        height: 100%;
        border-radius: 2px;
    }

    .clear {
        border: 1px dashed var(--well-ink);
    }

    .kind {
        position: absolute;
        right: -4px;
        bottom: -4px;
        display: grid;
        padding: 1px;
        background: var(--panel);
        border-radius: 3px;
        color: var(--ink);
    }
</style>
