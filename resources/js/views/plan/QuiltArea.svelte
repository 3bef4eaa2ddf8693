<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Area, Look, Schemas } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import Choose from '../../parts/Choose.svelte';
    import ColourField from '../../parts/ColourField.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** One patch looked at closer: the colour it shall have, how it could be told from what it touches, what goes with it. */
    let {
        desk,
        area,
        scheme,
        shown,
        show,
        open,
        write,
    }: {
        desk: PlanDesk;
        area: Area;
        scheme: Schemas['Scheme'] | null;
        shown: Look | null;
        show: (look: Look | null) => void;
        open: () => void;
        write: () => void;
    } = $props();

    const SHIFTS = 3;
    const seen = $derived(desk.plan?.looks.areas[area.id]?.seen ?? null);
    const shifts = $derived((scheme?.shifts ?? []).filter((one) => one.by >= 0.5).slice(0, SHIFTS));

    /** A colour that goes with this one, and is given to another area. */
    let picked = $state<{ name: string; hex: string } | null>(null);
    const others = $derived((desk.document?.areas ?? []).filter((one) => one.id !== area.id));

    function give(other: string): void {
        if (picked !== null && other !== '') desk.changeArea(other, { aim: picked.hex });
        picked = null;
    }

    function aim(colour: string): void {
        desk.changeArea(area.id, { aim: colour === '' ? null : colour });
        show(null);
    }
</script>

<section class="panel stack padded" aria-label="Patch of {area.name}">
    <h2><bdi>{area.name}</bdi></h2>
    {#if seen}
        <div class="well look">
            <ZoneBars look={shown ?? seen} height={34} label={shown ? 'as it might be' : 'in the end'} />
        </div>
        <p class="quiet">{(shown ?? seen).words}, value {(shown ?? seen).lowest} to {(shown ?? seen).highest}</p>
        {#if area.aim && area.steps.length > 0}
            <p class="wanted">
                <span>as it is painted <Swatch hex={seen.zones[2]?.hex ?? null} size={26} /></span>
                <span>as it is wanted <Swatch hex={area.aim} size={26} /></span>
            </p>
        {/if}
    {/if}
    <ColourField
        label="Colour it shall have"
        value={area.aim ?? ''}
        placeholder={seen ? 'as it is painted' : '#e2b21f'}
        fault={desk.faultAt(`areas.${desk.document?.areas.findIndex((one) => one.id === area.id)}.aim`)}
        change={aim}
    />
    <div class="acts">
        {#if area.steps.length === 0 || (area.aim ?? null) !== null}
            <Button size="small" kind="secondary" on:click={write}>Write its recipe</Button>
        {/if}
        {#if area.steps.length > 0}<Button size="small" kind="tertiary" on:click={open}>Open its recipe</Button>{/if}
    </div>
    {#if shifts.length > 0}
        <h3>To tell it from all it touches</h3>
        <ul>
            {#each shifts as shift, at (at)}
                <li>
                    <Swatch hex={shift.aim.hex} size={24} />
                    <span>A step {shift.words}: {shift.aim.words}, value {shift.aim.value}</span>
                    <Button
                        size="small"
                        kind="ghost"
                        aria-pressed={shown === shift.look}
                        on:click={() => show(shown === shift.look ? null : shift.look)}
                        >{shown === shift.look ? 'As it is' : 'Show'}<span class="sr">: {shift.words}</span></Button
                    >
                    <Button size="small" kind="ghost" on:click={() => aim(shift.aim.hex)}
                        >Aim at it<span class="sr">: {shift.words}</span></Button
                    >
                </li>
            {/each}
        </ul>
    {/if}
    {#if (scheme?.harmonies ?? []).length > 0}
        <h3>Goes with it, on your shelf</h3>
        <dl class="stack">
            {#each scheme?.harmonies ?? [] as one, at (at)}
                <div>
                    <dt>{one.name}</dt>
                    <dd class="quiet">{one.says}</dd>
                    <dd class="paints">
                        {#each one.paints as paint (paint.id)}
                            <button
                                type="button"
                                aria-pressed={picked?.name === paint.name}
                                disabled={paint.colour === null || others.length === 0}
                                title="Give it to another area"
                                onclick={() => (picked = { name: paint.name, hex: paint.colour?.hex ?? '' })}
                                ><Swatch hex={paint.colour?.hex ?? null} kind={paint.kind} size={22} />
                                <bdi>{paint.name}</bdi></button
                            >
                        {:else}
                            <span><Swatch hex={one.ideal.hex} size={22} /> nothing you own: {one.ideal.words}</span>
                        {/each}
                    </dd>
                </div>
            {/each}
        </dl>
        {#if picked}
            <Choose
                label="{picked.name} shall be the colour of"
                value=""
                choices={[
                    { value: '', label: 'choose an area' },
                    ...others.map((one) => ({ value: one.id, label: one.name })),
                ]}
                change={give}
            />
        {/if}
    {/if}
</section>

<style>
    .look {
        padding: 8px;
    }

    .acts {
        display: flex;
        gap: 8px;
    }

    ul {
        display: grid;
        gap: 4px;
    }

    li {
        display: grid;
        grid-template-columns: 24px minmax(0, 1fr) auto auto;
        gap: 6px;
        align-items: center;
        font-size: 0.875rem;
        line-height: 1.25;
    }

    dt {
        font-weight: 700;
    }

    dt::first-letter {
        text-transform: uppercase;
    }

    dd {
        font-size: 0.875rem;
    }

    .paints {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 12px;
        padding-top: 2px;
    }

    .wanted {
        display: flex;
        gap: 18px;
        color: var(--ink-quiet);
        font-size: 0.875rem;
    }

    .wanted span {
        display: inline-flex;
        gap: 8px;
        align-items: center;
    }

    .paints button {
        padding: 2px 6px;
        border: 1px solid transparent;
        border-radius: 3px;
        background: none;
        color: inherit;
        font: inherit;
        cursor: pointer;
    }

    .paints button:hover,
    .paints button[aria-pressed='true'] {
        border-color: var(--line);
        background: var(--raised);
    }

    .paints span,
    .paints button {
        display: inline-flex;
        gap: 6px;
        align-items: center;
    }
</style>
