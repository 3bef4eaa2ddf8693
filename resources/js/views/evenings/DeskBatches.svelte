<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import { asProblem, got, type Problem, type Schemas, server } from '../../lib/api';
    import { type Agenda, shortDate } from '../../lib/evening';
    import { done } from '../../lib/doing';
    import { outbox } from '../../lib/outbox.svelte';
    import { plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';

    /** When each batch stands on the table, how sure that is, and what would have to go for an earlier day. */
    let { agenda, changed, miss }: { agenda: Agenda; changed: () => unknown; miss: () => void } = $props();

    type Batch = Agenda['batches'][number];
    let asked = $state<string | null>(null);
    let day = $state('');
    /** The step after which it counts as ready; nothing when all is done. */
    let stop = $state('');
    let answer = $state<Schemas['Deadline'] | null>(null);
    let problem = $state<Problem | null>(null);
    const batch = $derived(agenda.batches.find((one) => one.id === asked) ?? null);

    function ready(one: Batch): { name: string; at: string | null; soonest: string | null; latest: string | null } {
        const stop = one.stops.find((each) => each.at !== null);
        return stop ?? { name: 'finished', ...one.finished };
    }

    function between(dates: { soonest: string | null; latest: string | null }): string {
        if (dates.soonest === null) return '';
        const from = shortDate(dates.soonest);
        const to = dates.latest === null ? 'later than the evenings known' : shortDate(dates.latest);
        return from === to ? 'quite sure' : `between ${from} and ${to}`;
    }

    function turnTo(one: Batch): void {
        asked = asked === one.id ? null : one.id;
        answer = null;
        stop = one.stops.find((each) => each.at !== null)?.after ?? '';
    }

    $effect(() =>
        outbox.listen((one, became) => {
            if (one.kind === 'thing' && one.does.do === 'desk' && became.is === 'made') changed();
        }),
    );

    async function ask(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        answer = null;
        problem = null;
        if (batch === null) return;
        try {
            answer = await got(
                server.POST('/evenings/deadline', {
                    body: { batchId: batch.id, stop: stop === '' ? null : stop, day },
                }),
            );
        } catch (error) {
            problem = asProblem(error);
        }
    }

    async function skip(one: Batch, steps: string[], told: string): Promise<void> {
        const before = one.skipped.map((each) => each.stepId);
        if (await share(one.id, one.version, { rests: false, skipped: steps }, told, before)) {
            asked = null;
            answer = null;
        }
    }

    function rest(one: Batch): void {
        const skipped = one.skipped.map((each) => each.stepId);
        const told = `“${one.name}” rests and has no part in the evenings.`;
        void share(one.id, one.version, { rests: true, skipped }, told, skipped);
    }

    /** What a batch has of the desk; false where it was refused. */
    async function share(
        batchId: string,
        version: number,
        how: { rests: boolean; skipped: string[] },
        told: string,
        before?: string[],
    ): Promise<boolean> {
        const became = await done(
            { kind: 'thing', does: { do: 'desk', batchId, ...how }, version, words: told.replace(/\.$/, '') },
            told,
            before &&
                ((now) => {
                    const back = { rests: false, skipped: before };
                    void share(batchId, now.version ?? version + 1, back, 'The evenings are as they were.');
                }),
        );
        if (became === null) changed();
        return became !== null;
    }
</script>

<section class="panel" aria-label="When it stands on the table">
    <h2>When it stands on the table</h2>
    {#if agenda.batches.length === 0}
        <p class="quiet">No batch shares the desk. Begin one from a plan.</p>
    {/if}
    <ul class="stack-far">
        {#each agenda.batches as one (one.id)}
            {@const dates = ready(one)}
            <li>
                <span class="quiet"><bdi>{one.name}</bdi>, {dates.name}</span>
                <b class="date">{dates.at === null ? 'no evening yet' : shortDate(dates.at)}</b>
                <span class="quiet"
                    >{between(dates)}{dates.name !== 'finished' && one.finished.at !== null
                        ? `; finished ${shortDate(one.finished.at)}`
                        : ''}</span
                >
                {#each one.stops.filter((each) => each.at !== null && each.name !== dates.name) as each, at (at)}
                    <span class="quiet"><bdi>{each.name}</bdi> {shortDate(each.at ?? '')}, {between(each)}</span>
                {/each}
                {#if one.skipped.length > 0}
                    <span
                        >{plural(one.skipped.length, 'step')} left out:
                        {one.skipped.map((each) => each.words).join('; ')}
                        <button
                            class="link"
                            type="button"
                            onclick={() => skip(one, [], `All steps of “${one.name}” are in again.`)}
                            >take them in again</button
                        ></span
                    >
                {/if}
                <span class="acts">
                    <button class="link" type="button" onclick={() => turnTo(one)}>Make it sooner …</button>
                    <button class="link" type="button" onclick={() => rest(one)}>Let it rest</button>
                </span>
            </li>
        {/each}
    </ul>
    {#if agenda.beyond.length > 0}
        <p role="status">
            A desk has room for {agenda.batches.length} batches.
            {#each agenda.beyond as one, at (one.id)}{at > 0 ? ', ' : ''}<a href="#/batches/{one.id}"
                    ><bdi>{one.name}</bdi></a
                >{/each}
            {agenda.beyond.length === 1 ? 'waits' : 'wait'} and {agenda.beyond.length === 1 ? 'has' : 'have'} no evening yet:
            let one of these rest to take in the next.
        </p>
    {/if}
    {#if batch}
        <form onsubmit={ask} novalidate>
            <Choose
                label="“{batch.name}”"
                value={stop}
                choices={[
                    ...batch.stops
                        .filter((each) => each.at !== null)
                        .map((each) => ({ value: each.after, label: each.name })),
                    { value: '', label: 'finished' },
                ]}
                change={(value) => (stop = value)}
            />
            <TextInput
                size="sm"
                type="date"
                labelText="by"
                bind:value={day}
                invalid={(problem?.at('day') ?? '') !== ''}
                invalidText={problem?.at('day') ?? ''}
            />
            <Button size="small" type="submit">What must go?</Button>
        </form>
        {#if problem && problem.at('day') === ''}<p role="alert"><b>{problem.message}</b></p>{/if}
        {#if answer}
            <div role="status">
                {#if answer.leaveOut.length === 0 && answer.isMet}
                    <p>Nothing: it is ready by then as it is.</p>
                {:else if answer.isMet}
                    <p>
                        Leave out {answer.leaveOut
                            .map((one) => `${one.areaName}, ${one.label.toLowerCase()}`)
                            .join('; ')}. The shades stay.
                    </p>
                    <Button
                        size="small"
                        on:click={() =>
                            skip(
                                batch,
                                [
                                    ...batch.skipped.map((one) => one.stepId),
                                    ...(answer?.leaveOut ?? []).map((one) => one.stepId),
                                ],
                                `${plural(answer?.leaveOut.length ?? 0, 'step')} of “${batch.name}” left out.`,
                            )}>Leave them out</Button
                    >
                {:else}
                    <p>
                        Not even without the last lights{answer.at === null
                            ? ''
                            : `: then it is ready ${shortDate(answer.at)}`}. More hours would help, or fewer models.
                    </p>
                {/if}
            </div>
        {/if}
    {/if}
    <Button size="small" kind="tertiary" on:click={miss}>I miss this evening</Button>
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        align-content: start;
        justify-items: start;
        padding: 12px 16px 14px;
    }

    li {
        display: grid;
    }

    .date {
        font-size: 1.25rem;
        line-height: 1.25;
    }

    form {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: end;
    }

    form > :global(*) {
        width: 150px;
    }

    form > :global(.bx--btn) {
        width: auto;
    }

    .acts {
        display: flex;
        gap: 14px;
    }
</style>
