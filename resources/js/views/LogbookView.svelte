<script lang="ts">
    import { Button, Search } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { asProblem, type Batch, got, type Named, of, type Problem, type Schemas, server, said } from '../lib/api';
    import { tell, warn } from '../lib/notices.svelte';
    import { day, span } from '../lib/words';
    import Choose from '../parts/Choose.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import Waiting from '../parts/Waiting.svelte';
    import Tabs from '../parts/Tabs.svelte';
    import BatchRecord from './logbook/BatchRecord.svelte';
    import Lessons from './logbook/Lessons.svelte';
    import LogRow from './logbook/LogRow.svelte';

    /** What was really done, by date and by batch. */
    let log = $state<Schemas['Log'] | null>(null);
    let batches = $state<Named[]>([]);
    let problem = $state<Problem | null>(null);
    let batch = $state(new URLSearchParams(router.querystring).get('batch') ?? '');
    let undone = $state(false);
    let find = $state('');
    /** Of the batch that is chosen: one of its areas, one of its models. */
    let area = $state('');
    let model = $state('');
    let painted = $state<Batch | null>(null);
    const teaches = $derived(router.location === '/logbook/lessons');
    const FACES = [
        { href: '/logbook', name: 'What was done' },
        { href: '/logbook/lessons', name: 'What it teaches' },
    ];
    const areas = $derived([
        { value: '', label: 'all areas' },
        ...[
            ...new Map(
                (painted?.steps ?? []).filter((one) => one.areaId !== null).map((one) => [one.areaId!, one.areaName]),
            ),
        ].map(([value, label]) => ({ value, label })),
    ]);
    const modelChoices = $derived([
        { value: '', label: 'all models' },
        ...Array.from({ length: painted?.models ?? 0 }, (_, at) => ({
            value: String(at + 1),
            label: `model ${at + 1}`,
        })),
    ]);

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
                            query: said({
                                page,
                                undone: undone ? ('1' as const) : '',
                                batch,
                                area,
                                model: model === '' ? undefined : Number(model),
                                find: find.trim(),
                            }),
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
        const id = batch;
        if (id === '') painted = null;
        else
            void got(server.GET('/batches/{id}', of(id)))
                .then((one) => id === batch && (painted = one))
                .catch(() => undefined);
    });
    $effect(() => {
        void [batch, undone, find, area, model];
        const soon = setTimeout(() => void load(), find === '' ? 0 : 150);
        return () => clearTimeout(soon);
    });
</script>

<svelte:head><title>Logbook · Kalokroma</title></svelte:head>
<header>
    <div>
        <h1>Logbook</h1>
        <Tabs label="Faces of the logbook" tabs={FACES} />
    </div>
    <div class="filter" hidden={teaches}>
        <Search size="sm" labelText="Find in the logbook" placeholder="A note, an area, a paint" bind:value={find} />
        <Choose
            label="Batch"
            value={batch}
            {choices}
            change={(value) => ((batch = value), (area = ''), (model = ''))}
        />
        {#if painted !== null}
            <Choose label="Area" value={area} choices={areas} change={(value) => (area = value)} />
            {#if painted.models > 1}<Choose
                    label="Model"
                    value={model}
                    choices={modelChoices}
                    change={(value) => (model = value)}
                />{/if}
        {/if}
        <Choose
            label="Shown"
            value={undone ? 'undone' : 'done'}
            choices={[
                { value: 'done', label: 'what was done' },
                { value: 'undone', label: 'what was taken back' },
            ]}
            change={(value) => (undone = value === 'undone')}
        />
        {#if batch === ''}
            <p class="out">
                <span class="quiet">Save all of it</span>
                <a href="/api/log/export?as=csv" download="kalokroma-log.csv">as a table</a>
                <a href="/api/log/export?as=json" download="kalokroma-log.json">with its plans</a>
            </p>
        {/if}
    </div>
</header>
{#if teaches}
    <Lessons />
{:else if problem}
    <Trouble {problem} retry={() => load()} />
{:else if log === null}
    <Waiting what="the logbook" />
{:else if painted !== null && area === '' && model === '' && find.trim() === '' && !undone && log.entries.length > 0}
    {#key painted.id}<BatchRecord batch={painted} changed={(one) => (painted = one)} />{/key}
    {@render entries()}
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
    {@render entries()}
{/if}

{#snippet entries()}
    {#each days as group (group.entries[0]!.id)}
        <section class="panel">
            <h2>
                {group.day}
                {#if group.minutes > 0}<span class="quiet">· {span(group.minutes)} at the desk</span>{/if}
            </h2>
            <ul>
                {#each group.entries as entry (entry.id)}
                    <LogRow {entry} changed={() => load()} {takeBack} {putBack} />
                {/each}
            </ul>
        </section>
    {/each}
    {#if log && log.page < log.pages}
        <Button size="small" kind="tertiary" on:click={() => load(log!.page + 1)}>Older entries</Button>
    {/if}
{/snippet}

<style>
    .out {
        display: flex;
        gap: 12px;
        align-items: center;
        align-self: end;
        min-height: 32px;
        white-space: nowrap;
    }

    .out a {
        color: inherit;
    }

    header {
        display: grid;
        gap: 12px;
        margin-bottom: 14px;
    }

    .filter:not([hidden]) {
        display: flex;
        flex-wrap: wrap;
        gap: 12px;
    }

    .filter :global(> *) {
        flex: 0 0 200px;
    }

    /* On a phone: what is looked for over all of it, the choices two and two. */
    @media (max-width: 600px) {
        .filter :global(> *) {
            flex: 1 1 calc(50% - 6px);
            min-width: 0;
        }

        .filter :global(> :first-child),
        .out {
            flex-basis: 100%;
        }
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
    }

    .nothing {
        padding: 40px;
    }
</style>
