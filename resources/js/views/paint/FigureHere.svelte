<script lang="ts">
    import { asProblem, type Batch, type BatchStep, got, of, server } from '../../lib/api';
    import type { Moment, Painted } from '../../lib/figure/colours';
    import type { Stage } from '../../lib/figure/stage';
    import type { Figure } from '../../lib/figures.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import FigureCanvas from '../../parts/FigureCanvas.svelte';

    /** Where the open step goes, on the figure itself: lit on grey, and turned to where one sees it. Nothing where the plan has no figure. */
    let {
        batch,
        step,
        isAsked,
        found,
    }: {
        batch: Batch;
        step: BatchStep;
        /** Somebody pressed for it: then it is said when there is none. */
        isAsked: boolean;
        found: (has: boolean) => void;
    } = $props();

    const known = new Latest<{ figure: Figure; painted: Painted } | null>((answer) => found(answer !== null));
    let stage = $state.raw<Stage | null>(null);
    let asItWillBe = $state(false);

    const planId = $derived(batch.planId);
    const batchId = $derived(batch.id);
    /** The first model the pass is for: where they differ, it is shown on one that has it. */
    const model = $derived(step.models[0] ?? 1);
    $effect(() => {
        const [plan, of_, which] = [planId, batchId, model];
        void known.ask(async () => {
            const figures = await got(server.GET('/plans/{id}/figures', of(plan ?? ''))).catch((error: unknown) => {
                if (asProblem(error).status === 404) return [];
                throw error;
            });
            const figure = figures.find((one) => one.isWorkedOut);
            if (figure === undefined) return null;
            return {
                figure,
                painted: await got(
                    server.GET('/batches/{id}/painted', { params: { path: { id: of_ }, query: { model: which } } }),
                ),
            };
        });
    });

    const shown = $derived(known.answer);
    const passes = $derived(shown?.painted.passes ?? []);
    const at = $derived(passes.findIndex((pass) => pass.step === step.step.id) + 1);
    const moment = $derived<Moment>({
        pass: at,
        only: null,
        lit: asItWillBe || step.originId === null ? null : { area: step.originId, step: step.step.id },
    });
    const isOnIt = $derived(step.originId !== null && (shown?.figure.areas.includes(step.originId) ?? false));

    $effect(() => {
        const area = shown?.painted.areas.find((one) => one.id === step.originId);
        const stages = area?.stages.find((one) => one.step === step.step.id);
        if (stage !== null && area !== undefined && stages !== undefined) stage.turnTo(area.id, stages.lands);
    });
</script>

{#if shown && at > 0}
    <section class="panel here" aria-label="Where it goes">
        <div class="well">
            <FigureCanvas
                figure={shown.figure}
                painted={shown.painted}
                {moment}
                lamp={moment.lit === null ? 'desk' : 'even'}
                chosen={moment.lit === null || !isOnIt ? null : step.originId}
                name="{shown.figure.name}, {step.areaName}: {step.place}"
                ready={(made) => (stage = made)}
            />
        </div>
        <p>
            <b>{moment.lit === null ? 'As it will look' : 'Here'}</b>
            {#if moment.lit !== null}{isOnIt ? `${step.place} on the ` : 'this area is not named on the figure: '}<bdi
                    >{step.areaName}</bdi
                >{/if}
        </p>
        <button type="button" aria-pressed={asItWillBe} onclick={() => (asItWillBe = !asItWillBe)}
            >{asItWillBe ? 'Where does it go?' : 'How will it look?'}</button
        >
    </section>
{:else if isAsked && !known.busy}
    <section class="panel here none" aria-label="Where it goes">
        <h2>No figure yet</h2>
        <p class="quiet">Bring a photo or a sculpt of this model in, and each step is shown where it goes.</p>
        {#if planId}<a href="#/plans/{planId}?face=figure">To the plan’s figure</a>{/if}
    </section>
{/if}

<style>
    section {
        display: grid;
        grid-template-rows: minmax(0, 1fr) auto auto;
        gap: 8px;
        height: calc(100vh - 108px);
        min-height: 380px;
        padding: 12px;
    }

    .none {
        grid-template-rows: none;
        align-content: start;
        height: auto;
        min-height: 0;
    }

    .well {
        min-height: 0;
    }

    button {
        min-height: 40px;
        border: 1px solid var(--line-strong, var(--ink-quiet));
        border-radius: 4px;
        background: transparent;
        color: var(--ink);
        font: inherit;
        cursor: pointer;
    }

    @media (max-width: 1000px) {
        section {
            height: 60vh;
        }
    }
</style>
