<script lang="ts">
    import * as v from 'valibot';
    import { Button } from 'carbon-components-svelte';
    import type { Craft } from '../../lib/api';
    import { keep, kept } from '../../lib/kept';

    /** What can hurt, shown once for each batch before it begins; after that in one line. */
    let { batch, hazards, table }: { batch: string; hazards: string[]; table: Craft } = $props();

    const NAME = 'cautions-read';
    /** Of batches painted long ago nobody asks any more. */
    const MOST_BATCHES = 12;
    let read = $state<[string, string[]][]>(kept(NAME, v.array(v.tuple([v.string(), v.array(v.string())]))) ?? []);
    const all = $derived(table.hazards.filter((one) => hazards.includes(one.value)));
    const known = $derived(read.find(([id]) => id === batch)?.[1] ?? []);
    const fresh = $derived(all.filter((one) => !known.includes(one.value)));

    function understood(): void {
        const others = read.filter(([id]) => id !== batch);
        read = [[batch, [...new Set([...known, ...hazards])]], ...others].slice(0, MOST_BATCHES) as typeof read;
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
