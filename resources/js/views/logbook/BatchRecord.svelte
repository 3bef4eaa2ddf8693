<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Batch } from '../../lib/api';
    import { day, plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import Pictures from './Pictures.svelte';
    import RepeatBatch from './RepeatBatch.svelte';

    /** One batch as it was painted: pictures and test pieces, what was done otherwise than planned, and how to do it again. */
    let { batch, changed }: { batch: Batch; changed: (batch: Batch) => void } = $props();

    let again = $state(false);
    /** The plan may have no figure. */
    let isDrawn = $state(true);
    let shown = $state(1);
    const still = $derived(
        `/api/batches/${batch.id}/still?width=300&height=370&model=${shown}&of=${batch.share}-${batch.differences.length}`,
    );
    const named = (stepId: string): string => {
        const step = batch.steps.find((one) => one.step.id === stepId);
        return step === undefined ? 'a step since removed' : `${step.areaName}, ${step.technique.toLowerCase()}`;
    };
</script>

<section class="panel record" aria-label="The batch as it was painted">
    <header class="form-row">
        <div>
            <h2><bdi>{batch.name}</bdi></h2>
            <p class="quiet">
                {plural(batch.models, 'model')} of <bdi>{batch.model}</bdi>, {batch.isBegun ? 'begun' : 'planned for'}
                {day(batch.startsOn)} · {batch.isFinished ? 'finished' : `${batch.passesDone} of ${batch.passes} steps`}
            </p>
        </div>
        <div class="acts form-row">
            <Button size="small" kind={again ? 'tertiary' : 'primary'} on:click={() => (again = !again)}
                >Repeat this batch</Button
            >
            <Button
                size="small"
                kind="tertiary"
                href="/api/log/export?as=csv&batch={batch.id}"
                download="kalokroma-log.csv">As a table</Button
            >
            <Button
                size="small"
                kind="tertiary"
                href="/api/log/export?as=json&batch={batch.id}"
                download="kalokroma-log.json">With the plan</Button
            >
            <Button size="small" kind="tertiary" on:click={() => print()}>Print</Button>
        </div>
    </header>
    {#if again}<RepeatBatch {batch} />{/if}
    <div class="told" class:drawn={batch.isBegun && isDrawn}>
        {#if batch.isBegun && isDrawn}
            <figure class="stands">
                <div class="well">
                    <img class="fills" src={still} alt="Model {shown} as it stands" onerror={() => (isDrawn = false)} />
                </div>
                <figcaption class="stack-near">
                    <b>As it stands</b>
                    <span class="quiet">with what was really used</span>
                    {#if batch.models > 1}
                        <Choose
                            label="Model"
                            value={String(shown)}
                            choices={batch.squad.map((one) => ({
                                value: String(one.number),
                                label: one.name === '' ? String(one.number) : `${one.number}, ${one.name}`,
                            }))}
                            change={(model) => (shown = Number(model))}
                        />
                    {/if}
                </figcaption>
            </figure>
        {/if}
        <div class="words">
            {#if batch.differences.length > 0}
                <details>
                    <summary>{plural(batch.differences.length, 'step')} done otherwise than planned</summary>
                    <dl>
                        {#each batch.differences as one (one.stepId)}
                            <dt>{named(one.stepId)}</dt>
                            <dd>
                                <span class="quiet">planned <bdi>{one.planned}</bdi></span><br />done
                                <bdi>{one.done}</bdi>
                            </dd>
                        {/each}
                    </dl>
                </details>
            {/if}
            {#if batch.testPieces.length > 0}
                <ul class="pieces" aria-label="Test pieces">
                    {#each batch.testPieces as piece (piece.areaId + ' ' + piece.variantId)}
                        <li>
                            <b><bdi>{piece.areaName}</bdi>: <bdi>{piece.name}</bdi></b>
                            <span class="quiet"
                                >{piece.isTried ? 'tried' : 'not tried yet'}{piece.verdict === ''
                                    ? ''
                                    : ` · ${piece.verdict}`}</span
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
            <Pictures {batch} {named} {changed} />
        </div>
    </div>
</section>

<style>
    .told {
        display: grid;
        gap: 12px 18px;
    }

    .words {
        display: grid;
        gap: 12px;
        align-content: start;
    }

    .stands {
        display: grid;
        align-content: start;
        gap: 8px;
        margin: 0;
    }

    @media (min-width: 700px) {
        .drawn {
            grid-template-columns: auto minmax(0, 1fr);
        }
    }

    .stands .well {
        height: 300px;
        padding: 6px;
        border-radius: 4px;
        aspect-ratio: 30 / 37;
    }

    .record {
        display: grid;
        gap: 12px;
        margin-bottom: 12px;
        padding: 14px 16px;
    }

    header {
        justify-content: space-between;
    }

    dl {
        display: grid;
        grid-template-columns: 220px minmax(0, 1fr);
        gap: 6px 16px;
        margin: 8px 0 0;
    }
    .pieces {
        display: grid;
        gap: 2px;
    }

    @media print {
        .acts {
            display: none;
        }
    }
</style>
