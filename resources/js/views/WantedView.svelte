<script lang="ts">
    import * as v from 'valibot';
    import { Button, FileUploaderButton, TextArea } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { asProblem, contentOf, got, type Named, type Schemas, server } from '../lib/api';
    import { warn } from '../lib/notices.svelte';
    import { keep, kept } from '../lib/kept';
    import { plural } from '../lib/words';
    import { STANDINGS, Wanted } from '../lib/wanted.svelte';
    import Choose from '../parts/Choose.svelte';
    import Desk from '../parts/Desk.svelte';
    import Nothing from '../parts/Nothing.svelte';
    import Tolerance from '../parts/Tolerance.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import BeforeAfter from './mixing/BeforeAfter.svelte';
    import MixingHead from './mixing/MixingHead.svelte';
    import WantedTable from './mixing/WantedTable.svelte';

    /** A whole list, or a whole plan, against the shelf. */
    const wanted = new Wanted();
    let plans = $state<Named[]>([]);

    const query = new URLSearchParams(router.querystring);
    wanted.planId = query.get('plan');
    wanted.text = query.get('text') ?? kept('list', v.string()) ?? '';
    void got(server.GET('/plans/names')).then((fetched) => (plans = fetched));

    $effect(() => {
        void [wanted.text, wanted.planId, wanted.tolerance];
        keep('list', wanted.text);
        wanted.ask();
    });

    async function bring(file: File | undefined): Promise<void> {
        if (file === undefined) return;
        wanted.planId = null;
        try {
            wanted.text = await (await contentOf(file)).text();
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    const told = $derived(
        (Object.keys(STANDINGS) as Schemas['Standing'][])
            .filter((standing) => (wanted.counts?.[standing] ?? 0) > 0)
            .map((standing) => `${wanted.counts?.[standing]} ${STANDINGS[standing]}`),
    );
</script>

<svelte:head><title>A list or plan · Kalokroma</title></svelte:head>
<MixingHead
    >{wanted.busy && wanted.rows === null
        ? 'Looking along the shelf…'
        : told.join(' · ') || 'What of this do I have, or what can stand in for it?'}</MixingHead
>
<Desk busy={wanted.busy}>
    {#snippet side()}
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
            <TextArea
                labelText="One paint a line: name, code, or colour"
                rows={12}
                dir="auto"
                spellcheck={false}
                placeholder={'Oilskin Yellow\nC17\nMarsh Umber #5b4632'}
                bind:value={wanted.text}
                invalid={!!wanted.problem?.at('text')}
                invalidText={wanted.problem?.at('text') ?? ''}
            />
            <div class="acts">
                <FileUploaderButton
                    size="small"
                    kind="tertiary"
                    labelText="Open a text file"
                    disableLabelChanges
                    accept={['.txt', '.csv', 'text/plain']}
                    on:change={(event) => void bring(event.detail[0])}
                />
            </div>
        {/if}
        <Tolerance value={wanted.tolerance} change={(tolerance) => (wanted.tolerance = tolerance)} />
    {/snippet}
    {#if wanted.problem}
        <Trouble problem={wanted.problem} retry={() => wanted.ask()} />
    {:else if wanted.rows === null}
        <Nothing title="Paste a list, or choose a plan">
            <p class="quiet">
                Spelling need not be right. A colour behind a name tells what a paint looks like that is not known here:
                “Marsh Umber #5b4632”.
            </p>
        </Nothing>
    {:else}
        {#if wanted.plan && wanted.takeable.length > 0}
            <section class="panel all">
                <p>
                    {plural(wanted.takeable.length, 'stand-in')} chosen for “<bdi>{wanted.plan.document.name}</bdi>”.
                </p>
                <Button size="small" on:click={() => wanted.take(wanted.takeable)}>Take all</Button>
            </section>
        {/if}
        <WantedTable {wanted} rows={wanted.rows} />
        {#if wanted.plan && wanted.after}<BeforeAfter plan={wanted.plan} after={wanted.after} />{/if}
    {/if}
</Desk>

<style>
    .all {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: center;
        justify-content: space-between;
        padding: 10px 14px;
    }
</style>
