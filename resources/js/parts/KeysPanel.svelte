<script lang="ts">
    import { Button, Toggle } from 'carbon-components-svelte';
    import Close from 'carbon-icons-svelte/lib/Close.svelte';
    import { onMount } from 'svelte';
    import { boundKeys, isLetter } from '../lib/keys.svelte';
    import { settings } from '../lib/settings.svelte';

    /** The keys that work here, and whether they do. */
    let { close }: { close: () => void } = $props();

    const named: Record<string, string> = {
        ' ': 'space',
        ArrowLeft: '←',
        ArrowRight: '→',
        ArrowUp: '↑',
        ArrowDown: '↓',
    };
    let panel: HTMLElement;

    onMount(() => {
        const before = document.activeElement as HTMLElement | null;
        panel.focus();
        return () => before?.isConnected && before.focus();
    });
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div
    class="panel keys"
    role="dialog"
    aria-labelledby="keys-title"
    tabindex="-1"
    bind:this={panel}
    onkeydown={(event) => event.key === 'Escape' && close()}
>
    <header>
        <h2 id="keys-title">Keys</h2>
        <Button
            size="small"
            kind="ghost"
            icon={Close}
            iconDescription="Close"
            tooltipPosition="left"
            on:click={close}
        />
    </header>
    <dl>
        {#each boundKeys() as key}
            <dt><kbd>{named[key.key] ?? key.key}</kbd></dt>
            <dd class:off={isLetter(key.key) && !settings.letterKeys}>{key.does}</dd>
        {/each}
        <dt><kbd>Alt</kbd> <kbd>arrows</kbd></dt>
        <dd>move the step or area that has the focus</dd>
    </dl>
    <Toggle
        size="sm"
        labelText="Single letters and signs work as keys"
        labelA="off"
        labelB="on"
        toggled={settings.letterKeys}
        on:toggle={(event) => settings.setLetterKeys(event.detail.toggled)}
    />
    <a href="#/settings" onclick={close}>All other settings</a>
</div>

<style>
    .keys {
        position: fixed;
        right: 20px;
        bottom: 18px;
        z-index: 25;
        display: grid;
        gap: 14px;
        width: min(350px, calc(100vw - 24px));
        max-height: calc(100vh - 36px);
        overflow: auto;
        padding: 14px 16px 16px;
        box-shadow: 0 6px 24px var(--shade);
    }

    header {
        display: flex;
        justify-content: space-between;
        align-items: center;
    }

    dl {
        display: grid;
        grid-template-columns: auto 1fr;
        gap: 6px 12px;
    }
    .off {
        color: var(--ink-quiet);
        text-decoration: line-through;
    }

    kbd {
        padding: 1px 6px;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        background: var(--raised);
        font-family: var(--face);
        font-size: 0.8125rem;
    }

    @media (max-width: 700px) {
        .keys {
            right: 12px;
            bottom: 74px;
            max-height: calc(100vh - 90px);
        }
    }
</style>
