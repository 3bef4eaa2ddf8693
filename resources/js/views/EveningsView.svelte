<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, server } from '../lib/api';
    import type { Agenda } from '../lib/evening';
    import { longDay } from '../lib/evening';
    import { span } from '../lib/words';
    import { Latest } from '../lib/latest.svelte';
    import { settings } from '../lib/settings.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import DeskBatches from './evenings/DeskBatches.svelte';
    import EveningBar from './evenings/EveningBar.svelte';
    import FetchAndPour from './evenings/FetchAndPour.svelte';
    import HeldUp from './evenings/HeldUp.svelte';
    import HoursPanel from './evenings/HoursPanel.svelte';
    import MomentCard from './evenings/MomentCard.svelte';
    import OneDay from './evenings/OneDay.svelte';
    import WeekStrip from './evenings/WeekStrip.svelte';

    /** When one sits down, and what for: the next evening as a bar, the fortnight below it, and when each batch stands on the table. */
    const latest = new Latest<Agenda>();
    const agenda = $derived(latest.answer);
    /** Shorter than this nobody calls it waiting. */
    const WORTH_SAYING = 3;
    let chosen = $state<string | null>(null);
    let edits = $state<'week' | string | null>(null);

    const evening = $derived(
        agenda?.evenings.find((one) => one.start === chosen) ??
            agenda?.evenings.find((one) => one.items.length > 0) ??
            agenda?.evenings[0],
    );
    const isIdle = $derived(agenda !== null && agenda.week.length === 0 && agenda.evenings.length === 0);

    const load = (): Promise<void> =>
        latest.ask(async () => {
            await settings.placeClock();
            return got(server.GET('/evenings', {}));
        });
    $effect(() => void load());
    // The hand of the clock moves on, and an evening under way gets shorter.
    $effect(() => {
        const timer = setInterval(() => void load(), 5 * 60000);
        return () => clearInterval(timer);
    });

    function took(answer: Agenda): void {
        latest.answer = answer;
        edits = null;
    }

    const says = $derived.by(() => {
        if (!evening || evening.items.length === 0) return '';
        const waits = evening.waitMinutes;
        const ends = evening.driesOn === null ? '' : `ends with ${evening.driesOn.words}, which dries on`;
        const idle =
            waits < WORTH_SAYING
                ? 'everything dries while something else is painted'
                : `${span(waits)} of waiting that nothing fills`;
        return [idle, ends].filter((one) => one !== '').join(' · ');
    });
</script>

<svelte:head><title>Evenings · Kalokroma</title></svelte:head>
{#if latest.problem && agenda === null}
    <h1>Evenings</h1>
    <Trouble problem={latest.problem} retry={load} />
{:else if agenda === null}
    <h1>Evenings</h1>
    <Waiting what="the evenings" />
{:else}
    <header>
        <h1>{evening ? `${longDay(evening.day)}, ${span(evening.minutes)}` : 'Evenings'}</h1>
        <p class="quiet">{says}</p>
    </header>
    <div class="evenings stack-far">
        {#if isIdle || edits === 'week'}
            <HoursPanel week={agenda.week} first={isIdle} {took} close={() => (edits = null)} />
        {/if}
        {#if edits !== null && edits !== 'week'}
            {@const day = agenda.days.find((one) => one.day === edits)}
            {#if day}{#key day.day}<OneDay {day} {took} close={() => (edits = null)} />{/key}{/if}
        {/if}
        {#each agenda.heldUp as held (held.batchName + held.words)}<HeldUp {agenda} {held} {took} />{/each}
        {#if evening}
            <EveningBar {evening} now={agenda.now} />
            <div class="cards">
                <FetchAndPour {evening} />
                <MomentCard />
                <DeskBatches {agenda} changed={load} miss={() => (edits = evening.day)} />
            </div>
        {:else if !isIdle}
            <p class="panel none">No evening in the next two weeks. Say below when you sit down.</p>
        {/if}
        {#if !isIdle}
            <section class="panel week" aria-label="The fortnight">
                <div class="over">
                    <h2>The fortnight</h2>
                    <span class="quiet"
                        >{agenda.batches.length === 1
                            ? 'one batch has the desk'
                            : `${agenda.batches.length} batches share the desk`}</span
                    >
                    <span class="acts">
                        <Button
                            size="small"
                            kind="tertiary"
                            href="/api/evenings/calendar"
                            download="kalokroma-evenings.ics">As a calendar file</Button
                        >
                        <Button size="small" kind="tertiary" on:click={() => (edits = 'week')}>When I sit down</Button>
                    </span>
                </div>
                <WeekStrip
                    {agenda}
                    chosen={evening?.start ?? null}
                    choose={(start) => (chosen = start)}
                    change={(day) => (edits = day)}
                />
                {#if agenda.lackingMinutes > 0}
                    <p role="status">
                        <b>{span(agenda.lackingMinutes)} of work find no evening yet.</b> Give the week more hours, or let
                        a batch rest.
                    </p>
                {/if}
            </section>
        {/if}
    </div>
{/if}

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 30px;
        align-items: baseline;
        justify-content: space-between;
        margin-bottom: 12px;
    }

    .cards {
        display: grid;
        gap: 12px;
        grid-template-columns: repeat(3, minmax(0, 1fr));
    }

    .none {
        padding: 22px;
    }

    .week {
        display: grid;
        gap: 10px;
        padding: 12px 16px 14px;
    }

    .over {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
    }

    .acts {
        margin-left: auto;
    }

    @media (max-width: 900px) {
        .cards {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
