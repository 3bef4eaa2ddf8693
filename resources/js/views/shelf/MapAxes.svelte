<script lang="ts">
    import type { Axes } from '../../lib/shelfMap.svelte';

    /** Value upwards in steps of twenty, hue in words, and the band of what has none. */
    let { axes }: { axes: Axes } = $props();
</script>

<rect
    class="neutral"
    x={axes.plot.left}
    y={axes.plot.top}
    width={axes.neutralEnd - axes.plot.left}
    height={axes.plot.bottom - axes.plot.top}
/>
{#each [0, 20, 40, 60, 80, 100] as value}
    <line x1={axes.plot.left} x2={axes.plot.right} y1={axes.value(value)} y2={axes.value(value)} />
    <text x={axes.plot.left - 8} y={axes.value(value) + 4} text-anchor="end">{value}</text>
{/each}
<text transform="translate(13 {(axes.plot.top + axes.plot.bottom) / 2}) rotate(-90)" text-anchor="middle">value</text>
<text x={(axes.plot.left + axes.neutralEnd) / 2} y={axes.height - 12} text-anchor="middle">neutral</text>
{#each axes.hueWords.filter((_, at) => axes.width > 480 || at % 2 === 0) as { x, word }}
    <text {x} y={axes.height - 12} text-anchor="middle">{word}</text>
{/each}

<style>
    text {
        fill: var(--well-ink);
        font-size: 12px;
    }

    line {
        stroke: var(--well-line);
    }

    .neutral {
        fill: rgb(0 0 0 / 9%);
    }
</style>
