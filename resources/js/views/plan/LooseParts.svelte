<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import AddByName from '../../parts/AddByName.svelte';
    import OwnGround from '../../parts/OwnGround.svelte';

    /** Pieces kept loose so that a brush reaches behind them, until a step glues them on; each may be primed otherwise than the rest. */
    let { desk }: { desk: PlanDesk } = $props();

    const parts = $derived(desk.document?.parts ?? []);

    function prime(partId: string, base: string | null): void {
        const part = parts.find((one) => one.id === partId);
        desk.set(['parts', partId], { undercoat: base === null ? null : { ...part?.undercoat, base } });
    }

    function named(id: string): { id: string; name: string } {
        return { id, name: desk.plan?.paints.find((paint) => paint.id === id)?.name ?? '' };
    }
</script>

<div class="side-by-side">
    <span class="quiet">Loose parts</span>
    {#each parts as part, at (part.id)}
        <span class="part">
            <bdi>{part.name}</bdi>
            <OwnGround
                of={part.name}
                base={part.undercoat ? named(part.undercoat.base) : null}
                fault={desk.faultAt(`parts.${at}.undercoat.base`)}
                change={(base) => prime(part.id, base)}
            />
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
    .part {
        display: flex;
        flex-wrap: wrap;
        gap: 0 4px;
        align-items: center;
        padding-left: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
    }
</style>
