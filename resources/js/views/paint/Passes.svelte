<script lang="ts">
    import type { BatchStep } from '../../lib/api';
    import Swatch from '../../parts/Swatch.svelte';

    /** All passes still open, with which can be painted now. */
    let {
        steps,
        openId,
        isDry,
        open,
    }: {
        steps: BatchStep[];
        openId: string | null;
        isDry: (step: BatchStep) => boolean;
        open: (stepId: string) => void;
    } = $props();

    const left = $derived(steps.filter((one) => one.left > 0));

    function state(step: BatchStep): string {
        if (step.isSkipped) return 'left out';
        if (!step.canBegin) return 'later';
        if (!isDry(step)) return 'wet';
        return step.done > 0 ? `${step.done}/${step.models.length}` : 'now';
    }
</script>

<nav class="panel" aria-label="Steps still open">
    <ol>
        {#each left as step (step.step.id)}
            <li>
                <button
                    type="button"
                    aria-current={step.step.id === openId ? 'step' : undefined}
                    onclick={() => open(step.step.id)}
                >
                    <Swatch hex={step.mix?.colour.hex ?? null} size={24} />
                    <span><b><bdi>{step.areaName}</bdi></b><br /><small>{step.technique}</small></span>
                    <span class="quiet">{state(step)}</span>
                </button>
            </li>
        {/each}
    </ol>
</nav>

<style>
    nav {
        max-height: calc(100vh - 110px);
        overflow: auto;
    }

    ol {
        padding: 6px;
    }

    button {
        display: grid;
        grid-template-columns: 30px minmax(0, 1fr) auto;
        gap: 10px;
        align-items: center;
        width: 100%;
        min-height: 48px;
        padding: 4px 8px;
        border: 0;
        border-left: 3px solid transparent;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        line-height: 1.2;
        text-align: left;
        cursor: pointer;
    }

    button[aria-current] {
        border-left-color: var(--ink);
        background: var(--shade);
    }

    button:hover {
        background: var(--shade);
    }
</style>
