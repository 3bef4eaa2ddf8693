<script lang="ts">
    import * as v from 'valibot';
    import { Button, FileUploaderButton, NumberInput, TextArea, TextInput } from 'carbon-components-svelte';
    import { untrack } from 'svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, got, server, type Paint, type Problem, type Schemas } from '../lib/api';
    import { craft } from '../lib/craft.svelte';
    import { toFirstFault } from '../lib/faults';
    import { figureOf, handOver } from '../lib/figure/handed';
    import { forget, keep, kept } from '../lib/kept';
    import { Latest } from '../lib/latest.svelte';
    import { takesCursor } from '../lib/takesCursor';
    import BusyButton from '../parts/BusyButton.svelte';
    import Choose from '../parts/Choose.svelte';
    import PaintPicker from '../parts/PaintPicker.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import PlanSketch from './plan/PlanSketch.svelte';

    type Chosen = { id: string; name: string } | null;
    type Typed = {
        name: string;
        model: string;
        bodyType: string;
        heightMm: number | null;
        finishLevel: string;
        areas: string;
        base: Chosen;
        light: Chosen;
    };
    const Choice = v.nullable(v.object({ id: v.string(), name: v.string() }));
    const Begun = v.object({
        name: v.string(),
        model: v.string(),
        bodyType: v.string(),
        heightMm: v.nullable(v.number()),
        finishLevel: v.string(),
        areas: v.string(),
        base: Choice,
        light: Choice,
    });
    const SKETCH_AFTER_MS = 120;

    let form = $state<Typed>({
        name: '',
        model: '',
        bodyType: 'on-foot',
        heightMm: 32,
        finishLevel: 'table-ready',
        areas: '',
        base: null,
        light: null,
        ...kept('newPlan', Begun),
    });
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    /** A photo of the model, or the files of its sculpt: looked at when the plan is there to hold it. */
    let figure = $state.raw<File[]>([]);
    let page = $state<HTMLFormElement>();
    const sketch = new Latest<Schemas['Sketch']>();

    const body = $derived<Schemas['Beginning']>({
        name: form.name,
        model: {
            name: form.model,
            bodyType: form.bodyType,
            finishLevel: form.finishLevel,
            ...(form.heightMm === null ? {} : { heightMm: form.heightMm }),
        },
        undercoat: { base: form.base?.id ?? null, light: form.light?.id ?? null },
        areas: form.areas
            .split('\n')
            .map((line) => line.trim())
            .filter((line) => line !== ''),
    });

    $effect(() => keep('newPlan', $state.snapshot(form)));
    $effect(() => {
        const asked = body;
        return sketch.soon(SKETCH_AFTER_MS, () => sketch.ask(() => got(server.POST('/plans/sketch', { body: asked }))));
    });

    // What is mended is at fault no more.
    const fields: Record<string, () => unknown> = {
        name: () => form.name,
        'model.name': () => form.model,
        'model.heightMm': () => form.heightMm,
        'undercoat.base': () => form.base,
        'undercoat.light': () => form.light,
        areas: () => form.areas,
    };
    for (const [field, value] of Object.entries(fields)) {
        $effect(() => {
            value();
            problem = untrack(() => problem)?.without(field) ?? null;
        });
    }

    const chosen = (paint: Paint): Chosen => ({ id: paint.id, name: paint.name });

    async function make(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        busy = true;
        try {
            const plan = await got(server.POST('/plans/begin', { body }));
            forget('newPlan');
            if (figure.length > 0) handOver(plan.id, figure);
            await push(`/plans/${plan.id}${figure.length > 0 ? '?face=figure' : ''}`);
        } catch (error) {
            problem = asProblem(error);
            void toFirstFault(page);
        }
        busy = false;
    }

    const shown = ['name', 'model.name', 'model.heightMm', 'undercoat.base', 'undercoat.light'];
    const areasFault = $derived(problem?.faults.find((fault) => fault.field.startsWith('areas'))?.message ?? '');
    const elsewhere = $derived(
        problem !== null &&
            !problem.faults.some((fault) => shown.includes(fault.field) || fault.field.startsWith('areas')),
    );
    const at = (field: string) => ({ invalid: !!problem?.at(field), invalidText: problem?.at(field) ?? '' });
</script>

<svelte:head><title>New plan · Kalokroma</title></svelte:head>
<svelte:window
    ondragover={(event) => event.dataTransfer?.types.includes('Files') && event.preventDefault()}
    ondrop={(event) => {
        event.preventDefault();
        const dropped = figureOf(event.dataTransfer?.files ?? []);
        if (dropped.length > 0) figure = dropped;
    }}
