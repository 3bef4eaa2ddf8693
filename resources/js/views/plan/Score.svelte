<script lang="ts">
    import { zoneFill } from '../../lib/looks';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { craft, label } from '../../lib/craft.svelte';
    import { numbersAt } from '../../lib/findings';
    import { REST, Score, shifted } from '../../lib/score';
    import { span } from '../../lib/words';
    import { keepInSight } from '../../lib/sight';
    import { plural } from '../../lib/words';
    import ScoreNote from './ScoreNote.svelte';

    /**
     * The plan as a score: areas are the staves, passes run left to right, a note is a step, a rest is drying that nothing fills,
     * a double bar is a stop. A note is dragged along, or Alt and the arrows move it; arrows walk, Enter opens the step.
     */
    let {
        desk,
        chosen,
        width,
        only = null,
        choose,
        open,
    }: {
        desk: PlanDesk;
        chosen: string | null;
        /** Pixels of a note. */
        width: number;
        /** The one area that is looked at, or all. */
        only?: string | null;
        choose: (stepId: string) => void;
        open: (stepId: string) => void;
    } = $props();

    /** Pixels of a stave. */
    const ROW = 50;

    const looks = $derived(desk.plan!.looks);
    const whole = $derived(desk.document?.wholeModel ?? []);
    const staves = $derived([
        ...(desk.document?.areas ?? [])
            .filter((area) => only === null || area.id === only)
            .map((area) => ({
                id: area.id,
                name: area.name,
                note: looks.areas[area.id]?.textureLabel ?? '',
                steps: area.steps,
            })),
        ...(whole.length > 0 ? [{ id: null, name: 'Whole model', note: 'all areas', steps: whole }] : []),
    ]);
    const score = $derived(
        new Score({
            passes: looks.order.filter((pass) => only === null || pass.areaId === null || pass.areaId === only),
            staves: staves.map((stave) => stave.steps.map((step) => step.id)),
            width,
        }),
    );
    const undercoats = $derived(looks.order.filter((pass) => pass.isUndercoat));

    let board: HTMLElement;
    let drag = $state<{ stepId: string; from: number; at: number; column: number } | null>(null);
    let settling = $state<string | null>(null);

    function stageOf(areaId: string | null, stepId: string) {
        const strip = looks.areas[areaId ?? desk.document?.areas[0]?.id ?? '']?.strip;
        return strip?.stages.find((stage) => stage.stepId === stepId) ?? null;
    }

    function passOf(stepId: string) {
        return looks.order.find((pass) => pass.stepId === stepId);
    }

    function run(stepId: string, before: string | null | undefined): void {
        if (before !== undefined) void desk.runStep(stepId, before).then(() => focusOn(stepId));
    }

    function focusOn(stepId: string): void {
        requestAnimationFrame(() => board?.querySelector<HTMLElement>(`[data-step="${stepId}"]`)?.focus());
    }

    function walk(event: KeyboardEvent, stepId: string): void {
        if (event.key === 'Enter') {
            event.preventDefault();
            open(stepId);
            return;
        }
        const sideways = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
        const upright = event.key === 'ArrowUp' || event.key === 'ArrowDown';
        if (!sideways && !upright) return;
        event.preventDefault();
        const by = event.key === 'ArrowLeft' || event.key === 'ArrowUp' ? -1 : 1;
        if (sideways && event.altKey) return run(stepId, shifted(looks.order, stepId, by));
        const to = sideways ? score.along(stepId, by) : score.across(stepId, by);
        if (to === undefined) return;
        choose(to);
        focusOn(to);
    }

    function grab(event: PointerEvent, stepId: string): void {
        if (event.button !== 0) return;
        const note = event.currentTarget as HTMLElement;
        drag = { stepId, from: event.clientX, at: event.clientX, column: score.columnOf(stepId) ?? 0 };
        note.setPointerCapture(event.pointerId);
    }

    function pull(event: PointerEvent): void {
        if (drag === null) return;
        drag.at = event.clientX;
        drag.column = score.columnAt(event.clientX - board.getBoundingClientRect().left);
    }

    function drop(): void {
        const held = drag;
        drag = null;
        if (held === null) return;
        if (Math.abs(held.at - held.from) < 6) return choose(held.stepId);
        settling = held.stepId;
        run(held.stepId, score.before(held.stepId, held.column));
    }

    $effect(() => {
        if (chosen) keepInSight(board.parentElement!, board.querySelector<HTMLElement>(`[data-step="${chosen}"]`));
    });
</script>

