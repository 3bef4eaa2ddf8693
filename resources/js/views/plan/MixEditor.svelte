<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Close from 'carbon-icons-svelte/lib/Close.svelte';
    import type { Craft, Schemas } from '../../lib/api';
    import { warn } from '../../lib/notices.svelte';
    import Count from '../../parts/Count.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';
    import Swatch from '../../parts/Swatch.svelte';

    /** Paints in whole parts. A single paint is a mix of one and needs no ratio. */
    let {
        craft,
        mix,
        names,
        first = null,
        fault = '',
        ready = false,
        change,
    }: {
        craft: Craft;
        mix: Schemas['Part'][];
        /** The paints that may stand in it. */
        names: { id: string; name: string; kind: Schemas['Kind']; colour: { hex: string } | null }[];
        /** The kind that is most likely wanted. */
        first?: Schemas['Kind'] | null;
        fault?: string;
        /** An empty mix takes the cursor at once. */
        ready?: boolean;
        change: (mix: Schemas['Part'][]) => void;
    } = $props();

    let adding = $state(false);
    /** The part that was chosen last takes the cursor when it is drawn anew. */
    let last = $state(-1);
    const picked = $state<Record<string, { name: string; hex: string | null; kind: Schemas['Kind'] }>>({});
    const isEmpty = $derived(mix.length === 0);

    function known(id: string) {
        const paint = names.find((one) => one.id === id);
        return paint ? { name: paint.name, hex: paint.colour?.hex ?? null, kind: paint.kind } : picked[id];
    }

    function pick(index: number, paint: Schemas['Paint']): void {
        picked[paint.id] = { name: paint.name, hex: paint.swatch, kind: paint.kind };
        adding = false;
        last = index;
        if (mix.some((part, at) => part.paint === paint.id && at !== index)) {
            return warn(`${paint.name} is in the mix already: give it more parts.`);
        }
        const part = { paint: paint.id, parts: mix[index]?.parts ?? 1 };
        change(index < mix.length ? mix.map((one, at) => (at === index ? part : one)) : [...mix, part]);
    }
</script>

<div class="mix stack-near">
    {#each mix as part, index (index)}
        {@const paint = known(part.paint)}
        <div class="part form-row">
            <Swatch hex={paint?.hex ?? null} kind={paint?.kind} size={30} />
            <div class="grow">
                <PaintPicker
                    label={index === 0 ? 'Paint' : `Paint ${index + 1}`}
                    hideLabel={index > 0}
                    {first}
                    ready={last === index}
                    chosen={{ id: part.paint, name: paint?.name ?? '…' }}
                    pick={(chosen) => pick(index, chosen)}
                />
            </div>
            {#if mix.length > 1}
                <Count
                    label="Parts of {paint?.name}"
                    hideLabel
                    value={part.parts}
                    least={1}
                    most={craft.limits.mixParts}
                    change={(parts) => change(mix.map((one, at) => (at === index ? { ...one, parts } : one)))}
                />
            {/if}
            <Button
                size="small"
                kind="ghost"
                icon={Close}
                iconDescription="Take {paint?.name} out of the mix"
                on:click={() => change(mix.filter((_, at) => at !== index))}
            />
        </div>
    {/each}
    {#if isEmpty || adding}
        <div class="part form-row">
            <Swatch hex={null} size={30} />
            <div class="grow">
                <PaintPicker
                    label={isEmpty ? 'Paint' : 'Add a paint'}
                    hideLabel={!isEmpty}
                    {first}
                    ready={ready || adding}
                    pick={(chosen) => pick(mix.length, chosen)}
                />
            </div>
        </div>
    {:else if mix.length < craft.limits.mixPaints}
        <Button size="small" kind="ghost" class="add" on:click={() => (adding = true)}>+ mix in another paint</Button>
    {/if}
    {#if fault !== ''}<p class="fault" role="alert">{fault}</p>{/if}
</div>

<style>
    .grow {
        flex: 1;
        min-width: 0;
    }

    .fault {
        font-weight: 700;
    }
</style>
