<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { stageOf } from '../../lib/figure/moments';
    import type { Figure, Painted } from '../../lib/figures.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';

    /** The areas of a figure in the colours they have at the moment. */
    let {
        desk,
        figure,
        painted,
        pass,
        areaId,
        onlyArea = $bindable(),
        choose,
        open,
    }: {
        desk: PlanDesk;
        figure: Figure;
        painted: Painted;
        pass: number;
        areaId: string | null;
        onlyArea: boolean;
        choose: (area: string) => void;
        open: (area: string | null, step: string | null) => void;
    } = $props();

    const area = $derived(desk.document?.areas.find((one) => one.id === areaId) ?? null);
</script>

<section class="panel areas stack padded">
    <h2>Areas</h2>
    <ul>
        {#each painted.areas as one (one.id)}
            {@const strip = desk.plan?.looks.areas[one.id]?.strip}
            {@const look = strip?.stages.find((stage) => stage.stepId === stageOf(one, pass))}
            <li>
                <button type="button" aria-pressed={areaId === one.id} onclick={() => choose(one.id)}>
                    <span class="zones" aria-hidden="true">
                        {#each look?.zones ?? [] as zone (zone.zone)}<i style:background={zone.hex}></i>{/each}
                    </span>
                    <bdi>{one.name}</bdi>
                    {#if !figure.areas.includes(one.id)}<span class="quiet">not on the figure</span>{/if}
                </button>
            </li>
        {/each}
    </ul>
    {#if area}
        <div class="acts">
            <Button size="small" kind="tertiary" aria-pressed={onlyArea} on:click={() => (onlyArea = !onlyArea)}
                >Only this area</Button
            >
            <Button size="small" kind="tertiary" on:click={() => open(area.id, null)}>Its steps</Button>
        </div>
    {/if}
</section>

<style>
    .acts :global([aria-pressed='true']) {
        background: var(--ink);
        color: var(--panel);
    }

    ul {
        display: grid;
        gap: 2px;
    }

    li button {
        display: grid;
        grid-template-columns: 64px minmax(0, 1fr) auto;
        gap: 10px;
        align-items: center;
        width: 100%;
        padding: 4px 6px;
        border: 0;
        border-radius: 3px;
        background: transparent;
        color: var(--ink);
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    li button:hover {
        background: var(--line);
    }

    li button[aria-pressed='true'] {
        box-shadow: inset 0 0 0 2px var(--ink);
    }

    .zones {
        display: flex;
        height: 22px;
        padding: 3px;
        border-radius: 2px;
        background: var(--well);
    }

    .zones i {
        flex: 1;
    }
</style>
