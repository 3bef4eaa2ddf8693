<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Craft, Schemas } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import type { Place } from '../../lib/planEdits';
    import Choose from '../../parts/Choose.svelte';
    import ConeMark from '../../parts/ConeMark.svelte';
    import Count from '../../parts/Count.svelte';
    import Hazards from '../../parts/Hazards.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';
    import SprayHours from '../../parts/SprayHours.svelte';
    import Words from '../../parts/Words.svelte';
    import LooseParts from './LooseParts.svelte';
    import Roles from './Roles.svelte';
    import UndercoatAdvice from './UndercoatAdvice.svelte';

    /** The kind of model and what it is primed with. */
    let { desk, craft }: { desk: PlanDesk; craft: Craft } = $props();

    let asking = $state(false);
    let weathering = $state(false);
    const document = $derived(desk.document!);
    const names = $derived(Object.fromEntries((desk.plan?.paints ?? []).map((paint) => [paint.id, paint.name])));
    const undercoat = $derived(document.undercoat);

    const hazard = $derived(
        craft.sprayMethods.find((one) => one.value === (undercoat?.method ?? 'spray-can'))?.hazard ?? null,
    );

    function setModel(changes: Partial<typeof document.model>): void {
        desk.set(['model'], changes);
    }

    function setUndercoat(changes: Partial<NonNullable<typeof undercoat>>): void {
        desk.set([], { undercoat: { base: '', light: null, coneDegrees: 45, ...undercoat, ...changes } });
    }

    /** The change that a candidate of an undercoat is; of a loose part where one is named. */
    function groundedOn(one: Schemas['UndercoatCandidate'], part: string | null) {
        const ground = {
            base: one.base?.id ?? '',
            light: one.light?.id ?? null,
            below: one.below?.id ?? null,
            coneDegrees: one.coneDegrees,
        };
        return part === null
            ? { do: 'set' as const, at: [], fields: { undercoat: { ...undercoat, ...ground } } }
            : { do: 'set' as const, at: ['parts', part], fields: { undercoat: ground } };
    }

    function named(id: string | null | undefined, none: string): { id: string; name: string } {
        return id ? { id, name: names[id] ?? '…' } : { id: '', name: none };
    }
</script>

<section class="panel stack padded" aria-label="Model and undercoat">
    <div class="row">
        <Words
            label="Name of the plan"
            value={document.name}
            fault={desk.faultAt('name')}
            change={(name) => desk.set([], { name })}
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
            chosen={named(undercoat?.base, 'none: bare plastic')}
            fault={desk.faultAt('undercoat.base')}
            pick={(paint) => setUndercoat({ base: paint.id })}
        />
        {#if undercoat}
            <PaintPicker
                label="Light from above"
                first="primer"
                chosen={named(undercoat.light, 'none: plain undercoat')}
                fault={desk.faultAt('undercoat.light')}
                pick={(paint) => setUndercoat({ light: paint.id })}
            />
            <PaintPicker
                label="Colour from below"
                first="primer"
                chosen={named(undercoat.below, 'none')}
                fault={desk.faultAt('undercoat.below')}
                pick={(paint) => setUndercoat({ below: paint.id })}
            />
            <Choose
                label="By"
                value={undercoat.method ?? 'spray-can'}
                choices={craft.sprayMethods}
                change={(method) => setUndercoat({ method })}
            />
            {#if undercoat.light || undercoat.below}
                <div class="cone">
                    <ConeMark degrees={undercoat.coneDegrees} below={!undercoat.light} />
                    <Count
                        label="How wide it falls, °"
                        value={undercoat.coneDegrees}
                        least={craft.limits.narrowestCone}
                        most={craft.limits.widestCone}
                        fault={desk.faultAt('undercoat.coneDegrees')}
                        change={(coneDegrees) => setUndercoat({ coneDegrees })}
                    />
                </div>
                <Button size="small" kind="tertiary" on:click={() => setUndercoat({ light: null, below: null })}
                    >Plain undercoat</Button
                >
            {/if}
            <Button size="small" kind="ghost" on:click={() => desk.set([], { undercoat: null })}>Bare plastic</Button>
        {/if}
    </div>
    {#if undercoat && hazard}<Hazards hazards={[hazard]} {craft} />{/if}
    <div class="ask">
        <Button size="small" kind="tertiary" aria-expanded={asking} on:click={() => (asking = !asking)}
            >Which undercoat?</Button
        >
        {#if undercoat}<Button
                size="small"
                kind="tertiary"
                aria-expanded={weathering}
                on:click={() => (weathering = !weathering)}>Can I spray now?</Button
            >{/if}
    </div>
    {#if undercoat && weathering}<SprayHours method={undercoat.method ?? 'spray-can'} />{/if}
    {#if asking}<UndercoatAdvice
            {desk}
            after={groundedOn}
            take={(one, part) => {
                const { at, fields } = groundedOn(one, part);
                desk.set(at as Place, fields);
            }}
            takeMethod={(method) => setUndercoat({ method })}
        />{/if}
    <div class="row way">
        <Choose
            label="Edges"
            value={document.way?.edges ?? 'neat'}
            choices={craft.edges}
            change={(edges) => desk.set([], { way: { ...document.way, edges } })}
        />
        {#if undercoat}
            <Count
                label="Wait after the undercoat, min (0: as long as it takes)"
                value={undercoat.waitMinutes ?? 0}
                least={0}
                most={craft.limits.waitMinutes}
                fault={desk.faultAt('undercoat.waitMinutes')}
                change={(minutes) => setUndercoat({ waitMinutes: minutes === 0 ? null : minutes })}
            />
        {/if}
    </div>
    <LooseParts {desk} />
    <Roles {desk} />
</section>

<style>
    .cone {
        display: flex;
        gap: 8px;
        align-items: end;
    }

    .row {
        display: grid;
        grid-template-columns: 1.4fr 1.4fr 1fr auto 1fr;
        gap: 12px;
        align-items: end;
    }

    .ask {
        display: flex;
        gap: 8px;
    }

    .way {
        grid-template-columns: minmax(0, 340px) auto;
        justify-content: start;
    }

    .under {
        grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
    }

    @media (max-width: 900px) {
        .row {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
