<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { type Area, got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { settings } from '../../lib/settings.svelte';
    import { plural } from '../../lib/words';
    import FigureAfter from '../../parts/FigureAfter.svelte';
    import OwnGround from '../../parts/OwnGround.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import Words from '../../parts/Words.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';
    import AreaTicks from './AreaTicks.svelte';
    import WayFacts from './WayFacts.svelte';

    /** The ways there are to paint an area, side by side: what each comes to and takes, what was said of it, which one won. */
    let { desk, area }: { desk: PlanDesk; area: Area } = $props();

    type Way = Schemas['WayToPaint'];
    const STANDS_MS = 400;
    const brief = $derived(desk.plan?.looks.areas[area.id]?.variants ?? []);
    /** What each of them comes to and takes, asked for once the plan has stood still for a moment. */
    const latest = new Latest<Schemas['AreaWays']>();
    let isOpen = $state(false);
    const looks = $derived(latest.answer?.variants ?? []);
    const asPlanned = $derived(latest.answer?.asPlanned ?? null);
    const painted = $derived(
        (area.variants ?? []).find((one) => brief.some((look) => look.id === one.id && look.isRecipe)),
    );
    const version = $derived(desk.plan?.version);

    $effect(() => {
        void version;
        const id = area.id;
        return latest.sooner(isOpen ? 0 : STANDS_MS, () => ask(id));
    });

    function ask(areaId: string): Promise<void> {
        const params = { path: { id: desk.id, area: areaId } };
        return latest.ask(() => got(server.GET('/plans/{id}/areas/{area}/ways', { params })));
    }
    const looked = (id: string) => looks.find((one) => one.id === id)?.strip.final;
    const tried = $derived((area.variants ?? []).filter((one) => one.tried).length);
    const roles = $derived(desk.document?.roles ?? []);
    const path = $derived(`areas.${desk.document?.areas.findIndex((one) => one.id === area.id)}.variants`);
    const all = $derived<Way[]>([...(asPlanned && !painted ? [asPlanned] : []), ...looks]);

    let ownedOnly = $state(false);

    function named(id: string): { id: string; name: string } {
        return { id, name: desk.plan?.paints.find((paint) => paint.id === id)?.name ?? '' };
    }

    /** With the pots that are there, and without an airbrush where there is none. */
    function isAtHand(way: Way): boolean {
        return (
            way.toBuy.length === 0 && (settings.tools.airbrush || !way.sprayedWith.some((one) => /airbrush/i.test(one)))
        );
    }
</script>

{#snippet facts(way: Way, name: string, variant: string | null)}
    {#if isOpen && desk.plan?.figure?.areas.includes(area.id)}<FigureAfter
            plan={desk.plan}
            edit={variant === null ? null : { do: 'promote-variant', area: area.id, variant, id: 'shown' }}
            area={area.id}
            name="The figure as {name}"
        />{/if}
    <div class="well look"><ZoneBars look={way.strip.final} height={72} label="as {name}" /></div>
    <div class="stages" aria-hidden="true">
        {#each way.strip.stages as stage (stage.stepId)}<span><ZoneBars look={stage} height={16} /></span>{/each}
    </div>
    <WayFacts {way} {all} />
    <details>
        <summary>{plural(way.words.length, 'step')}</summary>
        <ol>
            {#each way.words as words, number (number)}<li class="step"><bdi>{words}</bdi></li>{/each}
        </ol>
    </details>
{/snippet}

<details data-variants bind:open={isOpen}>
    <summary>
        <b>{plural((area.variants ?? []).length, 'variant')}</b>
        {#each brief as one (one.id)}
            <span class="well brief" class:chosen={one.isRecipe}
                >{#if looked(one.id)}<ZoneBars look={looked(one.id)!} height={14} label="" />{/if}</span
            >
        {/each}
        <span class="quiet"
            >{painted ? `painted as “${painted.name}”` : 'painted otherwise'}{tried > 0 ? `, ${tried} tried` : ''}</span
        >
    </summary>
    {#if latest.problem}<Trouble problem={latest.problem} retry={() => ask(area.id)} />{/if}
    <div class="turns">
        <Tick
            label="In a batch, paint the models by these in turn, so that they differ on purpose"
            checked={area.byTurns ?? false}
            change={(byTurns) => desk.changeArea(area.id, { byTurns })}
        />
    </div>
    {#if all.some((way) => !isAtHand(way))}
        <Tick label="Only what I have the paints and tools for" checked={ownedOnly} change={(on) => (ownedOnly = on)} />
    {/if}
    <ul class="ways" aria-label="Ways to paint {area.name}">
        {#if asPlanned && !painted}
            <li class="way chosen">
                <b>as it is painted now</b>
                {@render facts(asPlanned, 'it is painted now', null)}
            </li>
        {/if}
        {#each area.variants ?? [] as variant, at (variant.id)}
            {@const look = looks.find((one) => one.id === variant.id)}
            <li
                class="way"
                class:chosen={variant.id === painted?.id}
                hidden={ownedOnly && look !== undefined && !isAtHand(look)}
            >
                <Words
                    label="Name"
                    value={variant.name}
                    fault={desk.faultAt(`${path}.${at}.name`)}
                    change={(name) => desk.changeVariant(area, variant.id, { name })}
                />
                {#if look}{@render facts(look, variant.name, variant.id)}{/if}
                <details>
                    <summary
                        >{variant.tried ? 'Tried' : 'Not tried yet'}{variant.verdict
                            ? `: ${variant.verdict}`
                            : ''}</summary
                    >
                    <div class="judged">
                        <Tick
                            label="Tried on a test piece"
                            checked={variant.tried ?? false}
                            change={(tried) => desk.changeVariant(area, variant.id, { tried })}
                        />
                        {#if roles.length > 0}
                            <AreaTicks
                                legend="Painted so"
                                areas={roles}
                                ticked={variant.roles ?? []}
                                change={(ticked) => desk.changeVariant(area, variant.id, { roles: ticked })}
                            />
                        {/if}
                        <div class="own">
                            <span class="quiet">Stands on</span>
                            <OwnGround
                                of={variant.name}
                                base={variant.undercoat ? named(variant.undercoat.base) : null}
                                fault={desk.faultAt(`${path}.${at}.undercoat.base`)}
                                change={(base) =>
                                    desk.changeVariant(area, variant.id, {
                                        undercoat: base === null ? null : { ...variant.undercoat, base },
                                    })}
                            />
                        </div>
                        <Words
                            label="Verdict"
                            value={variant.verdict ?? ''}
                            fault={desk.faultAt(`${path}.${at}.verdict`)}
                            change={(verdict) => desk.changeVariant(area, variant.id, { verdict })}
                        />
                        <Words
                            label="Note"
                            value={variant.note ?? ''}
                            fault={desk.faultAt(`${path}.${at}.note`)}
                            change={(note) => desk.changeVariant(area, variant.id, { note })}
                        />
                    </div>
                </details>
                <div class="acts">
                    {#if variant.id === painted?.id}<b>Painted so.</b>{:else}<Button
                            size="small"
                            kind="secondary"
                            on:click={() => desk.promoteVariant(area, variant)}
                            >Paint it so<span class="sr">: {variant.name}</span></Button
                        >{/if}
                    <Button size="small" kind="ghost" on:click={() => desk.removeVariant(area, variant)}
                        >Take out<span class="sr">: {variant.name}</span></Button
                    >
                </div>
            </li>
        {/each}
    </ul>
</details>

<style>
    details {
        min-width: 0;
        padding-top: 8px;
        border-top: 1px solid var(--line);
    }

    details[open] > summary {
        margin-bottom: 8px;
    }

    details details {
        padding: 0;
        border: 0;
    }

    summary > * {
        margin-right: 8px;
    }

    .turns {
        margin-bottom: 8px;
    }

    .own {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
    }

    .brief {
        display: inline-block;
        width: 54px;
        padding: 3px;
        vertical-align: middle;
    }
    ol {
        display: grid;
        gap: 2px;
        padding: 4px 0 0 12px;
        font-size: 0.8125rem;
    }

    .ways {
        display: grid;
        grid-auto-columns: minmax(210px, 1fr);
        grid-auto-flow: column;
        gap: 10px;
        overflow-x: auto;
    }

    .way {
        display: grid;
        gap: 8px;
        align-content: start;
        padding: 10px;
        border: 1px solid var(--line);
        border-radius: 6px;
        background: var(--raised);
    }

    .chosen {
        border-color: var(--ink);
    }

    .look {
        padding: 8px;
    }

    .stages {
        display: flex;
        gap: 3px;
    }

    .stages span {
        flex: 1 1 0;
        padding: 2px;
        border-radius: 2px;
        background: var(--well);
    }
    .judged {
        display: grid;
        gap: 6px;
        min-width: 0;
        padding-top: 6px;
    }

    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
        align-items: center;
    }
</style>
