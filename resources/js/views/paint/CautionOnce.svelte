<script lang="ts">
    import * as v from 'valibot';
    import { Button } from 'carbon-components-svelte';
    import type { Craft } from '../../lib/api';
    import { keep, kept } from '../../lib/kept';

    /** What can hurt, shown until it was read once on this desk; after that in one line. */
    let { hazards, table }: { hazards: string[]; table: Craft } = $props();

    const NAME = 'cautions';
    let read = $state<string[]>(kept(NAME, v.array(v.string())) ?? []);
    const all = $derived(table.hazards.filter((one) => hazards.includes(one.value)));
    const fresh = $derived(all.filter((one) => !read.includes(one.value)));

    function understood(): void {
        read = [...new Set([...read, ...hazards])];
        keep(NAME, $state.snapshot(read));
    }
</script>

{#if fresh.length > 0}
    <div class="caution">
        {#each fresh as hazard (hazard.value)}
            <p><b>{hazard.label}.</b> {hazard.lines.join(' ')}</p>
        {/each}
        <Button size="field" kind="tertiary" on:click={understood}>Understood</Button>
    </div>
{:else if all.length > 0}
    <p class="quiet">Mind: {all.map((one) => one.label.toLowerCase()).join(', ')}.</p>
{/if}

<style>
    .caution {
        display: grid;
        gap: 6px;
        justify-items: start;
        padding: 12px 16px;
        border-left: 4px solid var(--ink);
        background: var(--raised);
    }
</style>
