<script lang="ts">
    import { MediaQuery } from 'svelte/reactivity';
    import * as v from 'valibot';
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import type { BatchStep } from '../lib/api';
    import { stayAwake } from '../lib/awake';
    import { BatchDesk, type Done } from '../lib/batchDesk.svelte';
    import { clocks } from '../lib/clocks.svelte';
    import { craft } from '../lib/craft.svelte';
    import { drawnBy } from '../lib/figure/drawing';
    import { forget, keep, kept } from '../lib/kept';
    import { bindKeys } from '../lib/keys.svelte';
    import { plural } from '../lib/words';
    import Meter from '../parts/Meter.svelte';
    import ClockChips from '../parts/ClockChips.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import PassAtDesk from './paint/PassAtDesk.svelte';
    import TakePicture from './paint/TakePicture.svelte';

    /** Wet hands: one pass fills the view; done within reach of an elbow. */
    let { params }: { params: { id: string } } = $props();

    const desk = $derived(new BatchDesk(params.id));
    const keptAs = $derived(`paint.${params.id}`);
    let openId = $state<string | null>(null);
    let beside = $state<'passes' | 'slip' | 'touch-ups' | null>(null);

    $effect(() => desk.listen());
    $effect(() => void desk.load());
    $effect(() => clocks.run());
    $effect(() => stayAwake());
    // At the desk the line may be cut: what opens here is fetched before it is opened.
    $effect(() => {
        const soon = setTimeout(() => {
            const parts = [
                import('./paint/SlipForm.svelte'),
                import('./paint/TouchUps.svelte'),
                import('./paint/Passes.svelte'),
                import('./paint/AllWet.svelte'),
            ];
            void Promise.all(parts).catch(() => undefined);
        }, 1000);
        return () => clearTimeout(soon);
    });
    $effect(() => {
        const asked = new URLSearchParams(router.querystring ?? '');
        openId = asked.get('step') ?? kept(keptAs, v.string());
        if (asked.has('touch-ups')) beside = 'touch-ups';
    });
    // What is recorded starts a clock or ends one.
    let known = '';
    $effect(() => {
        const now = desk.batch ? `${desk.batch.passesDone} ${desk.waiting.length}` : '';
        if (known !== '' && now !== known) void clocks.load();
        known = now;
    });

    const steps = $derived(desk.batch?.steps ?? []);
    const isOpen = (step: BatchStep): boolean => step.left > 0 && !step.isSkipped;
    const isDry = (step: BatchStep): boolean => step.readyAt === null || new Date(step.readyAt).getTime() <= clocks.now;
    const ready = $derived(steps.filter((step) => isOpen(step) && step.canBegin && isDry(step)));
    const chosen = $derived(steps.find((step) => step.step.id === openId && isOpen(step)) ?? null);
    const step = $derived(chosen ?? ready[0] ?? null);
    const following = $derived(
        ready.find((one) => one !== step && one.number > (step?.number ?? 0)) ??
            ready.find((one) => one !== step) ??
            null,
    );
    const mine = $derived(clocks.all.filter((one) => one.batchId === params.id));
    const others = $derived(clocks.all.length - mine.length);
    const slips = $derived((desk.batch?.slips ?? []).filter((one) => !one.isMended));

    /** Whether the plan has a figure to show where the step goes; on a phone there is no room for it. */
    let hasFigure = $state(false);
    const wide = new MediaQuery('(min-width: 701px)');
    const isWide = $derived(wide.current);
    /** It comes by itself where a graphics card draws it; elsewhere, and put away, by a press. */
    let figureOn = $state(drawnBy() === 'card');
    let isAsked = $state(false);
    const showsFigure = $derived(figureOn && beside === null && step !== null && isWide);
    const isSplit = $derived(beside !== null || (showsFigure && (hasFigure || isAsked)));

    let view = $state<PassAtDesk>();

    $effect(() =>
        bindKeys([
            { key: ' ', does: 'mark the coat done', run: () => view?.finish() },
            { key: 'z', does: 'take the newest record back', run: () => desk.undoNewest() },
            { key: 'ArrowRight', does: 'another step that is dry', run: () => go(1), repeats: true },
            { key: 'ArrowLeft', does: 'the one before', run: () => go(-1), repeats: true },
            { key: 'p', does: 'all steps', run: () => (beside = beside === 'passes' ? null : 'passes') },
            { key: 'x', does: 'something slipped', run: () => (beside = beside === 'slip' ? null : 'slip') },
            { key: 'Escape', does: 'close what lies beside', run: () => (beside = null) },
        ]),
    );

    function toggleFigure(): void {
        const isShown = showsFigure && isSplit;
        beside = null;
        figureOn = isAsked = !isShown;
    }

    function open(id: string): void {
        openId = id;
        keep(keptAs, id);
        beside = null;
    }

    function go(by: number): void {
        if (ready.length === 0) return;
        const at = ready.findIndex((one) => one.step.id === step?.step.id);
        open(ready[(at + by + ready.length) % ready.length]!.step.id);
    }

    function done(of: BatchStep, how: Done): void {
        desk.record(of, how);
        openId = null;
        forget(keptAs);
    }
