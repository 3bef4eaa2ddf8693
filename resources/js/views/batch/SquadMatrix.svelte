<script lang="ts">
    import type { Snippet } from 'svelte';
    import type { Squad, SquadAnswer } from '../../lib/squad.svelte';
    import { plural, span } from '../../lib/words';
    import BusyButton from '../../parts/BusyButton.svelte';
    import SquadCell from './SquadCell.svelte';
    import SquadMember from './SquadMember.svelte';
    import SquadWays from './SquadWays.svelte';

    /** The models against the areas: what each of them gets, and what differs drawn strong. */
    let {
        squad,
        answer,
        isFinished,
        rest,
    }: {
        squad: Squad;
        answer: SquadAnswer;
        isFinished: boolean;
        /** What stands beside it while nothing is chosen. */
        rest: Snippet;
    } = $props();

    /** One area on some models; or a model itself. */
    let area = $state<string | null>(null);
    let models = $state<number[]>([]);
    let member = $state<number | null>(null);
    let from = $state<number | null>(null);
    let isDragging = $state(false);
    /** The head that is drawn over others, and what it has been drawn over so far: they are to be painted as that model is. */
    let like = $state<number | null>(null);
    let filled = $state<number[]>([]);

    const row = $derived(answer.areas.find((one) => one.id === area) ?? null);
    const person = $derived(answer.models.find((one) => one.number === member) ?? null);
    const role = (id: string | null): string => answer.roles.find((one) => one.id === id)?.name ?? '';

    function between(one: number, other: number): number[] {
        const [first, last] = [Math.min(one, other), Math.max(one, other)];
        return answer.models.map((each) => each.number).filter((number) => number >= first && number <= last);
    }

    function press(areaId: string, number: number, event: PointerEvent | KeyboardEvent | MouseEvent): void {
        member = null;
        if (area !== areaId) models = [];
        area = areaId;
        if (event.shiftKey && from !== null) {
            models = [...new Set([...models, ...between(from, number)])];
        } else if (event.ctrlKey || event.metaKey) {
            models = models.includes(number) ? models.filter((one) => one !== number) : [...models, number];
        } else {
            models = [number];
        }
        from = number;
    }

    /** Drawn with the button held: over a row, all places from the first to this one; from a head on, all columns. */
    function drawn(event: PointerEvent): void {
        const under = document.elementFromPoint(event.clientX, event.clientY);
        const over = under?.closest<HTMLElement>('[data-model]');
        const number = Number(over?.dataset['model'] ?? NaN);
        if (Number.isNaN(number)) return;
        if (like !== null) filled = between(like, number);
        else if (isDragging && from !== null && over?.dataset['area'] === area) models = between(from, number);
    }

    function lifted(): void {
        const others = filled.filter((one) => one !== like);
        if (like !== null && others.length > 0) void squad.copy(like, others);
        isDragging = false;
        like = null;
        filled = [];
    }

    /** Arrows go from cell to cell as in any table. */
    function walk(event: KeyboardEvent, rowAt: number, at: number): void {
        const by = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowDown: [1, 0], ArrowUp: [-1, 0] }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        const to = document.querySelector<HTMLElement>(`[data-cell="${rowAt + by[0]!}.${at + by[1]!}"]`);
        to?.focus();
        if (event.shiftKey && by[1] !== 0 && to?.dataset['model'])
            press(area ?? '', Number(to.dataset['model']), event);
    }

    function close(): void {
        area = member = null;
        models = [];
    }

    function pick(number: number): void {
        close();
        member = number;
    }
</script>

<svelte:window
    onpointerup={lifted}
    onpointercancel={() => {
        like = null;
        lifted();
    }}
    onpointermove={drawn}
/>

