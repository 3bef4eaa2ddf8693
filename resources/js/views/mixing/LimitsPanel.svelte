<script lang="ts">
    import Tick from '../../parts/Tick.svelte';
    import { Button, NumberInput } from 'carbon-components-svelte';
    import Close from 'carbon-icons-svelte/lib/Close.svelte';
    import type { Paint, Schemas } from '../../lib/api';
    import { craft, label } from '../../lib/craft.svelte';
    import type { MixBench } from '../../lib/mixBench.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Count from '../../parts/Count.svelte';
    import { plural } from '../../lib/words';
    import KindMark from '../../parts/KindMark.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';

    /** What a mix may be made of. */
    let { bench }: { bench: MixBench } = $props();

    const film = $derived(bench.limits.film ?? bench.answers?.target.film ?? 'covering');
    const used = $derived(bench.limits.kinds ?? bench.answers?.target.kinds ?? []);
    const kinds = $derived(
        (craft()?.films.find((one) => one.value === film)?.kinds ?? []).map((value) => ({
            value,
            label: label(craft()?.kinds, value),
        })),
    );

    function toggle(kind: Schemas['Kind']): void {
        const next = used.includes(kind) ? used.filter((one) => one !== kind) : [...used, kind];
        if (next.length > 0) bench.limit({ kinds: next });
    }

    function add(list: 'avoid' | 'insist', paint: Paint): void {
        if (bench.limits[list].some((one) => one.id === paint.id)) return;
        bench.limit({ [list]: [...bench.limits[list], { id: paint.id, name: paint.name }] });
    }
    /** On a small screen the answer comes first: the limits wait behind their summary. */
    const hasRoom = matchMedia('(min-width: 901px)').matches;
    const told = $derived(
        [
            `${plural(bench.limits.mostPaints, 'paint')} and ${plural(bench.limits.mostParts, 'part')} at most`,
            ...(bench.limits.insist.length > 0 ? [`${bench.limits.insist.length} must be in it`] : []),
            ...(bench.limits.avoid.length > 0 ? [`${bench.limits.avoid.length} kept out`] : []),
        ].join(', '),
    );
</script>

<details class="panel" open={hasRoom}>
    <summary>Limits <span class="quiet">{told}</span></summary>
    <div class="limits">
        <Choose
            label="It shall be"
            value={film}
            choices={craft()?.films ?? []}
            change={(value) => bench.limit({ film: value as typeof film, kinds: null })}
        />
        <div class="counts">
            <Count
                label="Paints, at most"
                value={bench.limits.mostPaints}
                least={1}
                most={3}
                change={(mostPaints) => bench.limit({ mostPaints })}
            />
            <Count
                label="Parts, at most"
                value={bench.limits.mostParts}
                least={1}
                most={9}
                change={(mostParts) => bench.limit({ mostParts })}
            />
        </div>
        <div class="kinds acts" role="group" aria-label="Kinds that may be used">
            {#each kinds as kind (kind.value)}
                <Button
                    size="small"
                    kind="tertiary"
                    aria-pressed={used.includes(kind.value)}
                    on:click={() => toggle(kind.value)}><KindMark kind={kind.value} size={12} />{kind.label}</Button
                >
            {/each}
        </div>
        <div class="stack">
            <NumberInput
                size="sm"
                labelText="Amount wanted, ml"
                min={0.05}
                max={500}
                step={0.5}
                value={bench.limits.amountMl}
                invalid={!!bench.problem?.at('amountMl')}
                invalidText={bench.problem?.at('amountMl') ?? ''}
                on:change={(event) => event.detail !== null && bench.limit({ amountMl: Number(event.detail) })}
            />
            <Tick
                label="only pots with enough left for it"
                checked={bench.limits.enoughLeft}
                change={(enoughLeft) => bench.limit({ enoughLeft })}
            />
        </div>
        {#each [{ list: 'insist', title: 'Must be in it' }, { list: 'avoid', title: 'Keep out' }] as const as one}
            <div class="list">
                <PaintPicker
                    label={one.title}
                    fault={bench.problem?.at(one.list) ?? ''}
                    pick={(paint) => add(one.list, paint)}
                />
                {#if bench.limits[one.list].length > 0}
                    <ul aria-label={one.title}>
                        {#each bench.limits[one.list] as paint (paint.id)}
                            <li>
                                <bdi>{paint.name}</bdi>
                                <Button
                                    size="small"
                                    kind="ghost"
                                    icon={Close}
                                    iconDescription="{one.title}: no longer {paint.name}"
                                    on:click={() =>
                                        bench.limit({
                                            [one.list]: bench.limits[one.list].filter((other) => other.id !== paint.id),
                                        })}
                                />
                            </li>
                        {/each}
                    </ul>
                {/if}
            </div>
        {/each}
    </div>
</details>

<style>
    summary {
        padding: 10px 14px;
        font-weight: 700;
    }

    summary .quiet {
        font-weight: 400;
    }

    .limits {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 12px;
        padding: 2px 14px 14px;
    }

    .counts {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 10px;
    }

    .kinds :global(.bx--btn) {
        min-height: 26px;
        padding: 0 0.5rem;
        font-size: 0.8125rem;
    }

    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 10px;
        margin: 4px 0 0;
    }

    li {
        display: flex;
        align-items: center;
    }
</style>
