<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { putAllAside } from '../lib/kept';

    /** A view that broke: what happened, and two ways on. Nothing that is recorded is touched by either. */
    let { error, reset }: { error: unknown; reset: () => void } = $props();
</script>

<section class="panel" role="alert">
    <h1>This page broke</h1>
    <p>Something here could not be shown. What is recorded and saved is safe; the other pages work.</p>
    <p class="quiet">{error instanceof Error ? error.message : String(error)}</p>
    <span class="acts">
        <Button size="small" kind="secondary" on:click={reset}>Show it again</Button>
        <Button
            size="small"
            kind="tertiary"
            on:click={() => {
                putAllAside();
                location.reload();
            }}>Put aside what was typed and not saved, and load anew</Button
        >
    </span>
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        justify-items: start;
        max-width: 640px;
        padding: 16px 18px;
        border-left: 6px solid var(--ink);
    }
</style>
