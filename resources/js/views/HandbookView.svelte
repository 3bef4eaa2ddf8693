<script lang="ts">
    import { Button, Search } from 'carbon-components-svelte';
    import { replace, router } from 'svelte-spa-router';
    import { asProblem, type Craft, type Problem, type Schemas } from '../lib/api';
    import { craft, label } from '../lib/craft.svelte';
    import { handbook, loadHandbook } from '../lib/handbook.svelte';
    import { span } from '../lib/words';
    import { plural } from '../lib/words';
    import Nothing from '../parts/Nothing.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import HabitForm from './handbook/HabitForm.svelte';
    import TechniqueMark from '../parts/TechniqueMark.svelte';

    /** What painters know, read at the place of need: techniques, undercoats, schools, safety, words. */
    type Entry = { id: string; title: string; text: string };
    type Technique = Craft['techniques'][number];

    const find = $derived(new URLSearchParams(router.querystring).get('find') ?? '');
    const words = $derived(find.toLowerCase().split(/\s+/).filter(Boolean));
    let editing = $state<string | null>(null);
    let problem = $state<Problem | null>(null);
    $effect(() => load());

    function load(): void {
        problem = null;
        void loadHandbook().catch((error: unknown) => (problem = asProblem(error)));
    }
    const NEAT = ['very messy', 'messy', 'neat', 'clean edges'];

    function tells(...texts: string[]): boolean {
        const all = texts.join(' ').toLowerCase();
        return words.every((word) => all.includes(word));
    }

    function techniques(table: Craft, { hints }: Schemas['Handbook']): Technique[] {
        return table.techniques.filter((one) =>
            tells(
                'technique techniques',
                one.label,
                hints[one.value] ?? '',
                label(table.families, one.family),
                ...one.hazards,
            ),
        );
    }

    function chapters(table: Craft, book: Schemas['Handbook']): { name: string; entries: Entry[] }[] {
        const safety = table.hazards.map((one) => ({ id: one.value, title: one.label, text: one.lines.join(' ') }));
        const all = [
            { name: 'Undercoats', entries: book.undercoats },
            { name: 'Schools', entries: book.schools },
            { name: 'Safety', entries: safety },
            { name: 'Words', entries: book.words },
        ];
        return all
            .map(({ name, entries }) => ({ name, entries: entries.filter((one) => tells(name, one.title, one.text)) }))
            .filter((one) => one.entries.length > 0);
    }

    function usual(table: Craft, one: Technique): string {
        const { dilution, coats, brush, place } = one.usual;
        const thin = dilution.thinner === 0 ? 'straight' : `${dilution.paint} : ${dilution.thinner} ${dilution.with}`;
        const how = [
            one.asks.includes('coats') ? plural(coats, 'coat') : '',
            one.asks.includes('dilution') ? thin : '',
            one.asks.includes('brush') ? label(table.brushes, brush) : '',
            one.asks.includes('place') ? label(table.places, place) : '',
        ].filter((text) => text !== '');
        return [
            how.join(', '),
            one.dryMinutes > 0 ? `dry in ${span(one.dryMinutes)}` : '',
            NEAT[one.neatness],
            one.perModel ? 'model by model, while wet' : '',
        ]
            .filter((text) => text !== '')
            .join(' · ');
    }

    function search(text: string): void {
        void replace(text === '' ? '/handbook' : `/handbook?${new URLSearchParams({ find: text })}`);
    }
</script>

