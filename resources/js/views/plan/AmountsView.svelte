<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import { plural } from '../../lib/words';
    import Swatch from '../../parts/Swatch.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** How much to pour for a batch: which pots will not last, what is needed in all, and pass by pass, mixed once for all models and coats. */
    let {
        planId,
        models,
        roles,
        version,
        paintFewer,
    }: {
        planId: string;
        models: number;
        /** How many of them are who; nothing: nobody has a role. */
        roles: string | null;
        version: number;
        paintFewer: (models: number) => void;
    } = $props();

    const latest = new Latest<Schemas['Amounts']>();
    const amounts = $derived(latest.answer);
    const passes = $derived((amounts?.passes ?? []).filter((one) => one.mixtures.length > 0 || one.sprayed !== null));

    $effect(() => {
        void version;
        const query = { models, ...(roles === null ? {} : { roles }) };
        return latest.soon(120, () =>
            latest.ask(() => got(server.GET('/plans/{id}/amounts', { params: { path: { id: planId }, query } }))),
        );
    });
</script>

<div class="amounts stack-far" aria-busy={latest.busy}>
    {#if latest.problem}
        <Trouble problem={latest.problem} />
    {:else if amounts}
        {#if amounts.short.length > 0}
            <section class="panel" aria-label="Pots that will not last">
                <h2>Will not last</h2>
                <ul>
                    {#each amounts.short as pot (pot.paintId)}
                        <li class="short">
                            <Swatch hex={pot.hex} size={26} />
                            <span
                                ><b><bdi>{pot.name}</bdi></b><br />{pot.isOwned
                                    ? `${pot.leftMl} ml left of ${pot.neededMl} ml, short by ${pot.missing}`
                                    : `not on the shelf; needed: ${pot.missing}`}{pot.isOwned && pot.reachesModels > 0
                                    ? `; enough for ${plural(pot.reachesModels, 'model')}`
                                    : ''}</span
                            >
                            <span class="acts">
                                {#if pot.reachesModels > 0 && pot.reachesModels < models}
                                    <Button size="small" kind="tertiary" on:click={() => paintFewer(pot.reachesModels)}
                                        >Paint {pot.reachesModels}</Button
                                    >
                                {/if}
                                <Button size="small" kind="tertiary" href="#/mixing?paint={pot.paintId}"
                                    >What stands in</Button
                                >
                                <Button size="small" kind="tertiary" href="#/shelf/buy">Buy</Button>
                            </span>
                        </li>
                    {/each}
                </ul>
            </section>
        {/if}
        <section class="panel" aria-label="In all">
            <h2>In all</h2>
            <ul class="totals">
                {#each amounts.totals as pour}
                    <li>
                        <Swatch hex={pour.hex} size={18} />
                        <span><bdi>{pour.name}</bdi></span>
                        {#if pour.drops > 0}<b>{pour.drops}</b>{:else}<span></span>{/if}
                        <span class="quiet"
                            >{pour.sprayed ?? `${pour.ml.toFixed(2)} ml`}{pour.leftMl === null
                                ? ''
                                : pour.sprayed === null
                                  ? ` of ${pour.leftMl}`
                                  : `, ${pour.ml.toFixed(0)} of ${pour.leftMl} ml`}</span
                        >
                    </li>
                {/each}
            </ul>
        </section>
        <section class="panel" aria-label="Step by step">
            <h2>Pour this, step by step</h2>
            <ol>
                {#each passes as pass (pass.stepId)}
                    <li>
                        <span class="quiet">{pass.number}</span>
                        <span
                            ><b><bdi>{pass.areaName}</bdi></b>, {pass.label.toLowerCase()}<br /><small class="quiet"
                                >{plural(pass.coats, 'coat')} · {pass.brush}{pass.sprayed
                                    ? ` · ${pass.sprayed}`
                                    : ''}</small
                            ></span
                        >
                        <span>
                            {#each pass.cans as can}<span class="mixture"
                                    ><span class="pour"><Swatch hex={can.hex} size={16} /><bdi>{can.name}</bdi></span
                                    ></span
                                >{/each}
                            {#each pass.mixtures as mixture}
                                <span class="mixture">
                                    {#each mixture.pours as pour}<span class="pour"
                                            ><Swatch hex={pour.hex} size={16} /><b>{pour.drops}</b>
                                            <bdi>{pour.name}</bdi></span
                                        >{/each}
                                </span>
                            {/each}
                            {#if pass.walkedOn}
                                <small class="quiet"
                                    >or, while it is wet: to {plural(pass.walkedOn.keepDrops, 'drop')} left of {pass
                                        .walkedOn.from} add {pass.walkedOn.add
                                        .map((one) => `${one.isTrace ? 'a touch of' : one.drops} ${one.name}`)
                                        .join(' and ')}</small
                                >
                            {/if}
                            {#if pass.alsoFor.length > 0}<small class="quiet"
                                    >the pot serves again: {pass.alsoFor.map((one) => one.words).join('; ')}</small
                                >{/if}
                        </span>
                    </li>
                {:else}
                    <li class="quiet">No step has a paint yet: nothing is poured.</li>
                {/each}
            </ol>
        </section>
    {/if}
</div>

<style>
    section {
        padding: 12px 16px;
    }

    ul,
    ol {
        margin: 6px 0 0;
    }

    .short {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr) auto;
        gap: 12px;
        align-items: center;
        padding: 6px 0;
        border-top: 1px solid var(--line);
    }

    .totals {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(270px, 100%), 1fr));
        gap: 4px 26px;
    }

    .totals li {
        display: grid;
        grid-template-columns: 22px minmax(0, 1fr) auto minmax(76px, 110px);
        gap: 8px;
        align-items: center;
    }

    ol li {
        display: grid;
        grid-template-columns: 24px minmax(0, 220px) minmax(0, 1fr);
        gap: 14px;
        align-items: baseline;
        padding: 6px 0;
        border-top: 1px solid var(--line);
    }

    .mixture,
    .pour {
        display: inline-flex;
        flex-wrap: wrap;
        gap: 4px 6px;
        align-items: center;
        margin-right: 14px;
    }

    small {
        display: block;
        font-size: 0.8125rem;
    }

    @media (max-width: 400px) {
        .short .acts {
            grid-column: 1 / -1;
            flex-wrap: wrap;
        }
    }

    @media (max-width: 700px) {
        ol li {
            grid-template-columns: 24px minmax(0, 1fr);
        }

        ol li > :last-child {
            grid-column: 2;
        }

        .short {
            grid-template-columns: auto minmax(0, 1fr);
        }
    }
</style>
