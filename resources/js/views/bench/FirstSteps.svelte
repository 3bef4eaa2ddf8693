<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import Nothing from '../../parts/Nothing.svelte';
    import StarterShelves from '../../parts/StarterShelves.svelte';
    import Trail from './Trail.svelte';

    /** The empty bench leads in: what comes first follows from what there is. */
    let { counts, changed }: { counts: Schemas['Bench']['counts']; changed: () => unknown } = $props();
</script>

<Trail {counts} />
{#if counts.plans === 0}
    <Nothing title="What would you like to paint?">
        <p class="quiet">
            Name the model and its areas. Paints you add on the way, by name and colour; what every stage will look like
            is seen at once.
        </p>
        <div class="acts">
            <Button size="field" href="#/plans/new">Make your first plan</Button>
        </div>
    </Nothing>
    {#if counts.owned === 0}
        <Nothing title="Or put a shelf of plain colours up first">
            <StarterShelves {changed} />
        </Nothing>
    {/if}
{:else}
    <Nothing title="The bench is clear">
        <p class="quiet">Nothing is being painted. Open a plan and begin a batch; its next step will lie here.</p>
        <Button size="field" href="#/plans">To the plans</Button>
    </Nothing>
{/if}
