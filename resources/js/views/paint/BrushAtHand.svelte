<script lang="ts">
    import * as v from 'valibot';
    import { type BatchStep, got, type Schemas, server } from '../../lib/api';
    import { keep, kept } from '../../lib/kept';
    import { Latest } from '../../lib/latest.svelte';
    import Choose from '../../parts/Choose.svelte';

    /** Which of the owned brushes is taken, and what speaks against it; nothing where none is owned. */
    let { batchId, step, take }: { batchId: string; step: BatchStep; take: (brush: string | null) => void } = $props();

    const latest = new Latest<Schemas['BrushAtHand'][]>();
    // svelte-ignore state_referenced_locally
    const keptAs = `brush.${step.step.brush}`;
    let chosen = $state(kept(keptAs, v.string()) ?? '');
    const all = $derived(latest.answer ?? []);
    const brush = $derived(all.find((one) => one.id === chosen) ?? null);
    const better = $derived(all.find((one) => one.fits && one.caution === null && one.id !== chosen) ?? null);

    $effect(() => {
        const params = { path: { id: batchId, step: step.step.id } };
        void latest.ask(() => got(server.GET('/batches/{id}/steps/{step}/brushes', { params })));
    });
    $effect(() => take(brush?.id ?? null));

    function choose(id: string): void {
        chosen = id;
        keep(keptAs, id);
    }
</script>

{#if all.length > 0}
    <div class="row">
        <Choose
            label="With"
            value={brush?.id ?? ''}
            choices={[{ value: '', label: step.brush }, ...all.map((one) => ({ value: one.id, label: one.name }))]}
            change={choose}
        />
        {#if brush?.caution}
            <p role="status">
                <bdi>{brush.caution}</bdi>
                {#if better}<button type="button" class="link" onclick={() => choose(better.id)}
                        >Take <bdi>{better.name}</bdi></button
                    >{/if}
            </p>
        {/if}
    </div>
{/if}

<style>
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 16px;
        align-items: end;
    }

    .row > :global(.bx--form-item) {
        flex: 0 1 260px;
    }

    p {
        flex: 1 1 260px;
        padding: 6px 0;
        font-weight: 600;
    }
</style>
