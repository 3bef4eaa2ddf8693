<script lang="ts">
    import { Button, NumberInput, TextInput } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, type Batch, got, of, type Problem, server } from '../../lib/api';
    import { plural, today } from '../../lib/words';

    /** The same once more: the plan, the habits and every mix as they really were, and what is otherwise now. */
    let { batch }: { batch: Batch } = $props();

    // svelte-ignore state_referenced_locally
    let { name, models, startsOn } = $state({
        name: `${batch.name}, once more`,
        models: batch.models as number | null,
        startsOn: today(),
    });
    let problem = $state<Problem | null>(null);

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

<form onsubmit={repeat} novalidate>
    <p>
        The plan, the habits and every mix, thinning and coat as they were really done{batch.differences.length > 0
            ? `: ${plural(batch.differences.length, 'step')} otherwise than planned`
            : ''}.
    </p>
    {#if batch.since.length > 0}
        <ul class="points" aria-label="What changed since">
            {#each batch.since as words}<li>{words}</li>{/each}
        </ul>
    {:else}
        <p class="quiet">Nothing has changed since: paints, plan and habits are as they were.</p>
    {/if}
    <div class="fields form-row">
        <TextInput
            size="sm"
            labelText="Name"
            bind:value={name}
            invalid={(problem?.at('name') ?? '') !== ''}
            invalidText={problem?.at('name') ?? ''}
        />
        <NumberInput
            size="sm"
            labelText="Models"
            min={1}
            max={60}
            bind:value={models}
            invalid={(problem?.at('models') ?? '') !== ''}
            invalidText={problem?.at('models') ?? ''}
        />
        <TextInput
            size="sm"
            labelText="Begins"
            type="date"
            bind:value={startsOn}
            invalid={(problem?.at('startsOn') ?? '') !== ''}
            invalidText={problem?.at('startsOn') ?? ''}
        />
        <Button size="small" type="submit">Begin it</Button>
    </div>
    {#if problem && problem.faults.length === 0}<p role="alert"><b>{problem.message}</b></p>{/if}
</form>

<style>
    form {
        display: grid;
        gap: 10px;
        padding: 12px 14px;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--raised);
    }

    .fields > :global(*) {
        width: 210px;
    }

    .fields > :global(.bx--btn) {
        width: auto;
    }
</style>
