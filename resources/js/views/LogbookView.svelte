<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { api, asProblem, type Problem, type Schemas } from '../lib/api';
    import { tell, warn } from '../lib/notices.svelte';
    import { clock, day, plural } from '../lib/words';
    import Choose from '../parts/Choose.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import ZoneBars from '../parts/ZoneBars.svelte';

    /** What was really done, by date and by batch. */
    let log = $state<Schemas['Log'] | null>(null);
    let batches = $state<Schemas['BatchBrief'][]>([]);
    let problem = $state<Problem | null>(null);
    let batch = $state(new URLSearchParams(router.querystring).get('batch') ?? '');

    const days = $derived.by(() => {
        const grouped: { day: string; minutes: number; entries: Schemas['ToldEntry'][] }[] = [];
        for (const entry of log?.entries ?? []) {
            const at = day(entry.doneAt);
            if (grouped.at(-1)?.day !== at) grouped.push({ day: at, minutes: 0, entries: [] });
            const group = grouped.at(-1)!;
            group.entries.push(entry);
            group.minutes += entry.minutes ?? 0;
        }
        return grouped;
    });
    const choices = $derived([
        { value: '', label: 'all batches' },
        ...batches.map((one) => ({ value: one.id, label: one.name })),
    ]);

    async function load(page = 1): Promise<void> {
        try {
            const [more, all] = await Promise.all([
                api.get<Schemas['Log']>(`/log?page=${page}${batch === '' ? '' : `&batch=${batch}`}`),
                api.get<Schemas['BatchBrief'][]>('/batches'),
            ]);
            log = page === 1 || log === null ? more : { ...more, entries: [...log.entries, ...more.entries] };
            batches = all;
            problem = null;
        } catch (error) {
            problem = asProblem(error);
        }
    }

    async function undo(entry: Schemas['ToldEntry']): Promise<void> {
        try {
            await api.delete(`/log/${entry.id}`);
            await load();
            tell('The entry is taken out; the step is open again.', {
                label: 'Undo',
                run: async () => {
                    await api.post(`/log/${entry.id}/restore`);
                    await load();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    $effect(() => {
        void batch;
        void load();
    });
</script>

<header>
    <h1>Logbook</h1>
    <div class="filter"><Choose label="Batch" value={batch} {choices} change={(value) => (batch = value)} /></div>
</header>
{#if problem}
    <Trouble {problem} retry={() => load()} />
{:else if log === null}
    <Waiting what="the logbook" />
{:else if log.entries.length === 0}
    <div class="panel nothing">
        <h2>Nothing is written yet</h2>
        <p class="quiet">Mark a step of a batch as done and it stands here, with what was really used.</p>
    </div>
{:else}
    {#each days as group (group.day)}
        <section class="panel">
            <h2>
                {group.day}
                {#if group.minutes > 0}<span class="quiet"
                        >· {group.minutes < 60 ? '' : `${Math.floor(group.minutes / 60)} h `}{group.minutes % 60} min at the
                        desk</span
                    >{/if}
            </h2>
            <ul>
                {#each group.entries as entry (entry.id)}
                    <li>
                        <span class="quiet">{clock(entry.doneAt)}</span>
                        <span class="look"
                            >{#if entry.look}<ZoneBars look={entry.look} height={26} label="after" />{/if}</span
                        >
                        <span class="what"
                            ><b><bdi>{entry.areaName}</bdi>: {entry.technique.toLowerCase()}</b><small class="quiet"
                                ><bdi>{entry.batchName}</bdi></small
                            ></span
                        >
                        <span class="used"
                            ><bdi>{entry.mixWords}</bdi><small class="quiet"
                                >{entry.dilution}
                                · {plural(
                                    entry.used.coats,
                                    'coat',
                                )}{#if entry.plannedCoats !== null && entry.plannedCoats !== entry.used.coats}
                                    (planned {entry.plannedCoats}){/if}{#if entry.note !== ''}
                                    · <bdi>{entry.note}</bdi>{/if}</small
                            ></span
                        >
                        <span class="count"
                            >{entry.models === entry.batchModels
                                ? `all ${entry.models}`
                                : `${entry.models} of ${entry.batchModels}`}{#if entry.minutes !== null}<small
                                    class="quiet">{entry.minutes} min</small
                                >{/if}</span
                        >
                        <button
                            class="act"
                            type="button"
                            aria-label="Undo {entry.areaName}: {entry.technique.toLowerCase()}"
                            onclick={() => undo(entry)}>Undo</button
                        >
                    </li>
                {/each}
            </ul>
        </section>
    {/each}
    {#if log.page < log.pages}
        <button class="act" type="button" onclick={() => load(log!.page + 1)}>Older entries</button>
    {/if}
{/if}

<style>
    header {
        display: flex;
        align-items: end;
        justify-content: space-between;
        margin-bottom: 14px;
    }

    .filter {
        width: 280px;
    }

    section {
        margin-bottom: 12px;
        padding: 12px 16px;
    }

    h2 span {
        font-weight: 400;
    }

    ul {
        margin: 6px 0 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 64px 96px minmax(0, 1fr) minmax(0, 1.4fr) 76px auto;
        gap: 14px;
        align-items: center;
        padding: 5px 0;
        border-top: 1px solid var(--line);
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

    small {
        font-size: 0.8125rem;
    }

    .nothing {
        padding: 40px;
    }

    @media (max-width: 900px) {
        li {
            grid-template-columns: 60px minmax(0, 1fr) auto;
        }

        li > .quiet,
        .used {
            grid-column: 2;
        }
    }
</style>
