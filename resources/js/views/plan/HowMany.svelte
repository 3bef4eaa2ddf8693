<script lang="ts">
    import { got, type Schemas, server } from '../../lib/api';

    import { Latest } from '../../lib/latest.svelte';
    import { plural, span } from '../../lib/words';

    /** How many at once: where one waits for paint, what fills the wait, and what the batch takes all at once or split. */
    let { planId, models, version }: { planId: string; models: number; version: number } = $props();

    const SHOWN = 5;
    /** A batch has no more: with fewer one always waits. */
    const MOST_MODELS = 60;
    const latest = new Latest<Schemas['RoundTrip']>();
    const answer = $derived(latest.answer);
    const longest = $derived(Math.max(1, ...(answer?.splits ?? []).map((one) => one.minutes)));
    const waits = $derived([...(answer?.passes ?? [])].sort((one, other) => other.waitMinutes - one.waitMinutes));

    $effect(() => {
        void version;
        const params = { path: { id: planId }, query: { models } };
        return latest.soon(250, () => latest.ask(() => got(server.GET('/plans/{id}/round-trip', { params }))));
    });
</script>

{#if answer}
    <section class="panel stack padded" aria-label="How many at once" aria-busy={latest.busy}>
        <h2>{plural(answer.models, 'model')} at once, or split?</h2>
        <ul class="splits stack-near">
            {#each answer.splits as split (split.size)}
                <li>
                    <span><b>{split.count === 1 ? `all ${split.size}` : `${split.count} × ${split.size}`}</b></span>
                    <span class="bar" aria-hidden="true"
                        ><i style:width="{(100 * (split.minutes - split.waitMinutes)) / longest}%"></i><i
                            class="wait"
                            style:width="{(100 * split.waitMinutes) / longest}%"
                        ></i></span
                    >
                    <span
                        >{span(split.minutes)}<span class="quiet"
                            >{split.waitMinutes > 0
                                ? `, ${span(split.waitMinutes)} of it waiting`
                                : ', no waiting'}</span
                        ></span
                    >
                </li>
            {/each}
        </ul>
        <p class="quiet">at one sitting, by the minutes of the handbook; over evenings the drying falls between them</p>
        {#if waits.length > 0}
            <h3>Where one waits, if nothing else is painted</h3>
            <ul class="stack-near">
                {#each waits.slice(0, SHOWN) as pass (pass.stepId)}
                    <li>
                        <b><bdi>{pass.areaName}</bdi></b>, {pass.label.toLowerCase()}: {span(
                            pass.waitMinutes,
                        )}{pass.smallest <= MOST_MODELS ? `, none from ${plural(pass.smallest, 'model')} on` : ''}{pass
                            .fills.length > 0
                            ? `; meanwhile ${pass.fills.join('; ')}`
                            : ''}
                    </li>
                {/each}
            </ul>
            {#if waits.length > SHOWN}<p class="quiet">and {waits.length - SHOWN} shorter ones</p>{/if}
        {/if}
    </section>
{/if}

<style>
    .splits li {
        display: grid;
        grid-template-columns: 64px minmax(60px, 1fr) 200px;
        gap: 12px;
        align-items: center;
    }

    .bar {
        display: flex;
        height: 16px;
        background: var(--desk);
    }

    .bar i {
        background: var(--ink-quiet);
    }

    .bar .wait {
        background: repeating-linear-gradient(135deg, var(--line-strong) 0 1px, transparent 1px 6px);
    }

    @media (max-width: 500px) {
        .splits li {
            grid-template-columns: 64px minmax(0, 1fr);
        }

        .splits li > :last-child {
            grid-column: 2;
        }
    }
</style>
