<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { onMount } from 'svelte';
    import { asProblem, got, type Problem, type Schemas, server } from '../../lib/api';
    import { type Agenda, longDay } from '../../lib/evening';
    import { tell } from '../../lib/notices.svelte';
    import Sitting from './Sitting.svelte';

    /** One day otherwise than the week says: missed, moved, longer, or an evening more. */
    let { day, took, close }: { day: Agenda['days'][number]; took: (agenda: Agenda) => void; close: () => void } =
        $props();

    // svelte-ignore state_referenced_locally
    let sittings = $state<Schemas['Sitting'][]>(structuredClone($state.snapshot(day.sittings)));
    let problem = $state<Problem | null>(null);
    let panel: HTMLElement;

    onMount(() => panel.scrollIntoView({ block: 'nearest' }));

    async function keep(as: Schemas['Sitting'][] | null, words: string): Promise<void> {
        // The panel closes with the answer; what is taken back is this day all the same.
        const date = day.day;
        try {
            const before = day.isOtherwise ? $state.snapshot(day.sittings) : null;
            const answer = await send(date, as, day.version);
            const version = answer.days.find((one) => one.day === date)?.version ?? 0;
            took(answer);
            tell(words, { label: 'Undo', run: async () => took(await send(date, before, version)) });
        } catch (error) {
            problem = asProblem(error);
        }
    }

    function send(date: string, as: Schemas['Sitting'][] | null, version: number): Promise<Agenda> {
        return got(
            server.PUT('/evenings/days/{day}', { params: { path: { day: date } }, body: { sittings: as, version } }),
        );
    }
</script>

<section class="panel" aria-label={longDay(day.day)} bind:this={panel}>
    <h2>{longDay(day.day)}</h2>
    {#each sittings as sitting, at}
        <div class="sitting">
            <Sitting
                bind:from={sitting.from}
                bind:minutes={sitting.minutes}
                at={`sittings.${at}`}
                {problem}
                drop={() => sittings.splice(at, 1)}
            />
        </div>
    {:else}
        <p class="quiet">No painting on this day.</p>
    {/each}
    {#if problem}
        <p role="alert"><b>{problem.at('sittings') || problem.at('day') || problem.message}</b></p>
    {/if}
    <div class="acts">
        <Button size="small" on:click={() => keep($state.snapshot(sittings), `${longDay(day.day)} is planned anew.`)}
            >Keep this day</Button
        >
        {#if day.sittings.length > 0}
            <Button
                size="small"
                kind="secondary"
                on:click={() => keep([], `${longDay(day.day)} is off. What is done stays done.`)}
                >I miss this evening</Button
            >
        {/if}
        <Button size="small" kind="tertiary" on:click={() => sittings.push({ from: '19:30', minutes: 90 })}
            >An evening more</Button
        >
        {#if day.isOtherwise}
            <Button size="small" kind="tertiary" on:click={() => keep(null, `${longDay(day.day)} is as the week says.`)}
                >As the week says</Button
            >
        {/if}
        <Button size="small" kind="tertiary" on:click={close}>Leave it</Button>
    </div>
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        padding: 14px 18px;
    }

    .sitting {
        display: grid;
        grid-template-columns: 90px auto auto;
        gap: 12px;
        align-items: end;
        justify-content: start;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
    }
</style>
