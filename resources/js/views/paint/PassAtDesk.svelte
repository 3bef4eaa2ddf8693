<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { onMount } from 'svelte';
    import { ulid } from 'ulid';
    import { type Batch, type BatchStep, type Craft, got, server } from '../../lib/api';
    import type { BatchDesk, Done } from '../../lib/batchDesk.svelte';
    import { clocks, remaining } from '../../lib/clocks.svelte';
    import { forget, keep, kept } from '../../lib/kept';
    import { PassTimer } from '../../lib/passTimer.svelte';
    import { clock, lasting } from '../../lib/words';
    import Swatch from '../../parts/Swatch.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';
    import ByTurns from '../batch/ByTurns.svelte';
    import ReallyUsed from '../batch/ReallyUsed.svelte';
    import CautionOnce from './CautionOnce.svelte';
    import ModelTicks from './ModelTicks.svelte';
    import PourCard from './PourCard.svelte';
    import UndercoatThen from './UndercoatThen.svelte';

    /** One coat of one pass: what it will look like, how much to pour, which models have it, and done. */
    let {
        desk,
        batch,
        step,
        following,
        table,
        isWet,
        isEarly,
        open,
        done,
    }: {
        desk: BatchDesk;
        batch: Batch;
        step: BatchStep;
        following: BatchStep | null;
        table: Craft;
        isWet: boolean;
        isEarly: boolean;
        open: (stepId: string) => void;
        done: (how: Done) => void;
    } = $props();

    // svelte-ignore state_referenced_locally
    const name = `desk.${batch.id}.${step.step.id}`;
    // svelte-ignore state_referenced_locally
    const ticksName = `ticks.${batch.id}.${step.step.id}.${step.coat}`;
    // svelte-ignore state_referenced_locally
    const timer = new PassTimer(`timer.${batch.id}.${step.step.id}.${step.coat}`);
    $effect(() => timer.tick());

    let button = $state<HTMLButtonElement>();
    // Whatever was pressed last, the next press of space or Enter is meant for this.
    onMount(() => button?.focus({ preventScroll: true }));

    const coats = $derived(step.step.coats);
    const on = $derived(step.coatsDone[step.coat - 1] ?? 0);
    const left = $derived(batch.models - on);
    /** Models of this coat that are ticked, after those that have it already. */
    let ticked = $state(kept<number>(ticksName) ?? 0);
    const counted = $derived(Math.min(ticked, left));
    const models = $derived(counted > 0 ? counted : left);
    /** Whether it was asked about paint that is still wet, or about what should come first. */
    let asked = $state(false);
    let really = $state<Omit<Done, 'models'>>({});
    const readyIn = $derived(
        step.readyAt === null ? 0 : Math.max(0, Math.ceil((new Date(step.readyAt).getTime() - clocks.now) / 1000)),
    );
    const isQuestion = $derived(isWet || isEarly);

    function tick(count: number): void {
        ticked = count;
        keep(ticksName, count);
    }

    /** Touched and found dry: the room teaches something, and the coat may be marked. */
    async function isDryNow(): Promise<void> {
        const under = clocks.all.find((one) => one.batchId === batch.id && one.nextStepId === step.step.id);
        if (under) {
            const body = { id: ulid(), batchId: batch.id, stepId: under.stepId };
            await got(server.POST('/clocks', { body })).catch(() => undefined);
        }
        finish();
    }

    export function finish(): void {
        if (isQuestion && !asked) {
            asked = true;
            return;
        }
        forget(name);
        forget(ticksName);
        const minutes = really.minutes ?? timer.minutes;
        timer.end();
        done({ ...really, minutes, models, ...(coats > 1 ? { coat: step.coat } : {}) });
    }
</script>

