<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Area } from '../../lib/api';
    import { clipboard } from '../../lib/copied.svelte';
    import { craft, label } from '../../lib/craft.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural } from '../../lib/words';

    /** What was copied, and where it may go in this area. */
    let { desk, area, after }: { desk: PlanDesk; area: Area; after: string | null } = $props();

    const copied = $derived(clipboard.one);
    const what = $derived(
        copied === null
            ? ''
            : copied.steps.length === 1
              ? label(craft()?.techniques, copied.steps[0]!.technique)
              : plural(copied.steps.length, 'step'),
    );
    const put = (where: { after?: string | null; instead?: boolean }): void =>
        void desk.putSteps(area, copied?.steps ?? [], where);
</script>

{#if copied !== null}
    <div class="copied" role="status">
        <span>Copied: <b>{what}</b> <span class="quiet">of <bdi>{copied.from}</bdi></span></span>
        <span class="acts">
            {#if area.steps.length === 0}
                <Button size="small" kind="tertiary" on:click={() => put({})}>Put it in here</Button>
            {:else}
                {#if !copied.isRecipe}<Button size="small" kind="tertiary" on:click={() => put({ after })}
                        >Put it behind this step</Button
                    >{:else}
                    <Button size="small" kind="tertiary" on:click={() => put({ instead: true })}
                        >In place of this recipe</Button
                    >
                    <Button size="small" kind="tertiary" on:click={() => put({})}>Behind it</Button>
                {/if}
            {/if}
            <Button size="small" kind="ghost" on:click={() => clipboard.drop()}>Let go</Button>
        </span>
    </div>
{/if}

<style>
    .copied {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 16px;
        align-items: center;
        justify-content: space-between;
        padding: 4px 10px;
        border-left: 3px solid var(--ink);
        background: var(--shade);
    }
</style>
