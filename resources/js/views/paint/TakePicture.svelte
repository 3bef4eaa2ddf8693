<script lang="ts">
    import { ulid } from 'ulid';
    import { asProblem, contentOf } from '../../lib/api';
    import type { BatchDesk } from '../../lib/batchDesk.svelte';
    import { warn } from '../../lib/notices.svelte';
    import BusyButton from '../../parts/BusyButton.svelte';

    /** A picture of what lies on the desk, pinned to the step that is open. */
    let { desk, batchId, stepId }: { desk: BatchDesk; batchId: string; stepId: string } = $props();

    let input: HTMLInputElement;
    let busy = $state(false);

    async function take(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        busy = true;
        try {
            const content = await contentOf(file);
            const pin = { id: ulid(), stepId };
            const words = `Picture “${file.name}”`;
            await desk.change(
                { does: { do: 'picture', batchId, pin, content }, version: null, words },
                'The picture is in the logbook, pinned to this step.',
                { does: { do: 'no-picture', pinId: pin.id }, version: null, words },
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
<BusyButton size="field" kind="tertiary" {busy} press={() => input.click()}
    >{busy ? 'Taking it in …' : 'Picture'}</BusyButton
>
