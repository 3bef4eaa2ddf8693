<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, got, of, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import { tell, warn } from '../../lib/notices.svelte';
    import { day, plural } from '../../lib/words';
    import Nothing from '../../parts/Nothing.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    /** What the logbook teaches: beside what is reckoned with, from how many records, how far they scatter. Nothing of it counts until it is used. */
    type Lesson = Schemas['Lesson'];
    const latest = new Latest<Lesson[]>();
    const KINDS: { kind: Lesson['kind']; title: string }[] = [
        { kind: 'pace', title: 'Your pace' },
        { kind: 'opacity', title: 'How your paints cover' },
        { kind: 'strength', title: 'How strong your paints are in mixes' },
        { kind: 'drying', title: 'How things dry in your room' },
        { kind: 'palette', title: 'What stays on the palette' },
    ];

    const load = (): Promise<void> => latest.ask(() => got(server.GET('/lessons', {})));
    $effect(() => void load());

    async function settle(lesson: Lesson, use: boolean): Promise<void> {
        const put = (to: boolean): Promise<Lesson[]> =>
            got(server.PUT('/lessons/{id}', { ...of(lesson.id), body: { use: to } }));
        try {
            latest.answer = await put(use);
            tell(
                use ? `${lesson.title}: ${lesson.learned} ${lesson.unit} from now on.` : `${lesson.title}: as before.`,
                {
                    label: 'Undo',
                    run: async () => (latest.answer = await put(!use)),
                },
            );
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function strike(reading: Lesson['readings'][number], struck: boolean): Promise<void> {
        const put = (to: boolean): Promise<Lesson[]> =>
            got(
                server.PUT('/readings/{kind}/{id}', {
                    params: { path: { kind: reading.kind, id: reading.id } },
                    body: { struck: to },
                }),
            );
        try {
            latest.answer = await put(struck);
            tell(struck ? 'The reading counts no more.' : 'The reading counts again.', {
                label: 'Undo',
                run: async () => (latest.answer = await put(!struck)),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    /** A dot for the default, one for what was learned, and the line between what half of the records lie. */
    function scale(lesson: Lesson): (value: number) => number {
        const all = [
            lesson.default,
            lesson.learned,
            ...(lesson.kind !== 'opacity' && lesson.kind !== 'palette' ? [lesson.low, lesson.high] : []),
        ];
        const from = Math.min(...all) * 0.85;
        const to = Math.max(...all) * 1.1;
        return (value) => (to === from ? 50 : (100 * (value - from)) / (to - from));
    }
</script>

{#if latest.problem && latest.answer === null}
    <Trouble problem={latest.problem} retry={load} />
{:else if latest.answer === null}
    <Waiting what="what the logbook teaches" />
{:else if latest.answer.length === 0}
    <Nothing title="The logbook teaches nothing yet">
        <p class="quiet">
            Three steps with their minutes, a paint that took more coats than planned, or a pot you looked into: then a
            number of yours stands here beside the one of the tables.
        </p>
    </Nothing>
{:else}
    {#each KINDS as { kind, title }}
        {@const lessons = latest.answer.filter((one) => one.kind === kind)}
        {#if lessons.length > 0}
            <section class="panel" aria-label={title}>
                <h2>{title}</h2>
                <ul>
                    {#each lessons as lesson (lesson.id)}
                        {@const at = scale(lesson)}
                        <li>
                            <div>
                                <b><bdi>{lesson.title}</bdi></b>
                                <p class="quiet">{lesson.words}</p>
                            </div>
                            <div class="line" aria-hidden="true">
                                {#if kind !== 'opacity' && kind !== 'palette'}
                                    <i
                                        class="spread"
                                        style:left="{at(lesson.low)}%"
                                        style:width="{at(lesson.high) - at(lesson.low)}%"
                                    ></i>
                                {/if}
                                <i class="default" style:left="{at(lesson.default)}%"></i>
                                <i class="learned" style:left="{at(lesson.learned)}%"></i>
                            </div>
                            <p>
                                <span class="quiet">usual {lesson.default}</span> · <b>yours {lesson.learned}</b>
                                {lesson.unit}<br /><span class="quiet"
                                    >{plural(lesson.samples, 'record')}{kind !== 'opacity' && kind !== 'palette'
                                        ? `, half of them ${lesson.low} to ${lesson.high}`
                                        : ''}</span
                                >
                            </p>
                            {#if lesson.isUsed}
                                <Button
                                    size="small"
                                    kind="secondary"
                                    aria-label="Forget {lesson.title}"
                                    on:click={() => settle(lesson, false)}>Forget</Button
                                >
                            {:else}
                                <Button
                                    size="small"
                                    kind="tertiary"
                                    aria-label="Use {lesson.title}"
                                    on:click={() => settle(lesson, true)}>Use</Button
                                >
                            {/if}
                            {#if lesson.readings.length > 0}
                                <details>
                                    <summary>{plural(lesson.readings.length, 'reading')}</summary>
                                    {#each lesson.readings as reading (reading.id)}
                                        <p class:struck={reading.isStruck}>
                                            <span class="quiet">{day(reading.at)}</span>
                                            <bdi>{reading.words}</bdi>
                                            <Button
                                                size="small"
                                                kind="ghost"
                                                on:click={() => strike(reading, !reading.isStruck)}
                                                >{reading.isStruck ? 'Count it again' : 'Strike it out'}<span class="sr"
                                                    >: {reading.words}</span
                                                ></Button
                                            >
                                        </p>
                                    {/each}
                                </details>
                            {/if}
                        </li>
                    {/each}
                </ul>
            </section>
        {/if}
    {/each}
{/if}

<style>
    section {
        margin-bottom: 12px;
        padding: 12px 16px;
    }

    ul {
        margin: 6px 0 0;
    }

    li {
        display: grid;
        grid-template-columns: minmax(0, 1.2fr) 180px minmax(0, 1fr) auto;
        gap: 6px 20px;
        align-items: center;
        padding: 7px 0;
        border-top: 1px solid var(--line);
    }

    details {
        grid-column: 1 / -1;
    }

    details p {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 12px;
        align-items: center;
    }

    .struck bdi {
        text-decoration: line-through;
    }

    .line {
        position: relative;
        height: 16px;
        border-bottom: 1px solid var(--line-strong);
    }

    .line i {
        position: absolute;
    }

    .spread {
        top: 12px;
        height: 5px;
        background: var(--line-strong);
    }

    .default,
    .learned {
        top: 8px;
        width: 13px;
        height: 13px;
        margin-left: -6px;
        border: 2px solid var(--ink);
        border-radius: 50%;
        background: var(--panel);
    }

    .learned {
        background: var(--ink);
    }

    @media (max-width: 900px) {
        li {
            grid-template-columns: minmax(0, 1fr) auto;
        }
    }
</style>
