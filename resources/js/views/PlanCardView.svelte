<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, got, of, type Plan, type Problem, type Step, server } from '../lib/api';
    import { craft, label, loadCraft } from '../lib/craft.svelte';
    import type { Figure } from '../lib/figures.svelte';
    import Swatch from '../parts/Swatch.svelte';
    import TechniqueMark from '../parts/TechniqueMark.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import ZoneBars from '../parts/ZoneBars.svelte';

    /** A plan on paper: what it takes, and each area step by step with what it looks like then, and a box to tick. */
    let { params }: { params: { id: string } } = $props();
    let plan = $state.raw<Plan | null>(null);
    let problem = $state<Problem | null>(null);
    const table = $derived(craft());

    /** From the front, from its left, from behind, from its right. */
    const SIDES = [0, 90, 180, -90];
    let figure = $state.raw<Figure | null>(null);

    void loadCraft();
    $effect(() => {
        void got(server.GET('/plans/{id}', of(params.id)))
            .then((fetched) => (plan = fetched))
            .catch((error) => (problem = asProblem(error)));
        // Without a figure the card has its strips.
        void got(server.GET('/plans/{id}/figures', of(params.id)))
            .then((figures) => (figure = figures.find((one) => one.areas.length > 0) ?? null))
            .catch(() => undefined);
    });

    const parts = $derived([
        ...(plan?.document.areas ?? []).filter((area) => area.steps.length > 0),
        ...((plan?.document.wholeModel ?? []).length > 0
            ? [{ id: '', name: 'The whole model', steps: plan?.document.wholeModel ?? [] }]
            : []),
    ]);
    const pots = $derived(
        new Map(
            Object.values(plan?.looks.steps ?? {}).flatMap((step) =>
                (step.mix?.parts ?? []).map((one) => [one.name, one.colour.hex] as const),
            ),
        ),
    );

    function how(step: Step): string {
        const told = plan?.looks.steps[step.id];
        return [
            step.mix.length > 0 ? told?.dilution : null,
            step.coats > 1 ? `${step.coats} coats` : null,
            label(table?.places, step.place),
            label(table?.brushes, step.brush),
        ]
            .filter((one) => one)
            .join(' · ');
    }
</script>

<svelte:head><title>{plan?.document.name ?? 'Plan'} on paper · Kalokroma</title></svelte:head>
<header class="screen-only">
    <h1>On paper</h1>
    <div class="acts">
        <Button size="small" kind="tertiary" href="#/plans/{params.id}">Back to the plan</Button>
        <Button size="small" disabled={plan === null} on:click={() => print()}>Print it</Button>
    </div>
</header>
{#if problem}<Trouble {problem} />{/if}
{#if plan}
    <article>
        <h2><bdi>{plan.document.name}</bdi></h2>
        <p class="quiet">
            {label(table?.bodyTypes, plan.document.model.bodyType)}, {plan.document.model.heightMm} mm · {plan.document
                .model.finishLevel} · {plan.looks.undercoat}
        </p>
        {#if figure}
            <div class="sides">
                {#each figure.isPicture ? [0] : SIDES as turn (turn)}
                    <img
                        src="/api/figures/{figure.id}/still?width=300&height=400&turn={turn}"
                        alt="{figure.name} from {turn}°"
                        onerror={(event) => ((event.currentTarget as HTMLElement).hidden = true)}
                    />
                {/each}
            </div>
        {/if}
        <ul class="pots" aria-label="Paints">
            {#each pots as [name, hex] (name)}<li><Swatch {hex} size={18} /> <bdi>{name}</bdi></li>{/each}
        </ul>
        <div class="areas">
            {#each parts as area (area.id)}
                {@const strip = plan.looks.areas[area.id]?.strip}
                <section aria-label={area.name}>
                    <h3><bdi>{area.name}</bdi></h3>
                    <ol>
                        {#each area.steps as step (step.id)}
                            {@const stage = strip?.stages.find((one) => one.stepId === step.id)}
                            <li>
                                <i class="box"></i>
                                <span class="look"
                                    >{#if stage}<ZoneBars look={stage} height={26} />{/if}</span
                                >
                                <span>
                                    <b
                                        ><TechniqueMark technique={step.technique} size={12} />
                                        {label(table?.techniques, step.technique)}</b
                                    >
                                    <bdi>{plan.looks.steps[step.id]?.mix?.words ?? ''}</bdi>
                                    <small>{how(step)}</small>
                                    {#if step.note}<small><bdi>{step.note}</bdi></small>{/if}
                                </span>
                            </li>
                        {/each}
                    </ol>
                </section>
            {/each}
        </div>
    </article>
{/if}

<style>
    .sides {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 10px;
    }

    .sides img {
        width: 100%;
    }

    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        justify-content: space-between;
        margin-bottom: 14px;
    }

    article {
        display: grid;
        gap: 12px;
        max-width: 960px;
        padding: 22px 26px;
        background: var(--raised);
    }

    h2 {
        font-size: 1.375rem;
    }

    .pots {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 16px;
    }

    .pots li {
        display: inline-flex;
        gap: 6px;
        align-items: center;
    }

    .areas {
        columns: 2 320px;
        column-gap: 28px;
    }

    section {
        margin-bottom: 18px;
        break-inside: avoid;
    }

    h3 {
        padding-bottom: 4px;
        border-bottom: 2px solid var(--ink);
        margin-bottom: 6px;
    }

    ol {
        display: grid;
        gap: 7px;
    }

    ol li {
        display: grid;
        grid-template-columns: 14px 84px minmax(0, 1fr);
        gap: 10px;
        align-items: start;
        line-height: 1.3;
    }

    .box {
        width: 14px;
        height: 14px;
        margin-top: 2px;
        border: 1.5px solid var(--ink);
        border-radius: 3px;
    }

    small {
        display: block;
        color: var(--ink-quiet);
        font-size: 0.75rem;
    }

    @media print {
        article {
            max-width: none;
            padding: 0;
            background: none;
        }
    }
</style>
