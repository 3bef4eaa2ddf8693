<script lang="ts">
    import { untrack } from 'svelte';
    import { Button } from 'carbon-components-svelte';
    import { type Area, type Craft, got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import { label } from '../../lib/craft.svelte';
    import { settings } from '../../lib/settings.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import { whileShown } from '../../lib/whileShown';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';
    import ColourField from '../../parts/ColourField.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import LikeArea from './LikeArea.svelte';
    import ProposalCard from './ProposalCard.svelte';
    import WishBar from './WishBar.svelte';

    /** Give it a colour and it writes the recipe: three ways side by side, from the paints on the shelf; a wish changes all three. */
    let { desk, craft, area, close }: { desk: PlanDesk; craft: Craft; area: Area; close: () => void } = $props();

    const leave = whileShown(() => close());

    type Proposal = Schemas['Proposal'];
    type Target = Schemas['RecipeInput']['target'];
    const latest = new Latest<Schemas['Proposals']>();
    const proposals = $derived(latest.answer?.proposals ?? null);
    const look = $derived(desk.plan?.looks.areas[area.id]);
    const seen = $derived(look?.strip.final.zones[2]?.hex ?? '');
    let typed = $state<string | null>(null);
    let paint = $state<{ id: string; name: string; hex: string } | null>(null);
    let like = $state<{ plan: string; area: string; hex: string } | null>(null);
    // Writing anew starts from what was asked for, not from what came of it.
    const before = untrack(() => area.wish ?? null);
    let school = $state(before?.school ?? '');
    let wishes = $state(
        untrack(() =>
            (before?.wishes ?? []).filter((one): one is Schemas['Wish'] =>
                craft.wishes.some((known) => known.value === one),
            ),
        ),
    );
    const colour = $derived(
        typed ?? paint?.hex ?? like?.hex ?? area.aim ?? (area.steps.length > 0 ? seen : (look?.named ?? '')),
    );

    /** Who had a recipe written and went on by hand keeps what is theirs, unless they say otherwise. */
    const touched = $derived(area.steps.some((step) => step.written !== undefined) ? (look?.byHand ?? []) : []);
    let kept = $state<string[] | null>(null);
    const keep = $derived((kept ?? touched).filter((id) => area.steps.some((step) => step.id === id)));

    function target(): Target {
        if (typed !== null) return { colour: typed };
        if (paint !== null) return { paint: paint.id };
        return like !== null ? { plan: like.plan, area: like.area } : { colour };
    }

    async function write(): Promise<void> {
        const body = { target: target(), school: school === '' ? null : (school as Schemas['School']), wishes, keep };
        const params = { path: { id: desk.id, area: area.id } };
        await latest.ask(() => got(server.POST('/plans/{id}/areas/{area}/recipes', { params, body })));
    }

    function wish(next: Schemas['Wish'][]): void {
        wishes = next;
        if (proposals !== null) void write();
    }

    async function paintWith(airbrush: boolean): Promise<void> {
        if ((await settings.set({ tools: { airbrush } })) === null && proposals !== null) void write();
    }

    function toggle(id: string, on: boolean): void {
        kept = on ? [...keep, id] : keep.filter((one) => one !== id);
        if (proposals !== null) void write();
    }

    async function take(proposal: Proposal): Promise<void> {
        const wish = { school: school === '' ? null : school, wishes };
        if (await desk.repaintArea(area, proposal.steps, { aim: latest.answer?.asked ?? colour, wish })) leave();
    }

    async function putAside(proposal: Proposal): Promise<void> {
        await desk.addVariant(area, proposal.label, proposal.steps);
    }
</script>

<section class="writer" aria-label="Recipes for {area.name}" use:takesCursor>
    <form
        onsubmit={(event) => {
            event.preventDefault();
            void write();
        }}
    >
        <ColourField
            label="Colour it shall have"
            value={colour}
            placeholder="#e2b21f or warm red"
            fault={latest.problem?.at('target.colour') ?? ''}
            shown={/^#/.test(colour) ? colour : (latest.answer?.asked ?? colour)}
            change={(value) => ((typed = value), (paint = like = null))}
        />
        <PaintPicker
            label="or that of a paint"
            chosen={paint ?? { id: '', name: 'any, owned or not' }}
            fault={latest.problem?.at('target.paint') ?? ''}
            pick={(one) => ((paint = { id: one.id, name: one.name, hex: one.swatch ?? '' }), (typed = like = null))}
        />
        <LikeArea
            {desk}
            besides={area.id}
            chosen={like}
            fault={latest.problem?.at('target.area') ?? ''}
            pick={(one) => ((like = one), (typed = paint = null))}
        />
        <Choose
            label="Way of painting"
            value={school}
            choices={[{ value: '', label: 'the three that suit best' }, ...craft.schools]}
            change={(value) => (school = value)}
        />
        <div class="acts">
            <BusyButton type="submit" busy={latest.busy}
                >{latest.busy ? 'Writing…' : proposals === null ? 'Write recipes' : 'Write them anew'}</BusyButton
            >
            <Button size="small" kind="ghost" on:click={close}>Leave it</Button>
        </div>
        <div class="tools">
            <Tick label="An airbrush is at hand" checked={settings.tools.airbrush} change={paintWith} />
        </div>
    </form>
    {#if area.steps.length > 0}
        <fieldset>
            <legend>Leave as they are</legend>
            {#each area.steps as step (step.id)}
                <Tick
                    label="{label(craft.techniques, step.technique)}, {desk.plan?.looks.steps[step.id]?.words ?? ''}"
                    checked={keep.includes(step.id)}
                    change={(on) => toggle(step.id, on)}
                />
            {/each}
        </fieldset>
    {/if}
    {#if latest.problem && latest.problem.faults.length === 0}
        <Trouble problem={latest.problem} retry={write} />
    {:else if proposals?.length === 0}
        <p>There is no paint to write with: nothing that suits is on the shelf, nor among the paints known here.</p>
    {:else if proposals}
        <WishBar {craft} {wishes} change={wish} />
        <div class="proposals" class:old={latest.busy} aria-busy={latest.busy}>
            {#each proposals as proposal (proposal.school)}
                <ProposalCard
                    {proposal}
                    {desk}
                    areaId={area.id}
                    take={() => take(proposal)}
                    putAside={() => putAside(proposal)}
                />
            {/each}
        </div>
    {/if}
</section>

<style>
    .writer {
        display: grid;
        gap: 12px;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 170px) repeat(3, minmax(0, 1fr)) auto;
        gap: 10px 14px;
        align-items: end;
    }

    .tools {
        grid-column: 1 / -1;
    }

    .acts {
        display: flex;
        gap: 6px;
    }

    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 0 18px;
        margin: 0;
        padding: 0;
        border: 0;
    }

    legend {
        margin-bottom: 2px;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
    }

    .proposals {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
        gap: 14px;
    }

    .old {
        opacity: 0.55;
    }

    @media (max-width: 1160px) {
        form {
            grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        }
    }

    @media (max-width: 560px) {
        form {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
