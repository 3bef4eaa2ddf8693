<script lang="ts">
    import * as v from 'valibot';
    import type { BatchStep, Craft, Problem, Schemas } from '../../lib/api';
    import type { Done } from '../../lib/batchDesk.svelte';
    import { forget, keep, kept } from '../../lib/kept';
    import { AsNoted, Part } from '../../lib/shapes';

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

    // svelte-ignore state_referenced_locally
    let isOpen = $state(step.mix === null || before !== null);

    $effect(() => {
        const typed = $state.snapshot({ mix, dilution, coats, minutes, note });
        if (JSON.stringify(typed) === JSON.stringify(planned)) forget(keptAs);
        else keep(keptAs, typed);
        change({ minutes, note, used: { ...(mix.length > 0 ? { mix } : {}), dilution, coats } });
    });
</script>

<details bind:open={isOpen}>
    <summary>Was it different, or worth a note?</summary>
    {#if isOpen}
        {#await import('./UsedFields.svelte') then { default: UsedFields }}
            <UsedFields {step} {table} {fault} bind:mix bind:dilution bind:coats bind:minutes bind:note />
        {:catch}
            <p class="quiet">These fields could not be fetched. Reload the page; what you have ticked stays.</p>
        {/await}
    {/if}
</details>

<style>
    details {
        font-size: 0.875rem;
    }

    summary {
        width: fit-content;
    }
</style>
