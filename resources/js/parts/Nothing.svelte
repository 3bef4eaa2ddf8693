<script lang="ts">
    import type { Snippet } from 'svelte';

    /** What is said where there is nothing yet, and what to do about it. */
    let { title, children }: { title: string; children?: Snippet } = $props();
</script>

<section class="panel">
    <h2>{title}</h2>
    {@render children?.()}
</section>

<style>
    section > :global(.bx--btn) {
        justify-self: start;
    }

    section {
        display: grid;
        gap: 8px;
        grid-template-columns: minmax(0, 1fr);
        padding: 28px 22px;
    }
</style>
