<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Close from 'carbon-icons-svelte/lib/Close.svelte';
    import { boundKeys } from '../lib/keys.svelte';

    let { close }: { close: () => void } = $props();

    const named: Record<string, string> = {
        ' ': 'space',
        ArrowLeft: '←',
        ArrowRight: '→',
        ArrowUp: '↑',
        ArrowDown: '↓',
    };
</script>

<aside class="panel" aria-label="Keys">
    <header>
        <h2>Keys</h2>
        <Button size="small" kind="ghost" icon={Close} iconDescription="Close" on:click={close} />
    </header>
    <dl>
        {#each boundKeys() as key}
            <dt><kbd>{named[key.key] ?? key.key}</kbd></dt>
            <dd>{key.does}</dd>
        {/each}
        <dt><kbd>Alt</kbd> <kbd>arrows</kbd></dt>
        <dd>move the step or area that has the focus</dd>
    </dl>
</aside>

<style>
    aside {
        position: fixed;
        right: 20px;
        bottom: 18px;
        z-index: 25;
        width: 330px;
        padding: 14px 16px;
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
        margin: 10px 0 0;
    }

    dd {
        margin: 0;
    }

    kbd {
        padding: 1px 6px;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        background: var(--raised);
        font-family: var(--face);
        font-size: 0.8125rem;
    }
</style>
