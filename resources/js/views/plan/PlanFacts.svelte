<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Craft } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Count from '../../parts/Count.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';
    import Words from '../../parts/Words.svelte';

    /** The kind of model and what it is primed with. */
    let { desk, craft }: { desk: PlanDesk; craft: Craft } = $props();

    const document = $derived(desk.document!);
    const names = $derived(Object.fromEntries((desk.plan?.paints ?? []).map((paint) => [paint.id, paint.name])));
    const isZenithal = $derived(document.undercoat.light !== null);

    function setModel(changes: Partial<typeof document.model>): void {
        desk.change((one) => Object.assign(one.model, changes));
    }

    function setUndercoat(changes: Partial<typeof document.undercoat>): void {
        desk.change((one) => Object.assign(one.undercoat, changes));
    }
</script>

<section class="panel" aria-label="Model and undercoat">
    <div class="row">
        <Words
            label="Name of the plan"
            value={document.name}
            fault={desk.faultAt('name')}
            change={(name) => desk.change((one) => (one.name = name))}
        />
        <Words
            label="Model"
            value={document.model.name}
            fault={desk.faultAt('model.name')}
            change={(name) => setModel({ name })}
        />
        <Choose
            label="Body"
            value={document.model.bodyType}
            choices={craft.bodyTypes}
            change={(bodyType) => setModel({ bodyType })}
        />
        <Count
            label="Height, mm"
            value={document.model.heightMm}
            least={craft.limits.leastHeightMm}
            most={craft.limits.mostHeightMm}
            fault={desk.faultAt('model.heightMm')}
            change={(heightMm) => setModel({ heightMm })}
        />
        <Choose
            label="Finish"
            value={document.model.finishLevel}
            choices={craft.finishLevels}
            change={(finishLevel) => setModel({ finishLevel })}
        />
    </div>
    <div class="row under">
        <PaintPicker
            label="Undercoat"
            first="primer"
            chosen={{ id: document.undercoat.base, name: names[document.undercoat.base] ?? '…' }}
            fault={desk.faultAt('undercoat.base')}
            pick={(paint) => setUndercoat({ base: paint.id })}
        />
        <PaintPicker
            label="Light from above"
            first="primer"
            chosen={document.undercoat.light
                ? { id: document.undercoat.light, name: names[document.undercoat.light] ?? '…' }
                : { id: '', name: 'none: plain undercoat' }}
            fault={desk.faultAt('undercoat.light')}
            pick={(paint) => setUndercoat({ light: paint.id })}
        />
        {#if isZenithal}
            <Count
                label="Cone, degrees"
                value={document.undercoat.coneDegrees}
                least={craft.limits.narrowestCone}
                most={craft.limits.widestCone}
                fault={desk.faultAt('undercoat.coneDegrees')}
                change={(coneDegrees) => setUndercoat({ coneDegrees })}
            />
            <Button size="small" kind="tertiary" on:click={() => setUndercoat({ light: null })}>Plain undercoat</Button>
        {/if}
    </div>
</section>

<style>
    section {
        display: grid;
        gap: 12px;
        padding: 12px 14px 14px;
    }

    .row {
        display: grid;
        grid-template-columns: 1.4fr 1.4fr 1fr auto 1fr;
        gap: 12px;
        align-items: end;
    }

    .under {
        grid-template-columns: 1fr 1fr auto auto;
    }

    @media (max-width: 900px) {
        .row {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
