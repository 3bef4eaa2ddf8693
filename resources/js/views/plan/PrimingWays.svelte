<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import { money } from '../../lib/money';
    import { span } from '../../lib/words';
    import Count from '../../parts/Count.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** By what an undercoat gets onto the models: can, airbrush or brush, by what matters to this painter. */
    let {
        planId,
        version,
        method,
        take,
    }: {
        planId: string;
        version: number;
        /** As it is planned. */
        method: string;
        take: (method: Schemas['Priming']['ways'][number]['method']) => void;
    } = $props();

    let models = $state(5);
    let wishes = $state<string[]>([]);
    const latest = new Latest<Schemas['Priming']>();
    const ways = $derived(latest.answer?.ways ?? []);

    $effect(() => {
        void version;
        const query = { models, 'wishes[]': wishes };
        return latest.sooner(120, () =>
            latest.ask(() => got(server.GET('/plans/{id}/priming', { params: { path: { id: planId }, query } }))),
        );
    });
</script>

{#if latest.problem}
    <Trouble problem={latest.problem} />
{:else if ways.length > 0}
    <section aria-label="By what" aria-busy={latest.busy}>
        <div class="ask">
            <h2>By what?</h2>
            <Count label="Models" value={models} least={1} most={60} change={(value) => (models = value)} />
            <div class="pills" role="group" aria-label="What matters">
                {#each latest.answer?.wishes ?? [] as wish (wish.value)}
                    <button
                        type="button"
                        class="pill"
                        aria-pressed={wishes.includes(wish.value)}
                        onclick={() =>
                            (wishes = wishes.includes(wish.value)
                                ? wishes.filter((one) => one !== wish.value)
                                : [...wishes, wish.value])}>{wish.label}</button
                    >
                {/each}
            </div>
        </div>
        <ol class="candidates">
            {#each ways as way, at (way.method)}
                <li class:first={at === 0}>
                    <p>
                        <b>{way.label}</b>
                        <span
                            >{way.price === null ? 'no price is known' : `about ${money(Math.round(way.price))}`}, {span(
                                way.minutes,
                            )} a model</span
                        >
                    </p>
                    <p class="quiet">{way.reasons.join(' ')}</p>
                    {#if way.method === method}<p class="quiet">as planned</p>{:else}<Button
                            size="small"
                            kind={at === 0 ? 'secondary' : 'tertiary'}
                            on:click={() => take(way.method)}>Take it<span class="sr">: {way.label}</span></Button
                        >{/if}
                </li>
            {/each}
        </ol>
    </section>
{/if}

<style>
    section {
        display: grid;
        gap: 8px;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: end;
    }

    li {
        display: grid;
        gap: 6px;
        align-content: start;
        justify-items: start;
        padding: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
    }

    .first {
        border-color: var(--ink);
    }

    li span {
        display: block;
    }
</style>
