<script lang="ts">
    import * as v from 'valibot';
    import { Button, NumberInput, TextInput } from 'carbon-components-svelte';
    import type { Craft, Problem, Schemas } from '../../lib/api';
    import { toFirstFault } from '../../lib/faults';
    import { forget, keep, kept } from '../../lib/kept';
    import { AsNoted } from '../../lib/shapes';
    import Count from '../../parts/Count.svelte';
    import DilutionEditor from '../../parts/DilutionEditor.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** What was noted, to be put right. What is typed here survives a reload. */
    let {
        entry,
        table,
        problem,
        save,
        leave,
    }: {
        entry: Schemas['ToldEntry'];
        table: Craft;
        problem: Problem | null;
        save: (change: Omit<Schemas['LogChange'], 'version'>) => Promise<void>;
        leave: () => void;
    } = $props();

    type Typed = {
        models: number;
        minutes: number | null;
        note: string;
        coats: number;
        dilution: Schemas['Dilution'];
    };

    // svelte-ignore state_referenced_locally
    const keptAs = `log.${entry.id}.${entry.version}`;
    // svelte-ignore state_referenced_locally
    let form = $state<Typed>({
        models: entry.models,
        minutes: entry.minutes,
        note: entry.note,
        coats: entry.used.coats,
        dilution: entry.used.dilution,
        ...kept(keptAs, v.object({ models: v.number(), ...AsNoted })),
    });

    $effect(() => keep(keptAs, $state.snapshot(form)));

    async function submit(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        const { models, minutes, note, coats, dilution } = $state.snapshot(form);
        const mix = entry.used.mix.map(({ paint, parts }) => ({ paint, parts }));
        await save({ models, minutes, note, used: { ...(mix.length > 0 ? { mix } : {}), coats, dilution } });
        if (problem === null) forget(keptAs);
        else void toFirstFault(box);
    }

    let box = $state<HTMLFormElement>();
    const at = (field: string) => ({ invalid: !!problem?.at(field), invalidText: problem?.at(field) ?? '' });
</script>

<form onsubmit={submit} bind:this={box} novalidate>
    {#if problem && problem.faults.length === 0}<Trouble {problem} />{/if}
    <Count
        label="Models"
        value={form.models}
        least={1}
        most={entry.batchModels}
        change={(value) => (form.models = value)}
    />
    <Count
        label="Coats"
        value={form.coats}
        least={1}
        most={table.limits.coats}
        change={(value) => (form.coats = value)}
    />
    <DilutionEditor craft={table} dilution={form.dilution} change={(value) => (form.dilution = value)} />
    <div class="minutes">
        <NumberInput
            size="sm"
            labelText="Minutes"
            allowEmpty
            hideSteppers
            min={0}
            max={10000}
            bind:value={form.minutes}
            {...at('minutes')}
        />
    </div>
    <div class="note">
        <TextInput size="sm" labelText="Note" dir="auto" maxlength={500} bind:value={form.note} {...at('note')} />
    </div>
    {#if problem?.at('models')}<p role="alert"><b>{problem.at('models')}</b></p>{/if}
    <div class="acts">
        <Button size="small" kind="secondary" type="submit">Save it</Button>
        <Button size="small" kind="tertiary" on:click={() => (forget(keptAs), leave())}>Leave it</Button>
    </div>
</form>

<style>
    form {
        display: flex;
        flex-wrap: wrap;
        grid-column: 1 / -1;
        gap: 12px 16px;
        align-items: end;
        padding: 8px 0 12px;
    }

    .minutes {
        width: 110px;
    }

    .minutes :global(:is(.bx--form-item, .bx--number, input[type='number'])) {
        box-sizing: border-box;
        width: 100%;
        min-width: 0;
        padding-right: 0;
    }

    .note {
        flex: 1;
        min-width: 220px;
    }
</style>
