<script lang="ts">
    import { asProblem, got, of, type Schemas, server } from '../../lib/api';
    import { craft, label } from '../../lib/craft.svelte';
    import type { Figure } from '../../lib/figures.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import { warn } from '../../lib/notices.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural } from '../../lib/words';
    import BusyButton from '../../parts/BusyButton.svelte';

    /** What the sculpt says of the open area, beside what was said of it by eye; all of it is taken by one press. */
    let { desk, figure, areaId }: { desk: PlanDesk; figure: Figure; areaId: string | null } = $props();

    type Measure = Schemas['AreaMeasure'];
    const measures = new Latest<Measure[]>();
    const areas = $derived(desk.document?.areas ?? []);
    const here = $derived(measures.answer?.find((one) => one.area === areaId) ?? null);
    const area = $derived(areas.find((one) => one.id === areaId) ?? null);
    const sizes = $derived(craft()?.sizes ?? []);
    let taking = $state(false);

    const same = (one: readonly string[], other: readonly string[]) =>
        one.length === other.length && one.every((id) => other.includes(id));
    /** The areas of which the sculpt says something else than the plan. */
    const others = $derived(
        areas.flatMap((one) => {
            const measure = measures.answer?.find((said) => said.area === one.id);
            if (measure === undefined || measure.cm2 === 0) return [];
            const touches = measure.touches.filter((id) => areas.some((area) => area.id === id));
            const cm2 = Number(measure.cm2.toFixed(3));
            const { size, height, facing } = measure;
            const isTaken = one.size === size && one.cm2 === cm2 && one.height === height && one.facing === facing;
            return isTaken && same(one.touches ?? [], touches)
                ? []
                : [{ area: one.id, size, touches, cm2, height, facing }];
        }),
    );

    $effect(() => {
        void figure.version;
        if (figure.isWorkedOut) void measures.ask(() => got(server.GET('/figures/{id}/measures', of(figure.id))));
    });

    async function take(): Promise<void> {
        taking = true;
        try {
            await desk.takeMeasures(others);
        } catch (error) {
            warn(asProblem(error).message);
        }
        taking = false;
    }

    const LOOKS: Record<Measure['facing'], string> = {
        up: 'looks up',
        down: 'looks down',
        front: 'looks to the front',
        back: 'looks to the back',
        out: 'looks all round',
    };
    const ZONES = ['recess', 'lower side', 'face', 'raised', 'edge'];
    const nameOf = (id: string) => areas.find((one) => one.id === id)?.name ?? '';
    const percent = (share: number) => (share < 0.01 ? 'under 1 %' : `${Math.round(100 * share)} %`);
</script>

{#if measures.answer}
    <section class="panel">
        <h2>Measured on the sculpt</h2>
        {#if here && area}
            <dl>
                <dt>Size</dt>
                <dd>
                    {here.cm2.toFixed(here.cm2 < 1 ? 2 : 1)} cm², {percent(here.share)}
                    {#if here.size !== area.size}<span class="quiet"
                            >· {label(sizes, here.size)}, not {label(sizes, area.size)}</span
                        >{/if}
                </dd>
                <dt>Height</dt>
                <dd>
                    {Math.max(0, Math.round(here.fromMm))} to {Math.round(here.toMm)} mm, {LOOKS[here.facing]}
                </dd>
                <dt>Zones</dt>
                <dd class="zones">
                    {#each here.zones as share, zone (zone)}
                        <span>{percent(share)} <span class="quiet">{ZONES[zone]}</span></span>
                    {/each}
                </dd>
                <dt>Touches</dt>
                <dd>
                    {#if here.touches.length === 0}nothing that is named{/if}
                    {#each here.touches as id, at (id)}<bdi>{nameOf(id)}</bdi>{at < here.touches.length - 1
                            ? ', '
                            : ''}{/each}
                </dd>
                {#if here.hidden >= 0.1}
                    <dt>Behind</dt>
                    <dd>{percent(here.hidden)} of it is behind something</dd>
                {/if}
            </dl>
        {/if}
        {#if others.length > 0}
            <BusyButton kind="tertiary" busy={taking} press={take}
                >Take all that is measured, {plural(others.length, 'area')}</BusyButton
            >
        {:else}
            <p class="quiet">
                Sizes, cm² and neighbours of the plan are those of the sculpt: drops and minutes go by them.
            </p>
        {/if}
    </section>
{/if}

<style>
    .panel {
        display: grid;
        gap: 10px;
        justify-items: start;
        padding: 12px 14px 14px;
    }

    dl {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr);
        gap: 4px 12px;
    }

    dt {
        color: var(--ink-quiet);
    }

    .zones {
        display: flex;
        flex-wrap: wrap;
        gap: 0 12px;
    }
</style>
