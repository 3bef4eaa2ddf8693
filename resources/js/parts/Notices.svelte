<script lang="ts">
    import { InlineNotification, NotificationActionButton } from 'carbon-components-svelte';
    import { dismiss, notices } from '../lib/notices.svelte';

    /** Carbon's own queue has no room for a way back, so the newest few stand here. */
</script>

<div class="notices" role="status" aria-live="polite">
    {#each notices as notice (notice.id)}
        <InlineNotification
            kind={notice.alarm ? 'warning' : 'info'}
            role="status"
            lowContrast
            subtitle={notice.text}
            closeButtonDescription="Dismiss"
            on:close={() => dismiss(notice.id)}
        >
            <svelte:fragment slot="actions">
                {#if notice.action}
                    <NotificationActionButton
                        on:click={() => {
                            dismiss(notice.id);
                            void notice.action?.run();
                        }}>{notice.action.label}</NotificationActionButton
                    >
                {/if}
            </svelte:fragment>
        </InlineNotification>
    {/each}
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
