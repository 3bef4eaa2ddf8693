<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { MixAnswer } from '../../lib/api';
    import { plural } from '../../lib/words';
    import { GROUPS, type MixBench } from '../../lib/mixBench.svelte';
    import SplitSwatch from '../../parts/SplitSwatch.svelte';

    /** Every answer by number of paints. The one the bench would take is marked: the simplest that is as good, or near enough, to the eye. */
    let { bench }: { bench: MixBench } = $props();

    const answers = $derived(bench.answers);
    /** Other ratios of the same paints wait behind a press: they differ by less than a drop is worth. */
    let shownRatios = $state<string[]>([]);

    function best(group: (typeof GROUPS)[number]['group']) {
        const all = (answers?.[group] ?? []).map((answer, index) => ({ answer, index }));
        const ofWhat = ({ answer }: { answer: MixAnswer }) =>
            answer.mix.parts
                .map((part) => part.paint)
                .sort()
                .join();
        return all.filter(
            (one, at) => shownRatios.includes(group) || all.findIndex((other) => ofWhat(other) === ofWhat(one)) === at,
        );
    }

    const lists = $derived(
        GROUPS.filter(({ group }) => (answers?.[group].length ?? 0) > 0).map((one) => ({
            ...one,
            rows: best(one.group),
            hidden: (answers?.[one.group].length ?? 0) - best(one.group).length,
        })),
    );
</script>

{#if answers}
    <div class="lists" style:--columns={lists.length}>
        {#each lists as { group, label, rows, hidden } (group)}
            <section class="panel" aria-label={label}>
                <h2>{label}</h2>
                <ol>
                    {#each rows as { answer, index } (index)}
                        <li>
                            <button
                                type="button"
                                aria-pressed={bench.isShown(group, index)}
                                onclick={() => bench.show(group, index)}
                            >
                                <SplitSwatch wanted={answers.target.colour.hex} found={answer.colour.hex} height={38} />
                                <span class="words"
                                    ><bdi>{answer.mix.words}</bdi>{#if bench.isAdvised(group, index)}<b class="advised"
                                            >{answers.reach.isReached
                                                ? 'simplest that will do'
                                                : 'simplest of the nearest'}</b
                                        >{/if}<small class="quiet">{answer.leans.join(', ') || answer.closeness}</small
                                    ></span
                                >
                                <span class="number">{answer.difference.toFixed(1)}</span>
                            </button>
                        </li>
                    {/each}
                </ol>
                {#if hidden > 0}
                    <Button size="small" kind="ghost" on:click={() => (shownRatios = [...shownRatios, group])}
                        >{plural(hidden, 'other ratio')} of these</Button
                    >
                {/if}
            </section>
        {/each}
    </div>
{/if}

<style>
    .lists {
        display: grid;
        grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
        gap: 12px;
        align-items: start;
    }

    section {
        padding: 12px 0 6px;
    }

    h2 {
        padding: 0 12px 6px;
    }
    li {
        border-top: 1px solid var(--line);
    }

    button {
        display: flex;
        gap: 10px;
        align-items: center;
        width: 100%;
        padding: 7px 12px;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    button:hover {
        background: var(--shade);
    }

    button[aria-pressed='true'] {
        box-shadow: inset 3px 0 0 var(--ink);
    }

    button:focus-visible {
        outline-offset: -2px;
    }

    .words {
        display: grid;
        flex: 1;
        min-width: 0;
        line-height: 1.25;
        overflow-wrap: anywhere;
    }

    button[aria-pressed='true'] bdi {
        font-weight: 700;
    }

    .advised {
        font-size: 0.8125rem;
    }

    .number {
        font-weight: 700;
    }

    @media (max-width: 1100px) {
        .lists {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
