<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import PaintPicker from '../../parts/PaintPicker.svelte';
    import Swatch from '../../parts/Swatch.svelte';

    /** Which paint is meant by a name that is not known, and what is taken for one that is not owned. */
    let {
        guide,
        means = $bindable(),
        instead = $bindable(),
        noPaints = $bindable(),
    }: {
        guide: Schemas['Guide'];
        means: { written: string; paint: string }[];
        instead: { paint: string; by: string }[];
        noPaints: string[];
    } = $props();

    const ASKED = 20;
</script>

{#if guide.unknownPaints.length > 0}
    <h3>Not known here</h3>
    <p class="quiet">Say which paint is meant, or add it with its colour: its steps are made then.</p>
    <ul class="stack-near">
        {#each [...new Set(guide.unknownPaints)].slice(0, ASKED) as written (written)}
            <li class="asked">
                <bdi>{written}</bdi>
                <PaintPicker
                    label="Paint meant by {written}"
                    hideLabel
                    pick={(paint) => (means = [...means, { written, paint: paint.id }])}
                />
                <Button
                    size="small"
                    kind="ghost"
                    aria-label="{written} is no paint"
                    on:click={() => (noPaints = [...noPaints, written])}>No paint</Button
                >
            </li>
        {/each}
    </ul>
{/if}
{#if guide.standIns.length > 0}
    <h3>Not on your shelf</h3>
    <ul class="stack-near">
        {#each guide.standIns as one (one.paint.id)}
            {@const near = one.standIn}
            <li>
                <span class="inline-pair"
                    ><Swatch hex={one.paint.colour?.hex ?? null} size={20} /> <bdi>{one.paint.name}</bdi></span
                >
                {#if near}
                    <Button
                        size="small"
                        kind="tertiary"
                        on:click={() => (instead = [...instead, { paint: one.paint.id, by: near.id }])}
                        >Take {near.name}, {one.difference} off</Button
                    >
                {:else}<span class="quiet inline-pair">nothing of its kind comes near</span>{/if}
            </li>
        {/each}
    </ul>
{/if}
{#if means.length + instead.length + noPaints.length > 0}
    <Button size="small" kind="ghost" on:click={() => ((means = []), (instead = []), (noPaints = []))}
        >As the guide says it</Button
    >
{/if}

<style>
    li {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
        gap: 10px;
        align-items: center;
    }

    .asked {
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr) auto;
    }
</style>
