<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { BatchStep, Craft } from '../../lib/api';
    import type { BatchDesk, Done } from '../../lib/batchDesk.svelte';
    import { clock, day, span, plural } from '../../lib/words';
    import Drops from '../../parts/Drops.svelte';
    import Hazards from '../../parts/Hazards.svelte';
    import SprayHours from '../../parts/SprayHours.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';
    import ByTurns from './ByTurns.svelte';
    import DoneBar from './DoneBar.svelte';
    import ReallyUsed from './ReallyUsed.svelte';

    /** The open step, large enough for a glance, with done in reach of an elbow. */
    let {
        desk,
        step,
        following,
        models,
        table,
        focus,
        told,
        done,
    }: {
        desk: BatchDesk;
        step: BatchStep;
        following: BatchStep | null;
        models: number;
        table: Craft;
        focus: boolean;
        told: (really: Omit<Done, 'models'>) => void;
        done: (models: number) => void;
    } = $props();

    const known = $derived(table.techniques.find((one) => one.value === step.step.technique));
    /** Priming is done where the weather is. */
    const SPRAYED: Record<string, string> = { 'spray-can': 'spray-can', airbrush: 'airbrush' };
    const sprays = $derived(step.step.id.startsWith('undercoat') ? (SPRAYED[step.step.brush] ?? null) : null);
    const needsPaint = $derived(known?.needsPaint ?? true);
</script>

