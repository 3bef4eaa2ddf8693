<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { asProblem, type Finding, got, type Look, of, type Schemas, server } from '../../lib/api';
    import { bindKeys } from '../../lib/keys.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import { warn } from '../../lib/notices.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural } from '../../lib/words';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Quilt from '../../parts/Quilt.svelte';
    import FindingList from './FindingList.svelte';
    import PictureAims from './PictureAims.svelte';
    import QuiltArea from './QuiltArea.svelte';
    import SchemeFacts from './SchemeFacts.svelte';

    /** The plan as one scheme: what it looks like from near and from arm's length, how it balances, and what could be moved. */
    let {
        desk,
        areaId,
        choose,
        open,
        write,
    }: {
        desk: PlanDesk;
        areaId: string | null;
        choose: (area: string) => void;
        open: (area: string | null, step: string | null) => void;
        write: (area: string) => void;
    } = $props();

    let squint = $state(false);
    let picturing = $state(false);
    /** An area looked at as it might be. */
    let shown = $state<{ area: string; look: Look } | null>(null);
    const latest = new Latest<Schemas['Scheme']>();
    const area = $derived(desk.document?.areas.find((one) => one.id === areaId) ?? null);
    const pieces = $derived(
        (desk.document?.areas ?? []).map((one) => ({
            id: one.id,
            name: one.name,
            texture: one.texture,
            look: shown?.area === one.id ? shown.look : (desk.plan?.looks.areas[one.id]?.seen ?? null),
        })),
    );
    /** What the review says of the scheme rather than of one recipe. */
    const findings = $derived<Finding[]>((desk.plan?.looks.findings ?? []).filter((one) => one.isOfTheScheme));

    /** They have a colour and no recipe yet. */
    const aimed = $derived(
        (desk.document?.areas ?? []).filter((one) => one.steps.length === 0 && (one.aim ?? null) !== null),
    );
    let writing = $state('');

    /** One after the other, each the way that suits it best; each can be undone by itself. */
    async function writeAll(): Promise<void> {
        for (const one of aimed) {
            writing = one.name;
            const body = { target: { colour: one.aim ?? '' }, school: null, wishes: [], keep: [] };
            try {
                const params = { path: { id: desk.id, area: one.id } };
                const written = await got(server.POST('/plans/{id}/areas/{area}/recipes', { params, body }));
                const best = written.proposals[0];
                if (
                    best === undefined ||
                    !(await desk.repaintArea(one, best.steps, { aim: written.asked, wish: null }))
                )
                    break;
            } catch (error) {
                warn(asProblem(error).message);
                break;
            }
        }
        writing = '';
    }

    $effect(() => {
        // Whatever changes the plan changes the scheme.
        void desk.plan?.version;
        const query = areaId === null ? {} : { area: areaId };
        void latest.ask(() => got(server.GET('/plans/{id}/scheme', { params: { ...of(desk.id).params, query } })));
    });
    $effect(() => bindKeys([{ key: 'q', does: 'squint at the quilt', run: () => (squint = !squint) }]));
    $effect(() => {
        void areaId;
        shown = null;
    });
</script>

<div class="with-side" style:--side="340px">
    <section class="panel cloth stack-far" aria-label="Quilt">
        <header>
            <h2>{squint ? 'At arm’s length' : 'All areas when they are painted'}</h2>
            <div class="acts">
                {#if desk.plan?.figure === null}<Button
                        size="small"
                        kind="tertiary"
                        href="#/plans/{desk.id}?face=figure">On your own sculpt</Button
                    >{/if}
                {#if aimed.length > 0}<BusyButton kind="tertiary" busy={writing !== ''} press={writeAll}
                        >{writing === ''
                            ? `Write the recipes of ${plural(aimed.length, 'area')}`
                            : `Writing ${writing}…`}</BusyButton
                    >{/if}
                <Button size="small" kind="tertiary" aria-expanded={picturing} on:click={() => (picturing = !picturing)}
                    >{picturing ? 'Put the picture away' : 'Colours from a picture'}</Button
                >
                <Button size="small" kind="secondary" aria-pressed={squint} on:click={() => (squint = !squint)}
                    >{squint ? 'Look again' : 'Squint'}</Button
                >
            </div>
        </header>
        {#if pieces.length === 0}
            <p class="quiet">
                There are no areas yet. Add them, and they stand here as large as their share of the model.
            </p>
        {:else}
            <Quilt
                name={desk.document?.name ?? ''}
                patches={desk.plan?.looks.quilt ?? []}
                {pieces}
                {squint}
                chosen={areaId}
                {choose}
            />
            <p class="quiet">
                {squint
                    ? 'Grey and blurred, as it stands on a table: what runs together here gets lost in each other.'
                    : 'As large as their share, side by side with what they touch. What has no colour yet is dashed.'}
            </p>
        {/if}
        {#if picturing}<PictureAims {desk} {area} {choose} />{/if}
        {#if findings.length > 0}<FindingList
                {desk}
                {findings}
                where
                open={(finding) => open(finding.areaId, finding.stepId)}
            />{/if}
    </section>
    <div class="stack-far">
        {#if area}<QuiltArea
                {desk}
                {area}
                scheme={latest.answer}
                shown={shown?.area === area.id ? shown.look : null}
                show={(look) => (shown = look === null ? null : { area: area.id, look })}
                open={() => open(area.id, null)}
                write={() => write(area.id)}
            />{/if}
        {#if latest.answer}<SchemeFacts scheme={latest.answer} chosen={areaId} {choose} />{/if}
    </div>
</div>

<style>
    .cloth {
        padding: 12px 14px 14px;
    }

    header,
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: center;
        justify-content: space-between;
    }
</style>
