<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import type { Moment } from '../../lib/figure/colours';
    import { Naming } from '../../lib/figure/naming.svelte';
    import type { Place, Stage } from '../../lib/figure/stage';
    import { type Figure, type Painted, partsOf, patchesOf } from '../../lib/figures.svelte';
    import { bindKeys } from '../../lib/keys.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import FigureCautions from './FigureCautions.svelte';
    import FigureCanvas from '../../parts/FigureCanvas.svelte';
    import Switcher from '../../parts/Switcher.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import Words from '../../parts/Words.svelte';

    /** The areas of a figure are named by tapping it: a patch goes to the area that is open. */
    let {
        desk,
        figure,
        painted,
        areaId,
        choose,
        saved,
        renamed,
        reload,
        done,
    }: {
        desk: PlanDesk;
        figure: Figure;
        painted: Painted;
        areaId: string | null;
        choose: (area: string) => void;
        saved: (figure: Figure) => void;
        renamed: (name: string) => void;
        /** Fetches the figure anew. */
        reload: () => Promise<void>;
        done: () => void;
    } = $props();

    let naming = $state.raw<Naming | null>(null);
    let stage: Stage | null = null;
    let both = $state(false);
    type Hand = 'tap' | 'draw' | 'cut';
    const HANDS = [
        { value: 'tap', label: 'Tap' },
        { value: 'draw', label: 'Draw over' },
        { value: 'cut', label: 'Cut' },
    ] as const;
    const says = $derived<Record<Hand, string>>({
        tap: `Tap a patch: it belongs to the area. Tap again: it does not. Drag ${figure.isPicture ? 'moves the photo' : 'turns the figure'}.`,
        draw: figure.isPicture
            ? 'Draw over the photo: what you pass belongs to the area. The wheel brings it nearer.'
            : 'Draw over the figure: what you pass belongs to the area. Beside it you still turn it.',
        cut: 'Draw a line across a patch: it is two then. The patch is the one under the middle of the line; arrow keys still turn.',
    });
    // svelte-ignore state_referenced_locally
    let hand = $state<Hand>(figure.isPicture ? 'draw' : 'tap');
    let cutSaid = $state('');
    let name = $state('');
    let at = $state<number | null>(null);
    const areas = $derived(desk.document?.areas ?? []);
    const area = $derived(areas.find((one) => one.id === areaId) ?? areas[0] ?? null);
    const moment = $derived<Moment>({ pass: painted.passes.length, only: null, lit: null });

    async function ready(made: Stage): Promise<void> {
        stage = made;
        if (naming !== null || made.parts === null) return;
        const [{ labels }, patches] = await Promise.all([partsOf(figure), patchesOf(figure)]);
        naming = new Naming(figure, labels, patches, made.parts, saved);
    }

    /** What was named elsewhere is shown, and goes on from there. */
    async function theirs(): Promise<void> {
        await reload();
        done();
    }

    function rename(text: string): void {
        const told = text.trim();
        if (told !== '' && told !== figure.name) renamed(told);
    }

    async function add(): Promise<void> {
        const told = name.trim();
        if (told === '') return;
        const id = await desk.addArea(told);
        if (id !== null) {
            name = '';
            choose(id);
        }
    }

    function press(place: Place): void {
        if (area !== null && hand === 'tap') naming?.tap(place.triangle, area.id, both);
    }

    function stroke(place: Place): void {
        if (area !== null) naming?.pass(place.triangle, area.id, both);
    }

    /** The patch in the middle of a line is cut along it. */
    function line(from: { x: number; y: number }, to: { x: number; y: number }): void {
        const place = stage?.under((from.x + to.x) / 2, (from.y + to.y) / 2) ?? null;
        if (naming === null || stage === null) return;
        if (place === null) cutSaid = 'The middle of the line lies beside the figure.';
        else tellCut(naming.cut(place.triangle, stage.across(from, to)), place.triangle);
    }

    function tellCut(isCut: boolean, triangle: number): void {
        cutSaid = isCut ? 'Cut in two: one half is lit.' : 'The line leaves all of the patch on one side.';
        at = triangle;
        if (naming !== null) stage?.mark(naming.patchOf(triangle));
    }

    function halve(): void {
        if (naming === null) return;
        if (at === null) cutSaid = 'Go to a patch first: n.';
        else tellCut(naming.halve(at), at);
    }

    function step(by: 1 | -1): void {
        if (naming === null) return;
        at = naming.next(at, by);
        stage?.face(at);
        stage?.mark(naming.patchOf(at));
    }

    function giveHere(): void {
        if (at !== null && area !== null) naming?.tap(at, area.id, both);
    }

    $effect(() =>
        bindKeys([
            { key: 'n', does: 'next patch of the figure', run: () => step(1), repeats: true },
            { key: 'N', does: 'the patch before', run: () => step(-1), repeats: true },
            { key: 'g', does: 'give the patch to the area, or take it back', run: giveHere },
            { key: 'x', does: 'cut the patch in two across its longer side', run: halve },
            { key: 'z', does: 'undo the last naming', run: () => naming?.undo() },
        ]),
    );
