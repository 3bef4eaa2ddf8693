<script lang="ts">
    import { onMount } from 'svelte';
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import type { Member, Squad, Toward } from '../../lib/squad.svelte';
    import { plural, span } from '../../lib/words';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';

    /** The ways there are to paint an area, for the models that were chosen. */
    let {
        squad,
        area,
        models,
        all,
        choose,
        close,
    }: {
        squad: Squad;
        area: Schemas['Squad']['areas'][number];
        models: number[];
        all: Member[];
        choose: (models: number[]) => void;
        close: () => void;
    } = $props();

    const TOWARD: { value: Toward; label: string }[] = [
        { value: 'warmer', label: 'warmer' },
        { value: 'cooler', label: 'cooler' },
        { value: 'lighter', label: 'lighter' },
        { value: 'darker', label: 'darker' },
    ];
    const HOW_FAR = [
        { value: '2', label: 'hardly' },
        { value: '3', label: 'a touch' },
        { value: '6', label: 'plainly' },
    ];
    let toward = $state<Toward>('warmer');
    let within = $state('3');

    const numbers = $derived(all.map((one) => one.number));
    const who = $derived(
        models.length === all.length
            ? `all ${all.length}`
            : `${models.length === 1 ? 'model' : 'models'} ${[...models].sort((one, other) => one - other).join(', ')}`,
    );
    /** The look all chosen models have now; nothing when they differ. */
    const now = $derived.by(() => {
        const looks = new Set(models.map((number) => area.cells[numbers.indexOf(number)] ?? null));
        return looks.size === 1 ? ([...looks][0] ?? null) : undefined;
    });
    const current = $derived(
        now === undefined ? undefined : now === null ? 'without' : (area.looks[now]?.variant ?? null),
    );

    let panel: HTMLElement;
    // On a narrow screen it stands below the squad: whoever has pressed there sees it.
    onMount(() => panel.scrollIntoView({ block: 'nearest' }));

    /** One after the other: what is under way is not given twice. */
    function give(variant: string | null | 'without', words: string): void {
        if (!squad.isBusy) void squad.give(area.id, models, variant, words);
    }
</script>

<aside class="panel" bind:this={panel} aria-label="{area.name}, {who}">
    <div class="head">
        <h3><bdi>{area.name}</bdi></h3>
        <Button size="small" kind="ghost" on:click={close}>Close</Button>
        <p class="quiet">{who}</p>
    </div>
    <div class="pills" role="group" aria-label="Choose models">
        <button type="button" class="pill" onclick={() => choose(numbers)}>all</button>
        <button type="button" class="pill" onclick={() => choose(numbers.filter((_, at) => at % 2 === 1))}
            >every second</button
        >
        <button type="button" class="pill" onclick={() => choose(numbers.filter((_, at) => at % 3 === 2))}
            >every third</button
        >
    </div>
    <ul class="stack-near">
        {#each area.ways as way (way.variant)}
            <li>
                <button
                    type="button"
                    class="way"
                    aria-pressed={current === way.variant}
                    aria-disabled={squad.isBusy || undefined}
                    onclick={() => give(way.variant, `${area.name}: ${way.name}, ${who}.`)}
                >
                    <span class="zones"
                        >{#each way.zones as zone}<i style:background={zone}></i>{/each}</span
                    >
                    <span class="words"
                        ><b><bdi>{way.name}</bdi></b><small
                            >{plural(way.drops, 'drop')}, {span(way.minutes)}, {plural(way.pots.length, 'pot')}</small
                        ></span
                    >
                </button>
            </li>
        {/each}
        <li>
            <button
                type="button"
                class="way"
                aria-pressed={current === 'without'}
                aria-disabled={squad.isBusy || undefined}
                onclick={() => give('without', `${area.name}: not on ${who}.`)}
            >
                <span class="zones none"></span>
                <span class="words"
                    ><b>not there</b><small>{models.length === 1 ? 'it does' : 'they do'} not have it</small></span
                >
            </button>
        </li>
    </ul>
    <div class="vary">
        <Choose label="Otherwise by" value={within} choices={HOW_FAR} change={(value) => (within = value)} />
        <Choose label="and" value={toward} choices={TOWARD} change={(value) => (toward = value as Toward)} />
        <BusyButton
            kind="tertiary"
            busy={squad.isBusy}
            press={() => squad.vary(area.id, models, toward, Number(within))}>Mix it so</BusyButton
        >
    </div>
    <p class="quiet">
        One part of another pot goes into each of its mixes, so that they differ and still belong together.
    </p>
</aside>

<style>
    aside {
        display: grid;
        gap: 10px;
        padding: 10px 12px 12px;
    }

    .head {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        align-items: center;
    }

    .way {
        display: grid;
        grid-template-columns: 64px minmax(0, 1fr);
        gap: 10px;
        align-items: center;
        width: 100%;
        padding: 6px;
        border: 1.5px solid var(--line);
        border-radius: 4px;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        line-height: 1.2;
        text-align: left;
        cursor: pointer;
    }

    .way:hover {
        background: var(--shade);
    }

    .way[aria-pressed='true'] {
        border-color: var(--ink);
        box-shadow: inset 3px 0 0 var(--ink);
    }

    .zones {
        display: flex;
        height: 34px;
        padding: 4px;
        border-radius: 3px;
        background: var(--well);
    }

    .zones i {
        flex: 1 1 0;
    }

    .none {
        background: repeating-linear-gradient(135deg, var(--line) 0 2px, transparent 2px 8px);
    }

    small {
        display: block;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
    }

    .vary {
        display: grid;
        grid-template-columns: 1fr 1fr auto;
        gap: 8px;
        align-items: end;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }
</style>
