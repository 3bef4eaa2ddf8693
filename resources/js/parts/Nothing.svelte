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
    section {
        display: grid;
        gap: 8px;
        justify-items: start;
        padding: 28px 22px;
    }
</style>
