<script lang="ts">
    import { SkeletonText } from 'carbon-components-svelte';

    /** Holds the place of what is on its way; shows so only when it takes long enough to wonder. */
    let { what }: { what: string } = $props();
</script>

<div class="waiting" role="status">
    <span class="sr">Fetching {what}…</span>
    <div aria-hidden="true"><SkeletonText heading width="240px" /><SkeletonText paragraph lines={4} /></div>
</div>

<style>
    .waiting {
        min-height: 200px;
    }

    div > div {
        animation: appear 0.2s 0.4s both;
    }

    @keyframes appear {
        from {
            opacity: 0;
        }
    }
</style>
