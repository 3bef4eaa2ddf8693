<script lang="ts">
    import { dismiss, notices } from '../lib/notices.svelte';
</script>

<div class="notices" role="status" aria-live="polite">
    {#each notices as notice (notice.id)}
        <div class="notice" class:alarm={notice.alarm}>
            <span>{notice.text}</span>
            {#if notice.action}
                <button
                    class="act strong"
                    type="button"
                    onclick={() => {
                        dismiss(notice.id);
                        void notice.action?.run();
                    }}>{notice.action.label}</button
                >
            {/if}
            <button class="act plain icon" type="button" aria-label="Dismiss" onclick={() => dismiss(notice.id)}
                >✕</button
            >
        </div>
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
        max-width: min(460px, calc(100vw - 40px));
    }

    .notice {
        display: flex;
        gap: 10px;
        align-items: center;
        padding: 8px 8px 8px 14px;
        border: 1px solid var(--ink);
        border-radius: var(--radius);
        background: var(--raised);
        box-shadow: 0 4px 18px var(--shade);
    }

    .notice span {
        flex: 1;
    }

    .alarm {
        border-left-width: 6px;
    }

    @media (max-width: 700px) {
        .notices {
            bottom: 74px;
        }
    }
</style>
