<script lang="ts">
    import { asProblem, got, server } from '../../lib/api';
    import { type Agenda, longDay } from '../../lib/evening';
    import { span } from '../../lib/words';
    import { tell, warn } from '../../lib/notices.svelte';
    import BusyButton from '../../parts/BusyButton.svelte';

    /** What is to be sprayed next and finds no fit hour in any evening: a sitting that would do for it, one press away. */
    let { agenda, held, took }: { agenda: Agenda; held: Agenda['heldUp'][number]; took: (agenda: Agenda) => void } =
        $props();

    let busy = $state(false);

    async function sitDown(): Promise<void> {
        const { sitting } = held;
        const day = agenda.days.find((one) => one.day === sitting?.day);
        if (!sitting || !day) return;
        const put = (sittings: typeof day.sittings | null, version: number): Promise<Agenda> =>
            got(
                server.PUT('/evenings/days/{day}', { params: { path: { day: day.day } }, body: { sittings, version } }),
            );
        busy = true;
        try {
            const before = day.isOtherwise ? day.sittings : null;
            took(await put([...day.sittings, { from: sitting.from, minutes: sitting.minutes }], day.version));
            tell(`${longDay(day.day)} begins with spraying.`, {
                label: 'Undo',
                run: async () => took(await put(before, day.version + 1)),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
        busy = false;
    }
</script>

<p class="panel" role="status">
    <span>
        <b><bdi>{held.batchName}</bdi>: {held.words}</b> waits for the weather.
        {#if held.sitting}
            No evening has a fit hour; {longDay(held.sitting.day)} from {held.sitting.from} has.
        {:else}
            No hour of the next two days is fit for a can: prime with an airbrush or a brush, or wait.
        {/if}
    </span>
    {#if held.sitting}
        <BusyButton kind="tertiary" {busy} press={sitDown}>Spray then, {span(held.sitting.minutes)}</BusyButton>
    {/if}
</p>

<style>
    p {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
        justify-content: space-between;
        padding: 10px 16px;
    }
</style>
