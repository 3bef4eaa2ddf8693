<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, got, type Problem, type Schemas, server } from '../../lib/api';
    import { type Agenda, WEEKDAYS } from '../../lib/evening';
    import { span } from '../../lib/words';
    import { tell } from '../../lib/notices.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Sitting from './Sitting.svelte';

    /** When the painter usually sits down, by the week. */
    let {
        week,
        first,
        took,
        close,
    }: { week: Schemas['WeekSitting'][]; first: boolean; took: (agenda: Agenda) => void; close: () => void } = $props();

    /** What most evenings are like. */
    const USUAL = { from: '19:30', minutes: 90 };
    // svelte-ignore state_referenced_locally
    let hours = $state<Schemas['WeekSitting'][]>(
        week.length > 0
            ? structuredClone($state.snapshot(week))
            : [2, 4, 7].map((weekday) => ({
                  weekday,
                  ...USUAL,
                  ...(weekday === 7 ? { from: '14:00', minutes: 150 } : {}),
              })),
    );
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    const DAYS = WEEKDAYS.map((label, at) => ({ value: String(at + 1), label }));
    const total = $derived(hours.reduce((sum, one) => sum + one.minutes, 0));

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        busy = true;
        const before = $state.snapshot(week);
        const put = (to: Schemas['WeekSitting'][]): Promise<Agenda> =>
            got(server.PUT('/evenings/week', { body: { hours: to } }));
        try {
            took(await put($state.snapshot(hours)));
            tell('The evenings are planned anew. What is done stays done.', {
                label: 'Undo',
                run: async () => took(await put(before)),
            });
        } catch (error) {
            problem = asProblem(error);
        }
        busy = false;
    }
</script>

<form class="panel" onsubmit={save} aria-label="When I sit down" use:takesCursor novalidate>
    <div>
        <h2>{first ? 'When do you paint?' : 'When I sit down'}</h2>
        <p class="quiet">
            {first
                ? 'Say it once by the week; single evenings can be changed any time. Then every evening here is filled with what is dry, what comes next and what dries meanwhile.'
                : 'By the week. Single days are changed below, in the fortnight.'}
        </p>
    </div>
    {#each hours as sitting, at}
        <div class="sitting">
            <Choose
                label="Day"
                value={String(sitting.weekday)}
                choices={DAYS}
                fault={problem?.at(`hours.${at}.weekday`)}
                change={(value) => (sitting.weekday = Number(value))}
            />
            <Sitting
                bind:from={sitting.from}
                bind:minutes={sitting.minutes}
                at={`hours.${at}`}
                {problem}
                drop={() => hours.splice(at, 1)}
            />
        </div>
    {:else}
        <p class="quiet">No evening in the week.</p>
    {/each}
    {#if problem}
        {@const whole = problem.at('hours')}
        {#if whole !== '' || problem.faults.length === 0}<p role="alert"><b>{whole || problem.message}</b></p>{/if}
    {/if}
    <div class="acts">
        <Button
            size="small"
            kind="tertiary"
            disabled={hours.length >= 21}
            on:click={() =>
                hours.push({ weekday: (Math.max(0, ...hours.map((one) => one.weekday)) % 7) + 1, ...USUAL })}
            >Another evening</Button
        >
        <BusyButton type="submit" {busy}>{first ? 'Fill my evenings' : 'Keep the week'}</BusyButton>
        {#if !first}<Button size="small" kind="tertiary" on:click={close}>Leave it</Button>{/if}
        <span class="quiet">{span(total)} a week</span>
    </div>
</form>

<style>
    form {
        display: grid;
        gap: 10px;
        padding: 16px 18px;
    }

    .sitting {
        display: grid;
        grid-template-columns: 150px 90px auto auto;
        gap: 12px;
        align-items: end;
        justify-content: start;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: center;
    }

    @media (max-width: 700px) {
        .sitting {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
