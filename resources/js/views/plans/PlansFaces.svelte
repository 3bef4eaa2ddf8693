<script lang="ts">
    /** The plans as a list, beside each other, and the recipes they share. */
    let { face }: { face: 'list' | 'muster' | 'recipes' } = $props();

    const FACES = [
        { id: 'list', name: 'All plans', to: '#/plans' },
        { id: 'muster', name: 'Muster', to: '#/plans/muster' },
        { id: 'recipes', name: 'Shared recipes', to: '#/plans/recipes' },
    ] as const;
</script>

<nav aria-label="Faces of the plans">
    {#each FACES as one (one.id)}<a href={one.to} aria-current={face === one.id ? 'page' : undefined}>{one.name}</a
        >{/each}
</nav>

<style>
    nav {
        display: flex;
        gap: 22px;
        margin-bottom: 12px;
        border-bottom: 1px solid var(--line);
    }

    a {
        padding: 6px 0;
        border-bottom: 3px solid transparent;
        color: var(--ink-quiet);
        text-decoration: none;
    }

    a[aria-current] {
        border-bottom-color: var(--ink);
        color: var(--ink);
        font-weight: 700;
    }
</style>
