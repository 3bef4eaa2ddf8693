<script lang="ts">
    import { NumberInput, TextInput } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { api, asProblem, type Paint, type Plan, type Problem } from '../lib/api';
    import { craft } from '../lib/craft.svelte';
    import { forget, keep, kept } from '../lib/kept';
    import { newArea } from '../lib/newStep';
    import Choose from '../parts/Choose.svelte';
    import PaintPicker from '../parts/PaintPicker.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';

    type Typed = {
        name: string;
        model: string;
        bodyType: string;
        heightMm: number;
        finishLevel: string;
        areas: string;
        base: { id: string; name: string } | null;
        light: { id: string; name: string } | null;
    };
    const before = kept<Typed>('newPlan');

    let name = $state<string>(before?.name ?? '');
    let model = $state<string>(before?.model ?? '');
    let bodyType = $state<string>(before?.bodyType ?? 'on-foot');
    let heightMm = $state<number>(before?.heightMm ?? 32);
    let finishLevel = $state<string>(before?.finishLevel ?? 'table-ready');
    let areas = $state<string>(before?.areas ?? '');
    let base = $state<{ id: string; name: string } | null>(before?.base ?? null);
    let light = $state<{ id: string; name: string } | null>(before?.light ?? null);
    let problem = $state<Problem | null>(null);
    let busy = $state(false);

    $effect(() => keep('newPlan', { name, model, bodyType, heightMm, finishLevel, areas, base, light }));

    const chosen = (paint: Paint) => ({ id: paint.id, name: paint.name });

    async function make(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        busy = true;
        const names = areas
            .split('\n')
            .map((line) => line.trim())
            .filter((line) => line !== '');
        try {
            const plan = await api.post<Plan>('/plans', {
                document: {
                    name,
                    model: { name: model.trim() === '' ? name : model, bodyType, heightMm, finishLevel },
                    undercoat: { base: base?.id ?? '', light: light?.id ?? null, coneDegrees: 45 },
                    areas: names.map(newArea),
                },
            });
            forget('newPlan');
            await push(`/plans/${plan.id}`);
        } catch (error) {
            problem = asProblem(error);
        }
        busy = false;
    }

    const shown = ['name', 'model.name', 'model.heightMm', 'undercoat.base', 'undercoat.light'];
    const elsewhere = $derived(problem !== null && !problem.faults.some((fault) => shown.includes(fault.field)));
</script>

<h1>New plan</h1>
{#if craft() === null}
    <Waiting what="the words of the craft" />
{:else}
    {@const table = craft()!}
    <form class="panel" onsubmit={make}>
        {#if problem && elsewhere}<Trouble {problem} />{/if}
        <fieldset>
            <legend>The model</legend>
            <TextInput
                size="sm"
                labelText="Name of the plan"
                placeholder="Ferry Warden"
                bind:value={name}
                dir="auto"
                invalid={!!problem?.at('name')}
                invalidText={problem?.at('name') ?? ''}
            />
            <TextInput
                size="sm"
                labelText="Model, if it has a name of its own"
                bind:value={model}
                dir="auto"
                invalid={!!problem?.at('model.name')}
                invalidText={problem?.at('model.name') ?? ''}
            />
            <div class="three">
                <Choose
                    label="Body"
                    value={bodyType}
                    choices={table.bodyTypes}
                    change={(value) => (bodyType = value)}
                />
                <NumberInput
                    size="sm"
                    labelText="Height, mm"
                    min={table.limits.leastHeightMm}
                    max={table.limits.mostHeightMm}
                    bind:value={heightMm}
                    invalid={!!problem?.at('model.heightMm')}
                    invalidText={problem?.at('model.heightMm') ?? ''}
                />
                <Choose
                    label="Finish"
                    value={finishLevel}
                    choices={table.finishLevels}
                    change={(value) => (finishLevel = value)}
                />
            </div>
        </fieldset>
        <fieldset>
            <legend>The undercoat</legend>
            <PaintPicker
                label="Undercoat"
                chosen={base}
                fault={problem?.at('undercoat.base') ?? ''}
                pick={(paint) => (base = chosen(paint))}
            />
            <div class="light">
                <PaintPicker
                    label="Light from above, if you spray one"
                    chosen={light}
                    fault={problem?.at('undercoat.light') ?? ''}
                    pick={(paint) => (light = chosen(paint))}
                />
                {#if light}<button class="act" type="button" onclick={() => (light = null)}>None</button>{/if}
            </div>
            <p class="quiet">
                Type “primer” to see only those. A light undercoat suits yellow, white and thin paints; black suits
                metal.
            </p>
        </fieldset>
        <fieldset>
            <legend>Its areas, one a line</legend>
            <label class="sr" for="areas">Areas, one a line</label>
            <textarea
                id="areas"
                class="bx--text-area"
                rows="5"
                dir="auto"
                placeholder={'Coat\nFace\nBoots'}
                bind:value={areas}></textarea>
            <p class="quiet">The parts that get one colour scheme each. More can be added later.</p>
        </fieldset>
        <div class="acts">
            <button class="act main" type="submit" disabled={busy}>Make the plan</button>
            <a class="act" href="#/plans">Leave it</a>
        </div>
    </form>
{/if}

<style>
    h1 {
        margin-bottom: 14px;
    }

    form {
        display: grid;
        gap: 20px;
        max-width: 680px;
        padding: 18px 20px;
    }

    fieldset {
        display: grid;
        gap: 10px;
        margin: 0;
        padding: 0;
        border: 0;
    }

    legend {
        margin-bottom: 8px;
        padding: 0;
        font-weight: 700;
    }

    .three {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 12px;
        align-items: end;
    }

    .light {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 10px;
        align-items: end;
    }
</style>
