<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Facet, ShelfMap } from '../../lib/shelfMap.svelte';
    import { wishFor } from '../../lib/wish';
    import { plural } from '../../lib/words';
    import Swatch from '../../parts/Swatch.svelte';

    /** What the map shows, in words: gaps, twins, what runs low, what was never used, and the table of what is chosen. */
    let { shelf }: { shelf: ShelfMap } = $props();

    const facets: { facet: Facet; word: string }[] = [
        { facet: 'low', word: 'running low' },
        { facet: 'neverUsed', word: 'never used' },
        { facet: 'twins', word: 'near-twins' },
    ];
    /** More than anyone reads, and brushing stays smooth. */
    const MOST_ROWS = 40;
    const map = $derived(shelf.map);
    const byId = $derived(new Map((map?.points ?? []).map((point) => [point.id, point])));
    const selection = $derived(shelf.selection);
    const ids = $derived(selection.map((point) => point.id).join(','));
    const newOnes = $derived((map?.laid ?? []).filter((point) => point.isNew));
</script>

{#if map}
    <div class="stack-far">
        {#if selection.length > 0}
            <section class="panel stack padded" aria-label="Chosen paints">
                <h2>{plural(selection.length, 'paint')} chosen</h2>
                <div class="acts">
                    <Button size="small" kind="tertiary" href="/api/paints/export?what=selection&ids={ids}" download
                        >As a table</Button
                    >
                    <Button
                        size="small"
                        kind="tertiary"
                        href="/api/paints/export?what=selection&format=gpl&ids={ids}"
                        download>Palette</Button
                    >
                    <Button size="small" kind="tertiary" href="#/print/swatches?ids={ids}">Swatch sheet</Button>
                    <Button size="small" kind="tertiary" on:click={() => shelf.choose([])}>Let go</Button>
                </div>
                <table>
                    <caption class="sr">Chosen paints</caption>
                    <thead class="sr"
                        ><tr><th scope="col">Paint</th><th scope="col">Value</th><th scope="col">ml left</th></tr
                        ></thead
                    >
                    <tbody>
                        {#each selection.slice(0, MOST_ROWS) as point (point.id)}
                            <tr>
                                <th scope="row"
                                    ><Swatch hex={point.colour?.hex ?? null} kind={point.kind} size={30} /><span
                                        ><a href="#/shelf/list?find={encodeURIComponent(point.name)}"
                                            ><bdi>{point.name}</bdi></a
                                        ><small class="quiet">{point.colour?.words}</small></span
                                    ></th
                                >
                                <td>{point.colour?.value}</td>
                                <td
                                    >{point.remainingMl} ml{#if point.level === 'low'}<br /><b>low</b>{/if}</td
                                >
                            </tr>
                        {/each}
                    </tbody>
                </table>
                {#if selection.length > MOST_ROWS}
                    <p class="quiet">and {selection.length - MOST_ROWS} more, all of them in the files above.</p>
                {/if}
            </section>
        {/if}
        {#if map.needs.length > 0}
            <section class="panel stack padded" aria-label="Needed">
                <h2>{plural(map.needs.length, 'paint')} needed and missing</h2>
                <ul class="paints stack-near">
                    {#each map.needs as point (point.id)}
                        <li>
                            <Swatch hex={point.colour?.hex ?? null} kind={point.kind} size={28} /><span
                                ><bdi>{point.name}</bdi><small class="quiet">{point.colour?.words}</small></span
                            ><Button size="small" kind="tertiary" href="#/mixing?paint={point.id}">Mix it</Button>
                        </li>
                    {/each}
                </ul>
                <div class="acts">
                    <Button size="small" kind="secondary" href="#/mixing/list?plan={shelf.planId}"
                        >What stands in</Button
                    >
                    <Button size="small" kind="tertiary" href="#/shelf/buy?plan={shelf.planId}">What to buy</Button>
                </div>
            </section>
        {/if}
        {#if map.laid.length > 0}
            <section class="panel stack padded" aria-label="Set laid over">
                <h2>{newOnes.length} of {map.laid.length} would be really new</h2>
                <p class="quiet">
                    {newOnes.length === 0
                        ? 'Each of them looks like a paint you own.'
                        : newOnes.map((point) => point.name).join(', ')}
                </p>
            </section>
        {/if}
        <section class="panel stack padded" aria-label="Gaps">
            <h2>Gaps, and what would fill them</h2>
            {#if map.gaps.length === 0}<p class="quiet">No hole worth a word.</p>{/if}
            <ul class="paints stack-near">
                {#each map.gaps as gap}
                    <li>
                        <Swatch hex={gap.filler?.colour?.hex ?? null} kind={gap.filler?.kind} size={28} />
                        <span
                            ><b>{gap.words}</b><small class="quiet"
                                >{#if gap.filler}<bdi>{gap.filler.name}</bdi>,
                                    <bdi>{gap.filler.maker}</bdi>{:else}no paint known here{/if}</small
                            ></span
                        >
                        {#if gap.filler}
                            {@const filler = gap.filler}
                            <Button
                                size="small"
                                kind="tertiary"
                                aria-label="Wish for {filler.name}"
                                on:click={() => wishFor(filler.id, filler.name)}>Wish</Button
                            >
                        {/if}
                    </li>
                {/each}
            </ul>
            <p class="quiet">Counted among paints that cover: a wash fills none.</p>
        </section>
        <section class="panel stack padded" aria-label="Worth a look">
            <h2>Worth a look</h2>
            <div class="acts">
                {#each facets as { facet, word }}
                    {@const found = shelf.facet(facet)}
                    <Button
                        size="small"
                        kind="tertiary"
                        disabled={found.length === 0}
                        on:click={() => shelf.choose(found.map((point) => point.id))}>{found.length} {word}</Button
                    >
                {/each}
            </div>
            {#if map.twins.length > 0}
                <ul class="twins stack-near" aria-label="Near-twins">
                    {#each map.twins.slice(0, 6) as pair}
                        <li>
                            <Swatch hex={byId.get(pair.one)?.colour?.hex ?? null} size={24} /><Swatch
                                hex={byId.get(pair.other)?.colour?.hex ?? null}
                                size={24}
                            />
                            <span
                                ><bdi>{byId.get(pair.one)?.name}</bdi> and <bdi>{byId.get(pair.other)?.name}</bdi>
                                <span class="quiet">{pair.difference.toFixed(1)}</span></span
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
        </section>
    </div>
{/if}

<style>
    table {
        width: 100%;
        border-collapse: collapse;
    }

    tbody tr {
        border-top: 1px solid var(--line);
    }

    tbody th {
        display: flex;
        gap: 12px;
        align-items: center;
        padding: 5px 0;
        font-weight: 400;
        text-align: left;
    }

    th span,
    .paints span {
        display: grid;
        line-height: 1.25;
    }

    td {
        padding-left: 8px;
        text-align: right;
        white-space: nowrap;
    }

    a {
        color: var(--ink);
        text-decoration: none;
    }

    a:hover {
        text-decoration: underline;
    }

    bdi {
        font-weight: 700;
    }

    small bdi {
        font-weight: 400;
    }

    small {
        font-size: 0.8125rem;
    }

    .paints li {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr) auto;
        gap: 12px;
        align-items: center;
    }

    .twins li {
        display: flex;
        gap: 6px;
        align-items: center;
    }

    .twins bdi {
        font-weight: 400;
    }
</style>
