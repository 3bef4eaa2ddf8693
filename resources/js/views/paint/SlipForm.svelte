<script lang="ts">
    import { Button, RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
    import { ulid } from 'ulid';
    import type { Batch, BatchStep, Schemas } from '../../lib/api';
    import type { BatchDesk } from '../../lib/batchDesk.svelte';
    import { whileShown } from '../../lib/whileShown';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';

    /** Something slipped: what, where, on which models. It goes into the queue and out of the head. */
    let { desk, batch, near, close }: { desk: BatchDesk; batch: Batch; near: BatchStep | null; close: () => void } =
        $props();

    const KINDS: { value: Schemas['SlipKind']; label: string }[] = [
        { value: 'paint-on-it', label: 'paint got on it' },
        { value: 'dulled', label: 'dulled by a wash or dust' },
        { value: 'gap', label: 'a spot was missed' },
        { value: 'rubbed', label: 'rubbed or chipped off' },
    ];
    /** What can be put right: passes that are on models already, by area the latest. */
    const done = $derived(
        batch.steps
            .filter((one) => one.coatsDone[0]! > 0 && one.mix !== null)
            .reverse()
            .sort((one, other) => Number(one.areaId === null) - Number(other.areaId === null)),
    );
    const choices = $derived(
        done
            .filter((one, at) => done.findIndex((other) => other.areaName === one.areaName) === at)
            .map((one) => ({ value: one.step.id, label: `${one.areaName} (${one.words})` })),
    );
    // svelte-ignore state_referenced_locally
    let stepId = $state((choices.find((one) => one.value !== near?.step.id) ?? choices[0])?.value ?? '');
    let kind = $state<Schemas['SlipKind']>('paint-on-it');
    let models = $state<number[]>([]);
    /** The models that have what has to be put right. */
    const whose = $derived(batch.steps.find((one) => one.step.id === stepId)?.models ?? []);

    /** Another place: whoever was ticked may not have it. */
    function choose(step: string): void {
        stepId = step;
        models = [];
    }

    function turn(model: number): void {
        models = models.includes(model)
            ? models.filter((one) => one !== model)
            : [...models, model].sort((a, b) => a - b);
    }

    const leave = whileShown(() => close());
    let noting = $state(false);

    async function note(): Promise<void> {
        const id = ulid();
        const on = models.length > 0 ? $state.snapshot(models) : $state.snapshot(whose);
        const what = KINDS.find((one) => one.value === kind)?.label ?? '';
        const words = `${done.find((one) => one.step.id === stepId)?.areaName}: ${what}`;
        const slip = { id, stepId, kind, models: on };
        noting = true;
        const ok = await desk.change(
            { does: { do: 'slip', batchId: batch.id, slip }, version: null, words },
            'In the queue of touch-ups.',
            { does: { do: 'no-slip', slipId: id }, version: null, words },
        );
        noting = false;
        if (ok) leave();
    }
</script>

<section class="panel" aria-label="It slipped">
    <h2>It slipped</h2>
    {#if choices.length === 0}
        <p class="quiet">Nothing is painted yet that could be spoiled.</p>
    {:else}
        <Choose label="What has to be put right" value={stepId} {choices} change={choose} />
        <RadioButtonGroup orientation="vertical" legendText="What happened" bind:selected={kind}>
            {#each KINDS as one}<RadioButton labelText={one.label} value={one.value} />{/each}
        </RadioButtonGroup>
        {#if whose.length > 1}
            <div>
                <p class="quiet">on which models</p>
                <div class="models">
                    {#each whose as model (model)}
                        <button type="button" aria-pressed={models.includes(model)} onclick={() => turn(model)}
                            >{model}</button
                        >
                    {/each}
                </div>
            </div>
        {/if}
        <div class="acts">
            <BusyButton size="default" busy={noting} press={note}>Into the queue</BusyButton>
            <Button kind="tertiary" on:click={close}>Leave it</Button>
        </div>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 14px;
        padding: 16px 18px;
    }

    .models {
        display: flex;
        flex-wrap: wrap;
        gap: 5px;
    }

    .models button {
        min-width: 42px;
        min-height: 42px;
        border: 1.5px solid var(--line-strong);
        border-radius: 4px;
        background: none;
        color: var(--ink);
        font: inherit;
        font-weight: 700;
        cursor: pointer;
    }

    .models button[aria-pressed='true'] {
        border-color: var(--ink);
        background: var(--ink);
        color: var(--panel);
    }

    .acts {
        display: flex;
        gap: 10px;
    }
</style>
