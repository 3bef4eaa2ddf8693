<script lang="ts">
    import { FileUploaderButton, TextInput } from 'carbon-components-svelte';
    import { ulid } from 'ulid';
    import { asProblem, type Batch, contentOf, got, of, sent, server } from '../../lib/api';
    import { tell, warn } from '../../lib/notices.svelte';
    import { day } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';

    /** Pictures of a batch, pinned to a step, a model or a test piece. */
    let {
        batch,
        named,
        changed,
    }: { batch: Batch; named: (stepId: string) => string; changed: (batch: Batch) => void } = $props();

    let busy = $state('');
    let shows = $state('');
    let caption = $state('');

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
            const content = await contentOf(file);
            const photo = await got(server.POST('/photos', sent(content, content.type)));
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
</script>

<div class="pictures">
    {#each batch.photos as photo (photo.id)}
        <figure>
            <img
                src="/api/photos/{photo.photoId}"
                alt="{pinnedTo(photo)}{photo.note === '' ? '' : `: ${photo.note}`}"
            />
            <figcaption>
                {pinnedTo(photo)}, {day(photo.takenAt)}{#if photo.note !== ''}<br /><bdi>{photo.note}</bdi>{/if}
                <button
                    type="button"
                    class="link"
                    aria-label="Take out: {pinnedTo(photo)}"
                    onclick={() => unpin(photo.id)}>take out</button
                >
            </figcaption>
        </figure>
    {/each}
</div>
<div class="fields take form-row">
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

<style>
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

    figcaption .link {
        color: var(--ink-quiet);
    }

    .fields > :global(*) {
        width: 210px;
    }

    .fields > :global(.bx--btn) {
        width: auto;
    }

    @media print {
        .take,
        figcaption .link {
            display: none;
        }
    }
</style>
