<script lang="ts">
    import type { Batch, BatchStep } from '../../lib/api';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** All passes in painting order, with how far each is; one that is open leads to the desk. */
    let { batch }: { batch: Batch } = $props();

    let list: HTMLElement;

    $effect(() => {
        const at = list.querySelector<HTMLElement>(`[data-step="${batch.next}"]`);
        list.scrollTo({ top: (at?.offsetTop ?? 0) - list.clientHeight / 2 + 20 });
    });

    function far(one: BatchStep): string {
        if (one.left === 0) return 'done';
        if (one.isSkipped) return 'left out';
        return one.done > 0 ? `${one.done}/${one.models.length}` : '';
    }

    /** "1, 3, 5" where it is not for all. */
    const whose = (one: BatchStep): string =>
        one.models.length === batch.models
            ? ''
            : `${one.models.length === 1 ? 'model' : 'models'} ${one.models.join(', ')}`;
</script>

{#snippet pass(one: BatchStep)}
    <span class="number">{one.number}</span>
    <span class="look"
        >{#if one.look}<ZoneBars look={one.look} height={20} label="after this step" />{/if}</span
    >
    <span class="words"
        ><bdi>{one.areaName}</bdi><small
            ><TechniqueMark technique={one.step.technique} size={12} />
            {one.technique}{#if whose(one)}, {whose(one)}{/if}</small
        ></span
    >
    <span class="far fine-print">{far(one)}</span>
{/snippet}

<nav class="panel" aria-label="Steps in painting order" bind:this={list}>
    <ol>
        {#each batch.steps as one (one.step.id)}
            <li>
                {#if one.left > 0 && !one.isSkipped}
                    <a
                        href="#/batches/{batch.id}/paint?step={one.step.id}"
                        data-step={one.step.id}
                        aria-current={batch.next === one.step.id ? 'step' : undefined}>{@render pass(one)}</a
                    >
                {:else}
                    <div class:done={one.left === 0} data-step={one.step.id}>{@render pass(one)}</div>
                {/if}
            </li>
        {/each}
    </ol>
</nav>

<style>
    nav {
        position: relative;
        max-height: calc(100vh - 130px);
        overflow: auto;
    }

    ol {
        padding: 6px;
    }

    a,
    div {
        display: grid;
        grid-template-columns: 22px 52px minmax(0, 1fr) auto;
        gap: 9px;
        align-items: center;
        width: 100%;
        padding: 4px 8px 4px 4px;
        border: 0;
        border-left: 3px solid transparent;
        background: none;
        color: inherit;
        text-decoration: none;
        font: inherit;
        font-family: var(--face);
        text-align: left;
    }

    a:hover {
        background: var(--shade);
    }

    a[aria-current] {
        border-left-color: var(--ink);
        background: var(--shade);
    }

    .number {
        color: var(--ink-quiet);
        text-align: right;
    }

    .look {
        padding: 3px;
        border-radius: 3px;
        background: var(--well);
    }

    .words {
        display: grid;
        line-height: 1.2;
    }

    .words bdi {
        overflow: hidden;
        font-weight: 700;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    small {
        display: flex;
        gap: 4px;
        align-items: center;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
    }

    .done .words bdi {
        font-weight: 400;
    }
</style>
