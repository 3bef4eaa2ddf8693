<script lang="ts">
    import type { Snippet } from 'svelte';

    /** A question at the side, what comes of it beside: side by side where there is room, else one below the other. */
    let {
        side,
        children,
        sideWidth = '272px',
        busy = false,
        framed = true,
    }: { side: Snippet; children: Snippet; sideWidth?: string; busy?: boolean; framed?: boolean } = $props();
</script>

<div class="desk" style:--side={sideWidth}>
    <aside class:panel={framed} class:framed>{@render side()}</aside>
    <div class="work" aria-busy={busy}>{@render children()}</div>
</div>

<style>
    .desk {
        display: grid;
        grid-template-columns: var(--side) minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    aside,
    .work {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 12px;
        min-width: 0;
    }

    .framed {
        padding: 12px 14px 14px;
    }

    @media (max-width: 900px) {
        .desk {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
