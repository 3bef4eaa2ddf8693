<script lang="ts">
    import type { Snippet } from 'svelte';
    import Tabs from '../../parts/Tabs.svelte';

    /** The head of both mixing rooms: the question, or what came of it. */
    let { children }: { children: Snippet } = $props();
</script>

<header>
    <div>
        <h1>Mixing</h1>
        <p class="quiet" role="status">{@render children()}</p>
    </div>
    <Tabs
        label="Mixing"
        tabs={[
            { href: '/mixing', name: 'One colour' },
            { href: '/mixing/list', name: 'A list or plan' },
        ]}
    />
</header>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: start;
        justify-content: space-between;
        margin-bottom: 12px;
    }
</style>
