<script lang="ts">
    import Tick from '../../parts/Tick.svelte';

    /** Which of some areas, or roles, something holds for. */
    let {
        legend,
        hint = '',
        areas,
        ticked,
        change,
    }: {
        legend: string;
        /** What follows from it. */
        hint?: string;
        areas: { id: string; name: string }[];
        /** Ids. */
        ticked: string[];
        change: (ticked: string[]) => void;
    } = $props();

    function toggle(id: string): void {
        change(ticked.includes(id) ? ticked.filter((one) => one !== id) : [...ticked, id]);
    }
</script>

<fieldset>
    <legend
        >{legend}{#if hint !== ''}&nbsp;<span class="quiet">({hint})</span>{/if}</legend
    >
    {#each areas as area (area.id)}
        <Tick label={area.name} checked={ticked.includes(area.id)} change={() => toggle(area.id)} />
    {/each}
</fieldset>

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
