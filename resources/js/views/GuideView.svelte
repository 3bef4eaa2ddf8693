<script lang="ts">
    import * as v from 'valibot';
    import { Button, TextArea, TextInput } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, got, type Problem, type Schemas, server } from '../lib/api';
    import { forget, keep, kept } from '../lib/kept';
    import { Latest } from '../lib/latest.svelte';
    import { plural } from '../lib/words';
    import { takesCursor } from '../lib/takesCursor';
    import BusyButton from '../parts/BusyButton.svelte';
    import Swatch from '../parts/Swatch.svelte';
    import TechniqueMark from '../parts/TechniqueMark.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import PaintQuestions from './guide/PaintQuestions.svelte';

    /** Paste a guide and see what is understood of it, while it is typed; a plan is made of that, and of nothing else. */
    const READ_AFTER_MS = 250;
    const typed = kept('guide', v.object({ name: v.string(), text: v.string() }));
    let name = $state(typed?.name ?? '');
    let text = $state(typed?.text ?? '');
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    /** What the painter has said of words that were not understood, and of paints that are not owned. */
    let means = $state<{ written: string; paint: string }[]>([]);
    let instead = $state<{ paint: string; by: string }[]>([]);
    let noPaints = $state<string[]>([]);
    const latest = new Latest<Schemas['Guide']>();
    const guide = $derived(text.trim() === '' ? null : latest.answer);
    const steps = $derived((guide?.areas ?? []).reduce((sum, area) => sum + area.steps.length, 0));
    const guessed = $derived(new Set((guide?.read ?? []).filter((one) => one.sure < 0.75).map((one) => one.line)));

    $effect(() => keep('guide', { name, text }));
    $effect(() => {
        const body = { text, means, instead, noPaints };
        if (text.trim() === '') return latest.drop();
        return latest.soon(READ_AFTER_MS, () => latest.ask(() => got(server.POST('/plans/guide', { body }))));
    });

    async function make(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        if (guide === null) return;
        busy = true;
        problem = null;
        try {
            // What was typed in the last moment is read too.
            const read = await got(server.POST('/plans/guide', { body: { text, means, instead, noPaints } }));
            const document = { ...read.document, ...(name.trim() === '' ? {} : { name: name.trim() }) };
            const plan = await got(server.POST('/plans', { body: { document } }));
            forget('guide');
            await push(`/plans/${plan.id}`);
        } catch (error) {
            problem = asProblem(error);
        }
        busy = false;
    }
</script>

{#snippet lines(pieces: Schemas['Guide']['unread'], words: string, isOpen: boolean)}
    {#if pieces.length > 0}
        <details open={isOpen}>
            <summary>{words}</summary>
            <ul>
                {#each pieces.slice(0, 60) as one, at (at)}<li class="quiet">
                        {one.line}: <bdi>{one.text}</bdi>
                    </li>{/each}
            </ul>
        </details>
    {/if}
{/snippet}

<svelte:head><title>From a guide · Kalokroma</title></svelte:head>
<h1>From a guide</h1>
<div class="room">
    <form class="panel" onsubmit={make} use:takesCursor={'textarea'} novalidate>
        {#if problem}<Trouble {problem} />{/if}
        <TextInput size="sm" labelText="Name of the plan" placeholder="From a guide" bind:value={name} dir="auto" />
        <TextArea
            labelText="The guide, as somebody wrote it"
            helperText="In English, in any wording: an area, then what is done to it and with what."
            rows={16}
            dir="auto"
            spellcheck={false}
            placeholder={'Coat: base Oilskin Yellow, wash Umber Wash 1:1, drybrush Straw\nBoots: base Boot Brown, shade with Soot Wash'}
            bind:value={text}
            invalid={!!latest.problem?.at('text')}
            invalidText={latest.problem?.at('text') ?? ''}
        />
        <div class="acts">
            <BusyButton type="submit" {busy} disabled={steps === 0}>Make the plan</BusyButton>
            <Button size="small" kind="tertiary" href="#/plans/new">Begin without one</Button>
        </div>
    </form>
    <section class="panel read" aria-label="What is understood" aria-live="polite">
        {#if latest.problem && latest.problem.faults.length === 0}
            <Trouble problem={latest.problem} />
        {:else if guide === null}
            <h2>What is understood</h2>
            <p class="quiet">
                Areas and steps appear here while you type or paste. Paints are found also when they are spelled
                otherwise.
            </p>
        {:else}
            <h2>
                {steps === 0 ? 'No steps are found in this' : `${plural(steps, 'step')} understood`}
                {#if guessed.size > 0}<span class="quiet"
                        >· some are guessed: look at line {[...guessed].join(', ')}</span
                    >{/if}
            </h2>
            {#if guide.undercoat}<p>Undercoat: <b><bdi>{guide.undercoat}</bdi></b></p>{/if}
            <div class="areas">
                {#each guide.areas as area (area.id)}
                    <div>
                        <h3><bdi>{area.name}</bdi></h3>
                        <ol>
                            {#each area.steps as step, index (index)}
                                <li>
                                    <Swatch hex={step.colour} size={20} />
                                    <TechniqueMark technique={step.technique} size={13} />
                                    <span
                                        ><b>{step.label}</b> <bdi>{step.words}</bdi>
                                        <span class="quiet"
                                            >{step.coats > 1 ? `${step.coats} ×, ` : ''}{step.dilution}</span
                                        ></span
                                    >
                                </li>
                            {/each}
                        </ol>
                    </div>
                {/each}
            </div>
            <PaintQuestions {guide} bind:means bind:instead bind:noPaints />
            {#if guide.listedUnused.length > 0}<p>
                    <b>Listed, and never used:</b>
                    {guide.listedUnused.map((one) => one.name).join(', ')}
                </p>{/if}
            {#if guide.usedUnlisted.length > 0}<p>
                    <b>Used, and not on its list:</b>
                    {guide.usedUnlisted.map((one) => one.name).join(', ')}
                </p>{/if}
            {@render lines(
                [...guide.unread, ...guide.leftOver].sort((one, other) => one.line - other.line),
                `${plural(guide.unread.length + guide.leftOver.length, 'piece')} left over: nothing is made of ${guide.unread.length + guide.leftOver.length === 1 ? 'it' : 'them'}`,
                guide.unread.length + guide.leftOver.length < 6,
            )}
            {@render lines(
                guide.aside,
                `${plural(guide.aside.length, 'line')} set aside: waiting, cleaning, patience`,
                false,
            )}
        {/if}
    </section>
</div>

<style>
    h1 {
        margin-bottom: 14px;
    }

    .room {
        display: grid;
        grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    form,
    .read {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 14px;
        padding: 16px 18px 18px;
    }

    h2 .quiet {
        font-weight: 400;
    }

    .areas {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
        gap: 16px;
    }

    ol,
    ul {
        display: grid;
        gap: 5px;
        margin: 6px 0 0;
    }

    ol li {
        display: grid;
        grid-template-columns: 20px 16px minmax(0, 1fr);
        gap: 6px;
        align-items: center;
        line-height: 1.3;
    }

    @media (max-width: 900px) {
        .room {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
