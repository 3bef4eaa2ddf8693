<script lang="ts">
    import { notices } from '../lib/notices.svelte';

    /** Carbon's own queue has no room for a way back, so the newest few stand here. What they look like comes with the first. */
</script>

<div class="notices" role="status" aria-live="polite">
    {#if notices.length > 0}
        {#await import('./Notice.svelte') then { default: Notice }}
            {#each notices as notice (notice.id)}<Notice {notice} />{/each}
        {/await}
    {/if}
</div>

<style>
    .notices {
        position: fixed;
        right: 20px;
        bottom: 18px;
        z-index: 30;
        display: grid;
        gap: 8px;
        width: min(460px, calc(100vw - 40px));
    }

    @media (max-width: 700px) {
        .notices {
            right: 12px;
            bottom: 74px;
            width: calc(100vw - 24px);
        }
    }
</style>
