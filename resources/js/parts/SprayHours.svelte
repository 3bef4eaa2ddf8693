<script lang="ts">
    import { Button, NumberInput } from 'carbon-components-svelte';
    import { got, type Problem, type Schemas, server } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import { settings } from '../lib/settings.svelte';
    import { clock as atClock, span } from '../lib/words';
    import Trouble from './Trouble.svelte';

    /** Whether it may be sprayed now, by what was read off outside; with a weather station the hours to come as a bar, and which of them are fit for it. */
    let { method }: { method: string } = $props();

    type Day = Schemas['SprayDay'];
    const latest = new Latest<Day>();
    const day = $derived(latest.answer);
    const MARKS = { go: 'fit', wait: 'wait', 'another-way': 'unfit' } as const;
    let celsius = $state<number | null>(null);
    let humidity = $state<number | null>(null);
    let problem = $state<Problem | null>(null);

    $effect(() => {
        void method;
        void ask();
    });

    function ask(): Promise<void> {
        const query = { method: method as 'spray-can' };
        return latest.ask(() => got(server.GET('/spray-day', { params: { query } })));
    }

    async function judge(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        problem = await settings.set({ weather: { celsius: celsius ?? NaN, humidity: humidity ?? NaN } });
        if (problem === null) await ask();
    }

    async function forget(): Promise<void> {
        [celsius, humidity] = [settings.weather?.celsius ?? null, settings.weather?.humidity ?? null];
        await settings.set({ weather: null });
        await ask();
    }

    const fault = (field: string): { invalid: boolean; invalidText: string } => ({
        invalid: (problem?.at(field) ?? '') !== '',
        invalidText: problem?.at(field) ?? '',
    });

    function hour24(iso: string): string {
        return `${new Date(iso).getHours()}:00`;
    }

    function clock(iso: string): string {
        const at = new Date(iso);
        const today = new Date();
        const day =
            at.toDateString() === today.toDateString() ? '' : `${at.toLocaleDateString([], { weekday: 'short' })} `;
        return `${day}${atClock(iso)}`;
    }
</script>

<section class="stack-near" aria-label="Weather for priming">
    {#if latest.problem}
        <Trouble problem={latest.problem} retry={ask} />
    {:else if day?.source === null}
        <form onsubmit={judge} aria-label="Weather outside" novalidate>
            <p><b>What is it like outside?</b> {day.words}</p>
            <NumberInput
                size="sm"
                hideSteppers
                allowEmpty
                labelText="°C"
                bind:value={celsius}
                {...fault('weather.celsius')}
            />
            <NumberInput
                size="sm"
                hideSteppers
                allowEmpty
                labelText="% humidity"
                bind:value={humidity}
                {...fault('weather.humidity')}
            />
            <Button size="small" kind="tertiary" type="submit">May I spray?</Button>
        </form>
    {:else if day}
        <p>
            <b>{day.words}</b>
            {#if day.verdict === 'wait' && day.from}From <b>{clock(day.from)}</b> on it may be sprayed.{/if}
            {#if day.verdict !== 'go'}{day.reason}{/if}
            {#if day.waitMinutes !== null}Paint over it after {span(day.waitMinutes)}.{/if}
        </p>
        {#if day.source === 'station'}
            <ol aria-label="The next two days by hour">
                {#each day.hours as hour, at (hour.at)}
                    <li
                        class={MARKS[hour.verdict]}
                        title="{clock(hour.at)}: {hour.celsius} °C, {hour.humidity} %, {MARKS[hour.verdict]}"
                    >
                        <span class="sr"
                            >{clock(hour.at)}: {hour.celsius} °C, {hour.humidity} %, {MARKS[hour.verdict]}</span
                        >
                        {#if at % 8 === 0}<small aria-hidden="true"
                                >{hour24(hour.at)}<br />{Math.round(hour.celsius)}°</small
                            >{/if}
                    </li>
                {/each}
            </ol>
            <p class="quiet">
                {#each day.windows as window, at (window.from)}{at > 0 ? ', ' : 'Fit: '}{clock(window.from)} to {clock(
                        window.to,
                    )}{/each}{day.windows.length > 0 ? ' · ' : ''}by the <a href="#/settings">simulated station</a>
            </p>
        {:else if settings.weather}
            <p class="quiet typed">
                {settings.weather.celsius} °C and {settings.weather.humidity} %, as read off at {atClock(
                    settings.weather.at,
                )}
                <Button size="small" kind="ghost" on:click={forget}>It has changed</Button>
            </p>
        {/if}
    {/if}
</section>

<style>
    ol {
        display: flex;
        overflow: hidden;
        height: 56px;
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

    form {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 12px;
        align-items: flex-end;
    }

    form > p {
        flex: 1 0 100%;
    }

    form > :global(.bx--form-item) {
        flex: 0 1 130px;
    }

    .typed {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 10px;
        align-items: center;
    }
</style>