</script>

<svelte:head><title>{desk.batch?.name ?? 'At the desk'} · Kalokroma</title></svelte:head>
{#if desk.batch === null && desk.problem}
    <Trouble problem={desk.problem} retry={() => desk.load()} />
{:else if desk.batch === null || craft() === null}
    <Waiting what="the desk" />
{:else}
    {@const batch = desk.batch}
    <div class="desk">
        <header>
            <a href="#/batches/{batch.id}" title="Leave the desk">‹ <bdi>{batch.name}</bdi></a>
            <div class="far">
                <span class="quiet">{batch.passesDone} of {plural(batch.passes, 'step')}</span>
                <Meter share={batch.share} label="How far the batch is" />
            </div>
            {#if mine.length > 0}<ClockChips all={mine.slice(0, 3)} open={(clock) => open(clock.nextStepId)} />{/if}
            {#if others > 0}<a class="quiet" href="#/">{others} more elsewhere</a>{/if}
            <span class="acts">
                {#if step}<TakePicture {desk} batchId={batch.id} stepId={step.step.id} />{/if}
                {#if isWide}<Button
                        size="field"
                        kind="tertiary"
                        aria-pressed={showsFigure && isSplit}
                        on:click={toggleFigure}>Figure</Button
                    >{/if}
                <Button size="field" kind="tertiary" on:click={() => (beside = beside === 'passes' ? null : 'passes')}
                    >All steps</Button
                >
                <Button
                    size="field"
                    kind="tertiary"
                    on:click={() => (beside = beside === 'touch-ups' ? null : 'touch-ups')}
                    >Touch-ups{slips.length > 0 ? ` ${slips.length}` : ''}</Button
                >
                <Button size="field" kind="tertiary" on:click={() => (beside = beside === 'slip' ? null : 'slip')}
                    >It slipped</Button
                >
            </span>
        </header>
        <div class="middle" class:split={isSplit}>
            {#if batch.isFinished}
                <section class="panel finished">
                    <h1>All {batch.models} are done.</h1>
                    <p class="quiet">Every step on every model is in the logbook, with what was really used.</p>
                    <Button href="#/logbook?batch={batch.id}">To the logbook</Button>
                </section>
            {:else if step}
                {#key step.step.id + step.coat}
                    <PassAtDesk
                        bind:this={view}
                        {desk}
                        {batch}
                        {step}
                        {following}
                        table={craft()!}
                        isWet={!isDry(step)}
                        isEarly={!step.canBegin}
                        open={(id) => open(id)}
                        done={(how) => done(step, how)}
                    />
                {/key}
            {:else}
                {#await import('./paint/AllWet.svelte') then { default: AllWet }}
                    <AllWet clocks={mine} {batch} {open} />
                {/await}
            {/if}
            {#if showsFigure && step}
                {#await import('./paint/FigureHere.svelte') then { default: FigureHere }}
                    <FigureHere {batch} {step} {isAsked} found={(has) => (hasFigure = has)} />
                {/await}
            {/if}
            {#if beside === 'passes'}
                {#await import('./paint/Passes.svelte') then { default: Passes }}
                    <Passes {steps} openId={step?.step.id ?? null} {isDry} {open} />
                {/await}
            {:else if beside === 'slip'}
                {#await import('./paint/SlipForm.svelte') then { default: SlipForm }}
                    <SlipForm {desk} {batch} near={step} close={() => (beside = null)} />
                {/await}
            {:else if beside === 'touch-ups'}
                {#await import('./paint/TouchUps.svelte') then { default: TouchUps }}
                    <TouchUps {desk} {batch} close={() => (beside = null)} />
                {/await}
            {/if}
        </div>
    </div>
{/if}

<style>
    .desk {
        display: grid;
        grid-template-rows: auto auto minmax(0, 1fr);
        gap: 12px;
        min-height: 100%;
    }

    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 24px;
        align-items: center;
        font-size: 1rem;
    }

    header > a:first-child {
        color: var(--ink);
        font-weight: 700;
        text-decoration: none;
    }

    .far {
        width: 150px;
        font-size: 0.875rem;
    }

    .acts {
        display: flex;
        gap: 8px;
        margin-left: auto;
    }

    .middle {
        display: grid;
        grid-row: 3;
        grid-template-columns: minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    .split {
        grid-template-columns: minmax(0, 1fr) 330px;
    }

    .finished {
        display: grid;
        gap: 14px;
        justify-items: start;
        padding: 60px 40px;
    }

    @media (max-width: 700px) {
        header {
            gap: 6px 14px;
        }

        .acts {
            display: grid;
            grid-template-columns: repeat(4, minmax(0, 1fr));
            gap: 6px;
            width: 100%;
        }

        .acts :global(.bx--btn) {
            justify-content: center;
            width: 100%;
            min-width: 0;
            min-height: 40px;
            padding: 4px;
            font-size: 0.8125rem;
        }
    }

    @media (max-width: 1000px) {
        .split {
            grid-template-columns: minmax(0, 1fr);
        }

        .split > :global(:last-child:not(.here)) {
            order: -1;
        }
    }
</style>
