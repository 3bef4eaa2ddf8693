<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import AddByName from '../../parts/AddByName.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';

    /** Pieces kept loose so that a brush reaches behind them, until a step glues them on; each may be primed otherwise than the rest. */
    let { desk }: { desk: PlanDesk } = $props();

    const parts = $derived(desk.document?.parts ?? []);
    let asked = $state<string | null>(null);

    function prime(partId: string, base: string | null): void {
        asked = null;
        const part = parts.find((one) => one.id === partId);
        desk.set(['parts', partId], { undercoat: base === null ? null : { ...part?.undercoat, base } });
    }

    function named(id: string): { id: string; name: string } {
        return { id, name: desk.plan?.paints.find((paint) => paint.id === id)?.name ?? '' };
    }
</script>

<div class="parts">
    <span class="quiet">Loose parts</span>
    {#each parts as part, at (part.id)}
        <span class="part">
            <bdi>{part.name}</bdi>
            {#if part.undercoat || asked === part.id}
                <span class="ground">
                    <PaintPicker
                        label="Undercoat of {part.name}"
                        hideLabel
                        first="primer"
                        ready={asked === part.id}
                        chosen={part.undercoat ? named(part.undercoat.base) : null}
                        fault={desk.faultAt(`parts.${at}.undercoat.base`)}
                        pick={(paint) => prime(part.id, paint.id)}
                    />
                </span>
                <Button size="small" kind="ghost" on:click={() => prime(part.id, null)}
                    >As the rest<span class="sr">: {part.name}</span></Button
                >
            {:else}
                <Button size="small" kind="ghost" on:click={() => (asked = part.id)}
                    >Own undercoat<span class="sr"> for {part.name}</span></Button
                >
            {/if}
            <Button size="small" kind="ghost" on:click={() => void desk.removePart(part.id)}
                >Take out<span class="sr"> {part.name}</span></Button
            ></span
        >
    {:else}
        <span class="quiet">none</span>
    {/each}
    <AddByName
        label="Name of a loose part"
        placeholder="Shield, backpack …"
        addLabel="Add the part"
        add={(name) => void desk.addPart(name)}
    />
</div>

<style>
    .parts {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 12px;
        align-items: center;
    }

    .part {
        display: flex;
        flex-wrap: wrap;
        gap: 0 4px;
        align-items: center;
        padding-left: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
    }

    .ground {
        width: 190px;
        margin-left: 8px;
    }
</style>
