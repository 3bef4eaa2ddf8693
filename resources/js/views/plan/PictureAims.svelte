<script lang="ts">
    import { type Area, got, of, server } from '../../lib/api';
    import { PhotoDesk } from '../../lib/photo.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import { onDestroy } from 'svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** A picture of the goal: point at it, and the chosen area shall have that colour; then it is the next area's turn. */
    let { desk, area, choose }: { desk: PlanDesk; area: Area | null; choose: (area: string) => void } = $props();

    const STEP = 0.02;
    const photos = new PhotoDesk();
    const latest = new Latest<{ hex: string }>();
    /** Where one points, in shares of the picture's sides. */
    let at = $state({ x: 0.5, y: 0.5 });

    onDestroy(() => photos.close());

    async function take(): Promise<void> {
        const [photo, aimed] = [photos.photo, area];
        if (photo === null || aimed === null) return;
        await latest.ask(() => got(server.GET('/photos/{id}/look', { params: { ...of(photo.id).params, query: at } })));
        if (latest.answer === null || latest.problem !== null) return;
        desk.changeArea(aimed.id, { aim: latest.answer.hex });
        const areas = desk.document?.areas ?? [];
        const open = (one: Area) => one.id !== aimed.id && one.steps.length === 0 && (one.aim ?? null) === null;
        const from = areas.findIndex((one) => one.id === aimed.id);
        const next = [...areas.slice(from + 1), ...areas.slice(0, from)].find(open);
        if (next !== undefined) choose(next.id);
    }

    function point(event: MouseEvent): void {
        if (event.detail === 0) return void take();
        const edge = (event.currentTarget as HTMLElement).getBoundingClientRect();
        at = { x: (event.clientX - edge.left) / edge.width, y: (event.clientY - edge.top) / edge.height };
        void take();
    }

    function key(event: KeyboardEvent): void {
        const by: Record<string, [number, number]> = {
            ArrowLeft: [-STEP, 0],
            ArrowRight: [STEP, 0],
            ArrowUp: [0, -STEP],
            ArrowDown: [0, STEP],
        };
        const step = by[event.key];
        if (step === undefined) return;
        event.preventDefault();
        const within = (value: number) => Math.min(1, Math.max(0, value));
        at = { x: within(at.x + step[0]), y: within(at.y + step[1]) };
    }
</script>

<section aria-label="Colours from a picture">
    {#if photos.photo === null}
        <label class="open">
            <span>{photos.busy === '' ? 'Open a picture of what it shall look like' : photos.busy}</span>
            <input
                type="file"
                accept="image/jpeg,image/png,image/webp"
                onchange={(event) => void photos.open(event.currentTarget.files?.[0])}
            />
        </label>
    {:else}
        <p role="status">
            {#if area === null}Choose a patch first.{:else}Point at where the picture shows <b><bdi>{area.name}</bdi></b
                >.
                <span class="quiet">By keyboard the arrows move the mark and Enter takes the colour.</span>{/if}
        </p>
        <button
            type="button"
            class="well board"
            aria-label="The picture: take the colour at the mark for {area?.name ?? 'no area'}"
            onclick={point}
            onkeydown={key}
            style:aspect-ratio="{photos.photo.width} / {photos.photo.height}"
        >
            <img src="/api/photos/{photos.photo.id}" alt="The goal" draggable="false" />
            <span class="mark" style:left="{100 * at.x}%" style:top="{100 * at.y}%"></span>
        </button>
    {/if}
    {#if photos.problem}<Trouble problem={photos.problem} />{/if}
    {#if latest.problem}<Trouble problem={latest.problem} retry={take} />{/if}
</section>

<style>
    section {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 8px;
    }

    .open {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 6px;
        padding: 14px;
        border: 1px dashed var(--line-strong);
        border-radius: 4px;
    }

    input {
        width: 100%;
        min-width: 0;
    }

    .board {
        position: relative;
        display: block;
        max-width: 100%;
        max-height: 520px;
        padding: 0;
        border: 8px solid var(--well);
        cursor: crosshair;
    }

    .board:focus-visible {
        outline: 3px solid var(--accent);
    }

    img {
        display: block;
        width: 100%;
        height: 100%;
    }

    .mark {
        position: absolute;
        width: 18px;
        height: 18px;
        margin: -9px 0 0 -9px;
        border: 2px solid #fff;
        border-radius: 50%;
        box-shadow: 0 0 0 2px #000;
        pointer-events: none;
    }
</style>
