<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { BatchDesk } from '../lib/batchDesk.svelte';
    import { Squad } from '../lib/squad.svelte';
    import { day, plural } from '../lib/words';
    import Meter from '../parts/Meter.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import PassList from './batch/PassList.svelte';
    import SquadMatrix from './batch/SquadMatrix.svelte';

    /** A batch at a glance: who is painted how, and how far each pass is. What is done is recorded where it is painted. */
    let { params }: { params: { id: string } } = $props();

    const desk = $derived(new BatchDesk(params.id));
    const squad = $derived(new Squad(params.id, () => void desk.load()));

    $effect(() => desk.listen());
    $effect(() => squad.listen());
    $effect(() => void desk.load());
    $effect(() => void squad.load());
</script>

<svelte:head><title>{desk.batch?.name ?? 'Batch'} · Kalokroma</title></svelte:head>
{#if desk.batch === null && desk.problem}
    <Trouble problem={desk.problem} retry={() => desk.load()} />
{:else if desk.batch === null}
    <Waiting what="the batch" />
{:else}
    {@const batch = desk.batch}
    <header>
        <div>
            <h1><bdi>{batch.name}</bdi></h1>
            <p class="quiet">
                {plural(batch.models, 'model')} of <bdi>{batch.model}</bdi> ·
                {#if batch.planId}<a href="#/plans/{batch.planId}">plan <bdi>{batch.planName}</bdi></a>{:else}plan <bdi
                        >{batch.planName}</bdi
                    >, since deleted{/if}
                · {batch.isBegun ? 'begun' : 'planned for'}
                {day(batch.startsOn)} · <a href="/api/batches/{batch.id}/file" download>save to a file</a>
            </p>
        </div>
        <div class="far">
            <p>{batch.isFinished ? 'finished' : `${batch.passesDone} of ${batch.passes} steps`}</p>
            <Meter share={batch.share} label="How far the batch is" />
        </div>
        {#if batch.isFinished}
            <Button size="field" kind="tertiary" href="#/logbook?batch={batch.id}">To the logbook</Button>
        {:else}
            <Button size="field" href="#/batches/{batch.id}/paint">Paint at the desk</Button>
        {/if}
    </header>
    {#if batch.planChanged && !batch.isFinished}
        <div class="panel changed">
            <p>The plan has changed since this batch began. The batch goes on as it was.</p>
            <Button size="small" kind="tertiary" on:click={() => desk.takePlan().then(() => squad.load())}
                >Take the plan as it is now</Button
            >
        </div>
    {/if}
    {#if squad.answer}
        <SquadMatrix {squad} answer={squad.answer} isFinished={batch.isFinished}>
            {#snippet rest()}<PassList {batch} />{/snippet}
        </SquadMatrix>
    {:else if squad.problem}
        <Trouble problem={squad.problem} retry={() => squad.load()} />
    {:else}
        <Waiting what="the squad" />
    {/if}
{/if}

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 30px;
        align-items: end;
        justify-content: space-between;
        margin-bottom: 12px;
    }

    header a {
        color: inherit;
    }

    .far {
        width: 240px;
    }

    .changed {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: center;
        justify-content: space-between;
        margin-bottom: 12px;
        padding: 8px 14px;
    }
</style>
