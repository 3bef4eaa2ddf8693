<script lang="ts">
    import { Button, FileUploaderButton, NumberInput, TextInput } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { ulid } from 'ulid';
    import { asProblem, type Batch, got, of, type Problem, sent, server } from '../../lib/api';
    import { tell, warn } from '../../lib/notices.svelte';
    import { day, plural, today } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';

    /** One batch as it was painted: pictures and test pieces, what was done otherwise than planned, and how to do it again. */
    let { batch, changed }: { batch: Batch; changed: (batch: Batch) => void } = $props();

    let again = $state(false);
    // svelte-ignore state_referenced_locally
    let { name, models, startsOn } = $state({
        name: `${batch.name}, once more`,
        models: batch.models as number | null,
        startsOn: today(),
    });
    let problem = $state<Problem | null>(null);
    let busy = $state('');
    let shows = $state('');
    let caption = $state('');

    const named = (stepId: string): string => {
        const step = batch.steps.find((one) => one.step.id === stepId);
        return step === undefined ? 'a step since removed' : `${step.areaName}, ${step.technique.toLowerCase()}`;
    };
    /** What a picture can be pinned to. */
    const places = $derived([
        { value: '', label: 'the batch' },
        ...batch.steps
            .filter((one) => one.done > 0)
            .map((one) => ({ value: `step:${one.step.id}`, label: `${one.areaName}, ${one.technique.toLowerCase()}` })),
        ...Array.from({ length: batch.models }, (_, at) => ({ value: `model:${at + 1}`, label: `model ${at + 1}` })),
        ...batch.testPieces.map((one) => ({
            value: `piece:${one.areaId}:${one.variantId}`,
            label: `test piece ${one.areaName}: ${one.name}`,
        })),
    ]);

    function pinnedTo(photo: Batch['photos'][number]): string {
        const piece = batch.testPieces.find((one) => one.variantId === photo.variantId);
        if (piece) return `test piece ${piece.areaName}: ${piece.name}`;
        return (
            [photo.stepId === null ? null : named(photo.stepId), photo.model === null ? null : `model ${photo.model}`]
                .filter((one) => one !== null)
                .join(', ') || batch.name
        );
    }

    async function take(files: readonly File[]): Promise<void> {
        const file = files[0];
        if (file === undefined) return;
        busy = `Taking in ${file.name} …`;
        try {
            const photo = await got(
                server.POST(
                    '/photos',
                    sent(new Blob([await file.arrayBuffer()]), file.type || 'application/octet-stream'),
                ),
            );
            const [kind, one, two] = shows.split(':');
            const pin = {
                id: ulid(),
                photoId: photo.id,
                note: caption,
                ...(kind === 'step' ? { stepId: one } : {}),
                ...(kind === 'model' ? { model: Number(one) } : {}),
                ...(kind === 'piece' ? { areaId: one, variantId: two } : {}),
            };
            changed(await got(server.POST('/batches/{id}/photos', { ...of(batch.id), body: pin })));
            caption = '';
        } catch (error) {
            warn(asProblem(error).message);
        }
        busy = '';
    }

    async function unpin(id: string): Promise<void> {
        try {
            changed(await got(server.DELETE('/pinned-photos/{id}', of(id))));
            tell('The picture is taken out.', {
                label: 'Undo',
                run: async () => changed(await got(server.POST('/pinned-photos/{id}/restore', of(id)))),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function repeat(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        try {
            const next = await got(
                server.POST('/batches/{id}/repeat', { ...of(batch.id), body: { name, models: models ?? 0, startsOn } }),
            );
            await push(`/batches/${next.id}`);
        } catch (error) {
            problem = asProblem(error);
        }
    }
</script>

<section class="panel record" aria-label="The batch as it was painted">
    <header>
        <div>
            <h2><bdi>{batch.name}</bdi></h2>
            <p class="quiet">
                {plural(batch.models, 'model')} of <bdi>{batch.model}</bdi>, {batch.isBegun ? 'begun' : 'planned for'}
                {day(batch.startsOn)} · {batch.isFinished
                    ? 'finished'
                    : `${batch.passesDone} of ${batch.passes} passes`}
            </p>
        </div>
        <div class="acts">
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
    {#if again}
        <form onsubmit={repeat} novalidate>
            <p>
                The plan, the habits and every mix, thinning and coat as they were really done{batch.differences
                    .length > 0
                    ? `: ${plural(batch.differences.length, 'step')} otherwise than planned`
                    : ''}.
            </p>
            {#if batch.since.length > 0}
                <ul class="since" aria-label="What changed since">
                    {#each batch.since as words}<li>{words}</li>{/each}
                </ul>
            {:else}
                <p class="quiet">Nothing has changed since: paints, plan and habits are as they were.</p>
            {/if}
            <div class="fields">
                <TextInput
                    size="sm"
                    labelText="Name"
                    bind:value={name}
                    invalid={(problem?.at('name') ?? '') !== ''}
                    invalidText={problem?.at('name')}
                />
                <NumberInput
                    size="sm"
                    labelText="Models"
                    min={1}
                    max={60}
                    bind:value={models}
                    invalid={(problem?.at('models') ?? '') !== ''}
                    invalidText={problem?.at('models')}
                />
                <TextInput
                    size="sm"
                    labelText="Begins"
                    type="date"
                    bind:value={startsOn}
                    invalid={(problem?.at('startsOn') ?? '') !== ''}
                    invalidText={problem?.at('startsOn')}
                />
                <Button size="small" type="submit">Begin it</Button>
            </div>
            {#if problem && problem.faults.length === 0}<p role="alert"><b>{problem.message}</b></p>{/if}
        </form>
    {/if}
    {#if batch.differences.length > 0}
        <details>
            <summary>{plural(batch.differences.length, 'step')} done otherwise than planned</summary>
            <dl>
                {#each batch.differences as one (one.stepId)}
                    <dt>{named(one.stepId)}</dt>
                    <dd><span class="quiet">planned <bdi>{one.planned}</bdi></span><br />done <bdi>{one.done}</bdi></dd>
                {/each}
            </dl>
        </details>
    {/if}
    {#if batch.testPieces.length > 0}
        <ul class="pieces" aria-label="Test pieces">
            {#each batch.testPieces as piece (piece.variantId)}
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
    <div class="pictures">
        {#each batch.photos as photo (photo.id)}
            <figure>
                <img
                    src="/api/photos/{photo.photoId}"
                    alt="{pinnedTo(photo)}{photo.note === '' ? '' : `: ${photo.note}`}"
                />
                <figcaption>
                    {pinnedTo(photo)}, {day(photo.takenAt)}{#if photo.note !== ''}<br /><bdi>{photo.note}</bdi>{/if}
                    <button type="button" aria-label="Take out: {pinnedTo(photo)}" onclick={() => unpin(photo.id)}
                        >take out</button
                    >
                </figcaption>
            </figure>
        {/each}
    </div>
    <div class="fields take">
        <Choose label="A picture of" value={shows} choices={places} change={(value) => (shows = value)} />
        <TextInput size="sm" labelText="What it shows" bind:value={caption} />
        <FileUploaderButton
            size="small"
            kind="tertiary"
            labelText="Add a picture"
            accept={['.jpg', '.jpeg', '.png', '.webp']}
            disableLabelChanges
            on:change={(event) => void take(event.detail)}
        />
        <span class="quiet" role="status">{busy}</span>
    </div>
</section>

<style>
    .record {
        display: grid;
        gap: 12px;
        margin-bottom: 12px;
        padding: 14px 16px;
    }

    header,
    .acts,
    .fields {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 16px;
        align-items: end;
    }

    header {
        justify-content: space-between;
    }

    form {
        display: grid;
        gap: 10px;
        padding: 12px 14px;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--raised);
    }

    .since {
        margin: 0;
        padding-left: 18px;
    }

    .fields > :global(*) {
        width: 210px;
    }

    .fields > :global(.bx--btn) {
        width: auto;
    }

    dl {
        display: grid;
        grid-template-columns: 220px minmax(0, 1fr);
        gap: 6px 16px;
        margin: 8px 0 0;
    }

    dd {
        margin: 0;
    }

    .pieces {
        display: grid;
        gap: 2px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    .pictures {
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
    }

    .pictures:empty {
        display: none;
    }

    figure {
        width: 200px;
        margin: 0;
    }

    img {
        width: 100%;
        border-radius: 4px;
    }

    figcaption {
        font-size: 0.8125rem;
    }

    figcaption button {
        padding: 0;
        border: 0;
        background: none;
        color: var(--ink-quiet);
        font: inherit;
        text-decoration: underline;
        cursor: pointer;
    }

    @media print {
        .acts,
        .take,
        figcaption button {
            display: none;
        }
    }
</style>
