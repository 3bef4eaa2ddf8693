<script lang="ts">
    import { TECHNIQUE_MARKS } from './techniqueMarks';

    let { technique, size = 16 }: { technique: string; size?: number } = $props();
</script>

<svg
    width={size}
    height={size}
    viewBox="0 0 16 16"
    fill="none"
    stroke="currentColor"
    stroke-width="1.6"
    aria-hidden="true"
>
    {#each TECHNIQUE_MARKS[technique] ?? [] as { d, width, round }}
        <path {d} stroke-width={width} stroke-linecap={round ? 'round' : undefined} />
    {/each}
</svg>
