<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Area } from '../../lib/api';
    import { library, loadLibrary } from '../../lib/library.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** Says of an area that its recipe is shared, and with whom: a change here reaches them all. */
    let { desk, area }: { desk: PlanDesk; area: Area } = $props();

    const recipe = $derived((library.answer ?? []).find((one) => one.id === area.recipe));
    const others = $derived((recipe?.uses ?? []).filter((one) => one.area !== area.id || one.plan !== desk.id));

    $effect(() => {
        void area.recipe;
        void loadLibrary();
    });
</script>

<p class="shared">
    <span>
        <b
            >Shared recipe{#if recipe}: <bdi>{recipe.name}</bdi>{/if}.</b
        >
        {#if others.length > 0}
            What is changed here changes
            {#each others as one, at (at)}{at > 0 ? ', ' : ''}<a href="#/plans/{one.plan}?area={one.area}"
                    ><bdi>{one.areaName}</bdi>{one.plan === desk.id ? '' : ` (${one.planName})`}</a
                >{/each} too.
        {:else}No other area paints by it yet.{/if}
    </span>
    <Button size="small" kind="ghost" on:click={() => desk.cutLoose(area)}>Cut loose</Button>
</p>

<style>
    .shared {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: center;
        justify-content: space-between;
        padding: 4px 4px 4px 10px;
        border-left: 3px solid var(--ink);
    }
</style>