<div class="score">
    <div class="names">
        {#each staves as stave (stave.id)}
            {@const marks = stave.id === null ? [] : numbersAt(looks.findings, { areaId: stave.id })}
            <div class="name" style:height="{ROW}px">
                <bdi>{stave.name}</bdi>
                <small>{stave.note}{marks.length > 0 ? ` · caution ${marks.join(', ')}` : ''}</small>
            </div>
        {/each}
    </div>
    <div class="scroll" role="region" aria-label="Staves" tabindex="-1">
        <div class="board" bind:this={board} style:width="{score.width}px" style:height="{staves.length * ROW + 46}px">
            {#each score.columns as column, index}
                {@const first = column.passes[0]!}
                <span class="number" style:left="{column.left}px" style:width="{width}px"
                    >{first.isUndercoat ? (index === 0 ? 'prime' : '') : first.number}</span
                >
                {#if column.isRested}
                    <span
                        class="rest"
                        style:left="{column.left - REST - 1}px"
                        style:height="{staves.length * ROW + 6}px"
                    ></span>
                    <span class="wait" style:left="{column.left - REST - 16}px">{span(column.rest)}</span>
                {/if}
            {/each}
            {#each staves as stave, row (stave.id)}
                <span class="line" style:top="{30 + row * ROW + 17}px"></span>
                {#if stave.id !== null}
                    {#each undercoats as pass, index (pass.stepId)}
                        {@const stage = stageOf(stave.id, pass.stepId)}
                        {#if stage}
                            <span
                                class="prime"
                                aria-hidden="true"
                                style:left="{score.leftOfColumn(index)}px"
                                style:top="{30 + row * ROW}px"
                                style:width="{width}px"
                                >{#each stage.zones as zone, at (zone.zone)}<i style:background={zoneFill(stage, at)}
                                    ></i>{/each}</span
                            >
                        {/if}
                    {/each}
                {/if}
                {#each stave.steps as step (step.id)}
                    {@const pass = passOf(step.id)}
                    {@const left = score.leftOf(step.id)}
                    {#if pass && left !== undefined}
                        <ScoreNote
                            {step}
                            {pass}
                            stage={stageOf(stave.id, step.id)}
                            spoken="{stave.name}: {label(craft()?.techniques, step.technique)}, {looks.steps[step.id]
                                ?.words}, {plural(step.coats, 'coat')}, step {pass.number} of {looks.order.length}"
                            numbers={numbersAt(looks.findings, { stepId: step.id })}
                            isChosen={chosen === step.id}
                            isFirst={chosen === null && pass.number === undercoats.length + 1}
                            left={left + (drag?.stepId === step.id ? drag.at - drag.from : 0)}
                            top={30 + row * ROW}
                            {width}
                            isDragged={drag?.stepId === step.id}
                            isSettling={settling === step.id}
                            grab={(event) => grab(event, step.id)}
                            {pull}
                            {drop}
                            letGo={() => (drag = null)}
                            key={(event) => walk(event, step.id)}
                            choose={() => choose(step.id)}
                        />
                    {/if}
                {/each}
            {/each}
            {#if drag && Math.abs(drag.at - drag.from) >= 6}
                <span
                    class="target"
                    style:left="{score.leftOfColumn(drag.column) - 4}px"
                    style:height="{staves.length * ROW + 6}px"
                ></span>
            {/if}
            {#each looks.stops as stop, at (at)}
                {@const left = score.leftOf(stop.after)}
                {#if left !== undefined}
                    <span class="stop" style:left="{left + width}px" style:height="{staves.length * ROW + 10}px"></span>
                    <span class="stopped" style:left="{left + width + 2}px" style:top="{staves.length * ROW + 32}px"
                        ><bdi>{stop.name}</bdi> · {span(stop.minutesPerModel)} for one</span
                    >
                {/if}
            {/each}
        </div>
    </div>
</div>

<style>
    .score {
        display: grid;
        grid-template-columns: 132px minmax(0, 1fr);
    }

    .names {
        padding-top: 30px;
    }

    .name {
        display: grid;
        align-content: start;
        min-width: 0;
        padding-right: 10px;
        line-height: 1.2;
    }

    .name bdi {
        overflow: hidden;
        font-weight: 700;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    small {
        overflow: hidden;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    .scroll {
        overflow: auto hidden;
    }

    .board {
        position: relative;
        min-width: 100%;
    }

    .board > span {
        position: absolute;
    }

    .number {
        top: 0;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
        text-align: center;
    }

    .wait {
        top: 14px;
        width: 44px;
        color: var(--ink-quiet);
        font-size: 0.6875rem;
        text-align: center;
    }

    .rest {
        top: 28px;
        width: 8px;
        background: repeating-linear-gradient(-45deg, var(--line) 0 3px, transparent 3px 6px);
    }

    .line {
        left: 0;
        width: 100%;
        height: 1px;
        background: var(--line);
    }

    .prime {
        display: flex;
        overflow: hidden;
        height: 34px;
        border-radius: 3px;
        opacity: 0.9;
    }

    .prime i {
        flex: 1;
    }

    .target {
        top: 24px;
        z-index: 3;
        width: 3px;
        background: var(--accent);
    }

    .stop {
        top: 26px;
        width: 5px;
        border-right: 3px solid var(--ink);
        border-left: 1px solid var(--ink);
    }

    .stopped {
        font-size: 0.8125rem;
        font-weight: 700;
        white-space: nowrap;
        translate: -50% 0;
    }

    @media (max-width: 700px) {
        .score {
            grid-template-columns: 84px minmax(0, 1fr);
        }

        small {
            display: none;
        }
    }
</style>
