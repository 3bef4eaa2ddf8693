<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, type Craft, got, server, type Schemas } from '../../lib/api';
    import { takeCraft } from '../../lib/craft.svelte';
    import { tell, warn } from '../../lib/notices.svelte';
    import { whileShown } from '../../lib/whileShown';
    import Count from '../../parts/Count.svelte';
    import DilutionEditor from '../../parts/DilutionEditor.svelte';

    /** How this painter does it: what new steps begin with, and what times are counted by. Batches under way keep what they were begun with. */
    let { craft, technique, close }: { craft: Craft; technique: Craft['techniques'][number]; close: () => void } =
        $props();

    const leave = whileShown(() => close());
    type Habit = Schemas['HabitInput'];
    /** What the painter has said before; what is changed here comes on top of it, and all else stays as the tables say. */
    const own = $derived<Habit>(technique.habit ?? {});
    const shown = $derived<Habit>({
        coats: technique.usual.coats,
        paint: technique.usual.dilution.paint,
        thinner: technique.usual.dilution.thinner,
        with: technique.usual.dilution.with,
        minutes: technique.minutes,
        dryMinutes: technique.dryMinutes,
    });
    let changed = $state<Habit>({});
    const habit = $derived({ ...shown, ...changed });

    async function keep(wish: Habit, words: string, back: Habit): Promise<void> {
        const params = { path: { technique: technique.value } };
        try {
            takeCraft(await got(server.PUT('/craft/habits/{technique}', { params, body: wish })));
            tell(words, { label: 'Undo', run: () => keep(back, 'As it was before.', wish) });
            leave();
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<form
    onsubmit={(event) => {
        event.preventDefault();
        void keep({ ...own, ...changed }, 'New steps begin so.', own);
    }}
>
    {#if technique.asks.includes('coats')}
        <Count
            label="Coats"
            value={habit.coats ?? 1}
            least={1}
            most={craft.limits.coats}
            change={(coats) => (changed = { ...changed, coats })}
        />
    {/if}
    {#if technique.asks.includes('dilution')}
        <DilutionEditor
            {craft}
            dilution={{ paint: habit.paint ?? 1, thinner: habit.thinner ?? 0, with: habit.with ?? 'water' }}
            change={(dilution) => (changed = { ...changed, ...dilution })}
        />
    {/if}
    <Count
        label="Dry after, minutes"
        value={habit.dryMinutes ?? 0}
        least={0}
        most={craft.limits.dryMinutes}
        change={(dryMinutes) => (changed = { ...changed, dryMinutes })}
    />
    <Count
        label="Minutes a coat"
        value={Math.round(habit.minutes ?? 1)}
        least={1}
        most={craft.limits.handsOnMinutes}
        change={(minutes) => (changed = { ...changed, minutes })}
    />
    <div class="acts">
        <Button size="small" type="submit">This is how I do it</Button>
        {#if technique.habit}<Button size="small" kind="tertiary" on:click={() => keep({}, 'As the tables say.', own)}
                >As usual again</Button
            >{/if}
        <Button size="small" kind="ghost" on:click={close}>Leave it</Button>
    </div>
</form>

<style>
    form {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 12px;
        align-items: end;
        padding-top: 6px;
        border-top: 1px solid var(--line);
    }
</style>
