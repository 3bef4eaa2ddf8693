<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import {
        asProblem,
        got,
        of,
        server,
        type MixAnswer,
        type Named,
        type Plan,
        type Problem,
        type Schemas,
    } from '../../lib/api';
    import { craft } from '../../lib/craft.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import { stepName } from '../../lib/techniques';
    import { tell, warn } from '../../lib/notices.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import Choose from '../../parts/Choose.svelte';

    /** What becomes of a mix that was found: it is kept by name, or goes into a step of a plan. */
    let {
        answer,
        target,
        asked,
        kept,
    }: {
        answer: MixAnswer;
        target: Schemas['MixAnswers']['target'];
        /** The plan and step it was asked for, if it was. */
        asked: { plan: string | null; step: string | null };
        kept: () => unknown;
    } = $props();

    let open = $state<'keep' | 'send' | null>(null);
    let name = $state('');
    let plans = $state<Named[]>([]);
    let planId = $state('');
    const opened = new Latest<Plan>(chooseStep);
    const plan = $derived(opened.answer);
    let stepId = $state('');
    let problem = $state<Problem | null>(null);
    const parts = $derived(answer.mix.parts.map(({ paint, parts }) => ({ paint, parts })));
    const steps = $derived(
        (plan?.document.areas ?? []).flatMap((area) =>
            area.steps.map((step) => ({
                value: step.id,
                label: stepName(craft(), area, step),
            })),
        ),
    );

    async function start(what: 'keep' | 'send'): Promise<void> {
        open = open === what ? null : what;
        problem = null;
        name = target.name;
        if (open !== 'send' || plans.length > 0) return;
        plans = await got(server.GET('/plans/names'));
        await choose(asked.plan ?? plans[0]?.id ?? '');
    }

    function chooseStep(): void {
        stepId = steps.find((one) => one.value === asked.step)?.value ?? steps[0]?.value ?? '';
    }

    async function choose(id: string): Promise<void> {
        if (id === '') return;
        // The steps of another plan are not to be chosen from meanwhile.
        opened.drop();
        [planId, stepId] = [id, ''];
        await opened.ask(() => got(server.GET('/plans/{id}', of(id))));
    }

    async function keep(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        try {
            const made = await got(server.POST('/kept-mixes', { body: { name, mix: parts } }));
            open = null;
            await kept();
            tell(`“${made.name}” is kept among your mixes.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.DELETE('/kept-mixes/{id}', of(made.id)));
                    await kept();
                },
            });
        } catch (error) {
            problem = asProblem(error);
        }
    }

    async function send(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        if (plan === null || stepId === '') return;
        const { id, version } = plan;
        const area = plan.document.areas.find((one) => one.steps.some((step) => step.id === stepId));
        try {
            const after = await got(
                server.POST('/plans/{id}/edits', {
                    ...of(id),
                    body: { version, edit: { do: 'paint-step', step: stepId, mix: parts } },
                }),
            );
            open = null;
            const there = `/plans/${id}?${new URLSearchParams({ area: area?.id ?? '', step: stepId })}`;
            await push(there);
            tell(`${answer.mix.words} is in the step.`, {
                label: 'Undo',
                of: `plan.${id}`,
                run: async () => {
                    await got(server.POST('/plans/{id}/undo', { ...of(id), body: { version: after.version } }));
                    location.reload();
                },
            });
        } catch (error) {
            const { version: newer, message, faults } = asProblem(error);
            if (newer !== undefined) await choose(id);
            warn(faults[0]?.message ?? message);
        }
    }
</script>

<div class="stack">
    <div class="acts">
        <Button size="small" kind="secondary" aria-expanded={open === 'send'} on:click={() => start('send')}
            >Put it into a step</Button
        >
        <Button size="small" kind="tertiary" aria-expanded={open === 'keep'} on:click={() => start('keep')}
            >Keep it by name</Button
        >
    </div>
    {#if open === 'keep'}
        <form onsubmit={keep} use:takesCursor>
            <TextInput
                size="sm"
                labelText="Name of the mix"
                bind:value={name}
                dir="auto"
                invalid={!!problem}
                invalidText={problem?.faults[0]?.message ?? problem?.message ?? ''}
            />
            <Button size="small" type="submit">Keep it</Button>
        </form>
    {:else if open === 'send'}
        {#if plans.length === 0}
            <p class="quiet">There is no plan yet. <a href="#/plans/new">Make one</a>, and the mix can go into it.</p>
        {:else}
            <form onsubmit={send}>
                <Choose
                    label="Plan"
                    value={planId}
                    choices={plans.map((one) => ({ value: one.id, label: one.name }))}
                    change={(id) => void choose(id)}
                />
                <Choose label="Step" value={stepId} choices={steps} change={(id) => (stepId = id)} />
                <Button size="small" type="submit" disabled={stepId === ''}>Put it in</Button>
            </form>
            {#if plan && steps.length === 0}<p class="quiet">This plan has no steps yet.</p>{/if}
        {/if}
    {/if}
</div>

<style>
    form {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
        gap: 10px;
        align-items: end;
    }

    form :global(.bx--btn) {
        justify-self: start;
    }

    a {
        color: var(--ink);
    }
</style>
