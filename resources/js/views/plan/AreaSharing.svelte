<script lang="ts">
    import { Button, Search } from 'carbon-components-svelte';
    import type { Area } from '../../lib/api';
    import { library, loadLibrary, matching, tagsIn } from '../../lib/library.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import { whileShown } from '../../lib/whileShown';
    import Words from '../../parts/Words.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** The recipe an area shares with others, or the way to share one: put its own into the library, or take one out of it. */
    let { desk, area, close }: { desk: PlanDesk; area: Area; close: () => void } = $props();

    const leave = whileShown(() => close());
    let name = $state('');
    let tags = $state('');
    let words = $state('');
    const found = $derived(matching(library.answer ?? [], words).filter((one) => one.id !== area.recipe));

    $effect(() => void loadLibrary());

    async function share(): Promise<void> {
        const called = name.trim() === '' ? area.name : name.trim();
        await desk.shareRecipe(area, called, tagsIn(tags));
        await loadLibrary();
    }

    async function take(recipe: string): Promise<void> {
        if (await desk.takeRecipe(area, recipe)) leave();
    }
</script>

<section aria-label="Shared recipes for {area.name}" use:takesCursor>
    {#if area.steps.length > 0 && (area.recipe ?? null) === null}
        <form
            onsubmit={(event) => {
                event.preventDefault();
                void share();
            }}
        >
            <Words label="Share this recipe as" value={name} placeholder={area.name} change={(text) => (name = text)} />
            <Words
                label="Words to find it by"
                value={tags}
                placeholder="leather, worn"
                change={(text) => (tags = text)}
            />
            <Button size="small" type="submit" kind="secondary">Share it</Button>
        </form>
    {/if}
    {#if (library.answer ?? []).length === 0}
        <p class="quiet">
            The library is empty. A recipe that is shared is painted alike wherever it is used, and one change reaches
            all of them.
        </p>
    {:else}
        <Search size="sm" labelText="Find a shared recipe" placeholder="name, word, paint" bind:value={words} />
        <ul>
            {#each found as one (one.id)}
                <li>
                    <div class="well look"><ZoneBars look={one.strip.final} height={30} label={one.name} /></div>
                    <div>
                        <b><bdi>{one.name}</bdi></b>
                        <p class="quiet">
                            {[...one.tags, one.textureLabel, `${one.uses.length} × used`].join(' · ')}
                        </p>
                    </div>
                    <Button size="small" kind="secondary" on:click={() => take(one.id)}
                        >Paint it so<span class="sr">: {one.name}</span></Button
                    >
                </li>
            {:else}
                <li><p class="quiet">No other recipe of the library has all these words.</p></li>
            {/each}
        </ul>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
        gap: 12px;
        align-items: end;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr));
        gap: 8px 18px;
    }

    li {
        display: grid;
        grid-template-columns: 84px minmax(0, 1fr) auto;
        gap: 10px;
        align-items: center;
        line-height: 1.3;
    }

    .look {
        padding: 5px;
    }

    @media (max-width: 560px) {
        form,
        ul {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
