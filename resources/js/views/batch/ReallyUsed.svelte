<script lang="ts">
    import * as v from 'valibot';
    import { NumberInput, TextInput } from 'carbon-components-svelte';
    import type { BatchStep, Craft, Problem, Schemas } from '../../lib/api';
    import type { Done } from '../../lib/batchDesk.svelte';
    import DilutionEditor from '../../parts/DilutionEditor.svelte';
    import Count from '../../parts/Count.svelte';
    import { forget, keep, kept } from '../../lib/kept';
    import { AsNoted, Part } from '../../lib/shapes';
    import MixEditor from '../plan/MixEditor.svelte';

    /** What was really used, where it was not as planned. Starts from the plan. */
    let {
        step,
        table,
        keptAs,
        fault,
        change,
    }: {
        step: BatchStep;
        table: Craft;
        keptAs: string;
        fault: Problem | null;
        change: (really: Omit<Done, 'models' | 'on'>) => void;
    } = $props();

    type Typed = {
        mix: Schemas['Part'][];
        dilution: Schemas['Dilution'];
        coats: number;
        minutes: number | null;
        note: string;
    };

    // svelte-ignore state_referenced_locally
    const planned: Typed = {
        mix: step.step.mix,
        dilution: step.step.dilution,
        coats: step.step.coats,
        minutes: null,
        note: '',
    };
    // svelte-ignore state_referenced_locally
    const before = kept(keptAs, v.object({ mix: v.array(Part), ...AsNoted }));
    let { mix, dilution, coats, minutes, note } = $state<Typed>({ ...planned, ...before });

    $effect(() => {
        const typed = $state.snapshot({ mix, dilution, coats, minutes, note });
        if (JSON.stringify(typed) === JSON.stringify(planned)) forget(keptAs);
        else keep(keptAs, typed);
        change({ minutes, note, used: { ...(mix.length > 0 ? { mix } : {}), dilution, coats } });
    });
</script>

<details open={step.mix === null || before !== null}>
    <summary>Was it different, or worth a note?</summary>
    <div class="grid">
        <MixEditor
            craft={table}
            {mix}
            names={(step.mix?.parts ?? []).map((one) => ({
                id: one.paint,
                name: one.name,
                kind: one.kind,
                colour: one.colour,
            }))}
            fault={fault?.at('used.mix') ?? ''}
            change={(value) => (mix = value)}
        />
        <div class="row">
            <DilutionEditor craft={table} {dilution} change={(value) => (dilution = value)} />
            <Count
                label="Coats"
                value={coats}
                least={1}
                most={table.limits.coats}
                change={(value) => (coats = value)}
            />
            <NumberInput
                size="sm"
                labelText="Minutes"
                min={0}
                max={10000}
                allowEmpty
                hideSteppers
                bind:value={minutes}
            />
        </div>
        <TextInput
            size="sm"
            labelText="Note"
            maxlength={500}
            dir="auto"
            bind:value={note}
            placeholder="What you want to know next year"
        />
    </div>
</details>

<style>
    details {
        font-size: 0.875rem;
    }

    summary {
        width: fit-content;
    }

    .grid {
        display: grid;
        gap: 12px;
        max-width: 640px;
        padding-top: 12px;
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 12px;
        align-items: end;
    }
</style>
