<script lang="ts">
    import { type Agenda, dayOf, type Evening } from '../../lib/evening';
    import { span } from '../../lib/words';

    /** Each day with what is painted on it, as wide as the evening is long. */
    let {
        agenda,
        chosen,
        choose,
        change,
    }: { agenda: Agenda; chosen: string | null; choose: (start: string) => void; change: (day: string) => void } =
        $props();

    const longest = $derived(Math.max(60, ...agenda.evenings.map((one) => one.minutes)));
    const on = (day: string): Evening[] => agenda.evenings.filter((one) => one.day === day);
    /** What becomes ready on a day. */
    const ready = (day: string): string[] =>
        agenda.batches.flatMap((batch) => [
            ...batch.stops.filter((stop) => stop.at?.slice(0, 10) === day).map((stop) => `${batch.name}: ${stop.name}`),
            ...(batch.finished.at?.slice(0, 10) === day ? [`${batch.name} is finished`] : []),
        ]);
</script>

<ol>
    {#each agenda.days as day (day.day)}
        {@const evenings = on(day.day)}
        {@const minutes = evenings.reduce((sum, one) => sum + one.minutes, 0)}
        <li>
            <p class="over">
                <b>{dayOf(day.day)}</b>
                <button
                    type="button"
                    class="link"
                    aria-label="{dayOf(day.day)}: {minutes === 0 ? 'off' : span(minutes)}, change this day"
                    onclick={() => change(day.day)}
                    >{minutes === 0 ? (day.isOtherwise ? 'off' : '–') : span(minutes)}</button
                >
            </p>
            {#each evenings as evening, at (at)}
                <button
                    class="evening"
                    type="button"
                    aria-pressed={chosen === evening.start}
                    aria-label="{dayOf(day.day)}, {span(evening.minutes)}: {evening.items.length} turns"
                    style:width="{Math.max(20, (100 * evening.minutes) / longest)}%"
                    onclick={() => choose(evening.start)}
                >
                    {#each evening.items as item}
                        <span class="turn" style:flex-grow={item.minutes}
                            >{#each item.zones as hex}<i style:background={hex}></i>{:else}<i class="bare"
                                ></i>{/each}</span
                        >
                    {/each}
                    <span
                        style:flex-grow={Math.max(
                            0,
                            evening.minutes - evening.items.reduce((sum, one) => sum + one.minutes, 0),
                        )}
                    ></span>
                </button>
            {:else}
                <span class="evening off"></span>
            {/each}
            {#each ready(day.day) as words}<p class="ready"><bdi>{words}</bdi></p>{/each}
        </li>
    {/each}
</ol>

<style>
    ol {
        display: grid;
        grid-template-columns: repeat(7, minmax(0, 1fr));
        gap: 14px 12px;
    }

    .over {
        display: flex;
        justify-content: space-between;
    }

    .over .link {
        padding: 0 4px;
        border-radius: 3px;
        color: var(--ink-quiet);
        text-decoration-color: var(--line-strong);
    }

    .over .link:hover {
        background: var(--shade);
        color: var(--ink);
    }

    .evening {
        display: flex;
        max-width: 100%;
        height: 34px;
        overflow: hidden;
        margin-top: 4px;
        padding: 2px;
        border: 0;
        border-radius: 3px;
        background: var(--line);
        cursor: pointer;
    }

    .evening[aria-pressed='true'] {
        outline: 2px solid var(--ink);
        outline-offset: 1px;
    }

    .evening:focus-visible {
        outline: 3px solid var(--accent);
    }

    .off {
        width: 100%;
        background: var(--desk);
        cursor: default;
    }

    .turn {
        display: flex;
        min-width: 2px;
        margin-right: 1px;
    }

    .turn i {
        flex: 1;
    }

    .bare {
        background: var(--line-strong);
    }

    .ready {
        margin-top: 3px;
        font-size: 0.8125rem;
        font-weight: 700;
        line-height: 1.25;
    }

    @media (max-width: 700px) {
        ol {
            grid-template-columns: repeat(2, minmax(0, 1fr));
        }
    }
</style>