/>
<h1>New plan</h1>
{#if craft() === null}
    <Waiting what="the words of the craft" />
{:else}
    {@const table = craft()!}
    <div class="room">
        <form class="panel" onsubmit={make} bind:this={page} use:takesCursor novalidate>
            {#if problem && elsewhere}<Trouble {problem} />{/if}
            <TextInput
                size="sm"
                labelText="Name of the plan"
                placeholder="Ferry Warden"
                bind:value={form.name}
                dir="auto"
                {...at('name')}
            />
            <PaintPicker
                label="Undercoat"
                first="primer"
                chosen={form.base}
                fault={form.base === null && problem?.at('undercoat.base')
                    ? 'Choose the primer it gets. One that is not there yet is added by its name.'
                    : (problem?.at('undercoat.base') ?? '')}
                pick={(paint) => (form.base = chosen(paint))}
            />
            <TextArea
                labelText="Its areas, one a line"
                helperText="The parts that get one colour scheme each. More can be added later."
                rows={5}
                dir="auto"
                placeholder={'Leather coat\nFace\nBrass lantern'}
                bind:value={form.areas}
                invalid={areasFault !== ''}
                invalidText={areasFault}
            />
            <details open={form.light !== null || !!problem?.at('undercoat.light') || !!problem?.at('model.heightMm')}>
                <summary>Model, size and light <span class="quiet">if they matter</span></summary>
                <div class="more">
                    <TextInput
                        size="sm"
                        labelText="Model, if it has a name of its own"
                        bind:value={form.model}
                        dir="auto"
                        {...at('model.name')}
                    />
                    <div class="three">
                        <Choose
                            label="Body"
                            value={form.bodyType}
                            choices={table.bodyTypes}
                            change={(value) => (form.bodyType = value)}
                        />
                        <NumberInput
                            size="sm"
                            labelText="Height, mm"
                            min={table.limits.leastHeightMm}
                            max={table.limits.mostHeightMm}
                            hideSteppers
                            bind:value={form.heightMm}
                            {...at('model.heightMm')}
                        />
                        <Choose
                            label="Finish"
                            value={form.finishLevel}
                            choices={table.finishLevels}
                            change={(value) => (form.finishLevel = value)}
                        />
                    </div>
                    <div class="light">
                        <PaintPicker
                            label="Light from above, if you spray one"
                            first="primer"
                            chosen={form.light}
                            fault={problem?.at('undercoat.light') ?? ''}
                            pick={(paint) => (form.light = chosen(paint))}
                        />
                        {#if form.light}<Button size="small" kind="tertiary" on:click={() => (form.light = null)}
                                >None</Button
                            >{/if}
                    </div>
                </div>
            </details>
            <div class="side-by-side">
                {#if figure.length > 0}
                    <p>
                        <b>{figure.map((file) => file.name).join(', ')}</b>
                        <span class="quiet">is opened with the plan, to name its areas on it.</span>
                    </p>
                    <Button size="small" kind="ghost" on:click={() => (figure = [])}>Without it</Button>
                {:else}
                    <p class="quiet">A photo of the model, or its sculpt? Drop it here, or</p>
                    <FileUploaderButton
                        size="small"
                        kind="tertiary"
                        multiple
                        disableLabelChanges
                        labelText="Choose it"
                        accept={['.stl', '.obj', '.glb', '.3mf', 'image/jpeg', 'image/png', 'image/webp']}
                        on:change={(event) => (figure = figureOf(event.detail))}
                    />
                {/if}
            </div>
            <div class="acts">
                <BusyButton type="submit" {busy}>Make the plan</BusyButton>
                <Button size="small" kind="tertiary" href="#/plans">Leave it</Button>
            </div>
            <p class="quiet">Is it written down somewhere? <a href="#/plans/guide">Paste the guide</a> instead.</p>
        </form>
        <PlanSketch name={form.name} base={form.base?.name ?? ''} areas={sketch.answer?.areas ?? []} />
    </div>
{/if}

<style>
    h1 {
        margin-bottom: 14px;
    }

    .room {
        display: grid;
        grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 16px;
        padding: 16px 18px 18px;
    }

    summary {
        font-weight: 700;
    }

    summary .quiet {
        font-weight: 400;
    }

    .more {
        display: grid;
        gap: 12px;
        margin-top: 10px;
    }

    .three {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 10px;
        align-items: start;
    }

    .light {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 10px;
        align-items: end;
    }

    @media (max-width: 900px) {
        .room {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    @media (max-width: 420px) {
        .three {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
