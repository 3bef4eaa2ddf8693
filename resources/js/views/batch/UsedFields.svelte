<script lang="ts">
    import { NumberInput, TextInput } from 'carbon-components-svelte';
    import type { BatchStep, Craft, Problem, Schemas } from '../../lib/api';
    import Count from '../../parts/Count.svelte';
    import DilutionEditor from '../../parts/DilutionEditor.svelte';
    import MixEditor from '../plan/MixEditor.svelte';

    /** The fields for what was really used: fetched when somebody opens them. */
    let {
        step,
        table,
        fault,
        mix = $bindable(),
        dilution = $bindable(),
        coats = $bindable(),
        minutes = $bindable(),
        note = $bindable(),
    }: {
        step: BatchStep;
        table: Craft;
        fault: Problem | null;
        mix: Schemas['Part'][];
        dilution: Schemas['Dilution'];
        coats: number;
        minutes: number | null;
        note: string;
    } = $props();
</script>

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
        <Count label="Coats" value={coats} least={1} most={table.limits.coats} change={(value) => (coats = value)} />
        <NumberInput size="sm" labelText="Minutes" min={0} max={10000} allowEmpty hideSteppers bind:value={minutes} />
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

<style>
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
