<script lang="ts">
    import Switcher from '../../../parts/Switcher.svelte';
    import { Button, FileUploaderDropContainer } from 'carbon-components-svelte';
    import { PhotoDesk } from '../../../lib/photo.svelte';
    import Trouble from '../../../parts/Trouble.svelte';
    import MeasuredColour from './MeasuredColour.svelte';
    import PhotoBoard from './PhotoBoard.svelte';

    /** A photo of a painted swatch with a grey card beside it: mark both, and the light is taken out. */
    const desk = new PhotoDesk();
    let tool = $state<'grey' | 'swatch'>('grey');

    function marked(what: 'grey' | 'swatch', box: { x: number; y: number; width: number; height: number }): void {
        desk.mark(what, box);
        tool = 'swatch';
    }

    const next = $derived(
        !desk.marks.some((mark) => mark.what === 'grey')
            ? 'Draw a box over the grey card.'
            : !desk.marks.some((mark) => mark.what === 'swatch')
              ? 'Now draw a box over the swatch.'
              : 'Draw over more swatches, or use what was read.',
    );
    /** Two swatches may be the halves of a draw-down: the darker one was over black. */
    const drawdown = $derived.by(() => {
        if (desk.measured.length !== 2) return null;
        const [black, white] = desk.measured.toSorted((one, other) => one.colour.value - other.colour.value);
        return new URLSearchParams({ black: black?.lab ?? '', white: white?.lab ?? '', photo: desk.photo?.id ?? '' });
    });
    const swatches = $derived(desk.marks.filter((mark) => mark.what === 'swatch'));
</script>

<div class="corner">
    <div class="stack-far">
        {#if desk.photo === null}
            <section class="panel start">
                <h2>Photograph a dry swatch beside a grey card</h2>
                <p class="quiet">
                    Same light on both, no shadow, no glare. JPEG, PNG or WebP up to 20 MB; where and when it was taken
                    is forgotten at once.
                </p>
                <FileUploaderDropContainer
                    role={null as never}
                    labelText="Drop the picture here, or choose it"
                    accept={['image/jpeg', 'image/png', 'image/webp']}
                    on:change={(event) => void desk.open(event.detail[0])}
                />
                {#if desk.busy}<p role="status">{desk.busy}</p>{/if}
                <ol>
                    <li>
                        <b>Mark the grey card.</b>
                        <span class="quiet">It tells the light the picture was taken in.</span>
                    </li>
                    <li>
                        <b>Mark the swatch.</b>
                        <span class="quiet"
                            >Its colour is the middle of all that lies in the frame, with how sure it is.</span
                        >
                    </li>
                    <li>
                        <b>Use it.</b>
                        <span class="quiet"
                            >Mix it, give it to a paint, or tell from two halves how well a paint hides.</span
                        >
                    </li>
                </ol>
            </section>
        {:else}
            <div class="tools">
                <div class="acts" role="group" aria-label="Mark">
                    <Switcher
                        label="What is marked"
                        value={tool}
                        choices={[
                            { value: 'grey', label: 'Grey card' },
                            { value: 'swatch', label: 'Swatch' },
                        ]}
                        change={(value) => (tool = value as typeof tool)}
                    />
                    <Button
                        size="small"
                        kind="tertiary"
                        on:click={() => marked(tool, { x: 0.4, y: 0.4, width: 0.2, height: 0.2 })}
                        >Mark the middle</Button
                    >
                </div>
                <p role="status"><b>{next}</b></p>
                <Button size="small" kind="tertiary" on:click={() => desk.close()}>Another picture</Button>
            </div>
            <PhotoBoard {desk} photo={desk.photo} {tool} {marked} />
        {/if}
        {#if desk.problem}<Trouble problem={desk.problem} />{/if}
    </div>
    <aside class="stack-far">
        {#each desk.measured as measured, index (swatches[index]?.id)}
            <MeasuredColour
                {measured}
                source="photo"
                photo={desk.photo?.id ?? ''}
                title={desk.measured.length === 1 ? 'The swatch' : `Swatch ${index + 1}`}
            />
        {:else}
            {#if desk.photo !== null}
                <section class="panel start">
                    <h2>Nothing read yet</h2>
                    <p class="quiet">
                        A mark can be walked with the arrows; with Shift they change its size, Delete takes it away.
                    </p>
                </section>
            {/if}
        {/each}
        {#if drawdown}
            <Button size="small" kind="secondary" href="#/shelf/measure/opacity?{drawdown}"
                >These are one paint over black and white</Button
            >
        {/if}
    </aside>
</div>

<style>
    ol {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
        gap: 10px 22px;
        margin: 6px 0 0;
        padding: 12px 0 0 18px;
        border-top: 1px solid var(--line);
    }

    .corner {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 330px;
        gap: 12px;
        align-items: start;
    }

    .start {
        display: grid;
        gap: 10px;
        padding: 20px;
    }

    .tools {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: center;
        justify-content: space-between;
    }

    @media (max-width: 900px) {
        .corner {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
