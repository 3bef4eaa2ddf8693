<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Nothing from '../parts/Nothing.svelte';

    /** An address without a view. */
</script>

<svelte:head><title>Not found · Kalokroma</title></svelte:head>
<h1>Nothing lies here</h1>
<Nothing title="The address is mistyped, or what it showed is gone">
    <p class="quiet">Nothing was changed. What you had on the bench is still there.</p>
    <Button size="small" href="#/">Back to the bench</Button>
</Nothing>

<style>
    h1 {
        margin-bottom: 14px;
    }
</style>
