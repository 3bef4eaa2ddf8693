<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, got, newKey, type Paint, type Problem, type Schemas, server } from '../../../lib/api';
    import { setMeasured } from '../../../lib/measuring';
    import { tell, warn } from '../../../lib/notices.svelte';
    import Count from '../../../parts/Count.svelte';
    import PaintPicker from '../../../parts/PaintPicker.svelte';
    import Swatch from '../../../parts/Swatch.svelte';
    import Trouble from '../../../parts/Trouble.svelte';
    import Words from '../../../parts/Words.svelte';

    /** A mix that was really made: what it dried to tells how strong the less known of its two paints is. */
    let paints = $state.raw<[Paint | null, Paint | null]>([null, null]);
    let parts = $state<[number, number]>([1, 1]);
    let colour = $state('');
    let isRead = $state(false);
    let told = $state.raw<Schemas['MeasuredMix'] | null>(null);
    let problem = $state<Problem | null>(null);

    $effect(() => {
        const [one, other] = paints;
        if (one === null || other === null || colour === '') told = null;
        else void ask([one.id, other.id], [parts[0], parts[1]], colour);
    });

    /** Kept as a reading, without setting anything: the logbook shows what several of them say together. */
    async function note(): Promise<void> {
        const [one, other] = paints;
        if (one === null || other === null || told === null) return;
        try {
            const body = {
                id: newKey(),
                parts: [one, other].map((each, index) => ({ paint: each.id, parts: parts[index] ?? 1 })),
                colour,
            };
            await got(server.POST('/measured-mixes', { body }));
            tell('Kept as a reading. What several say together stands in the logbook, under what it teaches.');
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function ask(ids: [string, string], counts: [number, number], seen: string): Promise<void> {
        try {
            told = await got(
                server.POST('/measured-mixes', {
                    body: {
                        parts: ids.map((paint, index) => ({ paint, parts: counts[index] ?? 1 })),
                        colour: seen,
                    },
                }),
            );
            problem = null;
        } catch (error) {
            told = null;
            problem = asProblem(error);
        }
    }

    async function read(): Promise<void> {
        try {
            const answer = await got(server.POST('/devices/reader/readings', { body: { earlier: [] } }));
            colour = answer.measured.lab;
            isRead = true;
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function keep(): Promise<void> {
        const before = paints.find((one) => one?.id === told?.paint.id);
        if (told === null || before === undefined || before === null) return;
        try {
            const strength = { opacity: told.opacity, source: 'mix', readings: 1 };
            let stored = await setMeasured(before, { ...before.measured, strength });
            tell(`“${before.name}” hides ${Math.round(told.opacity * 100)} % now.`, {
                label: 'Undo',
                run: async () => {
                    try {
                        stored = await setMeasured(stored, before.measured);
                    } catch (error) {
                        warn(asProblem(error).message);
                    }
                },
            });
            paints = paints.map((one) => (one?.id === stored.id ? stored : one)) as typeof paints;
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<ol class="steps">
    <li class="panel">
        <h2>1. The mix</h2>
        <p class="quiet">Two covering paints, counted in drops, brushed thick enough to hide the ground.</p>
        {#each [0, 1] as const as index (index)}
            <div class="part">
                <PaintPicker
                    label={index === 0 ? 'One paint' : 'The other'}
                    chosen={paints[index] === null ? null : { id: paints[index]!.id, name: paints[index]!.name }}
                    pick={(picked) => (paints = index === 0 ? [picked, paints[1]] : [paints[0], picked])}
                />
                <Count
                    label="Parts"
                    value={parts[index]}
                    least={1}
                    most={9}
                    change={(value) => (parts = index === 0 ? [value, parts[1]] : [parts[0], value])}
                />
            </div>
        {/each}
        {#if problem?.at('parts')}<p role="alert"><b>{problem.at('parts')}</b></p>{/if}
    </li>
    <li class="panel">
        <h2>2. What it dried to</h2>
        <Words
            label="Its colour, as it was read"
            value={colour}
            placeholder="58, 42, 16"
            fault={problem?.at('colour') ?? ''}
            change={(text) => ((colour = text.trim()), (isRead = false))}
        />
        <div class="acts"><Button size="small" kind="tertiary" on:click={read}>Read it</Button></div>
        <p class="quiet">
            “Read it” takes what lies under the <a href="#/shelf/measure/reader">swatch reader</a>.{#if isRead}
                It was read.{/if}
        </p>
    </li>
    <li class="panel" aria-live="polite">
        <h2>3. What that tells</h2>
        {#if told === null}
            <p class="quiet">
                The one of which less is known is corrected: estimated before set by hand, that before drawn down.
            </p>
        {:else}
            <p class="paint line-up">
                {#if told.paint.colour}<Swatch hex={told.paint.colour.hex} size={34} />{/if}<b
                    ><bdi>{told.paint.name}</bdi></b
                >
            </p>
            <p class="number">{Math.round(told.opacity * 100)} %</p>
            <p class="quiet">
                it hides in one coat, not {Math.round(told.opacityBefore * 100)} %. The mix was {told.before.toFixed(1)} off
                what was expected, and is {told.after.toFixed(1)} off with that.
            </p>
            {#if told.after > 4}<p>
                    <b>Strength alone does not explain it.</b> Was it dry, and thick enough to hide? Is the swatch right?
                </p>{/if}
            <div class="acts">
                <Button size="small" on:click={keep}>Set it on {told.paint.name}</Button>
                <Button size="small" kind="tertiary" on:click={note}>Only keep the reading</Button>
            </div>
        {/if}
        {#if problem && problem.faults.length === 0}<Trouble {problem} />{/if}
    </li>
</ol>

<style>
    .steps {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 12px;
    }

    li {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 10px;
        align-content: start;
        padding: 14px;
    }

    .part {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 10px;
        align-items: end;
    }

    .number {
        font-size: 2.5rem;
        font-weight: 700;
        line-height: 1;
    }

    a {
        color: var(--ink);
    }

    @media (max-width: 900px) {
        .steps {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
