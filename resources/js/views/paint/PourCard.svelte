<script lang="ts">
    import type { BatchStep } from '../../lib/api';
    import { plural } from '../../lib/words';

    /** What to pour for all that is left of a pass, mixed once: drops by the pot, the way on from an earlier mix, and where else the open pot serves. */
    let { step, left }: { step: BatchStep; left: number } = $props();

    const amounts = $derived(step.amounts);
</script>

<div class="card" aria-label="Pour this">
    {#if amounts && amounts.mixtures.length > 0}
        <p class="quiet">
            pour this for {step.coat > 1 || step.step.coats > 1 ? 'all coats' : 'all'} on {plural(
                left,
                'model',
            )}{amounts.sprayed ? `, or ${amounts.sprayed}` : ''}
        </p>
        {#each amounts.mixtures as mixture}
            <ul>
                {#each mixture.pours as pour}
                    <li>
                        <svg width="26" height="34" viewBox="0 0 14 19" aria-hidden="true">
                            <path
                                d="M7 1C9 5.500 13 8.500 13 12.500a6 6 0 0 1-12 0C1 8.500 5 5.500 7 1z"
                                fill={pour.hex ?? 'none'}
                                stroke="currentColor"
                                stroke-width={pour.hex === null ? 1.2 : 0.5}
                            />
                        </svg>
                        <b>{pour.drops}</b>
                        <span
                            ><bdi>{pour.name}</bdi>{#if pour.lookalike}<small>not <bdi>{pour.lookalike}</bdi></small
                                >{/if}</span
                        >
                    </li>
                {/each}
            </ul>
            <p class="quiet">{mixture.ratio === '' ? '' : `${mixture.ratio} · `}{mixture.dilution} · {mixture.ml} ml</p>
        {/each}
        {#if amounts.walkedOn}
            <p>
                Or, while <bdi>{amounts.walkedOn.from}</bdi> is wet on the palette: to
                <b>{amounts.walkedOn.keepDrops} drops</b>
                of it add
                {#each amounts.walkedOn.add as pour, at}{at > 0 ? ' and ' : ''}<b
                        >{pour.isTrace ? 'a touch of' : pour.drops}</b
                    >
                    <bdi>{pour.name}</bdi>{/each}.
            </p>
        {/if}
        {#if amounts.alsoFor.length > 0}
            <p class="quiet">
                The open pot serves again: {amounts.alsoFor
                    .slice(0, 3)
                    .map((one) => one.words)
                    .join('; ')}.
            </p>
        {/if}
    {:else}
        <p class="what"><bdi>{step.words}</bdi></p>
        <p class="quiet">{amounts?.cans[0]?.sprayed ?? (step.mix ? step.dilution : 'Nothing to pour.')}</p>
    {/if}
</div>

<style>
    .card {
        display: grid;
        gap: 8px;
        align-content: start;
    }

    ul {
        display: grid;
        gap: 4px;
    }

    li {
        display: grid;
        grid-template-columns: 30px minmax(34px, auto) minmax(0, 1fr);
        gap: 10px;
        align-items: center;
        font-size: 1.25rem;
        line-height: 1.15;
    }

    li b {
        font-size: 1.875rem;
        text-align: right;
    }

    small {
        display: block;
        color: var(--ink-quiet);
        font-size: 0.875rem;
    }

    .what {
        font-size: 1.25rem;
        font-weight: 700;
    }

    p {
        font-size: 1rem;
    }
</style>
