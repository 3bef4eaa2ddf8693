<script lang="ts">
    import type { Area } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import AreaTicks from './AreaTicks.svelte';

    /** What an area touches, and what lies over it and is therefore painted later. */
    let { desk, area, fault = '' }: { desk: PlanDesk; area: Area; fault?: string } = $props();

    const others = $derived(desk.document?.areas.filter((one) => one.id !== area.id) ?? []);
</script>

{#if others.length > 0}
    <AreaTicks
        legend="Touches"
        areas={others}
        ticked={area.touches}
        change={(touches) => desk.changeArea(area.id, { touches })}
    />
    <AreaTicks
        legend="Lies under"
        hint="so it is painted before"
        areas={others}
        ticked={area.liesUnder}
        change={(liesUnder) => desk.changeArea(area.id, { liesUnder })}
    />
    {#if fault !== ''}<p role="alert"><b>{fault}</b></p>{/if}
{/if}
