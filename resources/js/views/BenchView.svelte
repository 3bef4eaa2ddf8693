<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { got, server, type Schemas } from '../lib/api';
    import { clocks } from '../lib/clocks.svelte';
    import { longDay } from '../lib/evening';
    import { Latest } from '../lib/latest.svelte';
    import { day, plural, span } from '../lib/words';
    import ClockChips from '../parts/ClockChips.svelte';
    import Meter from '../parts/Meter.svelte';
    import Nothing from '../parts/Nothing.svelte';
    import Swatch from '../parts/Swatch.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import EveningBar from './evenings/EveningBar.svelte';
    import DemoNote from './bench/DemoNote.svelte';
    import BatchAtHand from './bench/BatchAtHand.svelte';
    import FirstSteps from './bench/FirstSteps.svelte';

    /** What now: the next step of the batch at hand, the others under way, what is planned, and pots that run low. */
    const latest = new Latest<Schemas['Bench']>();
    const bench = $derived(latest.answer);
    const atHand = $derived(bench?.underWay[0]);

    const load = (): Promise<void> => latest.ask(() => got(server.GET('/bench')));
    $effect(() => void load());
    $effect(() => clocks.run());
</script>

<svelte:head><title>Bench · Kalokroma</title></svelte:head>
<header>
    <h1>What now?</h1>
    <DemoNote />
