<script lang="ts">
    import { Button, OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, contentOf, got, of, type Problem, type Schemas, sent, server } from '../lib/api';
    import { tell } from '../lib/notices.svelte';
    import { Latest } from '../lib/latest.svelte';
    import { plural } from '../lib/words';
    import BusyButton from '../parts/BusyButton.svelte';
    import Meter from '../parts/Meter.svelte';
    import Nothing from '../parts/Nothing.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import ZoneBars from '../parts/ZoneBars.svelte';

    let plans = $state<Schemas['PlanBrief'][]>([]);
    const latest = new Latest<Schemas['PlanPage']>(
        (page) => (plans = page.page === 1 ? page.plans : [...plans, ...page.plans]),
    );
    const page = $derived(latest.answer);

    function load(number = 1): Promise<void> {
        return latest.ask(() => got(server.GET('/plans', { params: { query: { page: number } } })));
    }

    let refused = $state<Problem | null>(null);
    let file = $state<HTMLInputElement>();

    async function bringIn(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        refused = null;
        try {
            const content = await contentOf(file);
            const { id, name, added } = await got(server.POST('/plans/file', sent(content, 'text/plain')));
            await push(`/plans/${id}`);
            tell(
                `“${name}” is brought in${added.length === 0 ? '' : `, with ${plural(added.length, 'paint')} not known here before`}.`,
                {
                    label: 'Undo',
                    run: async () => {
                        await got(server.DELETE('/plans/{id}', of(id)));
                        await push('/plans');
                    },
                },
            );
        } catch (error) {
            refused = asProblem(error);
        }
    }

    $effect(() => void load());
</script>

<svelte:head><title>Plans · Kalokroma</title></svelte:head>
<header>
    <h1>Plans</h1>
    <div class="acts">
        {#if page && page.total > 0}
            <Button size="small" kind="tertiary" href="#/plans/guide">From a guide</Button>
            <Button size="small" href="#/plans/new">New plan</Button>
        {/if}
        <input
            bind:this={file}
            class="sr"
            type="file"
            accept=".json,.zip,application/json,application/zip"
            tabindex="-1"
            aria-label="A plan as a file"
            onchange={(event) => void bringIn(event.currentTarget.files?.[0])}
        />
        <OverflowMenu size="sm" flipped iconDescription="More about plans" aria-label="More about plans">
            <OverflowMenuItem text="Muster" href="#/plans/muster" />
            <OverflowMenuItem text="Shared recipes" href="#/plans/recipes" />
            <OverflowMenuItem text="Bring a plan in" hasDivider on:click={() => file?.click()} />
        </OverflowMenu>
    </div>
</header>
{#if refused}<div class="refused"><Trouble problem={refused} /></div>{/if}
{#if latest.problem}
    <Trouble problem={latest.problem} retry={load} />
{:else if page === null}
    <Waiting what="the plans" />
{:else if page.total === 0}
    <Nothing title="No plans yet">
        <p class="quiet">
            A plan holds the recipes of all areas of one kind of model, shows what every stage will look like, and can
            be painted again and again.
        </p>
        <div class="acts">
            <Button size="small" href="#/plans/new">Make the first one</Button>
            <Button size="small" kind="tertiary" href="#/plans/guide">From a guide</Button>
        </div>
    </Nothing>
{:else}
    <ul class="stack-far">
        {#each plans as plan (plan.id)}
            <li class="panel">
                <div class="words">
                    <h2><a href="#/plans/{plan.id}"><bdi>{plan.name}</bdi></a></h2>
                    <p><bdi>{plan.model}</bdi></p>
                    <p class="quiet">{plan.facts}</p>
                    {#if plan.fault !== null}
                        <p><b>This plan cannot be read:</b> {plan.fault}</p>
                        <p><a href="/api/plans/{plan.id}/file" download>Save it to a file</a></p>
                    {:else}
                        <p class="quiet">
                            {plural(plan.areas.length, 'area')}, {plural(plan.steps, 'step')} · {plan.undercoat}
                        </p>
                    {/if}
                    {#each plan.batches as batch (batch.id)}
                        <a class="batch" href="#/batches/{batch.id}">
                            <span><bdi>{batch.name}</bdi></span>
                            <span class="quiet"
                                >{batch.isFinished
                                    ? 'finished'
                                    : batch.isBegun
                                      ? `${batch.passesDone} of ${batch.passes}`
                                      : 'planned'}</span
                            >
                            <Meter share={batch.share} label="{batch.name}: how far" />
                        </a>
                    {/each}
                </div>
                {#if plan.areas.length > 0}
                    <div class="looks well" class:figured={plan.still !== null} aria-label="Final look of each area">
                        {#if plan.still}
                            <img
                                src="{plan.still}&width=240&height=300"
                                width="120"
                                height="150"
                                alt="{plan.name}, painted"
                                loading="lazy"
                                onerror={(event) => ((event.currentTarget as HTMLElement).hidden = true)}
                            />
                        {/if}
                        <div class="areas">
                            {#each plan.areas as area (area.id)}
                                <figure>
                                    <ZoneBars look={area.look} height={72} label={area.name} />
                                    <figcaption><bdi>{area.name}</bdi></figcaption>
                                </figure>
                            {/each}
                        </div>
                    </div>
                {/if}
            </li>
        {/each}
    </ul>
    {#if page.page < page.pages}
        <div class="more">
            <BusyButton kind="tertiary" busy={latest.busy} press={() => load(page.page + 1)}
                >Older plans ({page.total - plans.length})</BusyButton
            >
        </div>
    {/if}
{/if}

<style>
    header {
        display: flex;
        align-items: center;
        justify-content: space-between;
        margin-bottom: 14px;
    }

    li {
        display: grid;
        grid-template-columns: 320px minmax(0, 1fr);
        gap: 18px;
        padding: 14px 16px;
    }

    h2 a {
        color: var(--ink);
        text-decoration: none;
    }

    h2 a:hover {
        text-decoration: underline;
    }

    .batch {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 2px 10px;
        margin-top: 8px;
        color: var(--ink);
        text-decoration: none;
    }

    .batch:hover span:first-child {
        text-decoration: underline;
    }

    .batch :global(.meter) {
        grid-column: 1 / -1;
    }

    .looks {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 14px;
        align-items: center;
        padding: 14px;
    }

    .figured {
        grid-template-columns: auto minmax(0, 1fr);
        padding: 6px 14px 6px 8px;
    }

    .areas {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(70px, 1fr));
        gap: 10px 8px;
    }

    figure {
        min-width: 0;
        margin: 0;
    }

    figcaption {
        overflow: hidden;
        font-size: 0.8125rem;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    .refused {
        margin-bottom: 12px;
    }

    .more {
        margin-top: 12px;
    }

    @media (max-width: 900px) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
