<script lang="ts">
    import * as v from 'valibot';
    import { onMount } from 'svelte';
    import type { Batch, BatchStep, Craft } from '../../lib/api';
    import { lacking, type BatchDesk, type Done } from '../../lib/batchDesk.svelte';
    import { forget, keep, kept } from '../../lib/kept';
    import { PassTimer } from '../../lib/passTimer.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';
    import ReallyUsed from '../batch/ReallyUsed.svelte';
    import BrushAtHand from './BrushAtHand.svelte';
    import CautionOnce from './CautionOnce.svelte';
    import FinishBar from './FinishBar.svelte';
    import ModelTicks from './ModelTicks.svelte';
    import PourCard from './PourCard.svelte';
    import SlipPrices from './SlipPrices.svelte';
    import TooEarly from './TooEarly.svelte';
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

    let bar = $state<FinishBar>();
    // Whatever was pressed last, the next press of space or Enter is meant for done.
    onMount(() => bar?.focus());

    const coats = $derived(step.step.coats);
    const laid = $derived(step.laid[step.coat - 1] ?? []);
    /** Numbers of the models this coat is still to be laid on. */
    const left = $derived(lacking(step, step.coat));
    /** Those that were ticked; none: all that are left are meant. */
    let ticked = $state<number[]>(kept(ticksName, v.array(v.number())) ?? []);
    const counted = $derived(ticked.filter((one) => left.includes(one)));
    const models = $derived(counted.length > 0 ? counted : left);
    const whose = $derived(whoseStep());
    /** Whether it was asked about paint that is still wet, or about what should come first. */
    let asked = $state(false);
    let really = $state<Omit<Done, 'models' | 'on'>>({});
    /** Which of the owned ones is in the hand. */
    let brush = $state<string | null>(null);
    const isQuestion = $derived(isWet || isEarly);

    function tick(those: number[]): void {
        ticked = those;
        keep(ticksName, those);
    }

    /** "model 1, Old Ferrel" where the pass is not for all. */
    function whoseStep(): string | null {
        if (step.models.length === batch.models) return null;
        const names = step.models.map((number) => {
            const name = batch.squad[number - 1]?.name ?? '';
            return name === '' ? `${number}` : `${number} ${name}`;
        });
        return `only on ${step.models.length === 1 ? 'model' : 'models'} ${names.join(', ')}`;
    }

    /** "all 10", "the 3 left", "model 4", "3 of 6". */
    function words(those: number[], of: number[]): string {
        if (step.models.length === 1) return batch.models === 1 ? '' : `model ${of[0] ?? step.models[0]}`;
        if (those.length < of.length)
            return those.length === 1 ? `model ${those[0]}` : `${those.length} of ${of.length}`;
        return of.length === step.models.length ? `all ${of.length}` : `the ${of.length} left`;
    }

    export function finish(): void {
        if (isQuestion && !asked) {
            asked = true;
            return;
        }
        const on = $state.snapshot(models);
        forget(name);
        forget(ticksName);
        ticked = [];
        const minutes = really.minutes ?? timer.minutes;
        timer.end();
        done({
            ...really,
            ...(brush === null ? {} : { brush }),
            minutes,
            on,
            ...(coats > 1 ? { coat: step.coat } : {}),
        });
    }
</script>

<section class="panel" aria-label="Open step" data-step={step.step.id}>
    <div class="head">
        <p class="quiet">step {step.number} of {batch.steps.length} · {step.place} · {step.brush}</p>
        <h1>
            <TechniqueMark technique={step.step.technique} size={34} /><span
                ><bdi>{step.areaName}</bdi>, {step.technique.toLowerCase()}</span
            >
        </h1>
        {#if whose}<p class="whose"><bdi>{whose}</bdi></p>{/if}
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
        <PourCard {step} left={left.length} />
    </div>
    {#if step.isLight}<UndercoatThen photos={batch.photos.filter((one) => one.isOfUndercoat)} />{/if}
    <p class="hint">
        {step.hint}
        {#if step.isPerModel}<b>Carry it through on one model before the next: it must not dry meanwhile.</b>{/if}
        {#if step.step.note !== ''}<b><bdi>{step.step.note}</bdi></b>{/if}
    </p>
    {#if step.mix !== null}<BrushAtHand batchId={batch.id} {step} take={(one) => (brush = one)} />{/if}
    {#if step.areaId !== null && step.mix !== null}<SlipPrices batchId={batch.id} {step} />{/if}
    <CautionOnce batch={batch.id} hazards={step.hazards} {table} />
    <ModelTicks
        squad={batch.squad}
        models={step.models}
        {laid}
        ticked={counted}
        heads={step.heads}
        keptAs={ticksName}
        {tick}
    />
    {#if asked && isQuestion}
        <TooEarly {step} {isWet} {following} batchId={batch.id} {open} {finish} />
    {/if}
    {#if desk.fault}<p role="alert"><b>{desk.fault.message}</b></p>{/if}
    <FinishBar
        bind:this={bar}
        words={asked && isQuestion ? 'Done all the same' : 'Done'}
        on={words(models, left)}
        {timer}
        aboutMinutes={Math.round((step.minutesPerModel / coats) * left.length)}
        dryMinutes={step.dryMinutes}
        {following}
        {open}
        {finish}
    />
    <ReallyUsed {step} {table} keptAs={name} fault={desk.fault} change={(value) => (really = value)} />
</section>

<style>
    section {
        display: flex;
        flex-direction: column;
        gap: 14px;
        /* Done lies at the lower edge, where elbow and thumb are, however little stands above it. */
        min-height: calc(100vh - 108px);
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

    .whose {
        grid-column: 1;
        font-weight: 700;
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

    /* What it shall look like is what the eye goes to: it has the room there is. */
    @media (min-width: 701px) {
        .looks :global(.bars) {
            height: clamp(190px, calc(100vh - 590px), 400px) !important;
        }
    }

    @media (max-width: 700px) {
        h1 {
            font-size: 1.625rem;
        }

        section {
            gap: 10px;
            min-height: 0;
            padding: 10px 14px 14px;
        }

        .see {
            grid-template-columns: minmax(0, 1fr);
            gap: 10px;
        }

        /* A glance at it is enough here: what to pour comes first. */
        .looks {
            padding: 8px;
            gap: 8px;
        }

        .looks :global(.bars) {
            height: 64px !important;
        }

        figcaption {
            font-size: 0.8125rem;
            line-height: 1.2;
        }

        .coat b {
            font-size: 1.375rem;
        }
    }
</style>
