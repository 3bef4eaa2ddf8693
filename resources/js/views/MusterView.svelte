<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, type Schemas, server } from '../lib/api';
    import { bindKeys } from '../lib/keys.svelte';
    import { Latest } from '../lib/latest.svelte';
    import { plural } from '../lib/words';
    import Nothing from '../parts/Nothing.svelte';
    import Quilt from '../parts/Quilt.svelte';
    import Swatch from '../parts/Swatch.svelte';
    import Tick from '../parts/Tick.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import ZoneBars from '../parts/ZoneBars.svelte';
    import BackToPlans from './plans/BackToPlans.svelte';

    /** All plans of a force beside each other, from near or squinted at: what holds them together, and what falls out. */
    const PAINTS = 12;
    const latest = new Latest<Schemas['Muster']>();
    let without = $state<string[]>([]);
    let squint = $state(false);
    const muster = $derived(latest.answer);

    function load(): Promise<void> {
        const query = without.length === 0 ? {} : { 'without[]': without };
        return latest.ask(() => got(server.GET('/plans/muster', { params: { query } })));
    }

    $effect(() => void load());
    $effect(() => bindKeys([{ key: 'q', does: 'squint at the muster', run: () => (squint = !squint) }]));

    /** As tall as the tallest stands; the others to the same scale. */
    const TALLEST_PX = 280;
    const figured = $derived(
        (muster?.plans ?? []).flatMap((plan) => (plan.figure === null ? [] : [{ ...plan, figure: plan.figure }])),
    );
    const tallest = $derived(Math.max(1, ...figured.map((plan) => plan.figure.heightMm)));

    function count(id: string, on: boolean): void {
        without = on ? without.filter((one) => one !== id) : [...without, id];
        void load();
    }
</script>

<svelte:head><title>Muster · Kalokroma</title></svelte:head>
<BackToPlans />
<header>
    <h1>Muster</h1>
    {#if muster && muster.plans.length > 0}
        <Button size="small" kind="secondary" aria-pressed={squint} on:click={() => (squint = !squint)}
            >{squint ? 'Look again' : 'Squint'}</Button
        >
    {/if}
</header>
{#if latest.problem}
    <Trouble problem={latest.problem} retry={load} />
{:else if muster === null}
    <Waiting what="the plans" />
{:else if muster.plans.length === 0}
    <Nothing title="Nothing to muster yet">
        <p class="quiet">Here all plans stand beside each other, to see whether they belong together on one table.</p>
        <Button size="small" href="#/plans/new">Make the first plan</Button>
    </Nothing>
{:else}
    {#if muster.plans.length === 1}
        <Nothing title="One plan is no muster yet">
            <p class="quiet">With a second one beside it you see whether they belong together on one table.</p>
            <Button size="small" href="#/plans/new">New plan</Button>
        </Nothing>
    {/if}
    {#if figured.length > 1}
        <section class="panel stack padded" aria-label="On one table">
            <h2>On one table</h2>
            <div class="table well" class:squint>
                {#each figured as plan (plan.id)}
                    {@const height = Math.max(60, Math.round((TALLEST_PX * plan.figure.heightMm) / tallest))}
                    <img
                        src="{plan.figure.still}&width={height}&height={height}"
                        width={height}
                        {height}
                        alt="{plan.name}, painted"
                        class:apart={!plan.counts}
                        onerror={(event) => ((event.currentTarget as HTMLElement).hidden = true)}
                    />
                {/each}
            </div>
        </section>
    {/if}
    <ul class="plans">
        {#each muster.plans as plan (plan.id)}
            <li class="panel" class:apart={!plan.counts}>
                <Quilt
                    name={plan.name}
                    patches={plan.quilt}
                    pieces={plan.areas.map((one) => ({ ...one }))}
                    {squint}
                    small
                />
                <h2><a href="#/plans/{plan.id}?face=quilt"><bdi>{plan.name}</bdi></a></h2>
                <p class="quiet">{plan.undercoat}</p>
                {#each plan.fallsOut as words, at (at)}<p class="out">{words}</p>{/each}
                <Tick label="belongs to this force" checked={plan.counts} change={(on) => count(plan.id, on)} />
            </li>
        {/each}
    </ul>
    <div class="shared">
        <section class="panel stack padded" aria-label="Shared undercoat">
            <h2>Undercoat</h2>
            <p>
                {muster.undercoat === null
                    ? 'No two plans stand on the same undercoat. One for all makes the same paints come out the same.'
                    : `Most stand on ${muster.undercoat}.`}
            </p>
        </section>
        <section class="panel stack padded" aria-label="Shared recipes">
            <h2>Painted alike</h2>
            {#if muster.recipes.length === 0}
                <p class="quiet">
                    No recipe is on more than one plan. A leather or a skin that ranks, leader and beast have in common
                    ties them together.
                </p>
            {:else}
                <ul class="recipes stack">
                    {#each muster.recipes as one, at (at)}
                        <li>
                            <div class="well look"><ZoneBars look={one.look} height={24} label={one.name} /></div>
                            <span
                                >{#each one.uses as use, at (at)}{at > 0 ? ', ' : ''}<a
                                        href="#/plans/{use.plan}?area={use.area}"
                                        ><bdi>{use.areaName}</bdi> ({use.planName})</a
                                    >{/each}</span
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
        </section>
        <section class="panel stack padded" aria-label="Shared paints">
            <h2>{plural(muster.paints.length, 'pot')} in more than one plan</h2>
            <p class="paints">
                {#each muster.paints.slice(0, PAINTS) as one (one.paint.id)}
                    <span
                        ><Swatch hex={one.paint.colour?.hex ?? null} kind={one.paint.kind} size={24} />
                        <bdi>{one.paint.name}</bdi> <small class="quiet">{one.plans} ×</small></span
                    >
                {/each}
                {#if muster.paints.length > PAINTS}<span class="quiet">and {muster.paints.length - PAINTS} more</span
                    >{/if}
            </p>
        </section>
    </div>
{/if}

<style>
    .table {
        display: flex;
        flex-wrap: wrap;
        gap: 0 10px;
        align-items: end;
        justify-content: center;
        padding: 12px;
    }

    .squint img {
        filter: grayscale(1) blur(2px);
    }

    section + .plans {
        margin-top: 12px;
    }

    header {
        display: flex;
        justify-content: space-between;
        margin-bottom: 6px;
    }

    .plans {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(320px, 100%), 1fr));
        gap: 12px;
        margin: 0 0 12px;
    }

    .plans > li {
        display: grid;
        gap: 6px;
        align-content: start;
        padding: 12px 14px;
    }

    .apart {
        opacity: 0.72;
    }

    .out {
        padding-left: 8px;
        border-left: 3px solid var(--ink);
    }

    .shared {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
        gap: 12px;
        align-items: start;
    }

    .recipes li {
        display: grid;
        grid-template-columns: 76px minmax(0, 1fr);
        gap: 10px;
        align-items: center;
    }

    .look {
        padding: 4px;
    }

    .paints {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 14px;
    }

    .paints span {
        display: inline-flex;
        gap: 6px;
        align-items: center;
    }

    @media (max-width: 420px) {
        .table {
            /* All of them to the same scale, so that the tallest fits. */
            zoom: 0.75;
        }
    }
</style>
