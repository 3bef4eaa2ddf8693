<script lang="ts">
    import type { Snippet } from 'svelte';

    /** A few settings that belong together, and what they are good for. */
    let { title, words, children }: { title: string; words: string; children: Snippet } = $props();
</script>

<section class="panel" aria-label={title}>
    <div>
        <h2>{title}</h2>
        <p class="quiet">{words}</p>
    </div>
    {@render children()}
</section>

<style>
    section {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 14px;
        padding: 16px 18px 18px;
    }

    section :global(.fields) {
        display: flex;
        flex-wrap: wrap;
        gap: 12px 16px;
        align-items: flex-start;
    }

    section :global(.fields > .bx--form-item) {
        flex: 0 1 170px;
    }
</style>