<div class="beside">
    <section class="panel stack padded" aria-label="The squad">
        <div class="head">
            <div>
                <h2>The squad</h2>
                <p class="quiet">
                    {#if isFinished}What each model got.{:else}Press a place to paint it otherwise; draw over several.
                        Draw a model's head over others, and they are painted as it is. What differs stands out.{/if}
                </p>
            </div>
            <p class="far"><b>{span(answer.minutes)}</b> <span class="quiet">at the brush, for all</span></p>
        </div>
        <div class="scroll" role="region" aria-label="Models and areas" tabindex="-1">
            <table>
                <thead>
                    <tr>
                        <th scope="col"><span class="sr">Area</span></th>
                        {#each answer.models as one (one.number)}
                            <th scope="col">
                                <button
                                    type="button"
                                    class="who"
                                    aria-pressed={member === one.number}
                                    aria-label="model {one.number}{one.name === '' ? '' : `, ${one.name}`}{one.role
                                        ? `, ${role(one.role)}`
                                        : ''}: say who it is"
                                    class:filled={filled.includes(one.number)}
                                    data-model={one.number}
                                    onclick={() => pick(one.number)}
                                    onpointerdown={(event) => {
                                        if (!isFinished && event.pointerType !== 'touch') like = one.number;
                                    }}
                                >
                                    <b>{one.number}</b>
                                    {#if one.name !== '' || one.role}<small
                                            ><bdi>{one.name || role(one.role)}</bdi></small
                                        >{/if}
                                </button>
                            </th>
                        {/each}
                        <th scope="col" class="sum">in all</th>
                    </tr>
                </thead>
                <tbody>
                    {#each answer.areas as line, rowAt (line.id)}
                        <tr>
                            <th scope="row"><bdi>{line.name}</bdi></th>
                            {#each answer.models as one, at (one.number)}
                                {@const look = line.cells[at] ?? null}
                                <td>
                                    <SquadCell
                                        look={look === null ? null : (line.looks[look] ?? null)}
                                        differs={look !== line.usual}
                                        painted={line.painted[at] ?? 0}
                                        isChosen={(area === line.id && models.includes(one.number)) ||
                                            filled.includes(one.number)}
                                        name="{line.name}, model {one.number}"
                                        place="{rowAt}.{at}"
                                        areaId={line.id}
                                        model={one.number}
                                        press={(event) => press(line.id, one.number, event)}
                                        hold={() => (isDragging = true)}
                                        walk={(event) => walk(event, rowAt, at)}
                                    />
                                </td>
                            {/each}
                            <td class="sum">{plural(line.drops, 'drop')}<small>{span(line.minutes)}</small></td>
                        </tr>
                    {/each}
                </tbody>
                <tfoot>
                    <tr>
                        <th scope="row">at the brush</th>
                        {#each answer.models as one (one.number)}
                            <td class="time">{span(one.minutes ?? 0)}</td>
                        {/each}
                        <td></td>
                    </tr>
                </tfoot>
            </table>
        </div>
        {#if !isFinished}
            <div class="acts">
                <BusyButton kind="tertiary" busy={squad.isBusy} press={() => squad.resize(1)}>One model more</BusyButton
                >
                <BusyButton
                    kind="tertiary"
                    busy={squad.isBusy}
                    disabled={answer.models.length < 2}
                    press={() => squad.resize(-1)}>One fewer</BusyButton
                >
            </div>
        {/if}
    </section>
    {#if row}
        <SquadWays {squad} area={row} {models} all={answer.models} choose={(those) => (models = those)} {close} />
    {:else if person}
        {#key person.number}<SquadMember
                {squad}
                {person}
                others={answer.models.map((one) => one.number).filter((one) => one !== person.number)}
                roles={answer.roles}
                {close}
            />{/key}
    {:else}
        {@render rest()}
    {/if}
</div>

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 24px;
        align-items: end;
        justify-content: space-between;
    }

    .far b {
        font-size: 1.25rem;
    }

    .beside {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 310px;
        gap: 12px;
        align-items: start;
    }

    .scroll {
        overflow-x: auto;
    }

    table {
        border-spacing: 3px;
        border-collapse: separate;
        user-select: none;
    }

    th {
        font-weight: 400;
        text-align: left;
    }

    th[scope='row'] {
        position: sticky;
        left: 0;
        z-index: 1;
        min-width: 96px;
        max-width: 170px;
        padding-right: 10px;
        background: var(--panel);
        font-weight: 600;
        line-height: 1.2;
        vertical-align: middle;
    }

    tfoot th[scope='row'] {
        color: var(--ink-quiet);
        font-weight: 400;
    }

    .who {
        display: grid;
        justify-items: center;
        width: 56px;
        min-height: 40px;
        padding: 2px;
        border: 1px solid transparent;
        border-radius: 4px;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        line-height: 1.15;
        cursor: pointer;
    }

    .who.filled {
        border-color: var(--accent);
        box-shadow: 0 0 0 1px var(--accent);
    }

    .who:hover,
    .who[aria-pressed='true'] {
        border-color: var(--line-strong);
        background: var(--shade);
    }

    .who small {
        overflow: hidden;
        max-width: 100%;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    small {
        display: block;
        color: var(--ink-quiet);
        font-size: 0.75rem;
    }

    td {
        padding: 0;
        vertical-align: middle;
    }

    .sum,
    .time {
        padding-left: 8px;
        text-align: right;
        white-space: nowrap;
    }

    .time {
        padding: 0;
        color: var(--ink-quiet);
        font-size: 0.75rem;
        text-align: center;
    }

    .sum {
        font-size: 0.875rem;
        line-height: 1.2;
    }

    .acts {
        display: flex;
        gap: 8px;
    }

    @media (max-width: 1000px) {
        .beside {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
