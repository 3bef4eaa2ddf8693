<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { type Finding, got, type Look, of, type Schemas, server } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { keyOf, numbered } from '../../lib/findings';
    import { Latest } from '../../lib/latest.svelte';
    import { plural } from '../../lib/words';
    import SeverityMark from '../../parts/SeverityMark.svelte';
    import Words from '../../parts/Words.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** What to know beforehand, worst first, each with its mends: looked at before they are made, made with one press. */
    let {
        desk,
        findings,
        where = false,
        open,
        nothing = 'Nothing to remark.',
    }: {
        desk: PlanDesk;
        findings: Finding[];
        /** Say of each which area and step it is about. */
        where?: boolean;
        open?: (finding: Finding) => void;
        nothing?: string;
    } = $props();

    const numbers = $derived(numbered(desk.plan?.looks.findings ?? []));
    const loud = $derived(findings.filter((finding) => !finding.isSilenced));
    const silent = $derived(findings.filter((finding) => finding.isSilenced));

    /** What the mend pointed at would make of it; a question that fails says nothing, the mend itself will. */
    const looked = new Latest<{ key: string; before: Look; after: Look; brings: string[] } | null>();
    /** What each mend brings with it, weighed once the plan has stood still for a moment. */
    const weighed = new Latest<Schemas['WeighedMends'][]>();
    const STANDS_MS = 600;
    $effect(() => {
        void desk.plan?.version;
        if (!findings.some((one) => one.mends.length > 0)) return weighed.drop();
        return weighed.soon(STANDS_MS, () => weighed.ask(() => got(server.GET('/plans/{id}/mends', of(desk.id)))));
    });

    type Weight = Schemas['WeighedMends']['mends'][number];
    const brought = (all: Schemas['NewCaution'][]) =>
        all.map((one) => [nameOf(one.areaId), one.words].filter(Boolean).join(': '));

    function weights(finding: Finding): (Weight | undefined)[] {
        const here = weighed.answer?.find((one) => keyOf(one) === keyOf(finding));
        return finding.mends.map((_, at) => here?.mends[at]);
    }

    /** The mend to reach for first: the first after which there is less to be said. */
    function first(weights: (Weight | undefined)[]): number {
        return Math.max(
            0,
            weights.findIndex((one) => one?.leavesLess !== false),
        );
    }

    let silencing = $state<string | null>(null);
    let note = $state('');

    function placeOf(finding: Finding): string {
        const pass = desk.plan?.looks.order.find((one) => one.stepId === finding.stepId)?.number;
        return [nameOf(finding.areaId) || 'Whole model', pass === undefined ? '' : `step ${pass}`]
            .filter((one) => one !== '')
            .join(', ');
    }

    function nameOf(areaId: string | null): string {
        return desk.document?.areas.find((one) => one.id === areaId)?.name ?? '';
    }

    /** What the area would look like in the end with the mend made. */
    async function look(finding: Finding, number: number): Promise<void> {
        const areaId = finding.areaId ?? desk.document?.areas[0]?.id;
        const before = areaId ? desk.plan?.looks.areas[areaId]?.strip.final : undefined;
        if (areaId === undefined || before === undefined) return;
        await looked.ask(async () => {
            const then = await desk.afterMend(finding, number, weights(finding)[number - 1]?.with);
            const after = then.looks.areas[areaId]?.strip.final;
            return after ? { key: keyOf(finding), before, after, brings: brought(then.brings) } : null;
        });
    }

    async function silence(finding: Finding): Promise<void> {
        silencing = null;
        await desk.silence(finding, note.trim());
        note = '';
    }
</script>

