<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import * as v from 'valibot';
    import type { Schemas } from '../../lib/api';
    import { keep, kept } from '../../lib/kept';

    /** The way from an empty desk to a first model on the table: three things, ticked as they are done; closed, it stays away for good. */
    let { counts }: { counts: Schemas['Bench']['counts'] } = $props();

    const NAME = 'trailClosed';
    let closed = $state(kept(NAME, v.boolean()) === true);

    const steps = $derived([
        {
            is: counts.plans > 0,
            name: 'Plan a model',
            words: 'Its areas and what each is painted with. What every stage will look like is seen at once.',
            href: '#/plans/new',
        },
        {
            is: counts.owned > 0,
            name: 'Put your pots on the shelf',
            words: 'By their names, one a line; recipes are written with what stands there.',
            href: '#/shelf/list?names=',
        },
        {
            is: counts.batches > 0,
            name: 'Begin painting',
            words: 'In a plan, under “Paint it”: then each step lies here when it is its turn.',
            href: '#/plans',
        },
    ]);
    const next = $derived(steps.findIndex((step) => !step.is));

    function close(): void {
        closed = true;
        keep(NAME, true);
    }
</script>

{#if !closed && next >= 0}
    <section class="panel" aria-label="How to begin">
        <header>
            <h2>How to begin</h2>
            <Button size="small" kind="ghost" on:click={close}>I know my way</Button>
        </header>
        <ol>
            {#each steps as step, at (step.name)}
                <li class:is={step.is} class:next={at === next}>
                    <span class="mark" aria-hidden="true">{step.is ? '✓' : at + 1}</span>
                    <div>
                        <a href={step.href}>{step.name}</a>{#if step.is}<span class="sr">, done</span>{/if}
                        <p class="quiet">{step.words}</p>
                    </div>
                </li>
            {/each}
        </ol>
    </section>
{/if}

<style>
    section {
        display: grid;
        gap: 10px;
        padding: 14px 18px 16px;
    }

    header {
        display: flex;
        align-items: center;
        justify-content: space-between;
    }

    ol {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
        gap: 14px 20px;
    }

    li {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr);
        gap: 10px;
        align-content: start;
    }

    .mark {
        display: grid;
        place-content: center;
        width: 26px;
        height: 26px;
        border: 1px solid var(--line);
        border-radius: 50%;
        font-variant-numeric: tabular-nums;
    }

    .next .mark {
        border-color: var(--ink);
        background: var(--ink);
        color: var(--panel);
    }

    a {
        color: var(--ink);
    }

    .next a {
        font-weight: 700;
    }

    .is a {
        color: var(--ink-quiet);
    }
</style>
