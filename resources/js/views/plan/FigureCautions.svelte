<script lang="ts">
    import type { Figure } from '../../lib/figures.svelte';

    /** What a photo lacks to tell light from shade: said before one goes by it. */
    let { figure }: { figure: Figure } = $props();
</script>

{#if figure.cautions.length > 0}
    <section class="panel" aria-label="What the photo lacks">
        <h2>This photo tells less than it could</h2>
        <ul class="points">
            {#each figure.cautions as words}<li>{words}</li>{/each}
        </ul>
    </section>
{/if}

<style>
    section {
        display: grid;
        gap: 6px;
        padding: 12px 14px;
    }
</style>
