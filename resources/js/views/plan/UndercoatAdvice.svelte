<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural, span } from '../../lib/words';
    import type { PlanEdit } from '../../lib/outboxStore';
    import FigureAfter from '../../parts/FigureAfter.svelte';
    import Quilt from '../../parts/Quilt.svelte';
    import PrimingWays from './PrimingWays.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** Which undercoat: what each costs in coats and minutes on this plan, and what speaks for it. */
    let {
        desk,
        after,
        take,
        takeMethod,
    }: {
        desk: PlanDesk;
        /** The change of the plan that one of them is. */
        after: (undercoat: Schemas['UndercoatCandidate'], part: string | null) => PlanEdit;
        /** For a loose part by itself, where one is named. */
        take: (undercoat: Schemas['UndercoatCandidate'], part: string | null) => void;
        takeMethod: (method: Schemas['Priming']['ways'][number]['method']) => void;
    } = $props();

    /** As many as one can look at side by side. */
    const GROUNDS = 3;
    const latest = new Latest<Schemas['Undercoats']>();
    const present = $derived(latest.answer?.present ?? null);
    const others = $derived((latest.answer?.candidates ?? []).filter((one) => one.words !== present?.words));
    const version = $derived(desk.plan?.version);
    const parts = $derived(desk.document?.parts ?? []);
    let wanted = $state<string | null>(null);
    /** A part that was taken out meanwhile is not asked for. */
    const part = $derived(parts.some((one) => one.id === wanted) ? wanted : null);

    $effect(() => {
        void version;
        void part;
        void ask();
    });

    function ask(): Promise<void> {
        const query = part === null ? {} : { part };
        return latest.ask(() =>
            got(server.GET('/plans/{id}/undercoats', { params: { path: { id: desk.id }, query } })),
        );
    }

    function against(minutes: number): string {
        const saved = Math.round((present?.minutes ?? minutes) - minutes);
        if (saved === 0) return 'as long as now';
        return saved > 0 ? `${span(saved)} less than now` : `${span(-saved)} more than now`;
    }

    function coats(one: Schemas['UndercoatCandidate']): string {
        return one.areas
            .filter((area) => area.coats !== null)
            .map((area) => `${area.name} ${area.coats === 0 ? 'is there already' : plural(area.coats ?? 0, 'coat')}`)
            .join(', ');
    }
</script>

<section class="stack" aria-label="Which undercoat" aria-busy={latest.busy}>
    {#if parts.length > 0}
        <div class="pills" role="group" aria-label="For what">
            {#each [{ id: null, name: 'The model' }, ...parts] as one (one.id)}
                <button type="button" class="pill" aria-pressed={part === one.id} onclick={() => (wanted = one.id)}
                    ><bdi>{one.name}</bdi></button
                >
            {/each}
        </div>
    {/if}
    {#if latest.problem}
        <Trouble problem={latest.problem} retry={ask} />
    {:else if latest.answer === null}
        <p class="quiet">Every primer is tried under every area…</p>
    {:else}
        {#if present?.base}<p class="quiet">
                Now: <b><bdi>{present.words}</bdi></b>, {span(present.minutes)} a model until the first colours cover. The
                pictures show how all that is planned would end on each.
            </p>{/if}
        <ol class="candidates">
            {#each others.slice(0, GROUNDS) as one, at (at)}
                <li class="ground">
                    {#if desk.plan && (desk.plan.figure?.areas.length ?? 0) > 0}
                        <FigureAfter
                            plan={desk.plan}
                            edit={after(one, part)}
                            name="The figure in the end on {one.words}"
                        />
                    {:else}
                        <Quilt
                            name="In the end on {one.words}"
                            patches={desk.plan?.looks.quilt ?? []}
                            pieces={one.areas}
                            small
                        />
                    {/if}
                    <p class="pots">
                        <Swatch hex={one.base?.colour?.hex ?? null} size={26} />{#if one.light}<Swatch
                                hex={one.light.colour?.hex ?? null}
                                size={26}
                            />{/if}{#if one.below}<Swatch hex={one.below.colour?.hex ?? null} size={26} />{/if}
                        <b><bdi>{one.words}</bdi></b>
                    </p>
                    <Button size="small" kind={at === 0 ? 'secondary' : 'tertiary'} on:click={() => take(one, part)}
                        >Take it<span class="sr">: {one.words}</span></Button
                    >
                    <p class="quiet">{against(one.minutes)}</p>
                    <ul>
                        {#each one.reasons as reason, number (number)}<li>{reason}</li>{/each}
                    </ul>
                    <details>
                        <summary>Coats by area</summary>
                        <p class="quiet">{coats(one)}</p>
                    </details>
                </li>
            {:else}
                <li><p>No other primer is known, on the shelf or beyond. Gloss ones hold no paint.</p></li>
            {/each}
        </ol>
        {#if part === null}<PrimingWays
                planId={desk.id}
                version={desk.plan?.version ?? 0}
                method={desk.document?.undercoat?.method ?? 'spray-can'}
                take={takeMethod}
            />{/if}
    {/if}
</section>

<style>
    .ground {
        display: grid;
        gap: 7px;
        align-content: start;
        justify-items: start;
        padding: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
        background: var(--raised);
    }

    .ground > :global(.quilt) {
        width: 100%;
    }

    .pots {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 6px;
        align-items: center;
    }

    ul {
        display: grid;
        gap: 3px;
        font-size: 0.875rem;
    }

    summary {
        color: var(--ink-quiet);
    }
</style>