<svelte:head><title>Handbook · Kalokroma</title></svelte:head>
{#if problem}
    <Trouble {problem} retry={load} />
{:else if craft() === null || handbook() === null}
    <Waiting what="the handbook" />
{:else}
    {@const table = craft()!}
    {@const book = handbook()!}
    {@const found = techniques(table, book)}
    {@const others = chapters(table, book)}
    <header class="head">
        <h1>Handbook</h1>
        <Search
            size="sm"
            labelText="Find in the handbook"
            placeholder="drybrush, primer, solvent …"
            value={find}
            on:input={(event) => search((event.target as HTMLInputElement).value)}
            on:clear={() => search('')}
        />
    </header>
    {#if found.length === 0 && others.length === 0}
        <Nothing title="Nothing here about “{find}”">
            <p>Try a shorter word, or a technique's name.</p>
        </Nothing>
    {/if}
    {#if found.length > 0}
        <section aria-label="Techniques">
            <h2>Techniques</h2>
            {#each table.families as family (family.value)}
                {@const all = found.filter((one) => one.family === family.value)}
                {#if all.length > 0}
                    <h3 class="quiet">{family.label}</h3>
                    <div class="cards">
                        {#each all as one (one.value)}
                            <article class="panel" id="technique-{one.value}">
                                <h4><TechniqueMark technique={one.value} />{one.label}</h4>
                                {#if book.pictures[one.value] !== undefined}
                                    <img
                                        class="shown"
                                        src={book.pictures[one.value]}
                                        alt="{one.label} on a practice piece: before, and after"
                                        width="440"
                                        height="250"
                                        loading="lazy"
                                    />
                                {/if}
                                <p>{book.hints[one.value]}</p>
                                <p class="quiet">
                                    {usual(table, one)}
                                </p>
                                {#if editing === one.value}
                                    <HabitForm craft={table} technique={one} close={() => (editing = null)} />
                                {:else}
                                    <p>
                                        <Button size="small" kind="ghost" on:click={() => (editing = one.value)}
                                            >{one.habit !== null ? 'Your own way' : 'I do it otherwise'}<span class="sr"
                                                >: {one.label}</span
                                            ></Button
                                        >
                                    </p>
                                {/if}
                                {#if one.hazards.length > 0}
                                    <p class="quiet">
                                        Mind: {#each one.hazards as hazard, index}{index > 0 ? ', ' : ''}<a
                                                href="#/handbook?find={label(table.hazards, hazard)}"
                                                >{label(table.hazards, hazard).toLowerCase()}</a
                                            >{/each}
                                    </p>
                                {/if}
                            </article>
                        {/each}
                    </div>
                {/if}
            {/each}
        </section>
    {/if}
    {#each others as { name, entries } (name)}
        <section aria-label={name}>
            <h2>{name}</h2>
            {#if name === 'Safety'}<p class="quiet">{table.hazardsFirst}</p>{/if}
            <dl>
                {#each entries as entry (entry.id)}
                    <div class="panel">
                        <dt>{entry.title}</dt>
                        <dd>{entry.text}</dd>
                    </div>
                {/each}
            </dl>
        </section>
    {/each}
{/if}

<style>
    .head {
        display: grid;
        grid-template-columns: 1fr minmax(200px, 340px);
        gap: 16px;
        align-items: center;
        margin-bottom: 14px;
    }

    section {
        margin-bottom: 22px;
    }

    h3 {
        margin: 12px 0 6px;
        font-size: 0.875rem;
        font-weight: 400;
    }

    h4 {
        display: flex;
        gap: 7px;
        align-items: center;
        margin: 0;
        font-size: 0.9375rem;
        font-weight: 700;
    }

    .shown {
        width: 100%;
        height: auto;
        border-radius: 4px;
        background: var(--well);
    }

    .cards,
    dl {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
        gap: 10px;
        margin: 8px 0 0;
    }

    article,
    dl div {
        display: grid;
        gap: 6px;
        align-content: start;
        padding: 10px 12px;
        line-height: 1.35;
    }

    /* Its words begin where all others do. */
    article :global(.bx--btn--ghost) {
        margin-inline-start: -5px;
        padding-inline: 4px;
    }

    dt {
        font-weight: 700;
    }

    @media (max-width: 700px) {
        .head {
            grid-template-columns: 1fr;
        }
    }
</style>
