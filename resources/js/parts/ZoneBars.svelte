<script lang="ts">
    import type { Look } from '../lib/api';
    import { zoneFill } from '../lib/looks';

    /**
     * The five zone colours of a look side by side, recess to edge; wider zones are wider, none is too thin to see. With light from one side the left
     * flank is above, the right one below; the rim of a base lies along the foot.
     */
    let { look, height = 44, label = '' }: { look: Look; height?: number; label?: string } = $props();

    const LEAST = 0.1;
    /** Tall enough for a letter that says which flank it is. */
    const LETTERED = 56;
    const widths = $derived(look.zones.map((zone) => Math.max(LEAST, zone.share)));
    const total = $derived(widths.reduce((sum, width) => sum + width, 0));
    const spoken = $derived(
        `${label}${label === '' ? '' : ': '}${look.words}, value ${look.lowest} to ${look.highest}${look.rim ? ', with its own rim' : ''}`,
    );
</script>

<div class="bars" role="img" aria-label={spoken} style:height="{height}px">
    {#each look.zones as zone, index}
        <span
            style:background={zoneFill(look, index)}
            style:flex-basis="{(100 * (widths[index] ?? 0)) / total}%"
            title="{zone.label}: {zone.words}, value {zone.value}"
        ></span>
    {/each}
    {#if look.flanks && height >= LETTERED}<b class="left">L</b><b class="right">R</b>{/if}
    {#if look.rim}<i style:background={look.rim}></i>{/if}
</div>

<style>
    .bars {
        position: relative;
        display: flex;
        overflow: hidden;
        border-radius: 2px;
    }

    span {
        flex-shrink: 1;
    }

    i {
        position: absolute;
        inset: auto 0 0;
        height: 18%;
        border-top: 1px solid rgb(255 255 255 / 35%);
    }

    b {
        position: absolute;
        left: 3px;
        padding: 0 3px;
        border-radius: 2px;
        background: rgb(0 0 0 / 55%);
        color: #fff;
        font-size: 10px;
        line-height: 13px;
    }

    .left {
        top: 3px;
    }

    .right {
        bottom: 3px;
    }
</style>
