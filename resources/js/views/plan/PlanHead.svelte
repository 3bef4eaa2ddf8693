<script lang="ts" module>
    import { Button, OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
    import Undo from 'carbon-icons-svelte/lib/Undo.svelte';
    import Redo from 'carbon-icons-svelte/lib/Redo.svelte';
    export const FACES = [
        { id: 'areas', name: 'Areas' },
        { id: 'figure', name: 'Figure' },
        { id: 'quilt', name: 'Quilt' },
        { id: 'score', name: 'Running order' },
        { id: 'paint', name: 'Paint it' },
    ] as const;

    export type Face = (typeof FACES)[number]['id'];
</script>

<script lang="ts">
    import { push } from 'svelte-spa-router';
    import { asProblem, type Craft, got, of, type Plan, type PlanDocument, server } from '../../lib/api';
    import { label } from '../../lib/craft.svelte';
    import { tell, warn } from '../../lib/notices.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural } from '../../lib/words';

    /** What the plan is called and for, what can be done with it as a whole, and its faces. */
    let {
        desk,
        plan,
        document,
        table,
        face,
        area,
        editing = $bindable(),
    }: {
        desk: PlanDesk;
        plan: Plan;
        document: PlanDocument;
        table: Craft;
        face: Face;
        area: string | null;
        editing: boolean;
    } = $props();

    /** The figure stands in for the quilt where there is one; the other of the two is reached from within it. */
    const other = $derived(plan.figure !== null ? 'quilt' : 'figure');

    /** What stops the work or costs time: it stands in the running order, where it bites. */
    const urgent = $derived(
        plan.looks.findings.filter(
            (one) => !one.isSilenced && (one.severity === 'stops-the-job' || one.severity === 'costs-time'),
        ).length,
    );

    /** The area that is looked at stays the same from face to face. */
    function to(face: Face): string {
        const query = new URLSearchParams({
            ...(face === 'areas' ? {} : { face }),
            ...(area === null ? {} : { area }),
        });
        return `#/plans/${desk.id}${query.size === 0 ? '' : `?${query}`}`;
    }

    async function duplicate(): Promise<void> {
        try {
            const copy = await got(server.POST('/plans/{id}/duplicate', of(desk.id)));
            tell(`“${copy.document.name}” is open now.`);
            await push(`/plans/${copy.id}`);
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async function remove(): Promise<void> {
        const id = desk.id;
        try {
            await got(server.DELETE('/plans/{id}', of(id)));
            await push('/plans');
            tell('The plan is deleted. Its batches keep their record.', {
                label: 'Undo',
                run: () => got(server.POST('/plans/{id}/restore', of(id))).then(() => push(`/plans/${id}`)),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<header class="head">
    <h1><bdi>{document.name}</bdi></h1>
    <div class="acts">
        <span class="saved quiet" class:isSaved={desk.saving === 'saved'} role="status"
            >{desk.saving === 'saving' ? 'saving…' : desk.saving === 'saved' ? 'all saved' : 'not saved'}</span
        >
        <span title={plan.undoes ? `takes back: ${plan.undoes}` : undefined}>
            <Button
                size="small"
                kind="ghost"
                icon={Undo}
                iconDescription="Undo"
                disabled={plan.undoes === null}
                on:click={() => desk.undo()}
            />
        </span>
        <Button
            size="small"
            kind="ghost"
            icon={Redo}
            iconDescription="Redo"
            disabled={!plan.canRedo}
            on:click={() => desk.redo()}
        />
        <Button size="small" kind="tertiary" aria-expanded={editing} on:click={() => (editing = !editing)}
            >{editing ? 'Done' : 'Model and undercoat'}</Button
        >
        <OverflowMenu size="sm" flipped iconDescription="More for this plan" aria-label="More for this plan">
            <OverflowMenuItem text="Duplicate" on:click={duplicate} />
            <OverflowMenuItem text="Save to a file" href="/api/plans/{desk.id}/file" />
            <OverflowMenuItem text="Save with its figures" href="/api/plans/{desk.id}/archive" />
            <OverflowMenuItem text="On paper" href="#/print/plan/{desk.id}" />
            <OverflowMenuItem text="As text, to pass on" href="/api/plans/{desk.id}/guide?as=md" />
            <OverflowMenuItem text="Captions, SRT" href="/api/plans/{desk.id}/guide?as=srt" />
            <OverflowMenuItem text="Captions, WebVTT" href="/api/plans/{desk.id}/guide?as=vtt" />
            <OverflowMenuItem text="Delete" hasDivider on:click={remove} />
        </OverflowMenu>
    </div>
    <p class="facts quiet">
        <bdi>{document.model.name}</bdi> · {label(table.bodyTypes, document.model.bodyType)}, {document.model.heightMm} mm
        · {document.model.finishLevel} · {plan.looks.undercoat}
    </p>
    <nav class="faces" aria-label="Faces of the plan">
        {#each FACES.filter((one) => one.id === face || one.id !== other) as one}
            <a href={to(one.id)} aria-current={face === one.id ? 'page' : undefined}
                >{one.name}{#if one.id === 'score' && urgent > 0}&nbsp;<b title="{plural(urgent, 'caution')} in it"
                        >{urgent}</b
                    >{/if}</a
            >
        {/each}
    </nav>
</header>

<style>
    .head {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 6px 16px;
        align-items: start;
        margin-bottom: 12px;
    }

    .saved {
        min-width: 66px;
        text-align: right;
    }

    .facts {
        grid-column: 1 / -1;
        margin-top: -4px;
    }

    .faces {
        display: flex;
        flex-wrap: wrap;
        grid-column: 1 / -1;
        gap: 22px;
        border-bottom: 1px solid var(--line);
    }

    .faces a {
        padding: 6px 0;
        border-bottom: 3px solid transparent;
        color: var(--ink-quiet);
        text-decoration: none;
    }

    .faces a[aria-current] {
        border-bottom-color: var(--ink);
        color: var(--ink);
        font-weight: 700;
    }

    @media (max-width: 700px) {
        .head {
            grid-template-columns: minmax(0, 1fr);
        }

        .acts {
            flex-wrap: nowrap;
            gap: 4px;
        }

        /* That all is well need not be said where there is no room. */
        .saved {
            min-width: 0;
        }

        .isSaved {
            position: absolute;
            clip-path: inset(50%);
        }
    }
</style>