<section class="panel stack padded" aria-label="Cautions">
    <h2>
        Cautions {#if loud.length > 0}<span class="quiet">{loud.length}</span>{/if}
    </h2>
    {#each loud as finding, at (at)}
        {@const all = weights(finding)}
        <article data-rule={finding.rule}>
            <SeverityMark severity={finding.severity} number={numbers.get(keyOf(finding)) ?? null} />
            <div>
                <p>
                    {#if where && open}<button type="button" class="link to" onclick={() => open(finding)}
                            ><bdi>{placeOf(finding)}</bdi></button
                        >{/if}
                    <b>{finding.words}</b> <span class="quiet">{finding.severityLabel}</span>
                </p>
                <p>{finding.why}</p>
                <p class="quiet">{finding.otherSchool}</p>
                <div class="acts">
                    {#each finding.mends as one, index}
                        <!-- One that leaves as much whatever goes along with it is no mend: what it would bring is said instead. -->
                        {#if all[index]?.leavesLess !== false}<span
                                role="presentation"
                                onpointerenter={() => void look(finding, index + 1)}
                                onpointerleave={() => looked.drop()}
                                onfocusin={() => void look(finding, index + 1)}
                                onfocusout={() => looked.drop()}
                            >
                                <Button
                                    size="small"
                                    kind={index === first(all) ? 'secondary' : 'tertiary'}
                                    on:click={() => (
                                        looked.drop(),
                                        void desk.mend(finding, index + 1, all[index]?.with)
                                    )}>{one.label}</Button
                                >
                            </span>{/if}
                    {/each}
                    {#if finding.rule === 'paint-missing' || finding.rule === 'pot-short'}
                        <Button size="small" kind="tertiary" href="#/shelf/buy?plan={desk.id}">What to buy</Button>
                    {/if}
                    <Button
                        size="small"
                        kind="ghost"
                        aria-expanded={silencing === keyOf(finding)}
                        on:click={() => (silencing = silencing === keyOf(finding) ? null : keyOf(finding))}
                        >It stays so</Button
                    >
                </div>
                {#each finding.mends as one, index}
                    {@const weight = all[index]}
                    {#if weight && weight.with.length > 0}
                        <p class="quiet brings">
                            “{one.label}” goes with: <bdi>{weight.with.map((along) => along.label).join('; ')}</bdi>.
                        </p>
                    {:else if weight && !weight.leavesLess && weight.brings.length > 0}
                        <p class="quiet brings">
                            “{one.label}” would bring as much as it settles:
                            <bdi
                                >{brought(weight.brings)
                                    .map((words) => words.replace(/\.$/, ''))
                                    .join('; ')}</bdi
                            >.
                        </p>
                    {/if}
                {/each}
                {#if looked.answer?.key === keyOf(finding)}
                    <div class="preview well" role="status">
                        <span>now<ZoneBars look={looked.answer.before} height={22} label="now" /></span>
                        <span>then<ZoneBars look={looked.answer.after} height={22} label="with it made" /></span>
                        {#each looked.answer.brings as words (words)}
                            <p>It brings: <bdi>{words}</bdi></p>
                        {/each}
                    </div>
                {/if}
                {#if silencing === keyOf(finding)}
                    <form
                        onsubmit={(event) => {
                            event.preventDefault();
                            void silence(finding);
                        }}
                    >
                        <Words
                            label="Why it stays as it is"
                            value={note}
                            placeholder="A note to yourself, or nothing"
                            change={(text) => (note = text)}
                        />
                        <Button size="small" kind="secondary" type="submit">Be silent about it</Button>
                    </form>
                {/if}
            </div>
        </article>
    {:else}
        <p class="quiet">{nothing}</p>
    {/each}
    {#if silent.length > 0}
        <details>
            <summary>{plural(silent.length, 'caution')} you are silent about</summary>
            {#each silent as finding, at (at)}
                <p class="silent">
                    <span>{finding.words}</span>
                    <Button size="small" kind="ghost" on:click={() => void desk.unsilence(finding)}
                        >Tell me again</Button
                    >
                </p>
            {/each}
        </details>
    {/if}
</section>

<style>
    .to {
        margin-right: 6px;
    }

    article {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr);
        gap: 10px;
    }

    article > div {
        display: grid;
        gap: 5px;
    }

    article + article {
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
        margin-top: 3px;
    }

    /* In sight while the button is, and nothing moves below the pointer. */
    .preview {
        position: sticky;
        bottom: 12px;
        z-index: 1;
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 8px;
        padding: 6px 8px;
        border-radius: 4px;
        background: var(--well);
        color: var(--well-ink);
        font-size: 0.8125rem;
        pointer-events: none;
    }

    @media (max-width: 700px) {
        .preview {
            bottom: 76px;
        }
    }

    /* Whoever goes by keys has room for it below. */
    .acts :global(button) {
        scroll-margin-bottom: 170px;
    }

    .brings {
        font-size: 0.8125rem;
    }

    .preview p {
        grid-column: 1 / -1;
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 8px;
        align-items: end;
    }

    .silent {
        display: flex;
        gap: 8px;
        align-items: center;
        justify-content: space-between;
    }
</style>
