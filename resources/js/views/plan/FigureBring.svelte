<script lang="ts">
    import { Button, FileUploaderButton } from 'carbon-components-svelte';
    import { untrack } from 'svelte';
    import { Bringing } from '../../lib/figure/bring.svelte';
    import { isPicture, takeHanded } from '../../lib/figure/handed';
    import type { Figure } from '../../lib/figures.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';
    import SculptPreview from '../../parts/SculptPreview.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import FigureParts from './FigureParts.svelte';

    /** A sculpt is brought in: dropped or chosen, looked at, stood upright, kept. */
    let { desk, taken }: { desk: PlanDesk; taken: (figure: Figure) => void } = $props();

    const UPS = [
        { value: 'y', label: 'as it is' },
        { value: 'z', label: 'set up from its back' },
        { value: '-z', label: 'set up from its front' },
        { value: 'x', label: 'set up from its left' },
        { value: '-x', label: 'set up from its right' },
        { value: '-y', label: 'upside down' },
    ];
    const UNITS = [
        { value: 'mm', label: 'millimetres' },
        { value: 'cm', label: 'centimetres' },
        { value: 'inch', label: 'inches' },
        { value: 'm', label: 'metres' },
    ];
    const bringing = $derived(new Bringing(desk.id, desk.document?.model.heightMm ?? 32));
    const brought = $derived(bringing.brought);
    const wanted = $derived(desk.document?.model.heightMm ?? 32);
    let over = $state(false);
    let keeping = $state(false);
    /** The part that is being moved. */
    let open = $state<number | null>(null);

    /** Which triangles a part has. */
    function reach(part: number): [number, number] {
        const counts = brought?.parts.map((one) => one.triangles) ?? [];
        const first = counts.slice(0, part).reduce((sum, one) => sum + one, 0);
        return [first, first + (counts[part] ?? 0)];
    }

    $effect(() => {
        const one = bringing;
        untrack(() => void bring(takeHanded(desk.id)));
        return () => one.stop();
    });

    async function bring(files: readonly File[]): Promise<void> {
        open = null;
        const picture = files.find(isPicture);
        if (picture === undefined) return bringing.open(files);
        const figure = await bringing.openPicture(picture);
        if (figure !== null) taken(figure);
    }

    function drop(event: DragEvent): void {
        event.preventDefault();
        over = false;
        void bring([...(event.dataTransfer?.files ?? [])]);
    }

    async function keep(): Promise<void> {
        keeping = true;
        const figure = await bringing.keep();
        keeping = false;
        if (figure !== null) taken(figure);
    }
</script>

<section
    class="panel bring"
    class:over
    aria-label="Bring a figure in"
    ondragover={(event) => {
        event.preventDefault();
        over = true;
    }}
    ondragleave={() => (over = false)}
    ondrop={drop}
>
    {#if bringing.progress}
        <h2>{bringing.progress.words}…</h2>
        <progress value={bringing.progress.share} aria-label={bringing.progress.words}></progress>
        <Button size="small" kind="tertiary" on:click={() => bringing.stop()}>Stop</Button>
    {:else if brought}
        <div class="two">
            <SculptPreview glb={brought.glb} lit={open === null ? [0, 0] : reach(open)} />
            <div class="facts">
                <h2>Does it stand right?</h2>
                <Choose
                    label="It stands"
                    value={brought.up}
                    choices={UPS}
                    change={(up) => bringing.again(up as typeof brought.up, brought.unit)}
                />
                <Choose
                    label="Its file counts in"
                    value={brought.unit}
                    choices={UNITS}
                    change={(unit) => bringing.again(brought.up, unit as typeof brought.unit)}
                />
                {#if brought.parts.length > 1}
                    <FigureParts
                        parts={brought.parts}
                        {open}
                        choose={(part) => (open = part)}
                        place={(part, at) => bringing.place(part, at)}
                    />
                {/if}
                <p>
                    <b>{brought.heightMm.toFixed(1)} mm</b>
                    high{#if Math.abs(Math.log(brought.heightMm / wanted)) > 0.7}, where the plan says {wanted} mm{/if}.
                </p>
                <p class="quiet">
                    {brought.triangles.toLocaleString('en')} triangles{#if brought.from > brought.triangles}, thinned
                        from
                        {brought.from.toLocaleString('en')}{/if}.
                    {#if brought.openEdges > 0}Its skin is open in places; that works.{/if}
                </p>
                {#if bringing.problem}<Trouble problem={bringing.problem} retry={keep} />{/if}
                <div class="acts">
                    <BusyButton busy={keeping} press={keep}>Take it in</BusyButton>
                    <Button size="small" kind="tertiary" on:click={() => bringing.stop()}>Another file</Button>
                </div>
            </div>
        </div>
    {:else}
        <h2>See the plan on your own model</h2>
        <p>
            Drop a photo of the primed model here, or its sculpt, all parts at once: STL, OBJ, GLB or 3MF, up to 200 MB.
            Then name its areas by tapping them, and the plan is seen on it, step by step.
        </p>
        {#if bringing.fault}<p role="alert" class="fault">{bringing.fault}</p>{/if}
        <FileUploaderButton
            size="small"
            multiple
            disableLabelChanges
            labelText="Choose a photo or a sculpt"
            accept={['.stl', '.obj', '.glb', '.3mf', 'image/jpeg', 'image/png', 'image/webp']}
            on:change={(event) => void bring(event.detail)}
        />
    {/if}
</section>

<style>
    .bring {
        display: grid;
        gap: 12px;
        justify-items: start;
        padding: 18px 20px;
        border: 2px dashed var(--line);
    }

    .over {
        border-color: var(--accent);
    }

    progress {
        width: min(420px, 100%);
    }

    .two {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(220px, 320px);
        gap: 18px;
        width: 100%;
    }

    .facts {
        display: grid;
        gap: 12px;
        align-content: start;
    }

    @media (max-width: 700px) {
        .two {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
