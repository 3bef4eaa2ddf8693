<script lang="ts">
    import { Button, OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
    import { craft } from '../../lib/craft.svelte';
    import type { Problem, Schemas } from '../../lib/api';
    import { clock, plural, span } from '../../lib/words';
    import { outbox } from '../../lib/outbox.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';
    import LogChange from './LogChange.svelte';

    /** What was done to one step: its look, with what, on how many. It can be put right, taken back, and put back. */
    let {
        entry,
        changed,
        takeBack,
        putBack,
    }: {
        entry: Schemas['ToldEntry'];
        changed: () => unknown;
        takeBack: (entry: Schemas['ToldEntry']) => unknown;
        putBack: (entry: Schemas['ToldEntry']) => unknown;
    } = $props();

    let editing = $state(false);
    let problem = $state<Problem | null>(null);
    let edit = $state<HTMLButtonElement | null>(null);

    async function save(change: Omit<Schemas['LogChange'], 'version'>): Promise<void> {
        const does = { do: 'amend' as const, entryId: entry.id, change };
        const words = `${entry.areaName}: what the logbook says`;
        const id = outbox.add({ kind: 'thing', does, version: entry.version, words });
        const became = await outbox.fate(id);
        problem = became.is === 'refused' ? became.problem : null;
        // What is wrong stands at the fields.
        if (problem !== null) return outbox.drop(id);
        leave();
        await changed();
    }

    function leave(): void {
        editing = false;
        edit?.focus();
    }
</script>

<li class:undone={entry.isUndone}>
    <span class="time quiet">{clock(entry.doneAt)}</span>
    <span class="look"
        >{#if entry.look}<ZoneBars look={entry.look} height={26} label="after" />{/if}</span
    >
    <span class="what"
        ><b
            ><bdi>{entry.areaName}</bdi>{#if entry.technique !== ''}: {entry.technique.toLowerCase()}{/if}</b
        ><small class="quiet"><bdi>{entry.batchName}</bdi></small></span
    >
    <span class="used"
        ><bdi>{entry.mixWords}</bdi><small class="quiet"
            >{entry.dilution}
            · {entry.coat === null ? '' : `coat ${entry.coat} of `}{plural(
                entry.coat === null ? entry.used.coats : (entry.plannedCoats ?? entry.used.coats),
                'coat',
            )}{#if entry.coat === null && entry.plannedCoats !== null && entry.plannedCoats !== entry.used.coats}
                (planned {entry.plannedCoats}){/if}{#if entry.brush}
                · <bdi>{entry.brush}</bdi>{/if}</small
        >{#if entry.note !== ''}<span class="note"><bdi>{entry.note}</bdi></span>{/if}{#if entry.fault !== null}<span
                class="note">{entry.fault}</span
            >{/if}</span
    >
    <span class="count"
        >{entry.models === entry.batchModels
            ? `all ${entry.models}`
            : `${entry.models} of ${entry.batchModels}`}{#if entry.models < entry.batchModels && entry.onModels.length > 0}<small
                class="quiet"
                >no. {entry.onModels.length > 1
                    ? `${entry.onModels[0]}–${entry.onModels[entry.onModels.length - 1]}`
                    : entry.onModels[0]}</small
            >{/if}{#if entry.minutes !== null}<small class="quiet">{span(entry.minutes)}</small>{/if}</span
    >
    <span class="acts">
        {#if entry.isUndone}
            <Button
                size="small"
                kind="tertiary"
                aria-label="Put back {entry.areaName}: {entry.technique.toLowerCase()}"
                on:click={() => putBack(entry)}>Put back</Button
            >
        {:else}
            <OverflowMenu
                size="sm"
                flipped
                bind:buttonRef={edit}
                iconDescription="More for {entry.areaName}: {entry.technique.toLowerCase()}"
                aria-label="More for {entry.areaName}: {entry.technique.toLowerCase()}"
            >
                <OverflowMenuItem text="Edit" on:click={() => (editing = true)} />
                <OverflowMenuItem text="Take back" on:click={() => takeBack(entry)} />
            </OverflowMenu>
        {/if}
    </span>
    {#if editing && craft() !== null}
        <LogChange {entry} table={craft()!} {problem} {save} {leave} />
    {/if}
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 64px 96px minmax(0, 1fr) minmax(0, 1.4fr) 76px 40px;
        gap: 4px 14px;
        align-items: center;
        padding: 5px 0;
        border-top: 1px solid var(--line);
    }

    .undone .what,
    .undone .used {
        text-decoration: line-through;
    }

    .look {
        padding: 3px;
        border-radius: 4px;
        background: var(--well);
    }

    .what,
    .used,
    .count {
        display: grid;
        line-height: 1.3;
    }

    .note {
        padding-left: 8px;
        border-left: 3px solid var(--line-strong);
    }

    .acts {
        flex-wrap: nowrap;
        gap: 2px;
    }

    small {
        font-size: 0.8125rem;
    }

    @media (max-width: 900px) {
        li {
            grid-template-areas: 'look what acts' 'time used count';
            grid-template-columns: 56px minmax(0, 1fr) auto;
            align-items: start;
            padding: 8px 0;
        }

        .time {
            grid-area: time;
        }

        .look {
            grid-area: look;
        }

        .what {
            grid-area: what;
        }

        .used {
            grid-area: used;
        }

        .count {
            grid-area: count;
            text-align: right;
        }

        .acts {
            grid-area: acts;
            justify-content: end;
        }
    }
</style>
