<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { type BatchStep, got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import { span } from '../../lib/words';

    /** Before the dark paint is on the brush: on which neighbour a slip would hurt, what hides it there, and how long that takes. */
    let { batchId, step }: { batchId: string; step: BatchStep } = $props();

    let isOpen = $state(false);
    const latest = new Latest<Schemas['SlipPrice'][]>();

    function turn(): void {
        isOpen = !isOpen;
        if (isOpen) void ask();
    }

    const ask = (): Promise<void> =>
        latest.ask(() =>
            got(
                server.GET('/batches/{id}/steps/{step}/slip-price', {
                    params: { path: { id: batchId, step: step.step.id } },
                }),
            ),
        );
</script>

<div>
    <Button size="small" kind="tertiary" aria-expanded={isOpen} on:click={turn}>Price of a slip</Button>
    {#if isOpen}
        {#if latest.problem}
            <Trouble problem={latest.problem} retry={ask} />
        {:else if latest.answer}
            <ul aria-label="Price of a slip">
                {#each latest.answer as price (price.areaId)}
                    <li class="line-up">
                        <Swatch hex={price.mix?.colour.hex ?? null} size={22} />
                        <span
                            ><b>on <bdi>{price.areaName}</bdi></b>: <bdi>{price.words}</bdi>{#if price.minutes > 0},
                                <b>{span(price.minutes)}</b> a model{/if}</span
                        >
                    </li>
                {:else}
                    <li class="quiet line-up">Nothing beside it is painted yet: a slip costs nothing.</li>
                {/each}
            </ul>
        {/if}
    {/if}
</div>

<style>
    ul {
        display: grid;
        gap: 6px;
        margin: 6px 0 0;
    }
</style>
