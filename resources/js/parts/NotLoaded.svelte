<script lang="ts">
    import { Button } from 'carbon-components-svelte';

    /** A place whose script did not come: the server is away, or has been renewed since this page was loaded. */
</script>

<section class="panel" role="alert">
    <h1>This page did not load</h1>
    <p>The server does not answer, or was renewed since. What is recorded and saved is safe.</p>
    <Button size="small" kind="secondary" on:click={() => location.reload()}>Load anew</Button>
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
