<script lang="ts">
    import { asProblem, got, type Problem, type Schemas, server } from '../../lib/api';
    import { money } from '../../lib/money';
    import Swatch from '../../parts/Swatch.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** Sets as they are sold: what of each is on the shelf already, and what nothing owned looks like. Underlined paints are not owned. */
    let sets = $state<Schemas['PaintSet'][]>([]);
    let problem = $state<Problem | null>(null);

    $effect(() => {
        got(server.GET('/sets'))
            .then((fetched) => (sets = fetched))
            .catch((error) => (problem = asProblem(error)));
    });
</script>

<section class="panel" aria-label="Sets">
    <h2>Sets</h2>
    {#if problem}<Trouble {problem} />{/if}
    {#each sets as set (set.id)}
        <article>
            <p>
                <b><bdi>{set.name}</bdi></b>
                <span class="quiet"
                    ><bdi>{set.maker}</bdi> · {money(set.quote.price)}{set.quote.stock === 0
                        ? ', out of stock'
                        : ''}</span
                >
            </p>
            <div class="row">
                {#each set.paints as paint (paint.id)}<span
                        class:absent={paint.pot.pots === 0}
                        title="{paint.name}, {paint.pot.pots > 0 ? 'owned' : 'not owned'}"
                        ><Swatch hex={paint.swatch} size={28} /><span class="sr">{paint.name}</span></span
                    >{/each}
            </div>
            <p class="quiet">
                {set.paints.filter((paint) => paint.pot.pots > 0).length} of {set.paints.length} on the shelf,
                <b>{set.new.length} really new</b> ·
                <a href="#/shelf?set={set.id}">lay it over the map</a>
            </p>
        </article>
    {/each}
</section>

<style>
    section {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
        gap: 10px 22px;
        padding: 12px 14px;
    }

    h2 {
        grid-column: 1 / -1;
    }

    article {
        display: grid;
        gap: 4px;
        align-content: start;
        padding-top: 8px;
        border-top: 1px solid var(--line);
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 4px;
    }

    .absent {
        padding-bottom: 2px;
        border-bottom: 3px solid var(--ink);
    }

    a {
        color: var(--ink);
    }
</style>
