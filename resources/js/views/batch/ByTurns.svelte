<script lang="ts">
    import type { BatchStep } from '../../lib/api';
    import Drops from '../../parts/Drops.svelte';
    import Swatch from '../../parts/Swatch.svelte';

    /** Where the models differ on purpose: which of them get what, each way with its own drops. */
    let { turns }: { turns: BatchStep['turns'] } = $props();
</script>

<section aria-label="By turns">
    <h3>These models differ on purpose</h3>
    <ul>
        {#each turns as turn, at (at)}
            <li>
                <p>
                    <b>{turn.models.length === 1 ? 'Model' : 'Models'} {turn.models.join(', ')}:</b>
                    <bdi>{turn.name}</bdi>
                </p>
                {#each turn.steps as step, at (at)}
                    <div class="step">
                        <Swatch hex={step.mix?.colour.hex ?? null} size={30} />
                        <span
                            >{step.label}, <bdi>{step.words}</bdi>
                            <span class="quiet">{step.coats > 1 ? `${step.coats} ×, ` : ''}{step.dilution}</span></span
                        >
                        <Drops drops={step.drops} />
                    </div>
                {:else}<p class="quiet">through with it already</p>{/each}
            </li>
        {/each}
    </ul>
</section>

<style>
    section {
        display: grid;
        gap: 8px;
        padding: 10px 12px;
        border: 1px solid var(--ink);
        border-radius: 6px;
    }

    ul {
        display: grid;
        gap: 10px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .step {
        display: grid;
        grid-template-columns: 30px minmax(0, 1fr) auto;
        gap: 10px;
        align-items: center;
    }
</style>
