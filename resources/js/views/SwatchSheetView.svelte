<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { asProblem, got, type Paint, type Problem, server } from '../lib/api';
    import Swatch from '../parts/Swatch.svelte';
    import Trouble from '../parts/Trouble.svelte';

    /** A sheet of swatches with names, made for paper: of the shelf, or of the paints in the address. */
    let paints = $state<Paint[]>([]);
    let problem = $state<Problem | null>(null);

    $effect(() => {
        const ids = new URLSearchParams(router.querystring).get('ids')?.split(',') ?? null;
        void fetchAll(ids)
            .then((fetched) => (paints = fetched))
            .catch((error) => (problem = asProblem(error)));
    });

    async function fetchAll(ids: string[] | null): Promise<Paint[]> {
        const found: Paint[] = [];
        for (let page = 1; ; page++) {
            const answer = await got(
                server.GET('/paints', {
                    params: { query: { sort: 'hue', perPage: 500, page, owned: ids === null ? 'owned' : 'all' } },
                }),
            );
            found.push(...answer.paints.filter((paint) => ids === null || ids.includes(paint.id)));
            if (page >= answer.pages) return found;
        }
    }
</script>

<svelte:head><title>Swatch sheet · Kalokroma</title></svelte:head>
<header class="screen-only">
    <h1>Swatch sheet</h1>
    <div class="acts">
        <Button size="small" kind="tertiary" href="#/shelf">Back to the shelf</Button>
        <Button size="small" on:click={() => print()}>Print it</Button>
    </div>
</header>
{#if problem}<Trouble {problem} />{/if}
<ul class="sheet">
    {#each paints as paint (paint.id)}
        <li>
            <Swatch hex={paint.swatch} kind={paint.kind} size={46} />
            <span
                ><b><bdi>{paint.name}</bdi></b><small
                    ><bdi>{paint.maker}</bdi>
                    {paint.code}<br />{paint.colour}{paint.value === null ? '' : `, value ${paint.value}`}</small
                ></span
            >
        </li>
    {/each}
</ul>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        justify-content: space-between;
        margin-bottom: 14px;
    }

    .sheet {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
        gap: 10px 14px;
    }

    li {
        display: flex;
        gap: 12px;
        align-items: center;
        break-inside: avoid;
    }

    li > span:last-child {
        display: grid;
        line-height: 1.25;
    }

    small {
        color: var(--ink-quiet);
        font-size: 0.75rem;
    }
</style>
