<script lang="ts">
    import Tick from '../../parts/Tick.svelte';
    import type { Area } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** What an area touches, and what lies over it and is therefore painted later. */
    let { desk, area, fault = '' }: { desk: PlanDesk; area: Area; fault?: string } = $props();

    const others = $derived(desk.document?.areas.filter((one) => one.id !== area.id) ?? []);

    function toggled(list: string[], id: string): string[] {
        return list.includes(id) ? list.filter((one) => one !== id) : [...list, id];
    }
</script>

{#if others.length > 0}
    <fieldset>
        <legend>Touches</legend>
        {#each others as other (other.id)}
            <Tick
                label={other.name}
                checked={area.touches.includes(other.id)}
                change={() => desk.changeArea(area.id, { touches: toggled(area.touches, other.id) })}
            />
        {/each}
    </fieldset>
    <fieldset>
        <legend>Lies under <span class="quiet">(so it is painted before)</span></legend>
        {#each others as other (other.id)}
            <Tick
                label={other.name}
                checked={area.liesUnder.includes(other.id)}
                change={() => desk.changeArea(area.id, { liesUnder: toggled(area.liesUnder, other.id) })}
            />
        {/each}
    </fieldset>
    {#if fault !== ''}<p role="alert"><b>{fault}</b></p>{/if}
{/if}

<style>
    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 16px;
        margin: 0;
        padding: 0;
        border: 0;
    }

    legend {
        padding: 0;
        margin-bottom: 3px;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
    }
</style>
