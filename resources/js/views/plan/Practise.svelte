<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { type Craft, got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { span } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import { groupsOf } from '../../lib/techniques';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** Something one wants to get better at: where in this plan, and how that would look. It is put aside as a way, for a trial piece. */
    let { desk, craft }: { desk: PlanDesk; craft: Craft } = $props();

    type Place = Schemas['Practice']['places'][number];
    const BRUSHED = ['base', 'shade', 'light', 'tint', 'detail', 'weathering'];
    let technique = $state('');
    const latest = new Latest<Schemas['Practice']>();
    const brushed = $derived(craft.techniques.filter((one) => one.needsPaint && BRUSHED.includes(one.family)));
    const choices = $derived([{ value: '', label: 'nothing special' }, ...brushed]);
    const label = $derived(latest.answer?.label.toLowerCase() ?? '');

    function ask(wanted: string): void {
        technique = wanted;
        if (wanted === '') return;
        const params = { path: { id: desk.id }, query: { technique: wanted } };
        void latest.ask(() => got(server.GET('/plans/{id}/practice', { params })));
    }

    function putAside(place: Place): void {
        const area = desk.document?.areas.find((one) => one.id === place.areaId);
        if (area) void desk.addVariant(area, `${label}, to practise`, place.steps);
    }

    function hasIt(place: Place): boolean {
        const area = desk.document?.areas.find((one) => one.id === place.areaId);
        return (area?.variants ?? []).some((one) => one.name === `${label}, to practise`);
    }
</script>

<section class="panel stack padded" aria-label="Practise" aria-busy={latest.busy}>
    <Choose
        label="I want to practise"
        value={technique}
        {choices}
        groups={[{ label: 'this time', values: [''] }, ...groupsOf(craft, brushed)]}
        change={ask}
    />
    {#if technique !== '' && latest.problem}
        <p role="alert"><b>{latest.problem.message}</b></p>
    {:else if technique !== '' && latest.answer?.technique === technique}
        {#each latest.answer.places as place (place.areaId)}
            <article>
                <div class="well"><ZoneBars look={place.strip.final} height={40} label="{place.areaName} then" /></div>
                <div>
                    <b><bdi>{place.areaName}</bdi></b>
                    <p class="quiet">
                        {place.instead === null
                            ? `${label} over it`
                            : `${label} instead of ${place.instead.toLowerCase()}`}, with <bdi>{place.words}</bdi> · {span(
                            place.minutes,
                        )} in all
                    </p>
                    {#each place.against as words (words)}<p>{words}</p>{/each}
                </div>
                {#if hasIt(place)}
                    <a href="#/plans/{desk.id}?area={place.areaId}">Put aside as a way</a>
                {:else}
                    <Button size="small" kind="tertiary" on:click={() => putAside(place)}
                        >Put it aside as a way<span class="sr">: {place.areaName}</span></Button
                    >
                {/if}
            </article>
        {:else}
            <p class="quiet">No step of this plan could be done so with its paint.</p>
        {/each}
    {/if}
</section>

<style>
    section > :global(.bx--form-item) {
        max-width: 320px;
    }

    article {
        display: grid;
        grid-template-columns: 96px minmax(0, 1fr) auto;
        gap: 4px 12px;
        align-items: center;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    a {
        color: inherit;
    }

    @media (max-width: 500px) {
        article {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
