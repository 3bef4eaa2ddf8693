<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import { plural, span } from '../../lib/words';
    import type { PlanEdit } from '../../lib/outboxStore';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import FigureAfter from '../../parts/FigureAfter.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** A recipe as one school would write it: its looks on the scale of all, what it costs, its steps with their reasons. */
    let {
        proposal,
        desk,
        areaId,
        take,
        putAside,
    }: { proposal: Schemas['Proposal']; desk: PlanDesk; areaId: string; take: () => void; putAside: () => void } =
        $props();

    const edit = $derived<PlanEdit>({ do: 'repaint-area', area: areaId, steps: proposal.steps });
</script>

<article aria-label={proposal.label}>
    <h3>{proposal.label}</h3>
    {#if desk.plan?.figure?.areas.includes(areaId)}<FigureAfter
            plan={desk.plan}
            {edit}
            area={areaId}
            name="The figure with this recipe"
        />{/if}
    <div class="well looks">
        {#each proposal.strip.stages as stage, index (index)}<ZoneBars
                look={stage}
                height={index === proposal.strip.stages.length - 1 ? 40 : 12}
                label="after {stage.technique}"
            />{/each}
    </div>
    <p class="facts">
        <b>{plural(proposal.steps.length, 'step')}</b> · {span(proposal.minutes)} a model · {plural(
            proposal.pots,
            'pot',
        )}
    </p>
    <p class="quiet">{proposal.reason}</p>
    {#if proposal.missing.length > 0}<p class="buy">
            <b>To buy:</b>
            {proposal.missing.map((one) => `${one.name} (${one.maker} ${one.code})`).join(', ')}
        </p>{/if}
    {#each [...proposal.unreached, ...proposal.remarks] as words, at (at)}<p class="buy">
            {words}
        </p>{/each}
    <ol class="stack">
        {#each proposal.told as step, index (index)}
            <li>
                <Swatch hex={step.colour} size={22} />
                <div>
                    <p class="what">
                        <TechniqueMark technique={step.technique} size={13} /><b>{step.label}</b>
                        <span class="quiet">{step.coats > 1 ? `${step.coats} ×, ` : ''}{step.dilution}</span>
                    </p>
                    <p><bdi>{step.words}</bdi></p>
                    <p class="quiet why">{step.reason}</p>
                </div>
            </li>
        {/each}
    </ol>
    <div class="acts">
        <Button size="small" kind="secondary" on:click={take}
            >Take this one<span class="sr">: {proposal.label}</span></Button
        >
        <Button size="small" kind="ghost" on:click={putAside}>To try<span class="sr">: {proposal.label}</span></Button>
    </div>
</article>

<style>
    article {
        display: flex;
        flex-direction: column;
        gap: 8px;
        min-width: 0;
        padding: 12px;
        border: 1px solid var(--line);
        border-radius: 6px;
        background: var(--raised);
    }

    h3::first-letter {
        text-transform: uppercase;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
        margin-top: auto;
    }

    .what {
        display: flex;
        flex-wrap: wrap;
        gap: 0 5px;
        align-items: center;
    }

    .looks {
        display: grid;
        gap: 3px;
        padding: 8px;
    }

    .buy {
        padding-left: 8px;
        border-left: 3px solid var(--ink);
    }

    li {
        display: grid;
        grid-template-columns: 22px minmax(0, 1fr);
        gap: 8px;
        align-items: start;
        line-height: 1.3;
    }

    .why {
        font-size: 0.8125rem;
    }
</style>
