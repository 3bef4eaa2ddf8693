<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import { wishFor } from '../../lib/wish';
    import SplitSwatch from '../../parts/SplitSwatch.svelte';

    /** That the shelf does not make it, why, and what to buy instead. */
    let { answers }: { answers: Schemas['MixAnswers'] } = $props();

    const buy = $derived(answers.buy);
</script>

<section class="panel" aria-label="Out of reach">
    <p role="status"><b>{answers.reach.words}</b></p>
    {#if buy && buy.paint.colour}
        <div class="buy">
            <SplitSwatch wanted={answers.target.colour.hex} found={buy.paint.colour.hex} />
            <p>
                Nearest to buy: <b><bdi>{buy.paint.name}</bdi></b>
                <span class="quiet"><bdi>{buy.paint.maker}</bdi> {buy.paint.code}</span>, {buy.difference.toFixed(1)} off,
                {buy.words}.
            </p>
            <Button size="small" kind="tertiary" on:click={() => wishFor(buy.paint.id, buy.paint.name)}
                >Wish for it</Button
            >
        </div>
    {:else}
        <p class="quiet">No paint that is known here comes nearer either.</p>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        padding: 12px 14px;
        border-left: 6px solid var(--ink);
    }

    .buy {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr) auto;
        gap: 12px;
        align-items: center;
    }
</style>
