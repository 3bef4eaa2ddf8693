<script lang="ts">
    import { got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import { plural, span } from '../../lib/words';

    /** Where the hours of a batch go; with fewer hours than it takes, what is left out first and what that loses. */
    let {
        planId,
        models,
        roles,
        version,
        hours,
        change,
        leaveOut,
    }: {
        planId: string;
        models: number;
        /** How many of them are who; nothing: nobody has a role. */
        roles: string | null;
        version: number;
        /** There are so many; null: as many as it takes. */
        hours: number | null;
        change: (hours: number | null) => void;
        /** Ids of the steps that would go. */
        leaveOut: (steps: string[]) => void;
    } = $props();

    /** Less than this nobody sees on the table. */
    const SEEN = 2;
    const latest = new Latest<Schemas['Budget']>((answer) => leaveOut(answer.leaveOut.map((one) => one.stepId)));
    const budget = $derived(latest.answer);
    const longest = $derived(Math.max(1, ...(budget?.areas ?? []).map((one) => one.minutes)));

    $effect(() => {
        void version;
        const query = {
            models,
            ...(roles === null ? {} : { roles }),
            ...(hours === null ? {} : { minutes: Math.round(hours * 60) }),
        };
        return latest.soon(200, () =>
            latest.ask(() => got(server.GET('/plans/{id}/budget', { params: { path: { id: planId }, query } }))),
        );
    });
</script>

{#if budget}
    <section class="panel stack padded" aria-label="Where the hours go" aria-busy={latest.busy}>
        <div class="head">
            <h2>{span(budget.inAll)} at the brush</h2>
            <label class="line-up">
                <span>I have</span>
                <input
                    type="number"
                    min="0.5"
                    max="1000"
                    step="0.5"
                    placeholder="—"
                    value={hours}
                    oninput={(event) => {
                        const given = event.currentTarget.valueAsNumber;
                        change(Number.isFinite(given) && given >= 0.5 && given <= 1000 ? given : null);
                    }}
                />
                <span>hours</span>
            </label>
            {#if hours !== null}
                <p>
                    {#if budget.leaveOut.length === 0 && budget.fits}Everything fits.{:else if budget.fits}
                        {plural(budget.leaveOut.length, 'step')} left out: <b>{span(budget.minutes)}</b>.{:else}
                        Without lights and what is optional it is still <b>{span(budget.minutes)}</b>. Paint fewer
                        models.{/if}
                </p>
            {/if}
        </div>
        <ul class="stack-near">
            {#each budget.areas as area (area.id)}
                <li>
                    <span class="cut-short"><bdi>{area.name}</bdi></span>
                    <span class="bar" aria-hidden="true"><i style:width="{(100 * area.minutes) / longest}%"></i></span>
                    <span class="time">{span(area.minutes)}</span>
                    {#if area.loses >= SEEN}
                        <span class="looks line-up-near" title="before and after">
                            <span class="zones"
                                >{#each area.before as zone}<i style:background={zone}></i>{/each}</span
                            >
                            <span aria-hidden="true">→</span>
                            <span class="zones"
                                >{#each area.after as zone}<i style:background={zone}></i>{/each}</span
                            >
                            <span class="sr">looks otherwise</span>
                        </span>
                    {/if}
                </li>
            {/each}
        </ul>
        {#if budget.leaveOut.length > 0}
            <p class="quiet">
                Left out, the least missed first: {budget.leaveOut
                    .map((one) => `${one.areaName}, ${one.label.toLowerCase()} (${span(one.minutes)})`)
                    .join('; ')}. A batch begun now leaves them out; they can be taken in again later.
            </p>
        {/if}
    </section>
{/if}

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: center;
    }

    input {
        width: 72px;
        min-height: 32px;
        padding: 2px 8px;
        border: 1px solid var(--line-strong);
        border-radius: 4px;
        background: var(--raised);
        color: var(--ink);
        font: inherit;
        font-family: var(--face);
    }

    li {
        display: grid;
        grid-template-columns: minmax(90px, 150px) minmax(60px, 1fr) 84px 150px;
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

    .time {
        text-align: right;
        white-space: nowrap;
    }

    .zones {
        display: flex;
        width: 56px;
        height: 20px;
        padding: 3px;
        border-radius: 3px;
        background: var(--well);
    }

    .zones i {
        flex: 1 1 0;
    }

    @media (max-width: 700px) {
        li {
            grid-template-columns: minmax(0, 1fr) 84px;
        }

        .bar {
            display: none;
        }

        .looks {
            grid-column: 1 / -1;
        }
    }
</style>
