<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Craft } from '../../lib/api';
    import { label } from '../../lib/craft.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { groupsOf } from '../../lib/techniques';
    import Choose from '../../parts/Choose.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';

    /** What is done to the whole model, at any time between the areas: varnish, masks, grime, gluing. */
    let {
        desk,
        craft,
        stepId,
        choose,
    }: { desk: PlanDesk; craft: Craft; stepId: string | null; choose: (stepId: string) => void } = $props();

    const steps = $derived(desk.document?.wholeModel ?? []);
    const fitting = $derived(craft.techniques.filter((one) => one.isDoneToAll));
    const passes = $derived(new Map((desk.plan?.looks.order ?? []).map((pass) => [pass.stepId, pass.number])));
    let technique = $state('matt-coat');

    async function add(): Promise<void> {
        const id = await desk.addWholeStep(technique);
        if (id !== null) choose(id);
    }
</script>

<section class="panel stack padded" aria-label="Whole model">
    <header>
        <div>
            <h2>Whole model</h2>
            <p class="quiet">Done to all areas at once: varnish, masks, grime, gluing. The score says when.</p>
        </div>
        <div class="acts">
            <Choose
                label="What is added"
                hideLabel
                value={technique}
                choices={fitting}
                groups={groupsOf(craft, fitting)}
                change={(value) => (technique = value)}
            />
            <Button size="small" kind="secondary" on:click={add}>Add it</Button>
        </div>
    </header>
    {#if steps.length === 0}
        <p class="empty quiet">Nothing is done to the whole model yet. No varnish at all is no mistake.</p>
    {:else}
        <ol class="acts" aria-label="Steps">
            {#each steps as step (step.id)}
                <li>
                    <button type="button" aria-pressed={stepId === step.id} onclick={() => choose(step.id)}>
                        <TechniqueMark technique={step.technique} />
                        <b>{label(craft.techniques, step.technique)}</b>
                        <bdi class="quiet">{desk.plan?.looks.steps[step.id]?.words ?? ''}</bdi>
                        <span class="quiet">pass {passes.get(step.id) ?? '…'}</span>
                    </button>
                </li>
            {/each}
        </ol>
    {/if}
</section>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: start;
        justify-content: space-between;
    }

    li button {
        display: grid;
        grid-template-columns: auto 1fr;
        gap: 2px 8px;
        align-items: center;
        min-width: 160px;
        padding: 8px 12px;
        border: 1px solid var(--line);
        border-radius: 4px;
        background: var(--raised);
        color: inherit;
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    li button[aria-pressed='true'] {
        outline: 2px solid var(--accent);
    }

    li :global(svg) {
        grid-row: 1;
    }

    bdi,
    li span {
        grid-column: 2;
        overflow-wrap: anywhere;
    }

    .empty {
        padding: 20px;
        border: 1px dashed var(--line-strong);
        border-radius: 4px;
        text-align: center;
    }
</style>
