<script lang="ts">
    import { router } from 'svelte-spa-router';

    /** The rooms of a place, each with an address of its own. */
    let { label, tabs }: { label: string; tabs: { href: string; name: string }[] } = $props();

    /** The longest address that the present one begins with: a room may have corners of its own. */
    const here = $derived(
        tabs
            .map((tab) => tab.href)
            .filter((href) => router.location === href || router.location.startsWith(`${href}/`))
            .sort((one, other) => other.length - one.length)[0],
    );
</script>

<nav aria-label={label}>
    {#each tabs as tab}
        <a href="#{tab.href}" aria-current={tab.href === here ? 'page' : undefined}>{tab.name}</a>
    {/each}
</nav>

<style>
    nav {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 22px;
    }

    a {
        min-width: 24px;
        padding: 4px 0 5px;
        border-bottom: 2px solid transparent;
        color: var(--ink-quiet);
        text-decoration: none;
    }

    a:hover {
        color: var(--ink);
    }

    a[aria-current] {
        border-bottom-color: var(--ink);
        color: var(--ink);
        font-weight: 700;
    }
</style>
