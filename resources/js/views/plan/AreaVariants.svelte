<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Area } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural, span } from '../../lib/words';
    import Tick from '../../parts/Tick.svelte';
    import Words from '../../parts/Words.svelte';
    import AreaTicks from './AreaTicks.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** Recipes beside each other that were tried on a test piece, or shall be: what each looks like, what was said of it, which one won. */
    let { desk, area }: { desk: PlanDesk; area: Area } = $props();

    const looks = $derived(desk.plan?.looks.areas[area.id]?.variants ?? []);
    const painted = $derived(
        (area.variants ?? []).find((one) => looks.some((look) => look.id === one.id && look.isRecipe)),
    );
    const tried = $derived((area.variants ?? []).filter((one) => one.tried).length);
    const roles = $derived(desk.document?.roles ?? []);
    const path = $derived(`areas.${desk.document?.areas.findIndex((one) => one.id === area.id)}.variants`);
</script>

<details data-variants>
    <summary>
        <b>{plural((area.variants ?? []).length, 'variant')}</b>
        {#each looks as look (look.id)}
            <span class="well brief" class:chosen={look.isRecipe}
                ><ZoneBars look={look.strip.final} height={14} label="" /></span
            >
        {/each}
        <span class="quiet"
            >{painted ? `painted as “${painted.name}”` : 'painted otherwise'}{tried > 0 ? `, ${tried} tried` : ''}</span
        >
    </summary>
    <div class="turns">
        <Tick
            label="In a batch, paint the models by these in turn, so that they differ on purpose"
            checked={area.byTurns ?? false}
            change={(byTurns) => desk.changeArea(area.id, { byTurns })}
        />
    </div>
    <ul>
        {#each area.variants ?? [] as variant, at (variant.id)}
            {@const look = looks.find((one) => one.id === variant.id)}
            <li class:chosen={look?.isRecipe}>
                <div class="well look">
                    {#if look}<ZoneBars look={look.strip.final} height={64} label="as {variant.name}" />{/if}
                </div>
                <div class="told">
                    <Words
                        label="Name"
                        value={variant.name}
                        fault={desk.faultAt(`${path}.${at}.name`)}
                        change={(name) => desk.changeVariant(area, variant.id, { name })}
                    />
                    <p class="quiet">
                        {#if look?.isRecipe}<b>Painted so.</b>{/if}
                        {plural(variant.steps.length, 'step')}{#if look}, {span(look.minutes)} a model, {plural(
                                look.pots,
                                'pot',
                            )}{/if}
                    </p>
                    <details>
                        <summary>Steps</summary>
                        <ol>
                            {#each look?.words ?? [] as words, number (number)}<li class="step">
                                    <bdi>{words}</bdi>
                                </li>{/each}
                        </ol>
                    </details>
                </div>
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
                <div class="acts">
                    {#if !look?.isRecipe}<Button
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

    summary {
        cursor: pointer;
    }

    summary > * {
        margin-right: 8px;
    }

    .turns {
        margin-bottom: 8px;
    }

    .brief {
        display: inline-block;
        width: 54px;
        padding: 3px;
        vertical-align: middle;
    }

    ul,
    ol {
        display: grid;
        gap: 10px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    ol {
        gap: 2px;
        padding: 4px 0 0 12px;
        font-size: 0.8125rem;
    }

    ul > li {
        display: grid;
        grid-template-columns: 120px minmax(0, 1fr) minmax(0, 1.2fr) auto;
        gap: 8px 14px;
        align-items: start;
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

    .told,
    .judged {
        display: grid;
        gap: 6px;
        min-width: 0;
    }

    .acts {
        display: grid;
        gap: 6px;
    }

    @media (max-width: 900px) {
        ul > li {
            grid-template-columns: 90px minmax(0, 1fr);
        }

        .judged,
        .acts {
            grid-column: 2;
        }
    }
</style>
