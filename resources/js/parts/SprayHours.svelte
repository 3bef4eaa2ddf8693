<script lang="ts">
    import { got, type Schemas, server } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import { lasting } from '../lib/words';
    import Choose from './Choose.svelte';
    import Trouble from './Trouble.svelte';

    /** The hours to come as a bar, with those that are fit for priming, by what the weather station says. */
    let { method }: { method: string } = $props();

    type Day = Schemas['SprayDay'];
    const latest = new Latest<Day>();
    const day = $derived(latest.answer);
    const MARKS = { go: 'fit', wait: 'wait', 'another-way': 'unfit' } as const;
    const SPELLS = ['usual', 'mild', 'damp', 'frost', 'heat'].map((value) => ({ value, label: value }));

    $effect(() => {
        void method;
        void ask();
    });

    function ask(): Promise<void> {
        const query = { method: method as 'spray-can' };
        return latest.ask(() => got(server.GET('/spray-day', { params: { query } })));
    }

    async function turn(spell: string): Promise<void> {
        await got(server.PUT('/devices/weather', { body: { spell: spell as Schemas['Spell'] } }));
        await ask();
    }

    function hour24(iso: string): string {
        return `${new Date(iso).getHours()}:00`;
    }

    function clock(iso: string): string {
        const at = new Date(iso);
        const today = new Date();
        const day =
            at.toDateString() === today.toDateString() ? '' : `${at.toLocaleDateString([], { weekday: 'short' })} `;
        return `${day}${at.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })}`;
    }
</script>

<section aria-label="Weather for priming">
    {#if latest.problem}
        <Trouble problem={latest.problem} retry={ask} />
    {:else if day}
        <p>
            <b>{day.words}</b>
            {#if day.verdict === 'wait' && day.from}From <b>{clock(day.from)}</b> on it may be sprayed.{/if}
            {#if day.verdict !== 'go'}{day.reason}{/if}
            {#if day.waitMinutes !== null}Paint over it after {lasting(day.waitMinutes)}.{/if}
        </p>
        <ol aria-label="The next two days by hour">
            {#each day.hours as hour, at (hour.at)}
                <li
                    class={MARKS[hour.verdict]}
                    title="{clock(hour.at)}: {hour.celsius} °C, {hour.humidity} %, {MARKS[hour.verdict]}"
                >
                    <span class="sr">{clock(hour.at)}: {hour.celsius} °C, {hour.humidity} %, {MARKS[hour.verdict]}</span
                    >
                    {#if at % 8 === 0}<small aria-hidden="true"
                            >{hour24(hour.at)}<br />{Math.round(hour.celsius)}°</small
                        >{/if}
                </li>
            {/each}
        </ol>
        <div class="station">
            <p class="quiet">
                {#each day.windows as window, at (window.from)}{at > 0 ? ', ' : 'Fit: '}{clock(window.from)} to {clock(
                        window.to,
                    )}{/each}
            </p>
            <Choose label="Simulated station" value={day.spell} choices={SPELLS} change={turn} />
        </div>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 6px;
    }

    ol {
        display: flex;
        overflow: hidden;
        height: 56px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        position: relative;
        flex: 1;
        height: 22px;
        border-right: 1px solid var(--panel);
        background: var(--line);
    }

    .fit {
        background: var(--accent);
    }

    .wait {
        background: repeating-linear-gradient(135deg, var(--line-strong) 0 2px, var(--line) 2px 6px);
    }

    small {
        position: absolute;
        top: 24px;
        left: 0;
        color: var(--ink-quiet);
        font-size: 0.75rem;
        line-height: 1.25;
        white-space: nowrap;
    }

    .station {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 150px;
        gap: 12px;
        align-items: end;
    }
</style>
