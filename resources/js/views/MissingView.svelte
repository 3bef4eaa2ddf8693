<script lang="ts">
    /** An address without a view. */
</script>

<svelte:head><title>Not found · Kalokroma</title></svelte:head>
<h1>Nothing lies here</h1>
<p class="quiet">The address is mistyped, or what it showed is gone. <a href="#/">Back to the bench</a></p>
