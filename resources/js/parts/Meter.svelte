<script lang="ts">
    import { ProgressBar } from 'carbon-components-svelte';

    /** How far something is; the words stand beside it. */
    let { share, label }: { share: number; label: string } = $props();
</script>

<div class="meter"><ProgressBar size="sm" value={share * 100} max={100} labelText={label} hideLabel /></div>
