<script lang="ts">
    import Choose from '../../parts/Choose.svelte';
    import Tick from '../../parts/Tick.svelte';
    import type { Area } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import AreaTicks from './AreaTicks.svelte';

    /** Where an area sits on the model as far as a brush is concerned: on which loose part, behind what, how strong, decided or not. */
    let { desk, area, fault = '' }: { desk: PlanDesk; area: Area; fault?: string } = $props();

    const others = $derived(desk.document?.areas.filter((one) => one.id !== area.id) ?? []);
    const parts = $derived(desk.document?.parts ?? []);
    const roles = $derived(desk.document?.roles ?? []);
</script>

<div class="row">
    {#if parts.length > 0}
        <Choose
            label="On"
            value={area.part ?? ''}
            choices={[{ value: '', label: 'the body' }, ...parts.map((part) => ({ value: part.id, label: part.name }))]}
            change={(part) => desk.changeArea(area.id, { part: part === '' ? null : part })}
        />
    {/if}
    <Tick
        label="The base it stands on"
        checked={area.ground ?? false}
        change={() => desk.changeArea(area.id, { ground: !area.ground })}
    />
    <Tick
        label="Thin or weak"
        checked={area.fragile ?? false}
        change={() => desk.changeArea(area.id, { fragile: !area.fragile })}
    />
    <Tick
        label="Open: not decided yet, on purpose"
        checked={area.open ?? false}
        change={() => desk.changeArea(area.id, { open: !area.open })}
    />
</div>
{#if roles.length > 0}
    <AreaTicks
        legend="Only on"
        hint="none: on everybody"
        areas={roles}
        ticked={area.roles ?? []}
        change={(ticked) => desk.changeArea(area.id, { roles: ticked })}
    />
{/if}
{#if others.length > 0}
    <AreaTicks
        legend="Behind"
        hint="hardly reached once these are painted, or their part is on"
        areas={others}
        ticked={area.behind ?? []}
        change={(behind) => desk.changeArea(area.id, { behind })}
    />
{/if}
{#if fault !== ''}<p role="alert"><b>{fault}</b></p>{/if}

<style>
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 16px;
        align-items: end;
    }
</style>
