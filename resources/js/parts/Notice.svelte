<script lang="ts">
    import { InlineNotification, NotificationActionButton } from 'carbon-components-svelte';
    import { dismiss, type Notice } from '../lib/notices.svelte';

    /** A short message with its way back. */
    let { notice }: { notice: Notice } = $props();
</script>

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
