<script lang="ts">
    import { untrack } from 'svelte';
    import type { Moment, Painted } from '../lib/figure/colours';
    import { drawnBy } from '../lib/figure/drawing';
    import type { Lamp } from '../lib/figure/lamps';
    import type { Place, Stage } from '../lib/figure/stage';
    import { type Figure, hasMarks, marksOf, partsOf } from '../lib/figures.svelte';
    import FigureStill from './FigureStill.svelte';

    /** A figure that turns in the hand, at one moment of its painting. All that draws it comes only where one is seen. */
    let {
        figure,
        painted,
        moment,
        beside = null,
        wiper = 0.5,
        lamp = 'even',
        squint = false,
        chosen = null,
        name,
        names = false,
        shared = null,
        ready,
        point,
        press,
        stroke,
        line,
    }: {
        figure: Figure;
        painted: Painted;
        moment: Moment;
        /** What lies left of the wiper. */
        beside?: { painted: Painted; moment: Moment } | null;
        wiper?: number;
        lamp?: Lamp;
        squint?: boolean;
        chosen?: string | null;
        /** Its areas are being named here. */
        names?: boolean;
        /** How its triangles are shared out meanwhile. */
        shared?: { labels: Uint8Array; areas: readonly string[] } | null;
        /** Is told when it can be seen. */
        ready?: (stage: Stage) => void;
        /** What it shows, for whoever cannot see it. */
        name: string;
        point?: (place: (Place & { area: string | null }) | null) => void;
        press?: (place: Place & { area: string | null }) => void;
        /** What a hand is drawn over, where that does something else than turning. */
        stroke?: (place: Place & { area: string | null }) => void;
        /** A line that is drawn over it, where a hand draws lines instead of turning it; places on the screen. */
        line?: (from: Point, to: Point) => void;
    } = $props();
    type Point = { x: number; y: number };

    let canvas = $state<HTMLCanvasElement>();
    let stage = $state.raw<Stage | null>(null);
    let trouble = $state('');
    let pressed: { x: number; y: number } | null = null;
    let isStroke = false;
    let drawn = $state<{ from: Point; to: Point } | null>(null);

    const canDraw = drawnBy() !== 'none';
    /** Another one is another figure to fetch; what was saved of one that is being named here is nothing new. */
    const key = $derived(
        figure.isWorkedOut
            ? `${figure.id} ${names && figure.isPicture ? '' : figure.reliefKey} ${names ? '' : figure.version}`
            : null,
    );

    $effect(() => {
        const place = canvas;
        if (place === undefined || key === null) return;
        let made: Stage | null = null;
        let left = false;
        void (async () => {
            try {
                const [{ Stage }, parts] = await Promise.all([
                    import('../lib/figure/stage'),
                    partsOf(untrack(() => figure)),
                ]);
                if (left) return;
                made = new Stage(place);
                await made.load(
                    parts.glb,
                    parts.relief,
                    parts.labels,
                    untrack(() => figure.areas),
                    untrack(() => figure.isPicture),
                );
                if (left) return;
                stage = made;
                ready?.(made);
            } catch (error) {
                if (!left) trouble = error instanceof Error ? error.message : String(error);
            }
        })();
        return () => {
            left = true;
            made?.close();
            stage = null;
        };
    });
    $effect(() => {
        if (shared !== null) stage?.name(shared.labels, shared.areas);
    });
    $effect(() => {
        void shared;
        stage?.show(painted, moment);
    });
    const marked = $derived(!names && (hasMarks(painted) || (beside !== null && hasMarks(beside.painted))));
    $effect(() => {
        const shown = stage;
        if (shown === null || !marked) return;
        // Where one lies follows from the areas as the figure names them: it comes after what is seen at once.
        void marksOf(untrack(() => figure)).then(
            (marks) => stage === shown && shown.place(marks),
            (error: unknown) => (trouble = error instanceof Error ? error.message : String(error)),
        );
    });
    $effect(() => stage?.compare(beside?.painted ?? null, beside?.moment ?? moment, wiper));
    $effect(() => stage?.light(lamp));
    $effect(() => stage?.squint(squint));
    $effect(() => {
        void shared;
        stage?.choose(chosen, shared === null ? 0.82 : 0.5);
    });

    function at(event: PointerEvent): (Place & { area: string | null }) | null {
        const place = stage?.under(event.clientX, event.clientY) ?? null;
        return place === null ? null : { ...place, area: (shared?.areas ?? figure.areas)[place.label] ?? null };
    }

    function down(event: PointerEvent): void {
        pressed = { x: event.clientX, y: event.clientY };
        if (line !== undefined && event.button === 0 && !event.shiftKey) {
            stage?.hold(true);
            drawn = { from: pressed, to: pressed };
            return;
        }
        if (stroke === undefined || event.button !== 0 || event.shiftKey) return;
        const place = at(event);
        // Beside the figure a hand turns it, also while it names.
        stage?.hold(place !== null);
        isStroke = place !== null;
    }

    function move(event: PointerEvent): void {
        if (drawn !== null) drawn = { from: drawn.from, to: { x: event.clientX, y: event.clientY } };
        else if (event.buttons === 0) point?.(at(event));
        else if (isStroke) {
            const place = at(event);
            if (place !== null) stroke?.(place);
        }
    }

    function lift(event: PointerEvent): void {
        const moved = pressed === null ? Infinity : Math.hypot(event.clientX - pressed.x, event.clientY - pressed.y);
        pressed = null;
        isStroke = false;
        stage?.hold(false);
        if (drawn !== null) {
            if (moved > 5) line?.(drawn.from, { x: event.clientX, y: event.clientY });
            drawn = null;
            return;
        }
        // A hand that turned the figure pressed nothing.
        if (moved > 5) return;
        const place = at(event);
        if (place !== null) press?.(place);
    }

    function turn(event: KeyboardEvent): void {
        const turns: Record<string, () => void> = {
            ArrowLeft: () => stage?.turn(-1, 0),
            ArrowRight: () => stage?.turn(1, 0),
            ArrowUp: () => stage?.turn(0, 1),
            ArrowDown: () => stage?.turn(0, -1),
            '+': () => stage?.zoom(0.85),
            '-': () => stage?.zoom(1.18),
            Home: () => stage?.home(),
        };
        const run = turns[event.key];
        if (run === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        run();
    }
</script>

{#snippet working()}
    <p role="status">
        Looking at the sculpt from all sides: {Math.round(100 * figure.workedOut)} %
        <progress value={figure.workedOut} aria-label="Looking at the sculpt"></progress>
    </p>
{/snippet}
<div class="figure" data-shown={stage !== null || !canDraw ? moment.pass : undefined}>
    {#if !canDraw}
        {#if figure.isWorkedOut}<FigureStill
                {figure}
                pass={moment.pass}
                {name}
                {squint}
            />{:else}{@render working()}{/if}
    {:else}
        <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
        <div
            class="hand"
            role="application"
            tabindex="0"
            aria-label="{name}. Arrow keys {figure.isPicture ? 'move' : 'turn'} it, plus and minus bring it nearer."
            onkeydown={turn}
            onpointerdown={down}
            onpointerup={lift}
            onpointermove={move}
            onpointerleave={() => point?.(null)}
        >
            <canvas bind:this={canvas} aria-hidden="true"></canvas>
        </div>
        {#if drawn !== null && canvas}
            {@const box = canvas.getBoundingClientRect()}
            <svg class="line" aria-hidden="true">
                <line
                    x1={drawn.from.x - box.left}
                    y1={drawn.from.y - box.top}
                    x2={drawn.to.x - box.left}
                    y2={drawn.to.y - box.top}
                />
            </svg>
        {/if}
        {#if trouble !== ''}
            <p role="alert">{trouble}</p>
        {:else if !figure.isWorkedOut}
            {@render working()}
        {:else if stage === null}
            <p role="status">Fetching the figure…</p>
        {/if}
        {#if beside !== null}<div class="wiper" style:left="{100 * wiper}%"></div>{/if}
    {/if}
</div>

<style>
    .figure {
        position: relative;
        overflow: hidden;
        height: 100%;
        border-radius: 4px;
        background: var(--well);
        color: var(--well-ink);
    }

    .hand {
        width: 100%;
        height: 100%;
        touch-action: none;
    }

    canvas {
        display: block;
        width: 100%;
        height: 100%;
        cursor: grab;
        touch-action: none;
    }

    canvas:active {
        cursor: grabbing;
    }

    .hand:focus-visible {
        outline: 3px solid var(--accent);
        outline-offset: -3px;
    }

    p {
        position: absolute;
        inset: auto 0 45%;
        display: grid;
        gap: 8px;
        justify-items: center;
        padding: 0 20px;
        text-align: center;
        pointer-events: none;
    }

    .line {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        pointer-events: none;
        stroke: var(--well-ink);
        stroke-width: 2;
    }

    .wiper {
        position: absolute;
        top: 0;
        bottom: 0;
        width: 2px;
        margin-left: -1px;
        background: var(--well-ink);
        pointer-events: none;
    }
</style>
