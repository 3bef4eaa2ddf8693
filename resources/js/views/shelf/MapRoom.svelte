<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { untrack } from 'svelte';
    import { router } from 'svelte-spa-router';
    import { got, type Named, type Schemas, server } from '../../lib/api';
    import { CLOSER, ShelfMap } from '../../lib/shelfMap.svelte';
    import Choose from '../../parts/Choose.svelte';
    import StarterShelves from '../../parts/StarterShelves.svelte';
    import Nothing from '../../parts/Nothing.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import MapBoard from './MapBoard.svelte';
    import MapFacts from './MapFacts.svelte';
    import MapLegend from './MapLegend.svelte';

    /** The map with what can be laid over it, and its facts beside it. */
    const shelf = new ShelfMap();
    let plans = $state<Named[]>([]);
    let sets = $state<Schemas['PaintSet'][]>([]);

    let facts = $state<HTMLElement>();
    /** Where map and facts do not fit beside each other, what was tapped is brought into view. */
    $effect(() => {
        if (shelf.chosen.size > 0 && matchMedia('(max-width: 900px)').matches)
            facts?.scrollIntoView({ block: 'nearest', behavior: 'auto' });
    });

    const query = new URLSearchParams(router.querystring);
    const find = query.get('find') ?? '';
    shelf.planId = query.get('plan') ?? '';
    shelf.setId = query.get('set') ?? '';
    void got(server.GET('/plans/names')).then((fetched) => (plans = fetched));
    void got(server.GET('/sets')).then((fetched) => (sets = fetched));

    $effect(() => {
        void [shelf.planId, shelf.setId];
        void shelf.load().then(() => find !== '' && untrack(() => shelf.find(find)));
    });
</script>

{#if shelf.problem}
    <Trouble problem={shelf.problem} retry={() => shelf.load()} />
{:else if shelf.map && shelf.map.points.length === 0}
    <Nothing title="Your shelf is empty">
        <p class="quiet">
            Write down what you own, or put plain colours up with one press. Then this is where they stand, by hue and
            value.
        </p>
        <div class="acts">
            <Button size="small" href="#/shelf/list?names=">Paste their names</Button>
            <Button size="small" kind="tertiary" href="#/shelf/list?add=">Add one paint</Button>
            <Button size="small" kind="ghost" href="#/shelf/files">From a file</Button>
        </div>
        <StarterShelves changed={() => shelf.load()} />
    </Nothing>
{:else}
    <div class="with-side" style:--side="340px">
        <div class="map">
            <div class="over">
                <Choose
                    label="Needed by"
                    value={shelf.planId}
                    choices={[
                        { value: '', label: 'no plan' },
                        ...plans.map((plan) => ({ value: plan.id, label: plan.name })),
                    ]}
                    change={(id) => (shelf.planId = id)}
                />
                <Choose
                    label="Lay a set over it"
                    value={shelf.setId}
                    choices={[
                        { value: '', label: 'none' },
                        ...sets.map((set) => ({ value: set.id, label: `${set.name} (${set.new.length} new)` })),
                    ]}
                    change={(id) => (shelf.setId = id)}
                />
                <Choose
                    label="Look at"
                    value={shelf.closer.value}
                    choices={CLOSER}
                    change={(value) => (shelf.closer = CLOSER.find((one) => one.value === value) ?? shelf.closer)}
                />
            </div>
            <MapBoard {shelf} />
            <MapLegend />
        </div>
        <aside bind:this={facts}><MapFacts {shelf} /></aside>
    </div>
{/if}

<style>
    .map {
        display: grid;
        grid-template-rows: auto minmax(0, 1fr) auto;
        gap: 10px;
        height: calc(100vh - 102px);
        min-height: 480px;
    }

    .over {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 10px;
        align-items: end;
    }

    @media (max-width: 900px) {
        .map {
            grid-template-rows: auto 58vh auto;
            height: auto;
        }
    }
</style>
