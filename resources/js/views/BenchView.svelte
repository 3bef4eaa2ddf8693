<script lang="ts">
    import { api, asProblem, type Problem, type Schemas } from '../lib/api';
    import { day, plural } from '../lib/words';
    import Meter from '../parts/Meter.svelte';
    import Swatch from '../parts/Swatch.svelte';
    import TechniqueMark from '../parts/TechniqueMark.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import ZoneBars from '../parts/ZoneBars.svelte';

    /** What now: the next step of every batch under way, what is planned, and pots that run low. */
    let bench = $state<Schemas['Bench'] | null>(null);
    let problem = $state<Problem | null>(null);

    const underWay = $derived(bench?.batches.filter((batch) => batch.isBegun && !batch.isFinished) ?? []);
    const planned = $derived(bench?.batches.filter((batch) => !batch.isBegun && !batch.isFinished) ?? []);
    const finished = $derived(bench?.batches.filter((batch) => batch.isFinished) ?? []);

    async function load(): Promise<void> {
        problem = null;
        try {
            bench = await api.get<Schemas['Bench']>('/bench');
        } catch (error) {
            problem = asProblem(error);
        }
    }

    $effect(() => void load());
</script>

<h1>What now?</h1>
{#if problem}
    <Trouble {problem} retry={load} />
{:else if bench === null}
    <Waiting what="the bench" />
{:else if bench.batches.length === 0}
    <div class="panel nothing">
        <h2>The bench is clear</h2>
        <p class="quiet">Nothing is being painted. Open a plan and begin a batch; its next step will lie here.</p>
        <a class="act main" href="#/plans">To the plans</a>
    </div>
{:else}
    <div class="bench">
        <div class="work">
            {#each underWay as batch (batch.id)}
                <article class="panel">
                    <header>
                        <h2><bdi>{batch.name}</bdi></h2>
                        <p class="quiet">
                            {plural(batch.models, 'model')} · {batch.passesDone} of {batch.passes} passes done
                        </p>
                    </header>
                    <Meter share={batch.share} label="{batch.name}: how far" />
                    {#if batch.next}
                        <div class="next">
                            {#if batch.next.look}<div class="look well">
                                    <ZoneBars look={batch.next.look} height={112} label="after this step" />
                                </div>{/if}
                            <div>
                                <p class="quiet">next, pass {batch.next.number}</p>
                                <p class="step"><bdi>{batch.next.areaName}</bdi>: {batch.next.technique}</p>
                                <p>
                                    <bdi>{batch.next.mixWords}</bdi> · {batch.next.dilution} · {plural(
                                        batch.next.coats,
                                        'coat',
                                    )}
                                </p>
                                <p>
                                    {batch.next.done > 0
                                        ? `done on ${batch.next.done}, left on ${batch.next.left}`
                                        : `on all ${batch.next.left}`}
                                </p>
                                <a class="act main" href="#/batches/{batch.id}">Paint on</a>
                            </div>
                        </div>
                        {#if batch.next.following.length > 0}
                            <h3>After that</h3>
                            <ol>
                                {#each batch.next.following as pass (pass.number)}
                                    <li>
                                        <span class="quiet">{pass.number}</span><TechniqueMark
                                            technique={pass.technique}
                                        /><span><b><bdi>{pass.areaName}</bdi></b>: {pass.label.toLowerCase()}</span
                                        ><span class="fetch"
                                            ><Swatch hex={pass.hex} size={24} /><bdi>{pass.mixWords}</bdi></span
                                        >
                                    </li>
                                {/each}
                            </ol>
                        {/if}
                    {/if}
                </article>
            {:else}
                <div class="panel nothing">
                    <h2>Nothing is under way</h2>
                    <p class="quiet">Begin one of the planned batches, or make a new one from a plan.</p>
                </div>
            {/each}
        </div>
        <div class="beside">
            <section class="panel">
                <h2>Planned</h2>
                {#each planned as batch (batch.id)}
                    <a class="row" href="#/batches/{batch.id}"
                        ><b><bdi>{batch.name}</bdi></b><span class="quiet"
                            >{plural(batch.models, 'model')}, {day(batch.startsOn)}</span
                        ></a
                    >
                {:else}
                    <p class="quiet">Nothing waits.</p>
                {/each}
            </section>
            <section class="panel">
                <h2>Running low</h2>
                {#each bench.low as paint (paint.id)}
                    <a class="row pot" href="#/shelf?find={encodeURIComponent(paint.name)}">
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
            {#if finished.length > 0}
                <section class="panel">
                    <h2>Finished</h2>
                    {#each finished as batch (batch.id)}
                        <a class="row" href="#/batches/{batch.id}"
                            ><b><bdi>{batch.name}</bdi></b><span class="quiet"
                                >{plural(batch.models, 'model')}, begun {day(batch.startsOn)}</span
                            ></a
                        >
                    {/each}
                </section>
            {/if}
        </div>
    </div>
{/if}

<style>
    h1 {
        margin-bottom: 14px;
    }

    .bench {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 300px;
        gap: 12px;
        align-items: start;
    }

    .work,
    .beside {
        display: grid;
        gap: 12px;
    }

    article,
    section {
        display: grid;
        gap: 10px;
        padding: 14px 16px;
    }

    article header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: baseline;
        justify-content: space-between;
    }

    .next {
        display: grid;
        grid-template-columns: minmax(160px, 300px) minmax(0, 1fr);
        gap: 20px;
        align-items: center;
        font-size: 1rem;
    }

    .next > div:last-child {
        display: grid;
        gap: 3px;
        justify-items: start;
    }

    .next .act {
        min-height: 40px;
        margin-top: 8px;
        padding: 0 22px;
        font-size: 1rem;
    }

    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 24px 18px minmax(0, 1fr) minmax(0, 1fr);
        gap: 12px;
        align-items: center;
        padding: 5px 0;
        border-top: 1px solid var(--line);
    }

    .fetch {
        display: flex;
        gap: 10px;
        align-items: center;
    }

    .look {
        padding: 14px;
    }

    .step {
        font-size: 1.375rem;
        font-weight: 700;
        line-height: 1.2;
    }

    .row {
        display: grid;
        color: var(--ink);
        text-decoration: none;
    }

    .row:hover b {
        text-decoration: underline;
    }

    .pot {
        grid-template-columns: auto 1fr;
        gap: 12px;
        align-items: center;
    }

    .nothing {
        display: grid;
        gap: 10px;
        justify-items: start;
        padding: 32px;
    }

    @media (max-width: 900px) {
        .bench,
        .next {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
