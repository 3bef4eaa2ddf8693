<script lang="ts">
    import { BODY, crossSection, HEIGHT, WIDTH } from './crossSection';

    /** Where a technique lets paint come to lie: a cut through three folds, the paint dark upon them. */
    let { technique, deposit, label }: { technique: string; deposit: number[]; label: string } = $props();

    const drawn = $derived(crossSection(technique, deposit));
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" role="img" aria-label={label}>
    <path class="body" d={BODY} />
    {#each drawn.layers as { manner, d }}<path class={manner} {d} />{/each}
    {#each drawn.solids as d}<path class="film" {d} />{/each}
    {#each drawn.lines as d}<path class="line" {d} />{/each}
</svg>

<style>
    svg {
        display: block;
        width: 100%;
        border-radius: 4px;
        background: var(--shade);
    }

    .body {
        fill: var(--well);
    }

    .film,
    .broken,
    .pool,
    .grains {
        fill: var(--ink);
    }

    .veil {
        fill: var(--ink);
        fill-opacity: 0.35;
    }

    .clear {
        fill: var(--panel);
        stroke: var(--ink);
        stroke-width: 1;
    }

    .line {
        fill: none;
        stroke: var(--ink);
        stroke-width: 1.2;
        stroke-linecap: round;
    }
</style>
