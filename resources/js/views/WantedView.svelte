<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { api, type Schemas } from '../lib/api';
    import { plural } from '../lib/words';
    import { STANDINGS, Wanted } from '../lib/wanted.svelte';
    import Choose from '../parts/Choose.svelte';
    import Tabs from '../parts/Tabs.svelte';
    import Tolerance from '../parts/Tolerance.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import BeforeAfter from './mixing/BeforeAfter.svelte';
    import WantedTable from './mixing/WantedTable.svelte';

    /** A whole list, or a whole plan, against the shelf. */
    const wanted = new Wanted();
    let plans = $state<Schemas['PlanBrief'][]>([]);

    const query = new URLSearchParams(router.querystring);
    wanted.planId = query.get('plan');
    wanted.text = query.get('text') ?? sessionStorage.getItem('kalokroma.list') ?? '';
    void api.get<Schemas['PlanBrief'][]>('/plans').then((fetched) => (plans = fetched));

    $effect(() => {
        void [wanted.text, wanted.planId, wanted.tolerance];
        sessionStorage.setItem('kalokroma.list', wanted.text);
        wanted.ask();
    });

    async function bring(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        wanted.planId = null;
        wanted.text = await file.text();
    }

    const told = $derived(
        (Object.keys(STANDINGS) as Schemas['Standing'][])
            .filter((standing) => (wanted.counts?.[standing] ?? 0) > 0)
            .map((standing) => `${wanted.counts?.[standing]} ${STANDINGS[standing]}`),
    );
</script>

<header>
    <div>
        <h1>Mixing</h1>
        <p class="quiet" role="status">
            {wanted.busy && wanted.rows === null
                ? 'Looking along the shelf…'
                : told.join(' · ') || 'What of this do I have, or what can stand in for it?'}
        </p>
    </div>
    <Tabs
        label="Mixing"
        tabs={[
            { href: '/mixing', name: 'One colour' },
            { href: '/mixing/list', name: 'A list or plan' },
        ]}
    />
</header>
<div class="bench">
    <aside class="panel">
        <Choose
            label="Wanted by"
            value={wanted.planId ?? ''}
            choices={[
                { value: '', label: 'a list of mine' },
                ...plans.map((plan) => ({ value: plan.id, label: `the plan “${plan.name}”` })),
            ]}
            change={(id) => (wanted.planId = id === '' ? null : id)}
        />
        {#if wanted.planId === null}
            <div>
                <label class="bx--label" for="list">One paint a line: name, code, or colour</label>
                <textarea
                    id="list"
                    rows="12"
                    dir="auto"
                    spellcheck="false"
                    placeholder={'Oilskin Yellow\nC17\nMarsh Umber #5b4632'}
                    bind:value={wanted.text}
                    aria-invalid={!!wanted.problem?.at('text')}></textarea>
            </div>
            <label class="act file"
                >Open a text file<input
                    class="sr"
                    type="file"
                    accept=".txt,.csv,text/plain"
                    onchange={(event) => void bring(event.currentTarget.files?.[0])}
                /></label
            >
        {/if}
        <Tolerance value={wanted.tolerance} change={(tolerance) => (wanted.tolerance = tolerance)} />
    </aside>
    <div class="work" aria-busy={wanted.busy}>
        {#if wanted.problem}
            <Trouble problem={wanted.problem} retry={() => wanted.ask()} />
        {:else if wanted.rows === null}
            <section class="panel nothing">
                <h2>Paste a list, or choose a plan</h2>
                <p class="quiet">
                    Spelling need not be right. A colour behind a name tells what a paint looks like that the catalogue
                    does not know: “Marsh Umber #5b4632”.
                </p>
            </section>
        {:else}
            {#if wanted.plan && wanted.takeable.length > 0}
                <section class="panel all">
                    <p>
                        {plural(wanted.takeable.length, 'stand-in')} chosen for “<bdi>{wanted.plan.document.name}</bdi
                        >”.
                    </p>
                    <button class="act main" type="button" onclick={() => wanted.take(wanted.takeable)}>Take all</button
                    >
                </section>
            {/if}
            <WantedTable {wanted} rows={wanted.rows} />
            {#if wanted.plan && wanted.after}<BeforeAfter plan={wanted.plan} after={wanted.after} />{/if}
        {/if}
    </div>
</div>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: start;
        justify-content: space-between;
        margin-bottom: 12px;
    }

    .bench {
        display: grid;
        grid-template-columns: 272px minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    aside {
        display: grid;
        gap: 12px;
        padding: 12px 14px 14px;
    }

    textarea {
        width: 100%;
        padding: 8px 10px;
        border: 1px solid var(--line-strong);
        border-radius: 4px;
        background: var(--raised);
        color: var(--ink);
        font: inherit;
        font-family: var(--face);
        resize: vertical;
    }

    .file {
        justify-self: start;
        cursor: pointer;
    }

    .file:focus-within {
        outline: 2px solid var(--accent);
        outline-offset: 2px;
    }

    .work {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 12px;
        min-width: 0;
    }

    .nothing {
        display: grid;
        gap: 8px;
        padding: 28px 22px;
    }

    .all {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: center;
        justify-content: space-between;
        padding: 10px 14px;
    }

    @media (max-width: 900px) {
        .bench {
            grid-template-columns: minmax(0, 1fr);
        }

        textarea {
            max-height: 160px;
        }
    }
</style>
