<script lang="ts">
    import type { Look } from '../lib/api';

    /** The five zone colours of a look side by side, recess to edge; wider zones are wider, none is too thin to see. */
    let { look, height = 44, label = '' }: { look: Look; height?: number; label?: string } = $props();

    const LEAST = 0.1;
    const widths = $derived(look.zones.map((zone) => Math.max(LEAST, zone.share)));
    const total = $derived(widths.reduce((sum, width) => sum + width, 0));
    const spoken = $derived(
        `${label}${label === '' ? '' : ': '}${look.words}, value ${look.lowest} to ${look.highest}`,
    );
</script>

<div class="bars" role="img" aria-label={spoken} style:height="{height}px">
    {#each look.zones as zone, index}
        <span
            style:background={zone.hex}
            style:flex-basis="{(100 * (widths[index] ?? 0)) / total}%"
            title="{zone.label}: {zone.words}, value {zone.value}"
        ></span>
    {/each}
</div>

<style>
    .bars {
        display: flex;
        overflow: hidden;
        border-radius: 2px;
    }

    span {
        flex-shrink: 1;
    }
</style>