</script>

<div class="with-side">
    <section class="panel cloth" aria-label="Name the areas">
        <div class="well">
            <FigureCanvas
                {figure}
                {painted}
                {moment}
                lamp={figure.isPicture ? 'even' : 'desk'}
                chosen={area?.id ?? null}
                names
                shared={naming?.state ?? null}
                name="{figure.name}, to be named"
                {ready}
                point={(place) => stage?.mark(place === null || naming === null ? [] : naming.patchOf(place.triangle))}
                {press}
                {...hand === 'draw' ? { stroke } : hand === 'cut' ? { line } : {}}
            />
        </div>
        <p class="quiet">
            {says[hand]}
            By keys: <kbd>n</kbd> next patch, <kbd>g</kbd> give it, <kbd>x</kbd> cut it in two.
        </p>
    </section>
    <aside class="side panel stack padded">
        <FigureCautions {figure} />
        <div class="head">
            <h2>Which area?</h2>
            <!-- Beside the heading: nothing below it moves while a hand is on its way there. -->
            <span class="quiet">{naming?.saving ? 'saving…' : ''}</span>
        </div>
        <ul>
            {#each areas as one (one.id)}
                <li>
                    <button type="button" aria-pressed={area?.id === one.id} onclick={() => choose(one.id)}>
                        <bdi>{one.name}</bdi>
                        {#if naming && !naming.state.areas.includes(one.id)}<span class="quiet">not yet</span>{/if}
                    </button>
                </li>
            {/each}
        </ul>
        <form
            onsubmit={(event) => {
                event.preventDefault();
                void add();
            }}
        >
            <TextInput size="sm" labelText="A new area" placeholder="Hat, sword, belt …" bind:value={name} />
            <Button size="small" kind="tertiary" type="submit" disabled={name.trim() === ''}>Add</Button>
        </form>
        {#if naming && area}
            {@const now = naming}
            {@const open = area.id}
            <Switcher
                label="What a hand does"
                choices={HANDS}
                value={hand}
                change={(told) => {
                    hand = told as Hand;
                    cutSaid = '';
                }}
            />
            {#if cutSaid !== ''}<p class="quiet" role="status">{cutSaid}</p>{/if}
            {#if !figure.isPicture}<Tick checked={both} label="Both sides at once" change={(on) => (both = on)} />{/if}
            <div class="acts">
                <Button size="small" kind="tertiary" on:click={() => now.grow(open)}>Grow</Button>
                <Button size="small" kind="tertiary" on:click={() => now.shrink(open)}>Shrink</Button>
                <Button size="small" kind="tertiary" disabled={now.unnamed === 0} on:click={() => now.rest(open)}
                    >All that is left</Button
                >
                <Button size="small" kind="tertiary" disabled={!now.canUndo} on:click={() => now.undo()}>Undo</Button>
            </div>
            <p class="quiet" role="status">
                {now.unnamed === 0
                    ? 'All of it belongs to an area.'
                    : figure.isPicture
                      ? 'What is in no area is seen as it was taken.'
                      : `${Math.max(1, Math.round(100 * now.unnamed))} % belongs to no area yet: it is striped.`}
            </p>
            {#if now.problem?.status === 409}
                <div class="mine" role="alert">
                    <p><b>It was named elsewhere meanwhile.</b> What you gave here is not saved yet.</p>
                    <div class="acts">
                        <Button size="small" kind="secondary" on:click={() => now.keepMine()}>Keep mine</Button>
                        <Button size="small" kind="tertiary" on:click={theirs}>Take theirs</Button>
                    </div>
                </div>
            {:else if now.problem}<Trouble problem={now.problem} retry={() => now.keepMine()} />{/if}
        {/if}
        <Words label="Name of the figure" value={figure.name} change={rename} />
        <Button size="small" on:click={done}>Done naming</Button>
    </aside>
</div>

<style>
    .cloth {
        display: grid;
        gap: 8px;
        padding: 10px;
    }

    .well {
        height: clamp(320px, calc(100vh - 270px), 900px);
    }

    .head {
        display: flex;
        gap: 10px;
        align-items: baseline;
        justify-content: space-between;
    }

    form {
        display: flex;
        gap: 8px;
        align-items: end;
    }

    .mine {
        display: grid;
        gap: 8px;
        padding-left: 10px;
        border-left: 4px solid var(--ink);
    }

    form :global(.bx--form-item) {
        min-width: 0;
    }

    li button {
        display: flex;
        gap: 10px;
        justify-content: space-between;
        width: 100%;
        padding: 5px 8px;
        border: 0;
        border-radius: 3px;
        background: transparent;
        color: var(--ink);
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    li button:hover {
        background: var(--line);
    }

    li button[aria-pressed='true'] {
        box-shadow: inset 0 0 0 2px var(--ink);
        font-weight: 700;
    }

    @media (max-width: 1000px) {
        .well {
            height: clamp(320px, 56vh, 900px);
        }
    }
</style>
