<script lang="ts">
    import type { Craft } from '../lib/api';

    /** What can hurt here and how one keeps from it: two lines each, the label and local rules first. */
    let { hazards, craft }: { hazards: string[]; craft: Craft } = $props();

    const told = $derived(craft.hazards.filter((one) => hazards.includes(one.value)));
</script>

{#if told.length > 0}
    <aside aria-label="Safety">
        {#each told as hazard (hazard.value)}
            <p>
                <b>{hazard.label}.</b>
                {hazard.lines[0]}<br />{hazard.lines[1]}
            </p>
        {/each}
        <p class="quiet">{craft.hazardsFirst} <a href="#/handbook?find=safety">All about safety</a></p>
    </aside>
{/if}

<style>
    aside {
        display: grid;
        gap: 4px;
        padding: 8px 12px;
        border-left: 3px solid var(--ink);
        background: var(--shade);
        line-height: 1.35;
    }
</style>
