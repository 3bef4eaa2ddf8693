<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import Add from 'carbon-icons-svelte/lib/Add.svelte';
    import type { Area } from '../../lib/api';
    import { RECIPE } from '../../lib/copied.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { dndzone } from 'svelte-dnd-action';
    import { Dragged } from '../../lib/dragged.svelte';
    import { landing } from '../../lib/landing.svelte';
    import { arrows, DRAGGED } from '../../lib/reorder';
    import { plural } from '../../lib/words';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** The areas of the model, each with how it will look in the end. */
    let { desk, chosen, choose }: { desk: PlanDesk; chosen: string | null; choose: (areaId: string) => void } =
        $props();

    const areas = $derived(desk.document?.areas ?? []);
    const looks = $derived(desk.plan?.looks.areas ?? {});

    const ids = $derived(areas.map((area) => area.id));
    const byId = $derived(new Map(areas.map((area) => [area.id, area])));
    const move = (from: number, to: number) => desk.moveArea(from, to);
    const order = new Dragged(move);
    $effect.pre(() => order.set(ids));

    function remarks(areaId: string): string {
        const look = looks[areaId];
        if (look === undefined) return '';
        const urgent = (desk.plan?.looks.findings ?? []).filter(
            (finding) =>
                finding.areaId === areaId &&
                !finding.isSilenced &&
                finding.severity !== 'taste' &&
                finding.rule !== 'paint-missing',
        ).length;
        return [look.missing > 0 ? `${look.missing} not owned` : '', urgent > 0 ? plural(urgent, 'caution') : '']
            .filter((text) => text !== '')
            .join(' · ');
    }

    /** A recipe that was dragged here by its area's name. */
    function drop(event: DragEvent, area: Area): void {
        landing.end();
        const from = byId.get(event.dataTransfer?.getData(RECIPE) ?? '');
        if (from === undefined) return;
        event.preventDefault();
        if (from.id !== area.id) void desk.putSteps(area, from.steps, { instead: true });
    }

    let name = $state('');

    async function add(): Promise<void> {
        if (name.trim() === '') return;
        const id = await desk.addArea(name.trim());
        if (id === null) return;
        name = '';
        choose(id);
    }
</script>

<nav class="panel" aria-label="Areas">
    <ol
        use:arrows={{ axis: 'y', move }}
        use:dndzone={{ ...DRAGGED, items: order.items, type: 'areas' }}
        onconsider={order.consider}
        onfinalize={order.finalize(ids)}
    >
        {#each order.items as item, index (item.id)}
            {@const area = byId.get(order.idOf(item, (id) => byId.has(id)))}
            <li
                data-index={index}
                data-area={area?.id}
                class:over={landing.area !== null && landing.area === area?.id}
                ondragover={(event) => {
                    if (!event.dataTransfer?.types.includes(RECIPE)) return;
                    event.preventDefault();
                    landing.area = area?.id ?? null;
                }}
                ondragleave={() => (landing.area = null)}
                ondrop={(event) => area && drop(event, area)}
            >
                {#if area}<button
                        type="button"
                        aria-current={chosen === area.id ? 'true' : undefined}
                        onclick={(event) => (event.currentTarget.focus(), choose(area.id))}
                    >
                        <span class="look"
                            >{#if looks[area.id]}<ZoneBars
                                    look={looks[area.id]!.strip.final}
                                    height={30}
                                    label="final look"
                                />{/if}</span
                        >
                        <span class="words">
                            <bdi>{area.name}</bdi>
                            <small class="fine-print"
                                >{looks[area.id]?.textureLabel ?? ''}{area.steps.length === 0
                                    ? ' · no steps yet'
                                    : ''}</small
                            >
                            {#if remarks(area.id) !== ''}<small class="remark fine-print">{remarks(area.id)}</small
                                >{/if}
                        </span>
                    </button>{/if}
            </li>
        {/each}
    </ol>
    <ul>
        <li>
            <button
                type="button"
                aria-current={chosen === 'whole' ? 'true' : undefined}
                onclick={(event) => (event.currentTarget.focus(), choose('whole'))}
            >
                <span class="words">
                    <bdi>Whole model</bdi>
                    <small class="fine-print"
                        >{(desk.document?.wholeModel ?? []).length === 0
                            ? 'varnish, masks, grime, gluing'
                            : plural((desk.document?.wholeModel ?? []).length, 'step')}</small
                    >
                </span>
            </button>
        </li>
    </ul>
    <form
        class="more"
        onsubmit={(event) => {
            event.preventDefault();
            void add();
        }}
    >
        <TextInput
            size="sm"
            hideLabel
            labelText="Name of another area"
            placeholder="Another area"
            dir="auto"
            bind:value={name}
        />
        <Button
            size="small"
            kind="tertiary"
            type="submit"
            icon={Add}
            iconDescription="Add the area"
            tooltipPosition="left"
        />
    </form>
</nav>

<style>
    .more {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 4px;
    }

    .over {
        outline: 2px solid var(--accent);
        outline-offset: -2px;
    }

    nav {
        display: grid;
        gap: 8px;
        align-content: start;
        padding: 8px;
    }

    ul {
        padding: 6px 0 0;
        border-top: 1px solid var(--line);
    }
    li {
        touch-action: pan-y;
    }

    li button {
        display: flex;
        gap: 10px;
        align-items: center;
        width: 100%;
        padding: 6px;
        border: 0;
        border-left: 3px solid transparent;
        border-radius: 3px;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    li button:hover {
        background: var(--shade);
    }

    li button[aria-current] {
        border-left-color: var(--ink);
        background: var(--shade);
    }

    .look {
        flex: none;
        width: 54px;
        padding: 3px;
        border-radius: 4px;
        background: var(--well);
    }

    .words {
        display: grid;
        min-width: 0;
        line-height: 1.25;
    }

    bdi {
        overflow: hidden;
        font-weight: 700;
        text-overflow: ellipsis;
    }

    .remark {
        color: var(--ink);
    }
</style>
