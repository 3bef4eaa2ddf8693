<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, type Offer, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import { tell } from '../../lib/notices.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** What do I have that does this job? Offers from the shelf, with the area before and after. */
    let { desk, stepId, missing }: { desk: PlanDesk; stepId: string; missing: string } = $props();

    const latest = new Latest<Schemas['Substitutes']>(() => (opened = 0));
    const found = $derived(latest.answer);
    const problem = $derived(latest.problem);
    let opened = $state(0);
    const wanted = $derived(
        JSON.stringify(desk.document?.areas.flatMap((area) => area.steps).find((step) => step.id === stepId)?.mix),
    );

    $effect(() => {
        void wanted;
        if (desk.saving === 'saved') void ask(stepId);
    });

    async function ask(step: string): Promise<void> {
        const path = { id: desk.id, step };
        await latest.ask(() => got(server.GET('/plans/{id}/steps/{step}/substitutes', { params: { path } })));
    }

    function take(offer: Offer): void {
        desk.changeStep(stepId, offer.changes);
        tell(`${offer.mix.words} takes its place.`, { label: 'Undo', run: () => desk.undo() });
    }
</script>

<section class="panel stack padded" aria-label="What do I have?">
    <h2>What do I have?</h2>
    <p><b><bdi>{missing}</bdi></b> is not on your shelf.</p>
    {#if problem}
        <Trouble {problem} retry={() => ask(stepId)} />
    {:else if found === null}
        <p class="quiet">Trying every owned paint and pair…</p>
    {:else if found.offers.length === 0}
        <p>Nothing you own does this job. Put the missing paint on the wish list.</p>
    {:else}
        <ol>
            {#each found.offers as offer, index}
                <li class:opened={opened === index}>
                    <button
                        class="head"
                        type="button"
                        aria-expanded={opened === index}
                        onclick={() => (opened = index)}
                    >
                        <span class="pair"
                            ><Swatch hex={found.wanted?.colour.hex ?? null} size={26} /><Swatch
                                hex={offer.colour.hex}
                                size={26}
                            /></span
                        >
                        <span class="name"
                            ><b><bdi>{offer.mix.words}</bdi></b>{offer.dilution
                                ? `, thinned ${offer.dilution}`
                                : ''}</span
                        >
                        <span class="number">{offer.difference.toFixed(1)}</span>
                    </button>
                    {#if opened === index}
                        <div class="body">
                            <p>{offer.words}</p>
                            <div class="looks well">
                                <div>
                                    <ZoneBars look={found.asPlanned.final} height={26} label="as planned" /><span
                                        >as planned</span
                                    >
                                </div>
                                <div>
                                    <ZoneBars look={offer.strip.final} height={26} label="with this" /><span
                                        >with this: {offer.finalDifference.toFixed(1)} apart in the end</span
                                    >
                                </div>
                            </div>
                            <details>
                                <summary>Why this one</summary>
                                <p class="quiet">{offer.reason}</p>
                            </details>
                            <Button size="small" kind="secondary" on:click={() => take(offer)}>Take it</Button>
                        </div>
                    {/if}
                </li>
            {/each}
        </ol>
    {/if}
</section>

<style>
    li {
        border-top: 1px solid var(--line);
    }

    .head {
        display: flex;
        gap: 10px;
        align-items: center;
        width: 100%;
        padding: 7px 0;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    .pair {
        display: flex;
        gap: 2px;
    }

    .name {
        flex: 1;
        line-height: 1.25;
    }

    .opened .name b {
        font-weight: 700;
    }

    .name b {
        font-weight: 400;
    }

    .number {
        font-weight: 700;
    }

    .body {
        display: grid;
        gap: 8px;
        justify-items: start;
        padding-bottom: 12px;
    }

    .looks {
        display: grid;
        gap: 6px;
        width: 100%;
        padding: 8px;
        font-size: 0.8125rem;
    }
</style>
