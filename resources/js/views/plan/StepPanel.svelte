<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { tick } from 'svelte';
    import ArrowRight from 'carbon-icons-svelte/lib/ArrowRight.svelte';
    import ArrowLeft from 'carbon-icons-svelte/lib/ArrowLeft.svelte';
    import type { Area, Craft, Stage, Step } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { handbook, loadHandbook } from '../../lib/handbook.svelte';
    import { clipboard } from '../../lib/copied.svelte';
    import { plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import DilutionEditor from '../../parts/DilutionEditor.svelte';
    import Count from '../../parts/Count.svelte';
    import Drops from '../../parts/Drops.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import Words from '../../parts/Words.svelte';
    import Hazards from '../../parts/Hazards.svelte';
    import { groupsOf } from '../../lib/techniques';
    import MixEditor from './MixEditor.svelte';
    import SecondColour from './SecondColour.svelte';
    import StepMore from './StepMore.svelte';

    /** One step, open for editing: what, with what, how thin, how often, with which brush, where. */
    let {
        desk,
        craft,
        area,
        step,
        stage,
        choose,
    }: {
        desk: PlanDesk;
        craft: Craft;
        /** Null when it is done to the whole model. */
        area: Area | null;
        step: Step;
        stage: Stage | null;
        choose: (stepId: string) => void;
    } = $props();

    const look = $derived(desk.plan?.looks.steps[step.id]);
    void loadHandbook().catch(() => undefined);
    const technique = $derived(craft.techniques.find((one) => one.value === step.technique));
    const asks = $derived(technique?.asks ?? []);
    const steps = $derived(area?.steps ?? desk.document?.wholeModel ?? []);
    const position = $derived(steps.findIndex((one) => one.id === step.id));
    const path = $derived(
        area === null
            ? `wholeModel.${position}`
            : `areas.${desk.document?.areas.findIndex((one) => one.id === area.id)}.steps.${position}`,
    );
    /** Varnish for a varnish, decal fluid for a decal; paint that has colour needs no hint. */
    const needed = $derived(
        (technique?.kinds.length ?? 0) > 2 ? null : (technique?.kinds.find((kind) => kind !== 'medium') ?? null),
    );
    /** The step a note is being written to, as long as it has none. */
    let noted = $state('');
    let noteBox = $state<HTMLElement>();

    async function note(): Promise<void> {
        noted = step.id;
        await tick();
        noteBox?.querySelector('input')?.focus();
    }

    const forecast = $derived(stage?.forecast ?? null);
    /** What is said without opening how thin it is. */
    const thinned = $derived(
        step.dilution.thinner === 0
            ? 'Not thinned: thin it'
            : `Thinned ${step.dilution.paint} : ${step.dilution.thinner} with ${(craft.thinners.find((one) => one.value === step.dilution.with)?.label ?? step.dilution.with).toLowerCase()}`,
    );
    const thinFault = $derived(
        ['paint', 'thinner', 'with'].some((field) => desk.faultAt(`${path}.dilution.${field}`) !== ''),
    );

    async function duplicate(): Promise<void> {
        const id = await desk.duplicateStep(step.id);
        if (id !== null) choose(id);
    }

    /** It stays open, wherever it goes. */
    function move(by: number): void {
        if (area === null) return;
        const { id } = step;
        desk.moveStep(area.id, position, position + by);
        choose(id);
    }

    function set(changes: Partial<Step>): void {
        desk.changeStep(step.id, changes);
    }
</script>

<section class="panel stack padded" aria-label="Step {position + 1}, {technique?.label}">
    <header>
        <h2>
            <TechniqueMark technique={step.technique} />{technique?.label ?? step.technique}
            <span class="quiet">· step {position + 1} of {steps.length}</span>
        </h2>
        <div class="acts">
            <Button
                size="small"
                kind="ghost"
                icon={ArrowLeft}
                iconDescription="Move step earlier"
                disabled={area === null || position === 0}
                on:click={() => move(-1)}
            />
            <Button
                size="small"
                kind="ghost"
                icon={ArrowRight}
                iconDescription="Move step later"
                disabled={area === null || position === steps.length - 1}
                on:click={() => move(1)}
            />
            {#if area}<Button size="small" kind="tertiary" on:click={() => clipboard.step(area.name, step)}>Copy</Button
                >{/if}
            <Button size="small" kind="tertiary" on:click={duplicate}>Duplicate</Button>
            <Button size="small" kind="tertiary" on:click={() => void desk.removeStep(step.id)}>Take out</Button>
        </div>
    </header>
    {#if stage}<p>Afterwards <b>{stage.words}</b>, value {stage.lowest} to {stage.highest}.</p>{/if}
    <p class="quiet">
        {handbook()?.hints[step.technique] ?? ''}
    </p>
    {#if (technique?.kinds.length ?? 0) > 0}<div class="with stack">
            {#key step.id}
                <MixEditor
                    {craft}
                    mix={step.mix}
                    fault={desk.faultAt(`${path}.mix`)}
                    names={desk.plan?.paints ?? []}
                    first={needed}
                    ready
                    change={(mix) => desk.paintStep(step, mix)}
                />
                {#if asks.includes('second')}<SecondColour {desk} {craft} {step} {path} {set} />{/if}
            {/key}
        </div>{/if}
    <div class="how">
        <Choose
            label="Technique"
            value={step.technique}
            choices={craft.techniques}
            groups={groupsOf(craft)}
            fault={desk.faultAt(`${path}.technique`)}
            change={(value) => void desk.edit({ do: 'swap-technique', step: step.id, technique: value })}
        />
        {#if asks.includes('place')}
            <Choose
                label="Where"
                value={step.place}
                choices={craft.places}
                fault={desk.faultAt(`${path}.place`)}
                change={(place) => set({ place })}
            />
            <Choose
                label="Brush"
                value={step.brush}
                choices={craft.brushes}
                fault={desk.faultAt(`${path}.brush`)}
                change={(brush) => set({ brush })}
            />
        {/if}
        {#if asks.includes('coats')}<div class="coats form-row">
                <Count
                    label="Coats"
                    value={step.coats}
                    least={1}
                    most={craft.limits.coats}
                    fault={desk.faultAt(`${path}.coats`)}
                    change={(coats) => set({ coats })}
                />
                {#if forecast}
                    <p class="forecast" class:differs={forecast.coats !== step.coats}>
                        {#if forecast.isTooThin}<b>too thin</b> to cover{:else if forecast.coats === null}<b
                                >does not cover</b
                            >{:else}<b>{plural(forecast.coats, 'coat')}</b> to cover{/if}
                    </p>
                {/if}
            </div>{/if}
    </div>
    {#if (technique?.kinds.length ?? 0) > 0 && asks.includes('dilution')}
        <div class="thin">
            {#if look?.mix}
                <div class="drops">
                    <span class="bx--label">Drops for one model</span><Drops drops={look.drops} />
                </div>
            {/if}
            <details open={thinFault}>
                <summary>{thinned}</summary>
                <div class="parts">
                    <DilutionEditor
                        {craft}
                        dilution={step.dilution}
                        faultAt={(field) => desk.faultAt(`${path}.dilution.${field}`)}
                        change={(dilution) => set({ dilution: { ...step.dilution, ...dilution } })}
                    />
                </div>
            </details>
        </div>
    {/if}
    <StepMore {desk} {craft} {area} {step} {asks} {path} {set} />
    {#if technique}<Hazards hazards={technique.hazards} {craft} />{/if}
    {#if step.note !== '' || noted === step.id || desk.faultAt(`${path}.note`) !== ''}
        <div bind:this={noteBox}>
            <Words
                label="Note"
                value={step.note}
                placeholder="What to remember at the desk"
                fault={desk.faultAt(`${path}.note`)}
                change={(note) => set({ note })}
            />
        </div>
    {:else}
        <div><Button size="small" kind="ghost" on:click={note}>Add a note</Button></div>
    {/if}
    <p class="quiet"><a href="#/handbook?find={technique?.label ?? ''}">{technique?.label} in the handbook</a></p>
</section>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        justify-content: space-between;
    }

    h2 {
        display: flex;
        gap: 7px;
        align-items: center;
    }

    h2 span {
        font-weight: 400;
    }

    .how {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr) minmax(0, 1fr) auto;
        gap: 10px 14px;
        align-items: start;
    }

    .forecast {
        width: 68px;
        padding-bottom: 2px;
        color: var(--ink-quiet);
        line-height: 1.15;
    }

    .forecast.differs {
        color: var(--ink);
    }

    .thin {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 28px;
        align-items: end;
    }

    .parts {
        display: grid;
        grid-template-columns: auto auto 128px;
        gap: 10px 14px;
        align-items: end;
        justify-content: start;
        padding-top: 8px;
    }

    summary {
        color: var(--ink-quiet);
    }

    .drops .bx--label {
        display: block;
    }

    @media (max-width: 1100px) {
        .how {
            grid-template-columns: repeat(2, minmax(0, 1fr));
        }
    }

    @media (max-width: 700px) {
        .parts {
            grid-template-columns: auto auto;
        }
    }
</style>
