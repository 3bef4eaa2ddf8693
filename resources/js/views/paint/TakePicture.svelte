<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { ulid } from 'ulid';
    import { asProblem, type Batch, contentOf, got, of, sent, server } from '../../lib/api';
    import type { BatchDesk } from '../../lib/batchDesk.svelte';
    import { warn } from '../../lib/notices.svelte';

    /** A picture of what lies on the desk, pinned to the step that is open. */
    let { desk, batchId, stepId }: { desk: BatchDesk; batchId: string; stepId: string } = $props();

    let input: HTMLInputElement;
    let busy = $state(false);

    async function take(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        busy = true;
        try {
            const content = await contentOf(file);
            const photo = await got(server.POST('/photos', sent(content, content.type)));
            const pin = { id: ulid(), photoId: photo.id, stepId };
            await desk.change(
                (): Promise<Batch> => got(server.POST('/batches/{id}/photos', { ...of(batchId), body: pin })),
                'The picture is in the logbook, pinned to this step.',
                (): Promise<Batch> => got(server.DELETE('/pinned-photos/{id}', of(pin.id))),
            );
        } catch (error) {
            warn(asProblem(error).message);
        }
        input.value = '';
        busy = false;
    }
</script>

<input
    class="sr"
    type="file"
    accept="image/jpeg,image/png,image/webp"
    capture="environment"
    tabindex="-1"
    aria-label="Picture of this step"
    bind:this={input}
    onchange={() => void take(input.files?.[0])}
/>
<Button size="field" kind="tertiary" disabled={busy} on:click={() => input.click()}
    >{busy ? 'Taking it in …' : 'Picture'}</Button
>
