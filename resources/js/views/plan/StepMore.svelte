<script lang="ts">
    import { Checkbox } from 'carbon-components-svelte';
    import type { Area, Craft, Step } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Count from '../../parts/Count.svelte';
    import Words from '../../parts/Words.svelte';
    import AreaTicks from './AreaTicks.svelte';
    import { plural, span } from '../../lib/words';

    /** What only some techniques ask: the other colour of a blend, the lamp's side, the borders of a line, the part to be glued, how wet, how long to wait. */
    let {
        desk,
        craft,
        area,
        step,
        asks,
        path,
        set,
    }: {
        desk: PlanDesk;
        craft: Craft;
        area: Area | null;
        step: Step;
        asks: string[];
        path: string;
        set: (changes: Partial<Step>) => void;
    } = $props();

    const others = $derived((desk.document?.areas ?? []).filter((one) => one.id !== area?.id));
    const techniques = $derived(new Map(craft.techniques.map((one) => [one.value, one])));
    const loads = $derived(techniques.get(step.technique)?.loads ?? []);
    /** Marks made before it in this recipe. */
    const marks = $derived(
        (area?.steps ?? [])
            .slice(
                0,
                (area?.steps ?? []).findIndex((one) => one.id === step.id),
            )
            .map((one, at) => ({
                id: one.id,
                place: one.place,
                number: at + 1,
                label: techniques.get(one.technique)?.label ?? one.technique,
            }))
            .filter((one) => one.place === 'patch'),
    );
    const parts = $derived(desk.document?.parts ?? []);
    const roles = $derived(desk.document?.roles ?? []);
    const dry = $derived(desk.plan?.looks.order.find((pass) => pass.stepId === step.id)?.dryMinutes ?? 0);

    /** What is said already, so that it is seen without opening. */
    const told = $derived(
        [
            (step.waitMinutes ?? null) === null ? '' : span(step.waitMinutes!),
            step.optional ? 'optional' : '',
            step.perModel ? 'model by model' : '',
            roles
                .filter((one) => (step.roles ?? []).includes(one.id))
                .map((one) => `only ${one.name}`)
                .join(', '),
            (step.heads ?? []).length > 0 ? plural((step.heads ?? []).length, 'place') : '',
        ]
            .filter((one) => one !== '')
            .join(', '),
    );

    function setHeads(text: string): void {
        const heads = text.split(',').map((one) => one.trim());
        set({ heads: heads.filter((one) => one !== '') });
    }
</script>

<div class="more">
    {#if asks.includes('load')}
        <Choose
            label={loads.some((one) => one.value === 'flooded') ? 'How wet' : 'Load of the brush'}
            value={step.load ?? 'normal'}
            choices={loads}
            fault={desk.faultAt(`${path}.load`)}
            change={(load) => set({ load })}
        />
    {/if}
    {#if step.place === 'patch' && marks.length > 0}
        <Choose
            label="Lies on"
            value={step.within ?? ''}
            choices={[
                { value: '', label: 'the place of all marks' },
                ...marks.map((one) => ({
                    value: one.id,
                    label: `half of step ${one.number}, ${one.label.toLowerCase()}`,
                })),
            ]}
            fault={desk.faultAt(`${path}.within`)}
            change={(within) => set({ within: within === '' ? null : within })}
        />
    {/if}
    {#if asks.includes('spirit')}
        <Choose
            label="Carried by"
            value={step.spirit ?? 'enamel'}
            choices={craft.spirits}
            change={(spirit) => set({ spirit })}
        />
    {/if}
    {#if asks.includes('side')}
        <Choose
            label="Light comes"
            value={step.side ?? 'front'}
            choices={craft.sides}
            change={(side) => set({ side, place: 'facing-side' })}
        />
    {/if}
    {#if asks.includes('part')}
        <Choose
            label="Part that is glued on"
            value={step.part ?? ''}
            choices={[
                { value: '', label: parts.length === 0 ? 'no loose part is named yet' : 'choose one' },
                ...parts.map((part) => ({ value: part.id, label: part.name })),
            ]}
            fault={desk.faultAt(`${path}.part`)}
            change={(part) => set({ part: part === '' ? null : part })}
        />
    {/if}
</div>
<details>
    <summary>Waiting, places, optional, model by model{told === '' ? '' : `: ${told}`}</summary>
    <div class="more">
        <div class="wait form-row">
            <Checkbox
                labelText="Wait as long as it takes ({span(dry)})"
                checked={(step.waitMinutes ?? null) === null}
                on:check={(event) => {
                    const freely = event.detail;
                    if (freely !== ((step.waitMinutes ?? null) === null)) set({ waitMinutes: freely ? null : dry });
                }}
            />
            {#if (step.waitMinutes ?? null) !== null}
                <Count
                    label="Minutes of wait"
                    value={step.waitMinutes ?? 0}
                    least={0}
                    most={craft.limits.waitMinutes}
                    fault={desk.faultAt(`${path}.waitMinutes`)}
                    change={(waitMinutes) => set({ waitMinutes })}
                />
            {/if}
        </div>
        <div class="heads">
            <Words
                label="Single places, to tick off"
                value={(step.heads ?? []).join(', ')}
                placeholder="belt pouch, left lens …"
                fault={desk.faultAt(`${path}.heads`)}
                change={setHeads}
            />
        </div>
        <Checkbox
            labelText="Optional"
            checked={step.optional ?? false}
            on:check={(event) => event.detail !== (step.optional ?? false) && set({ optional: event.detail })}
        />
        <Checkbox
            labelText="Model by model"
            checked={step.perModel ?? false}
            on:check={(event) => event.detail !== (step.perModel ?? false) && set({ perModel: event.detail })}
        />
    </div>
    {#if roles.length > 0}
        <AreaTicks
            legend="Only on"
            hint="none: on everybody"
            areas={roles}
            ticked={step.roles ?? []}
            change={(ticked) => set({ roles: ticked })}
        />
    {/if}
</details>
{#if asks.includes('borders') && others.length > 0}
    <AreaTicks
        legend="Border that is lined"
        areas={others}
        ticked={step.borders ?? []}
        change={(borders) => set({ borders })}
    />
{/if}

<style>
    .more {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: end;
    }

    summary {
        color: var(--ink-quiet);
    }

    .heads {
        flex: 1 1 220px;
    }

    .more :global(.bx--checkbox-wrapper) {
        margin: 0 0 4px;
    }
</style>
