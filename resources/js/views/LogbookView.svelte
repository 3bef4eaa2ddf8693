<script lang="ts">
    import { Button, Search } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { asProblem, got, type Named, of, type Problem, type Schemas, server } from '../lib/api';
    import { tell, warn } from '../lib/notices.svelte';
    import { day } from '../lib/words';
    import Choose from '../parts/Choose.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import LogRow from './logbook/LogRow.svelte';

    /** What was really done, by date and by batch. */
    let log = $state<Schemas['Log'] | null>(null);
    let batches = $state<Named[]>([]);
    let problem = $state<Problem | null>(null);
    let batch = $state(new URLSearchParams(router.querystring).get('batch') ?? '');
    let undone = $state(false);
    let find = $state('');

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
                got(
                    server.GET('/log', {
                        params: {
                            query: {
                                page,
                                undone: undone ? '1' : undefined,
                                batch: batch || undefined,
                                find: find.trim() || undefined,
                            },
                        },
                    }),
                ),
                got(server.GET('/batches/names')),
            ]);
            log = page === 1 || log === null ? more : { ...more, entries: [...log.entries, ...more.entries] };
            batches = all;
            problem = null;
        } catch (error) {
            problem = asProblem(error);
        }
    }

    async function takeBack(entry: Schemas['ToldEntry']): Promise<void> {
        try {
            await got(server.DELETE('/log/{id}', of(entry.id)));
            await load();
            tell('The entry is taken back; the step is open again.', { label: 'Undo', run: () => putBack(entry) });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function putBack(entry: Schemas['ToldEntry']): Promise<void> {
        try {
            await got(server.POST('/log/{id}/restore', of(entry.id)));
            tell('The entry stands again.');
        } catch (error) {
            warn(asProblem(error).message);
        }
        await load();
    }

    $effect(() => {
        void [batch, undone, find];
        const soon = setTimeout(() => void load(), find === '' ? 0 : 150);
        return () => clearTimeout(soon);
    });
</script>

<svelte:head><title>Logbook · Kalokroma</title></svelte:head>
<header>
    <h1>Logbook</h1>
    <div class="filter">
        <Search size="sm" labelText="Find in the logbook" placeholder="A note, an area, a paint" bind:value={find} />
        <Choose label="Batch" value={batch} {choices} change={(value) => (batch = value)} />
        <Choose
            label="Shown"
            value={undone ? 'undone' : 'done'}
            choices={[
                { value: 'done', label: 'what was done' },
                { value: 'undone', label: 'what was taken back' },
            ]}
            change={(value) => (undone = value === 'undone')}
        />
    </div>
</header>
{#if problem}
    <Trouble {problem} retry={() => load()} />
{:else if log === null}
    <Waiting what="the logbook" />
{:else if log.entries.length === 0}
    <div class="panel nothing">
        {#if find.trim() !== ''}
            <h2>Nothing tells of “{find.trim()}”</h2>
            <p class="quiet">Notes, areas, techniques, paints and batches are looked through.</p>
        {:else if undone}
            <h2>Nothing was taken back</h2>
            <p class="quiet">What is taken back stands here, and can be put back at any time.</p>
        {:else}
            <h2>Nothing is written yet</h2>
            <p class="quiet">Mark a step of a batch as done and it stands here, with what was really used.</p>
        {/if}
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
                    <LogRow {entry} changed={() => load()} {takeBack} {putBack} />
                {/each}
            </ul>
        </section>
    {/each}
    {#if log.page < log.pages}
        <Button size="small" kind="tertiary" on:click={() => load(log!.page + 1)}>Older entries</Button>
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
        display: flex;
        flex-wrap: wrap;
        gap: 12px;
    }

    .filter :global(> *) {
        width: 220px;
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

    .nothing {
        padding: 40px;
    }
</style>
