<script lang="ts">
    import { Axes, nearest, onward, within, type Brush, type Point, type ShelfMap } from '../../lib/shelfMap.svelte';
    import { KIND_SHAPES } from '../../parts/kindShapes';
    import PointMark from '../../parts/PointMark.svelte';
    import MapAxes from './MapAxes.svelte';

    /**
     * The shelf drawn by hue and value. Drag over it to choose what lies inside; arrows walk from paint to paint,
     * space chooses the one walked to.
     */
    let { shelf }: { shelf: ShelfMap } = $props();

    const MOST_RX = 58;
    const MOST_RY = 32;
    /** Half the width of a letter, the height of a line, and what is left free around words. */
    const LETTER = 3.3;
    const LINE = 14;
    const PADDING = 9;
    /** Below this the words of gaps would lie over each other; they stand beside the map. */
    const NARROW = 480;

    let width = $state(800);
    let height = $state(560);
    let at = $state<string | null>(null);
    let brush = $state<Brush | null>(null);
    let svg: SVGSVGElement;

    const axes = $derived(new Axes(width, height, shelf.closer));
    const seen = <T extends { hue: number | null }>(points: T[] | undefined) =>
        (points ?? []).filter((point) => axes.holds(point.hue));
    const spots = $derived(seen(shelf.map?.points).map((point) => axes.spot(point)));
    const needs = $derived(seen(shelf.map?.needs).map((point) => axes.spot(point)));
    const laid = $derived(seen(shelf.map?.laid).map((point) => axes.spot(point)));
    const gaps = $derived(
        seen(shelf.map?.gaps).map((gap) => {
            const { rx, ry } = axes.reach(gap);
            const lines = broken(gap.words);
            const longest = Math.max(...lines.map((line) => line.length));
            // No larger than it must be, or it would hide what it stands beside; no smaller than its words.
            const wide = Math.max(Math.min(MOST_RX, rx), LETTER * longest + PADDING);
            return {
                lines,
                x: Math.max(axes.neutralEnd + wide, Math.min(axes.plot.right - wide, axes.x(gap.hue, 0))),
                y: axes.value(gap.value),
                rx: wide,
                ry: Math.max(Math.min(MOST_RY, ry), (LINE * lines.length) / 2 + PADDING),
            };
        }),
    );
    const size = $derived(spots.length > 300 ? 5 : spots.length > 140 ? 7 : 9);
    const walker = $derived(spots.find((spot) => spot.point.id === at) ?? spots[0] ?? null);

    /** The colour word stands below the others, so that a gap is no wider than it must be. */
    function broken(words: string): string[] {
        const parts = words.split(' ');
        return parts.length < 3 ? [words] : [parts.slice(0, -1).join(' '), parts.at(-1)!];
    }

    function place(event: PointerEvent): { x: number; y: number } {
        const box = svg.getBoundingClientRect();
        return { x: event.clientX - box.left, y: event.clientY - box.top };
    }

    function start(event: PointerEvent): void {
        if (event.button !== 0) return;
        const { x, y } = place(event);
        brush = { x, y, toX: x, toY: y };
        svg.setPointerCapture(event.pointerId);
    }

    function move(event: PointerEvent): void {
        if (brush === null) return;
        const { x, y } = place(event);
        brush = { ...brush, toX: x, toY: y };
        shelf.choose(within(spots, brush).map((spot) => spot.point.id));
    }

    function end(): void {
        if (brush === null) return;
        const isPress = Math.hypot(brush.toX - brush.x, brush.toY - brush.y) < 4;
        if (isPress) {
            const near = nearest(spots, brush.x, brush.y);
            shelf.choose(near === null ? [] : [near.point.id]);
            at = near?.point.id ?? at;
        }
        brush = null;
    }

    /** The nearest paint in a direction. */
    function walk(dx: number, dy: number): void {
        at = (walker && onward(spots, walker, dx, dy)?.point.id) ?? at;
    }

    const steps: Record<string, [number, number]> = {
        ArrowLeft: [-1, 0],
        ArrowRight: [1, 0],
        ArrowUp: [0, -1],
        ArrowDown: [0, 1],
    };

    function key(event: KeyboardEvent): void {
        const step = steps[event.key];
        if (step) {
            walk(...step);
            if (event.shiftKey && at !== null) shelf.choose([...shelf.chosen, at]);
        } else if ((event.key === ' ' || event.key === 'Enter') && walker !== null) shelf.toggle(walker.point.id);
        else if (event.key === 'Escape') shelf.choose([]);
        else return;
        event.preventDefault();
    }

    function spoken(point: Point): string {
        const pot = point.level === 'low' ? ', running low' : '';
        return `${point.name}, ${point.colour?.words ?? ''}, value ${point.colour?.value ?? ''}, ${point.remainingMl} ml left${pot}`;
    }
</script>

