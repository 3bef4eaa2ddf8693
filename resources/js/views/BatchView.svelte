<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { craft } from '../lib/craft.svelte';
    import { bindKeys } from '../lib/keys.svelte';
    import { BatchDesk, type Done } from '../lib/batchDesk.svelte';
    import { forget } from '../lib/kept';
    import { outbox } from '../lib/outbox.svelte';
    import { day, plural } from '../lib/words';
    import Meter from '../parts/Meter.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import PassList from './batch/PassList.svelte';
    import StepAtDesk from './batch/StepAtDesk.svelte';

    let { params }: { params: { id: string } } = $props();

    const desk = $derived(new BatchDesk(params.id));
    let openId = $state<string | null>(null);
    /** After a step is opened or done by hand, the next press of space or Enter is meant for its button. */
    let focuses = $state(false);

    $effect(() => desk.listen());
    $effect(() => void desk.load());

    const open = $derived(desk.step(openId) ?? desk.step(desk.batch?.next ?? null));
    const index = $derived(desk.batch?.steps.findIndex((one) => one.step.id === open?.step.id) ?? -1);
    const following = $derived(desk.batch?.steps.slice(index + 1).find((one) => one.left > 0) ?? null);

    $effect(() =>
        bindKeys([
            { key: ' ', does: 'mark the open step done on all models left', run: doneOnAll },
            { key: 'z', does: 'take the newest record back', run: () => desk.undoNewest() },
            { key: 'ArrowDown', does: 'open the next step', run: () => go(1), repeats: true },
            { key: 'ArrowUp', does: 'open the step before', run: () => go(-1), repeats: true },
        ]),
    );

    function go(by: number): void {
        const to = desk.batch?.steps[index + by];
        if (to) openId = to.step.id;
    }

    let really = $state<Omit<Done, 'models'>>({});

    function doneOnAll(): void {
        if (open && open.left > 0) done(open.left);
    }

    function done(models: number): void {
        if (open === null) return;
        forget(`desk.${params.id}.${open.step.id}`);
        desk.record(open, { ...really, models });
        openId = null;
    }
</script>

<svelte:head><title>{desk.batch?.name ?? 'Batch'} · Kalokroma</title></svelte:head>
{#if desk.batch === null && desk.problem}
    <Trouble problem={desk.problem} retry={() => desk.load()} />
{:else if desk.batch === null || craft() === null}
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
                {day(batch.startsOn)}
            </p>
        </div>
        <div class="far">
            <p>{batch.isFinished ? 'finished' : `${batch.passesDone} of ${batch.passes} passes`}</p>
            <Meter share={batch.share} label="How far the batch is" />
        </div>
        {#if !batch.isFinished}<Button size="field" href="#/batches/{batch.id}/paint">Paint at the desk</Button>{/if}
    </header>
    {#if batch.planChanged && !batch.isFinished}
        <div class="panel changed">
            <p>The plan has changed since this batch began. The batch goes on as it was.</p>
            <Button size="small" kind="tertiary" on:click={() => desk.takePlan()}>Take the plan as it is now</Button>
        </div>
    {/if}
    {#if outbox.isStuck && desk.waiting.length > 0}
        <div class="panel changed" role="status">
            <p>
                <b>The server does not answer.</b>
                {plural(desk.waiting.length, 'record waits', 'records wait')} here and will be sent when it does: {desk.waiting
                    .map((one) => one.words)
                    .join('; ')}.
            </p>
            <Button size="small" kind="tertiary" on:click={() => outbox.send()}>Try now</Button>
        </div>
    {/if}
    <div class="desk">
        <PassList
            steps={batch.steps}
            models={batch.models}
            openId={open?.step.id ?? null}
            open={(id) => {
                openId = id;
                focuses = true;
            }}
        />
        {#if open}
            {#key open.step.id + open.left}
                <StepAtDesk
                    {desk}
                    step={open}
                    {following}
                    models={batch.models}
                    table={craft()!}
                    focus={focuses}
                    told={(value) => (really = value)}
                    done={(models) => {
                        focuses = true;
                        done(models);
                    }}
                />
            {/key}
        {:else}
            <div class="panel finished">
                <h2>All passes are done on all {batch.models}.</h2>
                <p class="quiet">
                    What was really used is in the logbook. Begin another batch from the plan whenever reinforcements
                    come.
                </p>
                <div class="acts">
                    <Button size="small" kind="tertiary" href="#/logbook?batch={batch.id}">To the logbook</Button
                    >{#if batch.planId}<Button size="small" kind="tertiary" href="#/plans/{batch.planId}"
                            >To the plan</Button
                        >{/if}
                </div>
            </div>
        {/if}
    </div>
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

    .desk {
        display: grid;
        grid-template-columns: 310px minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    .finished {
        display: grid;
        gap: 12px;
        padding: 40px;
    }

    @media (max-width: 900px) {
        .desk {
            grid-template-columns: minmax(0, 1fr);
        }

        .desk :global(> nav) {
            order: 2;
        }
    }
</style>
