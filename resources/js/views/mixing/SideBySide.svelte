<script lang="ts">
    import type { Snippet } from 'svelte';
    import type { MixAnswer, Schemas } from '../../lib/api';
    import Drops from '../../parts/Drops.svelte';
    import SplitSwatch from '../../parts/SplitSwatch.svelte';

    /** The colour wanted against the mix, edge to edge, how they differ, what to count out, and what one part more would do. */
    let { answers, answer, children }: { answers: Schemas['MixAnswers']; answer: MixAnswer; children?: Snippet } =
        $props();

    const target = $derived(answers.target);
</script>

<section class="panel" aria-label="Side by side">
    <div class="well pair">
        <figure>
            <div class="colour left" style:background={target.colour.hex}></div>
            <figcaption>
                <span>wanted</span>
                <b><bdi>{target.name}</bdi></b>
                <span
                    >{target.name.toLowerCase() === target.colour.words ? target.colour.hex : target.colour.words},
                    value {target.colour.value}</span
                >
            </figcaption>
        </figure>
        <figure>
            <div class="colour right" style:background={answer.colour.hex}></div>
            <figcaption>
                <span>{answer.mix.parts.length === 1 ? 'from the pot' : 'mixed'}</span>
                <b><bdi>{answer.mix.words}</bdi></b>
                <span>{answer.colour.words}, value {answer.colour.value}</span>
            </figcaption>
        </figure>
    </div>
    <div class="facts">
        <div class="verdict">
            <p class="number" aria-label="difference {answer.difference}">{answer.difference.toFixed(1)}</p>
            <div>
                <p><b>{answer.closeness}</b></p>
                <p class="quiet">{answer.leans.length === 0 ? 'no lean to speak of' : answer.leans.join(', ')}</p>
            </div>
        </div>
        <div class="stack-near">
            <h2>Count out <span class="quiet">for {answer.ml} ml</span></h2>
            <Drops drops={answer.drops} />
        </div>
    </div>
    {@render children?.()}
    {#if answer.oneMore.length > 0}
        <div class="more stack-near">
            <h2>One part more</h2>
            <ul>
                {#each answer.oneMore as more}
                    <li class="line-up">
                        <SplitSwatch wanted={target.colour.hex} found={more.colour.hex} />
                        <span
                            >of <b><bdi>{more.name}</bdi></b>: {more.words}<span class="quiet"
                                >, then {more.difference.toFixed(1)} off</span
                            ></span
                        >
                    </li>
                {/each}
            </ul>
        </div>
    {/if}
</section>

<style>
    section {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 14px;
        padding: 14px;
    }

    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        padding: 14px;
    }

    figure {
        min-width: 0;
        margin: 0;
    }

    .colour {
        height: 132px;
    }

    .left {
        border-radius: 4px 0 0 4px;
    }

    .right {
        border-radius: 0 4px 4px 0;
    }

    figcaption {
        display: grid;
        padding: 8px 10px 0 0;
        line-height: 1.3;
    }

    figure + figure figcaption {
        padding: 8px 0 0 10px;
    }

    figcaption b {
        overflow-wrap: anywhere;
    }

    .facts {
        display: grid;
        grid-template-columns: minmax(200px, 1fr) 2fr;
        gap: 14px 22px;
        align-items: start;
    }

    .verdict {
        display: flex;
        gap: 14px;
        align-items: center;
    }

    .number {
        font-size: 2.25rem;
        font-weight: 700;
        line-height: 1;
    }

    h2 .quiet {
        font-size: 0.875rem;
        font-weight: 400;
    }

    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 24px;
    }

    @media (max-width: 700px) {
        .facts {
            grid-template-columns: minmax(0, 1fr);
        }

        .colour {
            height: 90px;
        }
    }
</style>