</header>
{#if latest.problem}
    <Trouble problem={latest.problem} retry={load} />
{:else if bench === null}
    <Waiting what="the bench" />
{:else}
    <div class="with-side">
        <div class="stack-far">
            {#if atHand}
                <BatchAtHand batch={atHand} />
                {#if bench.evening && bench.evening.items.length > 0}
                    <h2 class="evening">
                        <a href="#/evenings">{bench.evening.isNow ? 'This evening' : longDay(bench.evening.day)}</a>
                        <span class="quiet">{span(bench.evening.minutes)}</span>
                    </h2>
                    <EveningBar evening={bench.evening} now={new Date().toISOString()} />
                {/if}
                {#each bench.underWay.slice(1) as batch (batch.id)}
                    <a class="panel other" href="#/batches/{batch.id}">
                        <b><bdi>{batch.name}</bdi></b>
                        <span class="quiet">{batch.passesDone} of {batch.passes} steps</span>
                        <Meter share={batch.share} label="{batch.name}: how far" />
                        {#if batch.next}<span class="then line-up"
                                ><Swatch hex={batch.next.mix?.colour.hex ?? null} size={22} /><span
                                    >next <bdi>{batch.next.areaName}</bdi>: {batch.next.technique.toLowerCase()}</span
                                ></span
                            >{/if}
                    </a>
                {/each}
            {:else if bench.counts.batches === 0}
                <FirstSteps counts={bench.counts} changed={load} />
            {:else}
                <Nothing title="Nothing is under way">
                    <p class="quiet">Begin one of the planned batches, or make a new one from a plan.</p>
                    <Button size="small" kind="tertiary" href="#/plans">To the plans</Button>
                </Nothing>
            {/if}
        </div>
        <div class="stack-far">
            {#if bench.evening === null && bench.underWay.length > 0}
                <section class="panel stack padded">
                    <h2>Evenings</h2>
                    <p class="quiet">Say when you sit down, and each evening is filled.</p>
                    <Button size="small" kind="tertiary" href="#/evenings">When do you paint?</Button>
                </section>
            {/if}
            {#if clocks.all.length > 0}
                <section class="panel stack padded" aria-label="Drying now">
                    <h2>Drying</h2>
                    <ClockChips all={clocks.all} open={(clock) => void push(`/batches/${clock.batchId}/paint`)} />
                    <label class="fine-print"
                        ><input
                            type="checkbox"
                            checked={clocks.hasSound}
                            onchange={(event) => clocks.setSound(event.currentTarget.checked)}
                        /> with a sound when dry</label
                    >
                </section>
            {/if}
            {#if bench.touchUps.length > 0}
                <section class="panel stack padded" aria-label="Touch-ups">
                    <h2>Touch-ups</h2>
                    {#each bench.touchUps as slip (slip.id)}
                        <a class="row pot" href="#/batches/{slip.batchId}/paint?touch-ups">
                            <Swatch hex={slip.mix?.colour.hex ?? null} size={28} />
                            <span
                                ><b><bdi>{slip.areaName}</bdi></b>: {slip.kindLabel}<br /><span class="quiet"
                                    >{slip.isNow ? 'best done now' : slip.when}</span
                                ></span
                            >
                        </a>
                    {/each}
                </section>
            {/if}
            {#if bench.decisions.length > 0}
                <section class="panel stack padded" aria-label="Open decisions">
                    <h2>To be decided</h2>
                    {#each bench.decisions as one (one.planId + ' ' + one.areaId)}
                        <a class="row" href="#/plans/{one.planId}?area={one.areaId}"
                            ><b><bdi>{one.areaName}</bdi></b><span class="quiet"
                                ><bdi>{one.batchName ?? one.planName}</bdi>{one.isDue
                                    ? ', which is under way'
                                    : ''}</span
                            ></a
                        >
                    {/each}
                </section>
            {/if}
            {#if bench.counts.batches > 0}
                <section class="panel stack padded">
                    <h2>Planned</h2>
                    {#each bench.planned as batch (batch.id)}
                        <a class="row" href="#/batches/{batch.id}"
                            ><b><bdi>{batch.name}</bdi></b><span class="quiet"
                                >{plural(batch.models, 'model')}, {day(batch.startsOn)}</span
                            ></a
                        >
                    {:else}
                        <p class="quiet">Nothing waits.</p>
                    {/each}
                </section>
            {/if}
            {#if bench.counts.owned > 0}
                <section class="panel stack padded">
                    <h2>Running low</h2>
                    {#each bench.low as paint (paint.id)}
                        <a class="row pot" href="#/shelf/list?find={encodeURIComponent(paint.name)}">
                            <Swatch hex={paint.swatch} kind={paint.kind} size={28} />
                            <span
                                ><b><bdi>{paint.name}</bdi></b><br /><span class="quiet"
                                    >{paint.pot.remainingMl} ml left{paint.pot.note === ''
                                        ? ''
                                        : `, ${paint.pot.note}`}</span
                                ></span
                            >
                        </a>
                    {:else}
                        <p class="quiet">Every pot has enough in it.</p>
                    {/each}
                </section>
            {/if}
            {#if bench.finished.length > 0}
                <section class="panel stack padded">
                    <h2>Finished</h2>
                    {#each bench.finished as batch (batch.id)}
                        <a class="row" href="#/batches/{batch.id}"
                            ><b><bdi>{batch.name}</bdi></b><span class="quiet"
                                >{plural(batch.models, 'model')}, begun {day(batch.startsOn)}</span
                            ></a
                        >
                    {/each}
                    {#if bench.finishedInAll > bench.finished.length}
                        <a class="row quiet" href="#/logbook"
                            >and {bench.finishedInAll - bench.finished.length} more in the logbook</a
                        >
                    {/if}
                </section>
            {/if}
        </div>
    </div>
{/if}

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 16px;
        align-items: center;
        justify-content: space-between;
        min-height: 32px;
        margin-bottom: 12px;
    }

    .row,
    .other {
        display: grid;
        color: var(--ink);
        text-decoration: none;
    }

    .row:hover b,
    .other:hover b {
        text-decoration: underline;
    }

    .other {
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 6px 14px;
        padding: 10px 16px;
    }

    .other :global(.meter),
    .then {
        grid-column: 1 / -1;
    }

    h2 a {
        color: inherit;
        text-decoration: none;
    }

    h2 a:hover {
        text-decoration: underline;
    }

    h2 .quiet {
        font-weight: 400;
    }

    .evening {
        margin: 4px 2px -4px;
    }

    .pot {
        grid-template-columns: auto 1fr;
        gap: 12px;
        align-items: center;
    }
</style>
