<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { Button, Search } from 'carbon-components-svelte';
    import { asProblem, got, of, type Schemas, server } from '../lib/api';
    import { library, loadLibrary, matching, tagsIn } from '../lib/library.svelte';
    import { tell, warn } from '../lib/notices.svelte';
    import { plural } from '../lib/words';
    import Nothing from '../parts/Nothing.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import Words from '../parts/Words.svelte';
    import ZoneBars from '../parts/ZoneBars.svelte';
    import BackToPlans from './plans/BackToPlans.svelte';

    /** The library: recipes that areas share, found by name, tag or paint. */
    type Recipe = Schemas['SharedRecipe'];
    let words = $state(new URLSearchParams(router.querystring).get('find') ?? '');
    const found = $derived(matching(library.answer ?? [], words));

    $effect(() => void loadLibrary());

    async function change(recipe: Recipe, changes: Partial<Pick<Recipe, 'name' | 'tags'>>): Promise<void> {
        const body = { name: recipe.name, tags: recipe.tags, version: recipe.version, ...changes };
        try {
            await got(server.PUT('/shared-recipes/{id}', { ...of(recipe.id), body }));
        } catch (error) {
            const problem = asProblem(error);
            warn(problem.faults[0]?.message ?? problem.message);
        }
        await loadLibrary();
    }

    async function remove(recipe: Recipe): Promise<void> {
        try {
            await got(server.DELETE('/shared-recipes/{id}', of(recipe.id)));
            tell(`“${recipe.name}” is out of the library. Areas keep their steps.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.POST('/shared-recipes/{id}/restore', of(recipe.id)));
                    await loadLibrary();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
        await loadLibrary();
    }
</script>

<svelte:head><title>Shared recipes · Kalokroma</title></svelte:head>
<BackToPlans />
<h1>Shared recipes</h1>
{#if library.problem}
    <Trouble problem={library.problem} retry={loadLibrary} />
{:else if library.answer === null}
    <Waiting what="the library" />
{:else if library.answer.length === 0}
    <Nothing title="The library is empty">
        <p class="quiet">
            Share the recipe of an area, a leather or a skin that is on every model: one change then reaches all that
            paint by it, until one of them is cut loose. Open an area, “Edit area”, “Shared recipes”.
        </p>
        <Button size="small" kind="tertiary" href="#/plans">To the plans</Button>
    </Nothing>
{:else}
    <div class="find">
        <Search size="sm" labelText="Find a shared recipe" placeholder="name, word, paint" bind:value={words} />
    </div>
    <ul class="stack-far">
        {#each found as recipe (recipe.id)}
            <li class="panel">
                <div class="well look">
                    {#each recipe.strip.stages as stage, at (at)}<ZoneBars
                            look={stage}
                            height={at === recipe.strip.stages.length - 1 ? 44 : 10}
                            label="after {stage.technique}"
                        />{/each}
                </div>
                <div class="told">
                    <Words label="Name" value={recipe.name} change={(name) => change(recipe, { name })} />
                    <Words
                        label="Words to find it by"
                        value={recipe.tags.join(', ')}
                        placeholder="leather, worn"
                        change={(tags) => change(recipe, { tags: tagsIn(tags) })}
                    />
                    <p class="quiet">
                        {recipe.textureLabel} · {plural(recipe.words.length, 'step')} · {plural(recipe.pots, 'pot')} · {Math.round(
                            recipe.minutes,
                        )} min on a medium area
                    </p>
                </div>
                <ol class="stack-far">
                    {#if recipe.fault !== null}<li role="alert">It cannot be read any more: {recipe.fault}</li>{/if}
                    {#each recipe.words as step, at (at)}<li><bdi>{step}</bdi></li>{/each}
                </ol>
                <div class="uses">
                    {#each recipe.uses as use, at (at)}
                        <a href="#/plans/{use.plan}?area={use.area}"
                            ><bdi>{use.areaName}</bdi>, <bdi>{use.planName}</bdi></a
                        >
                    {:else}<span class="quiet">Nobody paints by it now.</span>{/each}
                    <Button size="small" kind="ghost" on:click={() => remove(recipe)}
                        >Take out<span class="sr">: {recipe.name}</span></Button
                    >
                </div>
            </li>
        {:else}
            <li class="panel"><p>No recipe has all these words.</p></li>
        {/each}
    </ul>
{/if}

<style>
    .find {
        max-width: 420px;
        margin-bottom: 12px;
    }

    ol {
        gap: 2px;
        font-size: 0.875rem;
        line-height: 1.35;
    }

    ul > li {
        display: grid;
        grid-template-columns: 180px minmax(0, 1fr) minmax(0, 1.2fr) minmax(0, 1fr);
        gap: 10px 18px;
        align-items: start;
        padding: 12px 14px;
    }

    .look {
        display: grid;
        gap: 3px;
        padding: 8px;
    }

    .told,
    .uses {
        display: grid;
        gap: 6px;
        justify-items: start;
        min-width: 0;
    }

    .told > :global(*) {
        width: 100%;
    }

    @media (max-width: 1000px) {
        ul > li {
            grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        }
    }

    @media (max-width: 560px) {
        ul > li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
