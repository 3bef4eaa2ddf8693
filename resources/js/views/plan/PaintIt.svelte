<script lang="ts">
    import * as v from 'valibot';
    import { Button, NumberInput, TextInput } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, type Craft, got, of, type Problem, server } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { toFirstFault } from '../../lib/faults';
    import { forget, keep, kept } from '../../lib/kept';
    import { tell, warn } from '../../lib/notices.svelte';
    import { day, plural, today } from '../../lib/words';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Count from '../../parts/Count.svelte';
    import Meter from '../../parts/Meter.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import AmountsView from './AmountsView.svelte';
    import HoursGo from './HoursGo.svelte';
    import HowMany from './HowMany.svelte';
    import Practise from './Practise.svelte';
    import WholeWays from './WholeWays.svelte';

    /** Paint it: for how many, who they are, where the hours go, what to pour and what runs short, and the beginning of a batch. */
    let { desk, craft }: { desk: PlanDesk; craft: Craft } = $props();

    // svelte-ignore state_referenced_locally
    const keptAs = `batch.${desk.id}`;
    let { name, models, startsOn } = $state({
        ...{ name: '', models: 5 as number | null, startsOn: today() },
        ...kept(keptAs, v.object({ name: v.string(), models: v.nullable(v.number()), startsOn: v.string() })),
    });
    /** How many of the models have each role; the rest have none. */
    let seated = $state<Record<string, number>>({});
    let hours = $state<number | null>(null);
    let leftOut = $state<string[]>([]);
    const roles = $derived(desk.document?.roles ?? []);
    const squad = $derived(
        roles.flatMap((role) => Array.from({ length: seated[role.id] ?? 0 }, () => ({ role: role.id }))),
    );
    /** As the server takes it; nothing while nobody has a role, or more have one than there are. */
    const who = $derived(
        squad.length === 0 || squad.length > (models ?? 0)
            ? null
            : roles.map((role) => `${role.id}:${seated[role.id] ?? 0}`).join(','),
    );
    const count = $derived(
        models !== null && Number.isInteger(models) && models >= 1 && models <= craft.limits.models ? models : null,
    );

    $effect(() => keep(keptAs, { name, models, startsOn }));
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    let form = $state<HTMLFormElement>();
    const batches = $derived(desk.plan?.batches ?? []);
    /** What it is called when nobody calls it otherwise. */
    const suggested = $derived(
        [desk.document?.name ?? '', ...(batches.length === 0 ? [] : [batches.length + 1])].join(' '),
    );

    /** Nothing is poured before the first paint is chosen. */
    const isPainted = $derived(
        (desk.document?.areas ?? []).some((area) => area.steps.some((step) => step.mix.length > 0)),
    );

    /** What such a batch would lack, said before it begins. */
    const lacks = $derived.by(() => {
        const areas = desk.document?.areas ?? [];
        const empty = areas.filter((area) => area.steps.length === 0).map((area) => area.name);
        const unpainted = areas.flatMap((area) => area.steps).filter((step) => step.mix.length === 0).length;
        return [
            ...(areas.length === 0 || empty.length === areas.length
                ? ['No area has a step yet: the batch would be primed and no more.']
                : empty.length > 0
                  ? [`${empty.join(', ')}: no steps yet, so nothing would be painted there.`]
                  : []),
            ...(unpainted > 0 ? [`${plural(unpainted, 'step')} without a paint.`] : []),
        ];
    });

    async function begin(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        busy = true;
        try {
            const body = {
                planId: desk.id,
                name: name.trim() === '' ? suggested : name,
                models: models ?? 0,
                startsOn,
            };
            const batch = await got(
                server.POST('/batches', {
                    body: squad.length === 0 ? body : { ...body, squad: squad.slice(0, models ?? 0) },
                }),
            );
            if (hours !== null && leftOut.length > 0) {
                const skipped = leftOut.filter((id) => batch.steps.some((step) => step.step.id === id));
                await got(
                    server.PUT('/batches/{id}/desk', {
                        ...of(batch.id),
                        body: { rests: false, skipped, version: batch.version },
                    }),
                );
            }
            forget(keptAs);
            await push(`/batches/${batch.id}`);
        } catch (error) {
            problem = asProblem(error);
            void toFirstFault(form);
        }
        busy = false;
    }

    async function remove(id: string, label: string): Promise<void> {
        try {
            await got(server.DELETE('/batches/{id}', of(id)));
            await desk.load();
            tell(`The batch “${label}” is gone.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.POST('/batches/{id}/restore', of(id)));
                    await desk.load();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<div class="with-side">
    <div class="stack-far">
        <section class="panel stack padded" aria-label="Batches by this plan">
            <h2>{batches.length === 0 ? 'No batch yet' : 'Batches by this plan'}</h2>
            {#each batches as batch (batch.id)}
                <article>
                    <div>
                        <a href="#/batches/{batch.id}"><b><bdi>{batch.name}</bdi></b></a>
                        <p class="quiet">
                            {plural(batch.models, 'model')} · {batch.isBegun ? 'begun' : 'planned for'}
                            {day(batch.startsOn)}
                        </p>
                    </div>
                    <div class="far">
                        <Meter share={batch.share} label="{batch.name}: how far" />
                        <p class="quiet">
                            {batch.isFinished ? 'finished' : `${batch.passesDone} of ${batch.passes} steps`}
                        </p>
                    </div>
                    <div class="acts">
                        <Button size="small" kind="secondary" href="#/batches/{batch.id}"
                            >{batch.isFinished ? 'Look back' : 'Paint'}</Button
                        >
                        <Button size="small" kind="tertiary" on:click={() => remove(batch.id, batch.name)}
                            >Delete</Button
                        >
                    </div>
                </article>
            {:else}
                <p class="quiet">
                    Nothing has been painted by this plan yet. A batch keeps the plan as it is painted, so that it can
                    be repeated next year.
                </p>
            {/each}
        </section>
        {#if count !== null && desk.plan && isPainted}
            <HoursGo
                planId={desk.id}
                models={count}
                roles={who}
                version={desk.plan.version}
                {hours}
                change={(value) => (hours = value)}
                leaveOut={(steps) => (leftOut = steps)}
            />
            <WholeWays {desk} />
            <Practise {desk} {craft} />
            <AmountsView
                planId={desk.id}
                models={count}
                roles={who}
                version={desk.plan.version}
                paintFewer={(fewer) => (models = fewer)}
            />
            {#if lacks.length === 0}<HowMany planId={desk.id} models={count} version={desk.plan.version} />{/if}
        {/if}
    </div>
    <form class="panel stack padded" onsubmit={begin} bind:this={form} novalidate>
        <h2>Begin a batch</h2>
        {#if problem && problem.faults.length === 0}<Trouble {problem} />{/if}
        {#each lacks as lack}<p class="lack">{lack}</p>{/each}
        <TextInput
            size="sm"
            labelText="Name of the batch"
            placeholder={suggested}
            bind:value={name}
            dir="auto"
            invalid={!!problem?.at('name')}
            invalidText={problem?.at('name') ?? ''}
        />
        <NumberInput
            size="sm"
            labelText="How many models"
            min={1}
            max={craft.limits.models}
            allowEmpty
            bind:value={models}
            invalid={!!problem?.at('models')}
            invalidText={problem?.at('models') ?? ''}
        />
        {#each roles as role (role.id)}
            <Count
                label="of them {role.name}"
                value={seated[role.id] ?? 0}
                least={0}
                most={models ?? 0}
                change={(value) => (seated = { ...seated, [role.id]: value })}
            />
        {/each}
        {#if squad.length > (models ?? 0)}<p class="lack">More have a role than there are models.</p>{/if}
        <TextInput
            size="sm"
            type="date"
            labelText="Begins on"
            bind:value={startsOn}
            invalid={!!problem?.at('startsOn')}
            invalidText={problem?.at('startsOn') ?? ''}
        />
        <BusyButton type="submit" {busy}>Begin the batch</BusyButton>
    </form>
</div>

<style>
    .lack {
        padding-left: 10px;
        border-left: 4px solid var(--ink);
    }

    article {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 160px 170px;
        gap: 16px;
        align-items: center;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    a {
        color: var(--ink);
    }

    @media (max-width: 900px) {
        article {
            grid-template-columns: minmax(0, 1fr);
        }

        form {
            order: -1;
        }
    }
</style>
