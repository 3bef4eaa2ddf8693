<script lang="ts">
    import { RadioTile, TextArea, TextInput, TileGroup } from 'carbon-components-svelte';
    import Tick from '../../parts/Tick.svelte';
    import { router } from 'svelte-spa-router';
    import { got, type Named, server, type Schemas } from '../../lib/api';
    import { Buying, WAYS, type Source } from '../../lib/buying.svelte';
    import { minorUnits, money } from '../../lib/money';
    import { plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import Desk from '../../parts/Desk.svelte';
    import Nothing from '../../parts/Nothing.svelte';
    import Tolerance from '../../parts/Tolerance.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import Basket from './Basket.svelte';
    import SetList from './SetList.svelte';
    import ShoppingList from './ShoppingList.svelte';

    /** What to buy so that everything wanted can be painted. */
    const buying = new Buying();
    let plans = $state<Named[]>([]);
    const sources: { value: Source; label: string }[] = [
        { value: 'plan', label: 'a plan' },
        { value: 'wishes', label: 'my wish list' },
        { value: 'list', label: 'a list of mine' },
    ];

    const asked = new URLSearchParams(router.querystring).get('plan');
    void got(server.GET('/plans/names')).then((fetched) => {
        plans = fetched;
        buying.planId = asked ?? fetched[0]?.id ?? '';
        if (buying.planId === '') buying.source = 'wishes';
    });

    $effect(() => {
        const { source, planId, text, tolerance, budget, inStockOnly, shelfStandsIn } = buying;
        void [source, planId, text, tolerance, budget, inStockOnly, shelfStandsIn];
        buying.ask();
    });

    /** "2 pots and a set of 8" */
    function boxes(purchase: Schemas['Purchase']): string {
        const pots = purchase.items.filter((item) => !item.isSet).length;
        const sets = purchase.items.filter((item) => item.isSet).map((item) => `a set of ${item.paints.length}`);
        return [...(pots > 0 ? [plural(pots, 'pot')] : []), ...sets].join(' and ') || 'nothing';
    }

    function budget(typed: string): void {
        const value = typed.trim();
        buying.budget = minorUnits(value);
    }
</script>

<div class="screen-only">
    <Desk sideWidth="250px" busy={buying.busy}>
        {#snippet side()}
            <Choose
                label="Buy for"
                value={buying.source}
                choices={sources}
                change={(source) => (buying.source = source as Source)}
            />
            {#if buying.source === 'plan'}
                <Choose
                    label="Plan"
                    value={buying.planId}
                    choices={plans.map((plan) => ({ value: plan.id, label: plan.name }))}
                    change={(id) => (buying.planId = id)}
                />
            {:else if buying.source === 'list'}
                <TextArea
                    labelText="One paint a line"
                    rows={7}
                    dir="auto"
                    spellcheck={false}
                    bind:value={buying.text}
                />
            {/if}
            <Tolerance
                value={buying.tolerance}
                fault={buying.problem?.at('tolerance') ?? ''}
                change={(tolerance) => (buying.tolerance = tolerance)}
            />
            <TextInput
                size="sm"
                labelText="Spend at most"
                inputmode="decimal"
                placeholder="no limit"
                invalid={!!buying.problem?.at('budget')}
                invalidText={buying.problem?.at('budget') ?? ''}
                on:change={(event) => budget(String(event.detail ?? ''))}
            />
            <Tick
                label="not what my shelf stands in for"
                checked={buying.shelfStandsIn}
                change={(checked) => (buying.shelfStandsIn = checked)}
            />
            <Tick
                label="only what is in stock today"
                checked={buying.inStockOnly}
                change={(checked) => (buying.inStockOnly = checked)}
            />
        {/snippet}
        {#if buying.problem && buying.problem.at('budget') === ''}
            <Trouble problem={buying.problem} retry={() => buying.ask()} />
        {:else if buying.advice === null}
            <Nothing title={buying.busy ? 'Weighing pots against boxes…' : 'What do you want to paint?'}>
                <p class="quiet">Choose a plan, or write down what you want.</p>
            </Nothing>
        {:else if buying.advice.needs.length === 0}
            <Nothing title="Nothing to buy">
                <p class="quiet">
                    {buying.source === 'wishes' ? 'Your wish list is empty.' : 'All of it stands on your shelf.'}
                </p>
            </Nothing>
        {:else}
            {#if WAYS.some(({ way }) => buying.advice!.purchases[way].items.length > 0)}
                <div class="ways">
                    <TileGroup
                        name="way"
                        legendText="Way to buy"
                        selected={buying.way}
                        on:select={(event) => (buying.way = event.detail as typeof buying.way)}
                    >
                        {#each WAYS as { way, name } (way)}
                            {@const purchase = buying.advice.purchases[way]}
                            <RadioTile value={way}>
                                <span>{name}</span>
                                <b>{money(purchase.total)}</b>
                                <small class="fine-print"
                                    >{boxes(purchase)}: {plural(purchase.adds.length, 'new paint')}{purchase.open
                                        .length > 0
                                        ? `, ${purchase.open.length} left open`
                                        : ''}</small
                                >
                            </RadioTile>
                        {/each}
                    </TileGroup>
                </div>
            {/if}
            {#if buying.purchase}<Basket {buying} purchase={buying.purchase} />{/if}
        {/if}
        <SetList />
    </Desk>
</div>
{#if buying.advice && buying.purchase}<ShoppingList day={buying.advice.day} purchase={buying.purchase} />{/if}

<style>
    .ways :global(legend) {
        position: absolute;
        width: 1px;
        height: 1px;
        overflow: hidden;
        clip-path: inset(50%);
    }

    .ways :global(fieldset > div) {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 12px;
    }

    .ways :global(.bx--tile) {
        min-width: 0;
        min-height: 0;
        padding: 10px 14px;
        border: 1px solid var(--line);
        border-radius: var(--radius);
        background: var(--panel);
        cursor: pointer;
    }

    .ways :global(.bx--tile--is-selected) {
        border-color: var(--ink);
        box-shadow: inset 0 0 0 1px var(--ink);
    }

    .ways :global(.bx--tile-content) {
        display: grid;
        gap: 2px;
    }

    .ways :global(.bx--tile__checkmark) {
        display: none;
    }

    b {
        font-size: 1.75rem;
        line-height: 1.15;
    }

    @media (max-width: 560px) {
        .ways :global(fieldset > div) {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