<section class="panel" aria-label="Open step">
    <p class="quiet">
        pass {step.number}{step.left === 0 ? ', done' : step.done > 0 ? `, done on ${step.done} of ${models}` : ''}
    </p>
    <h2>
        <TechniqueMark technique={step.step.technique} size={26} /><span
            ><bdi>{step.areaName}</bdi>: {step.technique}</span
        >
    </h2>
    <div class="see">
        <div class="looks well">
            {#if step.before}<figure>
                    <ZoneBars look={step.before} height={116} label="now" />
                    <figcaption>now · {step.before.words}</figcaption>
                </figure>{/if}
            {#if step.look}<figure>
                    <ZoneBars look={step.look} height={116} label="after" />
                    <figcaption>
                        after · {step.look.words}, value {step.look.lowest === step.look.highest
                            ? step.look.lowest
                            : `${step.look.lowest} to ${step.look.highest}`}
                    </figcaption>
                </figure>{/if}
        </div>
        <dl>
            <dt>Coats</dt>
            <dd>
                <b class="big">{step.step.coats}</b>
                {#if step.forecastCoats !== null && step.forecastCoats !== step.step.coats}<span class="quiet aside"
                        >{plural(step.forecastCoats, 'coat')} to cover fully</span
                    >{:else if step.look?.forecast?.isTooThin}<span class="quiet aside">too thin to cover</span>{/if}
            </dd>
            <dt>Dry in</dt>
            <dd>{span(step.dryMinutes)}</dd>
            <dt>Brush</dt>
            <dd>{step.brush}</dd>
            <dt>Where</dt>
            <dd>{step.place}</dd>
            {#if step.textureLabel}<dt>Surface</dt>
                <dd>{step.textureLabel}</dd>{/if}
        </dl>
    </div>
    <div class="mix">
        {#if step.mix}
            <div class="paint">
                <Swatch hex={step.mix.colour.hex} size={56} />
                <div>
                    <p class="name"><bdi>{step.mix.words}</bdi></p>
                    <p class="quiet">{step.mix.colour.words}, value {step.mix.colour.value} · {step.dilution}</p>
                </div>
            </div>
            <div>
                <p class="quiet for">count out for one model</p>
                <Drops drops={step.drops} large />
            </div>
        {:else if needsPaint}
            <p>No paint was chosen for this step. Choose what you really use below.</p>
        {:else}
            <p><b><bdi>{step.words}</bdi></b></p>
        {/if}
    </div>
    {#if step.turns.length > 0}<ByTurns turns={step.turns} />{/if}
    <p class="hint">
        {step.hint}
        {#if step.step.note !== ''}<b><bdi>{step.step.note}</bdi></b>{/if}
    </p>
    {#if step.left > 0 && step.readyAt !== null && new Date(step.readyAt).getTime() > Date.now()}
        <p class="wet">What lies under it is wet till <b>{clock(step.readyAt)}</b>.</p>
    {/if}
    {#if step.left > 0}
        {#if desk.fault}<p role="alert"><b>{desk.fault.message}</b></p>{/if}
        {#key step.step.id}<DoneBar left={step.left} {models} {focus} {done} />{/key}
        <ReallyUsed {step} {table} keptAs="desk.{desk.id}.{step.step.id}" fault={desk.fault} change={told} />
    {/if}
    {#if step.left > 0 && sprays !== null}<SprayHours method={sprays} />{/if}
    {#if known}<Hazards hazards={known.hazards} craft={table} />{/if}
    {#if step.entries.length > 0}
        <ul>
            {#each step.entries as entry (entry.id)}
                <li>
                    <span
                        >{plural(entry.models, 'model')}, {day(entry.doneAt)}
                        {clock(entry.doneAt)}{#if entry.minutes !== null}, {span(
                                entry.minutes,
                            )}{/if}{#if entry.note !== ''}:
                            <bdi>{entry.note}</bdi>{/if}</span
                    >
                    <Button size="small" kind="tertiary" on:click={() => desk.undo(entry.id)}>Undo</Button>
                </li>
            {/each}
        </ul>
    {/if}
    {#if following}
        <p class="fetch">
            <span class="quiet">then</span>
            {#if following.mix}<Swatch hex={following.mix.colour.hex} size={26} />{/if}
            <span
                ><bdi>{following.areaName}</bdi>: {following.technique.toLowerCase()}{#if following.mix}, fetch <b
                        ><bdi>{following.mix.words}</bdi></b
                    >{/if}</span
            >
        </p>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 14px;
        padding: 16px 20px 18px;
        font-size: 1rem;
    }

    h2 {
        display: flex;
        gap: 12px;
        align-items: center;
        margin-top: -12px;
        font-size: 1.75rem;
        line-height: 1.15;
    }

    .see {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 260px;
        gap: 22px;
    }

    .looks {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 14px;
        padding: 16px;
    }

    figure {
        margin: 0;
    }

    figcaption {
        margin-top: 6px;
        font-size: 0.875rem;
    }

    dl {
        display: grid;
        grid-template-columns: auto 1fr;
        gap: 6px 14px;
        align-content: center;
        align-items: baseline;
        margin: 0;
    }

    dt {
        color: var(--ink-quiet);
    }

    dd {
        margin: 0;
    }

    .aside {
        margin-left: 10px;
    }

    .big {
        font-size: 2rem;
        line-height: 1;
    }

    .mix {
        display: flex;
        flex-wrap: wrap;
        gap: 14px 34px;
        align-items: center;
    }

    .paint {
        display: flex;
        gap: 14px;
        align-items: center;
    }

    .name {
        font-size: 1.25rem;
        font-weight: 700;
        line-height: 1.2;
    }

    .for {
        font-size: 0.875rem;
    }

    .wet {
        padding-left: 10px;
        border-left: 4px solid var(--ink);
    }

    .hint {
        max-width: 74ch;
    }

    ul {
        margin: 0;
        padding: 0;
        list-style: none;
        font-size: 0.875rem;
    }

    li {
        display: flex;
        align-items: center;
        justify-content: space-between;
        padding: 4px 0;
        border-top: 1px solid var(--line);
    }

    .fetch {
        display: flex;
        gap: 10px;
        align-items: center;
        padding-top: 12px;
        border-top: 1px solid var(--line);
    }

    @media (max-width: 1100px) {
        .see {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
