<script lang="ts">
    import type { Schemas } from '../../../lib/api';
    import type { Mark, PhotoDesk } from '../../../lib/photo.svelte';

    /** The picture, with boxes drawn over card and swatches. */
    let {
        desk,
        photo,
        tool,
        marked,
    }: {
        desk: PhotoDesk;
        photo: Schemas['Photo'];
        tool: Mark['what'];
        marked: (what: Mark['what'], box: { x: number; y: number; width: number; height: number }) => void;
    } = $props();

    let board: HTMLElement;
    let drawn = $state<{ x: number; y: number; toX: number; toY: number } | null>(null);
    const LEAST = 0.01;
    const STEP = 0.01;

    const box = $derived(
        drawn === null
            ? null
            : {
                  x: Math.min(drawn.x, drawn.toX),
                  y: Math.min(drawn.y, drawn.toY),
                  width: Math.abs(drawn.toX - drawn.x),
                  height: Math.abs(drawn.toY - drawn.y),
              },
    );

    function share(event: PointerEvent): { x: number; y: number } {
        const edge = board.getBoundingClientRect();
        const within = (value: number) => Math.min(1, Math.max(0, value));
        return {
            x: within((event.clientX - edge.left) / edge.width),
            y: within((event.clientY - edge.top) / edge.height),
        };
    }

    function start(event: PointerEvent): void {
        if (event.button !== 0 || (event.target as HTMLElement).closest('.mark')) return;
        const { x, y } = share(event);
        drawn = { x, y, toX: x, toY: y };
        board.setPointerCapture(event.pointerId);
    }

    function move(event: PointerEvent): void {
        if (drawn === null) return;
        const { x, y } = share(event);
        drawn = { ...drawn, toX: x, toY: y };
    }

    function end(): void {
        if (box !== null && box.width > LEAST && box.height > LEAST) marked(tool, box);
        drawn = null;
    }

    function key(event: KeyboardEvent, mark: Mark): void {
        const steps: Record<string, [number, number]> = {
            ArrowLeft: [-STEP, 0],
            ArrowRight: [STEP, 0],
            ArrowUp: [0, -STEP],
            ArrowDown: [0, STEP],
        };
        const step = steps[event.key];
        if (event.key === 'Delete' || event.key === 'Backspace') desk.remove(mark.id);
        else if (step === undefined) return;
        else if (event.shiftKey) {
            desk.change(mark.id, {
                width: Math.min(1 - mark.x, Math.max(2 * LEAST, mark.width + step[0])),
                height: Math.min(1 - mark.y, Math.max(2 * LEAST, mark.height + step[1])),
            });
        } else {
            desk.change(mark.id, {
                x: Math.min(1 - mark.width, Math.max(0, mark.x + step[0])),
                y: Math.min(1 - mark.height, Math.max(0, mark.y + step[1])),
            });
        }
        event.preventDefault();
    }

    const percent = (value: number) => `${(100 * value).toFixed(3)}%`;
    const number = (mark: Mark) => desk.marks.filter((one) => one.what === 'swatch').indexOf(mark) + 1;
</script>

<div class="well frame">
    <!-- Drawing is for the pointer; by keyboard "Mark the middle" sets a box that the arrows move. -->
    <div
        class="board"
        bind:this={board}
        role="group"
        aria-label="The picture"
        onpointerdown={start}
        onpointermove={move}
        onpointerup={end}
        onpointercancel={() => (drawn = null)}
        style:aspect-ratio="{photo.width} / {photo.height}"
    >
        <img src="/api/photos/{photo.id}" alt="Card and swatches as taken in" draggable="false" />
        {#each desk.marks as mark (mark.id)}
            <div
                class="mark"
                style:left={percent(mark.x)}
                style:top={percent(mark.y)}
                style:width={percent(mark.width)}
                style:height={percent(mark.height)}
            >
                <button
                    class="hold"
                    type="button"
                    aria-label="{mark.what === 'grey'
                        ? 'Grey card'
                        : `Swatch ${number(mark)}`}: arrows move it, with Shift they size it, Delete takes it away"
                    onkeydown={(event) => key(event, mark)}
                    ><span>{mark.what === 'grey' ? 'grey card' : number(mark)}</span></button
                >
                <button
                    class="away"
                    type="button"
                    aria-label="Take the mark away"
                    tabindex="-1"
                    onclick={() => desk.remove(mark.id)}>×</button
                >
            </div>
        {/each}
        {#if box}
            <div
                class="mark"
                style:left={percent(box.x)}
                style:top={percent(box.y)}
                style:width={percent(box.width)}
                style:height={percent(box.height)}
            ></div>
        {/if}
    </div>
</div>

<style>
    .frame {
        padding: 10px;
    }

    .board {
        position: relative;
        max-height: calc(100vh - 210px);
        margin: 0 auto;
        touch-action: none;
        user-select: none;
        cursor: crosshair;
    }

    img {
        display: block;
        width: 100%;
        height: 100%;
    }

    .mark {
        position: absolute;
        outline: 1px solid #161616;
        border: 2px solid #fff;
    }

    .hold {
        position: absolute;
        inset: 0;
        padding: 0;
        border: 0;
        background: none;
        cursor: inherit;
    }

    .hold:focus-visible {
        outline: 3px solid #161616;
        outline-offset: 3px;
    }

    .hold span,
    .away {
        position: absolute;
        top: -1px;
        padding: 0 6px;
        background: #fff;
        color: #161616;
        font-size: 0.75rem;
        font-weight: 700;
        line-height: 18px;
    }

    .hold span {
        left: -1px;
    }

    .away {
        right: -1px;
        border: 0;
        cursor: pointer;
    }
</style>
