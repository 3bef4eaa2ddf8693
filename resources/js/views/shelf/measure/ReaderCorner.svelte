<script lang="ts">
    import Tick from '../../../parts/Tick.svelte';
    import { Button } from 'carbon-components-svelte';
    import { asProblem, got, type Paint, type Problem, type Schemas, server } from '../../../lib/api';
    import { inTurn } from '../../../lib/inTurn';
    import { plural } from '../../../lib/words';
    import PaintPicker from '../../../parts/PaintPicker.svelte';
    import Trouble from '../../../parts/Trouble.svelte';
    import Words from '../../../parts/Words.svelte';
    import MeasuredColour from './MeasuredColour.svelte';

    /** The swatch reader. It is a stand-in that ships along: on the left one lays something under it, on the right one reads. */
    let device = $state<Schemas['Reader'] | null>(null);
    let answer = $state.raw<Schemas['SwatchReadings'] | null>(null);
    let problem = $state<Problem | null>(null);
    let laid = $state<{ paint?: string; colour?: string }>({});

    const readings = $derived(answer?.readings ?? []);

    void got(server.GET('/devices/reader')).then((state) => (device = state));

    async function layOnce(
        changes: { paint?: string; colour?: string },
        isDirty = device?.isDirty ?? false,
    ): Promise<void> {
        laid = changes;
        try {
            device = await got(server.PUT('/devices/reader', { body: { ...changes, isDirty } }));
            answer = null;
            problem = null;
        } catch (error) {
            problem = asProblem(error);
        }
    }

    /** A reading waits for what was laid, and for the readings before it: it is averaged with those. */
    const turn = inTurn();
    const lay = (changes: { paint?: string; colour?: string }, isDirty?: boolean): Promise<void> =>
        turn(() => layOnce(changes, isDirty));
    const read = (): Promise<void> => turn(readOnce);

    async function readOnce(): Promise<void> {
        try {
            answer = await got(
                server.POST('/devices/reader/readings', { body: { earlier: readings.map((reading) => reading.lab) } }),
            );
            problem = null;
        } catch (error) {
            problem = asProblem(error);
        }
    }
</script>

<div class="corner">
    <section class="panel stack padded" aria-label="Under the reader">
        <h2>Lay a swatch under the reader</h2>
        <p class="quiet">
            This reader is simulated: choose what lies under it. It has the noise of a real one, and slips.
        </p>
        <PaintPicker
            label="The dry swatch of a paint"
            chosen={laid.paint && device ? { id: laid.paint, name: device.name } : null}
            pick={(paint: Paint) => void lay({ paint: paint.id })}
        />
        <Words
            label="Or any colour"
            value={laid.colour ?? ''}
            placeholder="#7a5230"
            fault={problem?.at('colour') ?? ''}
            change={(colour) => void lay({ colour: colour.trim() })}
        />
        {#if device?.isLaid}
            <Tick
                label="its window is dirty"
                checked={device.isDirty}
                change={(isDirty) =>
                    void lay(laid.paint || laid.colour ? laid : { colour: device?.name ?? '' }, isDirty)}
            />
        {/if}
    </section>
    <section class="panel stack padded" aria-label="Read">
        <h2>{device?.isLaid ? device.name : 'Nothing lies under it'}</h2>
        <div class="acts">
            <Button size="small" class="read" disabled={!device?.isLaid} on:click={read}
                >{readings.length === 0 ? 'Read it' : 'Read once more'}</Button
            >
            {#if readings.length > 0}
                <Button size="small" kind="tertiary" on:click={() => (answer = null)}>Start anew</Button>
            {/if}
        </div>
        <p class="quiet" role="status">
            {readings.length === 0
                ? 'Three readings or more, each on another spot, are surest.'
                : `${plural(readings.length, 'reading')} taken.`}
        </p>
        {#if problem && problem.at('colour') === ''}<Trouble {problem} />{/if}
        <ol class="well">
            {#each readings as reading, index}
                <li>
                    <span class="dot" style:background={reading.hex}></span>
                    {index + 1}: {reading.lab.map((value) => value.toFixed(1)).join(', ')}
                </li>
            {/each}
        </ol>
    </section>
    <aside>
        {#if answer}<MeasuredColour
                measured={answer.measured}
                source="reader"
                title={device?.name || 'The swatch'}
            />{/if}
    </aside>
</div>

<style>
    .corner {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 330px;
        gap: 12px;
        align-items: start;
    }

    .acts :global(.read) {
        min-height: 48px;
        padding: 0 28px;
        font-size: 1.125rem;
    }

    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
        gap: 6px;
        padding: 10px;
    }

    ol:empty {
        display: none;
    }

    li {
        display: flex;
        gap: 8px;
        align-items: center;
        font-size: 0.8125rem;
    }

    .dot {
        width: 22px;
        height: 22px;
        border-radius: 50%;
    }

    @media (max-width: 1160px) {
        .corner {
            grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        }
    }

    @media (max-width: 700px) {
        .corner {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
