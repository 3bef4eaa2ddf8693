<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Snippet } from 'svelte';

    /** What takes a moment is not pressed twice. Meanwhile the button keeps the keyboard's place, which it would lose if it were disabled. */
    let {
        busy,
        press,
        disabled = false,
        size = 'small',
        kind = 'primary',
        type = 'button',
        children,
    }: {
        busy: boolean;
        press?: () => void;
        disabled?: boolean;
        size?: 'small' | 'field' | 'default';
        kind?: 'primary' | 'tertiary' | 'ghost';
        type?: 'button' | 'submit';
        children: Snippet;
    } = $props();

    function unlessBusy(event: Event): void {
        if (busy) event.preventDefault();
        else press?.();
    }
</script>

<Button {size} {kind} {type} {disabled} aria-disabled={busy || undefined} on:click={unlessBusy}
    >{@render children()}</Button
>
