<script lang="ts">
    import type { BatchStep } from '../../lib/api';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** All passes in painting order, with how far each is. */
    let {
        steps,
        models,
        openId,
        open,
    }: { steps: BatchStep[]; models: number; openId: string | null; open: (stepId: string) => void } = $props();

    let list: HTMLElement;

    $effect(() => {
        const at = list.querySelector<HTMLElement>(`[data-step="${openId}"]`);
        const middle = (at?.offsetTop ?? 0) - list.clientHeight / 2 + 20;
        list.scrollTo({ top: middle });
    });
</script>

<nav class="panel" aria-label="Passes in painting order" bind:this={list}>
    <ol>
        {#each steps as one (one.step.id)}
            <li>
                <button
                    type="button"
                    data-step={one.step.id}
                    class:done={one.left === 0}
                    aria-current={openId === one.step.id ? 'step' : undefined}
                    onclick={() => open(one.step.id)}
                >
                    <span class="number">{one.number}</span>
                    <span class="look"
                        >{#if one.look}<ZoneBars look={one.look} height={20} label="after this step" />{/if}</span
                    >
                    <span class="words"
                        ><bdi>{one.areaName}</bdi><small
                            ><TechniqueMark technique={one.step.technique} size={12} /> {one.technique}</small
                        ></span
                    >
                    <span class="far"
                        >{one.left === 0
                            ? 'done'
                            : one.isSkipped
                              ? 'left out'
                              : one.done > 0
                                ? `${one.done}/${models}`
                                : ''}</span
                    >
                </button>
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
        margin: 0;
        padding: 6px;
        list-style: none;
    }

    button {
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
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    button:hover {
        background: var(--shade);
    }

    button[aria-current] {
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

    .far {
        color: var(--ink-quiet);
        font-size: 0.8125rem;
    }
</style>
