<script lang="ts">
    import type { BatchStep, Craft, Problem, Schemas } from '../../lib/api';
    import type { Done } from '../../lib/batchDesk.svelte';
    import DilutionEditor from '../../parts/DilutionEditor.svelte';
    import Count from '../../parts/Count.svelte';
    import MixEditor from '../plan/MixEditor.svelte';

    /** What was really used, where it was not as planned. Starts from the plan. */
    let {
        step,
        table,
        fault,
        change,
    }: { step: BatchStep; table: Craft; fault: Problem | null; change: (really: Omit<Done, 'models'>) => void } =
        $props();

    // svelte-ignore state_referenced_locally
    let mix = $state<Schemas['Part'][]>(step.step.mix);
    // svelte-ignore state_referenced_locally
    let dilution = $state<Schemas['Dilution']>(step.step.dilution);
    // svelte-ignore state_referenced_locally
    let coats = $state(step.step.coats);
    let minutes = $state<number | null>(null);
    let note = $state('');

    $effect(() => change({ minutes, note, used: { ...(mix.length > 0 ? { mix } : {}), dilution, coats } }));
</script>

<details open={step.mix === null}>
    <summary>Was it different, or worth a note?</summary>
    <div class="grid">
        <MixEditor
            craft={table}
            {mix}
            names={step.mix?.parts ?? []}
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
            <div>
                <label class="bx--label" for="minutes">Minutes</label>
                <input
                    id="minutes"
                    class="bx--text-input bx--text-input--sm"
                    type="number"
                    min="0"
                    max="10000"
                    bind:value={minutes}
                />
            </div>
        </div>
        <div>
            <label class="bx--label" for="note">Note</label>
            <input
                id="note"
                class="bx--text-input bx--text-input--sm"
                maxlength="500"
                dir="auto"
                bind:value={note}
                placeholder="What you want to know next year"
            />
        </div>
    </div>
</details>

<style>
    details {
        font-size: 0.875rem;
    }

    summary {
        width: fit-content;
        cursor: pointer;
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

    #minutes {
        width: 90px;
    }
</style>
