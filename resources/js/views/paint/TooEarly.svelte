<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { ulid } from 'ulid';
    import { type BatchStep, got, server } from '../../lib/api';
    import { clocks, remaining } from '../../lib/clocks.svelte';
    import { clock } from '../../lib/words';

    /** Asked once before a coat is marked on what is wet, or before what belongs under it: how long yet, that it is dry, or what to paint meanwhile. */
    let {
        step,
        isWet,
        following,
        batchId,
        open,
        finish,
    }: {
        step: BatchStep;
        isWet: boolean;
        following: BatchStep | null;
        batchId: string;
        open: (stepId: string) => void;
        finish: () => void;
    } = $props();

    const readyIn = $derived(
        step.readyAt === null ? 0 : Math.max(0, Math.ceil((new Date(step.readyAt).getTime() - clocks.now) / 1000)),
    );

    /** Touched and found dry: the room teaches something, and the coat may be marked. */
    async function isDry(): Promise<void> {
        const under = clocks.all.find((one) => one.batchId === batchId && one.nextStepId === step.step.id);
        if (under) {
            const body = { id: ulid(), batchId, stepId: under.stepId };
            await got(server.POST('/clocks', { body })).catch(() => undefined);
        }
        finish();
    }
</script>

<div role="alert">
    {#if isWet}
        <p>
            <b>What lies under it is wet for another {remaining(readyIn)}</b>, till {clock(step.readyAt!)}. Painted now
            it tears.
        </p>
        <Button kind="tertiary" on:click={isDry}>It is dry</Button>
    {:else}
        <p><b>Something that belongs under it is not recorded yet.</b></p>
    {/if}
    {#if following}
        <Button kind="tertiary" on:click={() => open(following.step.id)}
            >Meanwhile: {following.areaName}, {following.technique.toLowerCase()}</Button
        >
    {/if}
</div>

<style>
    div {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 20px;
        align-items: center;
        padding: 12px 16px;
        border: 2px solid var(--ink);
        border-radius: var(--radius);
    }
</style>
