<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { type Area, type Craft, got, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import ColourField from '../../parts/ColourField.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** Give it a colour and it writes the recipe: three ways side by side, from the paints on the shelf. */
    let { desk, craft, area, close }: { desk: PlanDesk; craft: Craft; area: Area; close: () => void } = $props();

    type Proposal = Schemas['Proposal'];
    const latest = new Latest<Schemas['Proposals']>();
    const proposals = $derived(latest.answer?.proposals ?? null);
    const seen = $derived(desk.plan?.looks.areas[area.id]?.strip.final.zones[2]?.hex ?? '');
    let typed = $state<string | null>(null);
    let paint = $state<{ id: string; name: string; hex: string } | null>(null);
    let school = $state('');
    const colour = $derived(typed ?? paint?.hex ?? (area.steps.length > 0 ? seen : ''));

    async function write(): Promise<void> {
        const target = paint === null ? { colour } : { paint: paint.id };
        const body = { target, school: school === '' ? null : (school as Schemas['School']) };
        const params = { path: { id: desk.id, area: area.id } };
        await latest.ask(() => got(server.POST('/plans/{id}/areas/{area}/recipes', { params, body })));
    }

    async function take(proposal: Proposal): Promise<void> {
        if (await desk.repaintArea(area, proposal.steps)) close();
    }
</script>

<section class="writer" aria-label="Recipes for {area.name}">
    <form
        onsubmit={(event) => {
            event.preventDefault();
            void write();
        }}
    >
        <ColourField
            label="Colour it shall have"
            value={colour}
            placeholder="#e2b21f"
            fault={latest.problem?.at('target.colour') ?? ''}
            change={(value) => ((typed = value), (paint = null))}
        />
        <PaintPicker
            label="or that of a paint"
            chosen={paint ?? { id: '', name: 'any, owned or not' }}
            fault={latest.problem?.at('target.paint') ?? ''}
            pick={(one) => ((paint = { id: one.id, name: one.name, hex: one.swatch ?? '' }), (typed = null))}
        />
        <Choose
            label="Way of painting"
            value={school}
            choices={[{ value: '', label: 'the three that suit best' }, ...craft.schools]}
            change={(value) => (school = value)}
        />
        <div class="acts">
            <Button size="small" type="submit" disabled={latest.busy}
                >{latest.busy ? 'Writing…' : proposals === null ? 'Write recipes' : 'Write them anew'}</Button
            >
            <Button size="small" kind="ghost" on:click={close}>Leave it</Button>
        </div>
    </form>
    {#if latest.problem && latest.problem.faults.length === 0}
        <Trouble problem={latest.problem} retry={write} />
    {:else if proposals?.length === 0}
        <p>There is no paint to write with: nothing that suits is on the shelf or in the catalogue.</p>
    {:else if proposals}
        <div class="proposals" class:old={latest.busy}>
            {#each proposals as proposal (proposal.school)}
                <article aria-label={proposal.label}>
                    <h3>{proposal.label}</h3>
                    <div class="well looks">
                        {#each proposal.strip.stages as stage, index (index)}<ZoneBars
                                look={stage}
                                height={index === proposal.strip.stages.length - 1 ? 40 : 12}
                                label="after {stage.technique}"
                            />{/each}
                    </div>
                    <p class="facts">
                        <b>{plural(proposal.steps.length, 'step')}</b> · {Math.round(proposal.minutes)} min a model · {plural(
                            proposal.pots,
                            'pot',
                        )}
                    </p>
                    <p class="quiet">{proposal.reason}</p>
                    {#if proposal.missing.length > 0}<p class="buy">
                            <b>To buy:</b>
                            {proposal.missing.map((one) => `${one.name} (${one.maker} ${one.code})`).join(', ')}
                        </p>{/if}
                    {#each [...proposal.unreached, ...proposal.remarks] as words (words)}<p class="buy">
                            {words}
                        </p>{/each}
                    <ol>
                        {#each proposal.told as step, index (index)}
                            <li>
                                <Swatch hex={step.colour} size={22} />
                                <div>
                                    <p class="what">
                                        <TechniqueMark technique={step.technique} size={13} /><b>{step.label}</b>
                                        <span class="quiet"
                                            >{step.coats > 1 ? `${step.coats} ×, ` : ''}{step.dilution}</span
                                        >
                                    </p>
                                    <p><bdi>{step.words}</bdi></p>
                                    <p class="quiet why">{step.reason}</p>
                                </div>
                            </li>
                        {/each}
                    </ol>
                    <Button size="small" kind="secondary" on:click={() => take(proposal)}
                        >Take this one<span class="sr">: {proposal.label}</span></Button
                    >
                </article>
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
        grid-template-columns: minmax(0, 190px) minmax(0, 1fr) minmax(0, 1fr) auto;
        gap: 10px 14px;
        align-items: end;
    }

    .acts {
        display: flex;
        gap: 6px;
    }

    .proposals {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
        gap: 14px;
    }

    .old {
        opacity: 0.55;
    }

    article {
        display: flex;
        flex-direction: column;
        gap: 8px;
        min-width: 0;
        padding: 12px;
        border: 1px solid var(--line);
        border-radius: 6px;
        background: var(--raised);
    }

    h3::first-letter {
        text-transform: uppercase;
    }

    article :global(.bx--btn) {
        align-self: start;
        margin-top: auto;
    }

    .what {
        display: flex;
        flex-wrap: wrap;
        gap: 0 5px;
        align-items: center;
    }

    .looks {
        display: grid;
        gap: 3px;
        padding: 8px;
    }

    .buy {
        padding-left: 8px;
        border-left: 3px solid var(--ink);
    }

    ol {
        display: grid;
        gap: 8px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: 22px minmax(0, 1fr);
        gap: 8px;
        align-items: start;
        line-height: 1.3;
    }

    .why {
        font-size: 0.8125rem;
    }

    @media (max-width: 900px) {
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