<section class="panel" aria-label="Open pass">
    <div class="head">
        <p class="quiet">pass {step.number} of {batch.steps.length} · {step.place} · {step.brush}</p>
        <h1>
            <TechniqueMark technique={step.step.technique} size={34} /><span
                ><bdi>{step.areaName}</bdi>, {step.technique.toLowerCase()}</span
            >
        </h1>
        {#if coats > 1}<p class="coat">coat <b>{step.coat}</b> of {coats}</p>{/if}
    </div>
    <div class="see">
        <div class="looks well">
            {#if step.before}<figure>
                    <ZoneBars look={step.before} height={190} label="now" />
                    <figcaption>now</figcaption>
                </figure>{/if}
            {#if step.look}<figure>
                    <ZoneBars look={step.look} height={190} label="after" />
                    <figcaption>{coats > 1 ? `after ${coats} coats` : 'after'} · {step.look.words}</figcaption>
                </figure>{/if}
        </div>
        <PourCard {step} {left} />
    </div>
    {#if step.isLight}<UndercoatThen photos={batch.photos.filter((one) => one.isOfUndercoat)} />{/if}
    {#if step.turns.length > 0}<ByTurns turns={step.turns} />{/if}
    <p class="hint">
        {step.hint}
        {#if step.isPerModel}<b>Carry it through on one model before the next: it must not dry meanwhile.</b>{/if}
        {#if step.step.note !== ''}<b><bdi>{step.step.note}</bdi></b>{/if}
    </p>
    <CautionOnce hazards={step.hazards} {table} />
    <ModelTicks models={batch.models} {on} {counted} heads={step.heads} keptAs={ticksName} {tick} />
    {#if asked && isQuestion}
        <div class="ask" role="alert">
            {#if isWet}
                <p>
                    <b>What lies under it is wet for another {remaining(readyIn)}</b>, till {clock(step.readyAt!)}.
                    Painted now it tears.
                </p>
            {:else}
                <p><b>Something that belongs under it is not recorded yet.</b></p>
            {/if}
            {#if isWet}<Button kind="tertiary" on:click={isDryNow}>It is dry</Button>{/if}
            {#if following}
                <Button kind="tertiary" on:click={() => open(following.step.id)}
                    >Meanwhile: {following.areaName}, {following.technique.toLowerCase()}</Button
                >
            {/if}
        </div>
    {/if}
    {#if desk.fault}<p role="alert"><b>{desk.fault.message}</b></p>{/if}
    <div class="finish">
        <button class="done" type="button" bind:this={button} onclick={finish}>
            {asked && isQuestion ? 'Done all the same' : 'Done'}
            <span
                >{models === left
                    ? left === batch.models
                        ? `all ${left}`
                        : `the ${left} left`
                    : `${models} of ${left}`}</span
            >
            <kbd>space</kbd>
        </button>
        <button class="timer" type="button" onclick={() => timer.toggle()}>
            <span class="sr">Clock of this pass, {timer.isRunning ? 'press to pause' : 'press to go on'}:</span>
            <b>{timer.words}</b>
            <small
                >{timer.isRunning
                    ? `about ${Math.round((step.minutesPerModel / coats) * left)} min in all`
                    : 'paused'}</small
            >
        </button>
        <p class="dry">
            <small class="quiet">dries in</small>
            <b>{lasting(step.dryMinutes)}</b>
        </p>
        {#if following}
            <button class="next" type="button" onclick={() => open(following.step.id)}>
                <small class="quiet">then fetch</small>
                <span
                    >{#if following.mix}<Swatch hex={following.mix.colour.hex} size={26} />{/if}<span
                        ><b><bdi>{following.mix?.words ?? following.words}</bdi></b><br /><bdi>{following.areaName}</bdi
                        >, {following.technique.toLowerCase()}</span
                    ></span
                >
            </button>
        {/if}
    </div>
    <ReallyUsed {step} {table} keptAs={name} fault={desk.fault} change={(value) => (really = value)} />
</section>

<style>
    section {
        display: grid;
        gap: 14px;
        padding: 18px 22px 20px;
        font-size: 1.0625rem;
    }

    h1 {
        display: flex;
        gap: 14px;
        align-items: center;
        font-size: 2.25rem;
        line-height: 1.1;
    }

    .head {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 2px 24px;
        align-items: center;
    }

    .head .quiet {
        grid-column: 1 / -1;
    }

    .coat {
        font-size: 1.375rem;
    }

    .coat b {
        font-size: 2.25rem;
    }

    .see {
        display: grid;
        grid-template-columns: minmax(0, 1.1fr) minmax(300px, 1fr);
        gap: 18px;
    }

    .looks {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 14px;
        align-content: start;
        padding: 14px;
    }

    figure {
        margin: 0;
    }

    figcaption {
        margin-top: 6px;
        font-size: 0.9375rem;
    }

    .hint {
        max-width: 80ch;
    }

    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 20px;
        align-items: center;
        padding: 12px 16px;
        border: 2px solid var(--ink);
        border-radius: var(--radius);
    }

    .finish {
        position: sticky;
        bottom: -24px;
        display: grid;
        grid-template-columns: minmax(260px, 1.4fr) 150px auto minmax(0, 1fr);
        gap: 16px;
        align-items: stretch;
        margin: 0 -22px;
        padding: 12px 22px;
        border-top: 1px solid var(--line);
        background: var(--panel);
    }

    .done {
        display: flex;
        gap: 14px;
        align-items: center;
        justify-content: center;
        min-height: 78px;
        border: 0;
        border-radius: var(--radius);
        background: var(--accent);
        color: var(--accent-ink);
        font-family: var(--face);
        font-size: 1.75rem;
        font-weight: 800;
        cursor: pointer;
    }

    .done span {
        font-weight: 500;
    }

    kbd {
        padding: 2px 8px;
        border: 1px solid currentcolor;
        border-radius: 4px;
        font-family: var(--face);
        font-size: 0.875rem;
        font-weight: 400;
    }

    .timer,
    .next {
        display: grid;
        align-content: center;
        padding: 4px 12px;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    .timer b,
    .dry b {
        font-size: 1.375rem;
        line-height: 1.2;
    }

    .dry {
        display: grid;
        align-content: center;
    }

    .next span {
        display: flex;
        gap: 10px;
        align-items: center;
    }

    .next span span {
        display: block;
        line-height: 1.25;
    }

    small {
        font-size: 0.8125rem;
    }

    @media (hover: none) {
        kbd {
            display: none;
        }
    }

    @media (max-width: 1000px) {
        .finish {
            grid-template-columns: minmax(0, 1fr) auto auto;
        }

        .next {
            grid-column: 1 / -1;
        }
    }

    @media (max-width: 700px) {
        h1 {
            font-size: 1.625rem;
        }

        .see {
            grid-template-columns: minmax(0, 1fr);
        }

        .finish {
            grid-template-columns: 1fr 1fr;
            bottom: -20px;
        }

        .done {
            grid-column: 1 / -1;
        }
    }
</style>
