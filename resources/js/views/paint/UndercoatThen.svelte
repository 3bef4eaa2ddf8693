<script lang="ts">
    import type { Schemas } from '../../lib/api';

    /** The picture of the undercoat again: where the light fell is where it goes now. */
    let { photos }: { photos: Schemas['PinnedPhoto'][] } = $props();
    const last = $derived(photos[photos.length - 1]);
</script>

{#if last}
    <figure>
        <img src="/api/photos/{last.photoId}" alt="The undercoat, as it was taken" />
        <figcaption>Where the light fell on the undercoat is where it goes now.</figcaption>
    </figure>
{/if}

<style>
    figure {
        display: flex;
        gap: 14px;
        align-items: center;
        margin: 0;
    }

    img {
        max-width: 220px;
        max-height: 160px;
        border-radius: 4px;
    }
</style>