<div class="well board" bind:clientWidth={width} bind:clientHeight={height}>
    <!-- The map is one widget: arrows walk in it, and what is walked to is told below. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
    <svg
        class:choosing={shelf.chosen.size > 0}
        bind:this={svg}
        {width}
        {height}
        role="application"
        aria-label="Shelf map by hue and value"
        aria-describedby="map-at"
        tabindex="0"
        onpointerdown={start}
        onpointermove={move}
        onpointerup={end}
        onpointercancel={() => (brush = null)}
        onkeydown={key}
        onfocus={() => (at ??= spots[0]?.point.id ?? null)}
    >
        <MapAxes {axes} />
        <clipPath id="plot"
            ><rect
                x={axes.neutralEnd}
                y="0"
                width={Math.max(0, axes.plot.right - axes.neutralEnd)}
                {height}
            /></clipPath
        >
        {#each gaps as gap}
            <ellipse class="gap" clip-path="url(#plot)" cx={gap.x} cy={gap.y} rx={gap.rx} ry={gap.ry} />
        {/each}
        {#each spots as { point, x, y } (point.id)}
            <g
                class="point"
                class:chosen={shelf.chosen.has(point.id)}
                transform="translate({x} {y})"
                data-paint={point.id}
            >
                <title>{spoken(point)}</title>
                <path
                    d={KIND_SHAPES[point.kind].path}
                    transform="scale({size})"
                    fill={point.colour?.hex}
                    fill-rule="evenodd"
                    vector-effect="non-scaling-stroke"
                />
                {#if point.level === 'low'}<path class="low" d="M-{size} {size + 4}h{2 * size}" />{/if}
            </g>
        {/each}
        {#each laid as { point, x, y } (point.id)}
            <g class="laid" class:new={point.isNew} transform="translate({x} {y})">
                <title>{point.name}, {point.isNew ? 'really new' : 'like one you own'}</title>
                <circle r={size + 5} class="ring" />
                <PointMark kind={point.kind} hex={point.colour?.hex ?? null} size={size - 1} />
            </g>
        {/each}
        {#each needs as { point, x, y } (point.id)}
            <g class="need" transform="translate({x} {y})">
                <title>{point.name}, needed and not owned</title>
                <rect x={-size - 1} y={-size - 1} width={2 * size + 2} height={2 * size + 2} fill={point.colour?.hex} />
                <path d="M-{size + 1} {size + 1}L{size + 1}-{size + 1}" />
            </g>
        {/each}
        {#each width < NARROW ? [] : gaps as gap}
            <text class="gap-word" y={gap.y + 4 - (LINE * (gap.lines.length - 1)) / 2} text-anchor="middle"
                >{#each gap.lines as line, index}<tspan x={gap.x} dy={index === 0 ? 0 : LINE}>{line}</tspan
                    >{/each}</text
            >
        {/each}
        {#if walker && at !== null}<circle class="walker" cx={walker.x} cy={walker.y} r={size + 6} />{/if}
        {#if brush}
            <rect
                class="brush"
                x={Math.min(brush.x, brush.toX)}
                y={Math.min(brush.y, brush.toY)}
                width={Math.abs(brush.toX - brush.x)}
                height={Math.abs(brush.toY - brush.y)}
            />
        {/if}
    </svg>
    <p id="map-at" class="sr" aria-live="polite">
        {walker && at !== null
            ? spoken(walker.point)
            : 'Arrows walk from paint to paint, space chooses, escape lets go.'}
    </p>
</div>

<style>
    .board {
        position: relative;
        height: 100%;
        min-height: 420px;
        overflow: hidden;
    }

    svg {
        position: absolute;
        inset: 0;
        touch-action: none;
        user-select: none;
        cursor: crosshair;
    }

    svg:focus-visible {
        outline: 3px solid var(--well-ink);
        outline-offset: -3px;
    }

    text {
        fill: var(--well-ink);
        font-size: 12px;
    }

    .point,
    .laid,
    .need {
        stroke: #fff;
        stroke-width: 1.2;
    }

    /* Not opacity: that would draw each of a thousand paints on a sheet of its own. */
    .choosing .point:not(.chosen) {
        fill-opacity: 0.25;
        stroke-opacity: 0.25;
    }

    .chosen {
        stroke: #161616;
        stroke-width: 3;
    }

    .low {
        stroke: #fff;
        stroke-width: 3;
    }

    .gap {
        fill: none;
        stroke: #fff;
        stroke-width: 1.4;
        stroke-dasharray: 3 4;
    }

    .gap-word {
        stroke: var(--well);
        stroke-width: 3;
        paint-order: stroke;
        font-weight: 700;
    }

    .ring {
        fill: none;
        stroke: #fff;
        stroke-dasharray: 2 2;
    }

    .new .ring {
        stroke-width: 2.4;
        stroke-dasharray: none;
    }

    .need rect {
        stroke-width: 1.6;
    }

    .walker {
        fill: none;
        stroke: #161616;
        stroke-width: 3;
        pointer-events: none;
    }

    .brush {
        fill: rgb(255 255 255 / 14%);
        stroke: #fff;
    }
</style>
