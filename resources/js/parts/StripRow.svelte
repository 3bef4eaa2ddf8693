<script lang="ts">
    import type { Step, Strip } from '../lib/api';
    import { craft, label } from '../lib/craft.svelte';
    import { plural } from '../lib/words';
    import { dndzone } from 'svelte-dnd-action';
    import { Dragged } from '../lib/dragged.svelte';
    import { arrows, DRAGGED } from '../lib/reorder';
    import { landing } from '../lib/landing.svelte';
    import { keepInSight } from '../lib/sight';
    import TechniqueMark from './TechniqueMark.svelte';
    import ZoneBars from './ZoneBars.svelte';

    /**
     * The strip: what an area looks like after each stage. Steps without paint stand in it as empty places.
     * Choose a stage with pointer or keys; drag it, or Alt and arrows, to reorder.
     */
    let {
        strip,
        steps,
        mixWords,
        warned = [],
        chosen = null,
        choose,
        move,
        away,
    }: {
        strip: Strip;
        steps: Step[];
        mixWords: (stepId: string) => string;
        warned?: string[];
        chosen?: string | null;
        choose?: (stepId: string) => void;
        move?: (from: number, to: number) => void;
        /** Let go over another area. */
        away?: (stepId: string, area: string) => void;
    } = $props();

    const ground = $derived(strip.stages.filter((stage) => stage.stepId.startsWith('undercoat')));
    /** What is done to the whole model comes behind, whenever it is done. */
    const whole = $derived(
        strip.stages.filter((stage) => !ground.includes(stage) && steps.every((step) => step.id !== stage.stepId)),
    );
    const tiles = $derived(
        steps.map((step) => ({ step, stage: strip.stages.find((stage) => stage.stepId === step.id) ?? null })),
    );

    const ids = $derived(steps.map((step) => step.id));
    const byId = $derived(new Map(tiles.map((tile) => [tile.step.id, tile])));
    const order = new Dragged(
        (from, to) => move?.(from, to),
        (id) => {
            const area = landing.end();
            if (area !== null) away?.(id, area);
        },
    );
    $effect.pre(() => order.set(ids));
    const uid = $props.id();

    let row: HTMLElement;

    $effect(() => {
        // The page stays where it is; only the strip moves along.
        keepInSight(row, row.querySelector<HTMLElement>(`[data-step="${chosen}"]`));
    });

    function walk(event: KeyboardEvent, index: number): void {
        if (event.altKey || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')) return;
        event.preventDefault();
        const to = tiles[index + (event.key === 'ArrowRight' ? 1 : -1)];
        if (to === undefined) return;
        choose?.(to.step.id);
        row.querySelector<HTMLElement>(`[data-step="${to.step.id}"]`)?.focus();
    }
</script>

<svelte:window
    onmousemove={(event) => order.isDragging && away && landing.at(event.clientX, event.clientY)}
    ontouchmove={(event) =>
        order.isDragging && away && landing.at(event.touches[0]!.clientX, event.touches[0]!.clientY)}
/>
<div class="strip well" bind:this={row}>
    <ol class="ground" aria-label="Undercoat">
        {#each ground as stage}
            <li class="tile still">
                <ZoneBars look={stage} height={58} label={stage.technique} />
                <span class="what"
                    ><TechniqueMark
                        technique={stage.stepId === 'undercoat' ? 'primer' : 'spray-from-above'}
                        size={13}
                    />{stage.technique}</span
                >
                <span class="values"
                    >{stage.lowest === stage.highest ? stage.lowest : `${stage.lowest} to ${stage.highest}`}</span
                >
            </li>
        {/each}
    </ol>
    <ol
        class="steps"
        aria-label="Steps"
        use:arrows={{ axis: 'x', move: (from, to) => move?.(from, to) }}
        use:dndzone={{ ...DRAGGED, items: order.items, type: uid, dragDisabled: move === undefined }}
        onconsider={order.consider}
        onfinalize={order.finalize(ids)}
    >
        {#each order.items as item, index (item.id)}
            {@const { step, stage } = byId.get(order.idOf(item, (id) => byId.has(id)))!}
            <li data-index={index}>
                <button
                    class="tile"
                    type="button"
                    data-step={step.id}
                    aria-pressed={chosen === step.id}
                    onclick={(event) => (event.currentTarget.focus(), choose?.(step.id))}
                    onkeydown={(event) => walk(event, index)}
                >
                    {#if stage}
                        <ZoneBars look={stage} height={58} label="after {stage.technique}" />
                    {:else}
                        <span class="empty">no paint yet</span>
                    {/if}
                    <span class="what"
                        ><TechniqueMark technique={step.technique} size={13} />{stage?.technique ??
                            label(craft()?.techniques, step.technique)}</span
                    >
                    <bdi class="mix">{mixWords(step.id)}</bdi>
                    <span class="values">
                        {#if stage}<span
                                >{stage.lowest === stage.highest
                                    ? stage.lowest
                                    : `${stage.lowest} to ${stage.highest}`}</span
                            >{/if}
                        {#if step.coats > 1}<b>{plural(step.coats, 'coat')}</b>{/if}
                        {#if warned.includes(step.id)}<span class="warned"
                                >look<span class="sr"> at a caution</span></span
                            >{/if}
                    </span>
                </button>
            </li>
        {/each}
    </ol>
    {#if whole.length > 0}
        <ol class="ground" aria-label="Whole model">
            {#each whole as stage (stage.stepId)}
                <li class="tile still">
                    <ZoneBars look={stage} height={58} label="after {stage.technique}" />
                    <span class="what">{stage.technique}</span>
                    <span class="values"
                        >{stage.lowest === stage.highest ? stage.lowest : `${stage.lowest} to ${stage.highest}`}</span
                    >
                </li>
            {/each}
        </ol>
    {/if}
</div>

<style>
    .strip {
        /* What is only read aloud stays inside and scrolls along. */
        position: relative;
        display: flex;
        gap: 12px;
        padding: 10px;
        overflow-x: auto;
        scrollbar-color: var(--well-line) transparent;
    }

    ol {
        display: flex;
        gap: 6px;
    }

    .ground {
        padding-right: 12px;
        border-right: 1px solid var(--well-line);
    }

    .steps {
        flex: 1;
    }

    .steps li {
        flex: 1 1 0;
        min-width: 92px;
        max-width: 150px;
        touch-action: pan-x;
    }

    .tile {
        display: flex;
        flex-direction: column;
        gap: 2px;
        width: 100%;
        height: 100%;
        padding: 5px;
        border: 2px solid transparent;
        border-radius: 4px;
        background: none;
        color: var(--well-ink);
        font: inherit;
        font-family: var(--face);
        font-size: 0.8125rem;
        line-height: 1.3;
        text-align: left;
        cursor: pointer;
    }

    .ground .tile {
        width: 76px;
        cursor: default;
    }

    .tile:not(.still):hover {
        border-color: var(--well-line);
    }

    .tile[aria-pressed='true'] {
        border-color: var(--well-ink);
    }

    .tile:focus-visible {
        outline: 3px solid var(--well-ink);
        outline-offset: 1px;
    }

    .steps :global([data-dragged]) {
        opacity: 0.85;
    }

    .what {
        display: flex;
        gap: 4px;
        align-items: center;
        margin-top: 4px;
        font-weight: 700;
        overflow-wrap: anywhere;
    }

    .what :global(svg) {
        flex: none;
    }

    .mix {
        overflow: hidden;
        display: -webkit-box;
        -webkit-box-orient: vertical;
        -webkit-line-clamp: 2;
        line-clamp: 2;
    }

    .values {
        display: flex;
        flex-wrap: wrap;
        gap: 0 8px;
        margin-top: auto;
    }

    .values :global(*) {
        white-space: nowrap;
    }

    .warned {
        margin-left: auto;
        padding: 0 5px;
        border-radius: 3px;
        background: #161616;
        color: #fff;
        font-size: 0.75rem;
        font-weight: 700;
    }

    .empty {
        display: grid;
        height: 58px;
        place-items: center;
        border: 1px dashed var(--well-ink);
        border-radius: 2px;
    }
</style>
