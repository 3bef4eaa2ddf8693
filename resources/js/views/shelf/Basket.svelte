<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Schemas } from '../../lib/api';
    import type { Buying } from '../../lib/buying.svelte';
    import { amount, minorUnits, money } from '../../lib/money';
    import { plural } from '../../lib/words';
    import Swatch from '../../parts/Swatch.svelte';

    /** One purchase, thing by thing: what it costs, what it is for, what else it brings. A price can be typed over. */
    let { buying, purchase }: { buying: Buying; purchase: Schemas['Purchase'] } = $props();

    type Item = Schemas['PurchaseItem'];

    function reprice(item: Item, event: Event): void {
        const typed = (event.target as HTMLInputElement).value;
        const price = minorUnits(typed);
        if (price !== null || typed.trim() === '') void buying.setPrice(item, price);
    }

    function stock(item: Item): string {
        const { handPrice, stock, deliveryDays } = item.quote;
        if (handPrice !== null) return 'price by hand';
        return stock === 0
            ? `out of stock, ${plural(deliveryDays, 'day')}`
            : `${stock} in stock, ${plural(deliveryDays, 'day')}`;
    }
</script>

<section class="panel stack padded" aria-label="Basket">
    <div class="head">
        {#if purchase.items.length === 0}
            <h2>Nothing to buy</h2>
        {:else}
            <h2>
                {money(purchase.total)} <span class="quiet">here in {plural(purchase.deliveryDays, 'day')}</span>
            </h2>
            <div class="acts">
                <Button size="small" kind="tertiary" on:click={() => print()}>Print the list</Button>
                <Button size="small" on:click={() => buying.bought(purchase.items)}>Bought: put on my shelf</Button>
            </div>
        {/if}
    </div>
    {#if purchase.open.length > 0}
        <p class="open"><b>Left open:</b> {purchase.open.map((paint) => paint.name).join(', ')}</p>
    {/if}
    {#if (buying.advice?.unmeetable.length ?? 0) > 0}
        <p class="open">
            <b>Nobody sells it this near:</b>
            {buying.advice?.unmeetable.map((paint) => paint.name).join(', ')}. Allow more, or mix it.
        </p>
    {/if}
    {#if (buying.advice?.onShelf.length ?? 0) > 0}
        <p class="open">
            <b>On your shelf already:</b>
            {buying.advice?.onShelf.map(({ wanted, by }) => `${by.name} for ${wanted.name}`).join(', ')}.
        </p>
    {/if}
    {#if (buying.advice?.unknown.length ?? 0) > 0}
        <p class="open">
            <b>Not known:</b>
            {buying.advice?.unknown.join(', ')}. Mend the spelling, or write a colour behind it.
        </p>
    {/if}
    <ul>
        {#each purchase.items as item (item.item)}
            <li>
                <div class="what">
                    <p>
                        {#if !item.isSet}<Swatch
                                hex={item.paints[0]?.colour?.hex ?? null}
                                kind={item.paints[0]?.kind}
                                size={28}
                            />&ensp;{/if}<b><bdi>{item.name}</bdi></b>
                        <span class="quiet"
                            ><bdi>{item.maker}</bdi>
                            {item.code}{item.isSet
                                ? `, a set of ${item.paints.length}, ${item.new} new to the shelf`
                                : ''}</span
                        >
                    </p>
                    {#if item.does.some((does) => item.isSet || does.by.id !== does.wanted.id || does.uses.length > 0)}
                        <p class="does">
                            {#each item.does as does}<span
                                    >{#if item.isSet}<Swatch hex={does.by.colour?.hex ?? null} size={18} />&ensp;{does
                                            .by.name}
                                    {/if}{#if does.by.id !== does.wanted.id}for {does.wanted.name}, {does.difference.toFixed(
                                            1,
                                        )} off{/if}
                                    {#if does.uses.length > 0}<span class="quiet">for {does.uses.join('; ')}</span
                                        >{/if}</span
                                >{/each}
                        </p>
                    {/if}
                </div>
                <div class="price">
                    <input
                        inputmode="decimal"
                        aria-label="Price of {item.name}"
                        title="Type a price you have seen; empty goes by the shop ({money(item.quote.shopPrice)})"
                        value={amount(item.quote.price).toFixed(2)}
                        onchange={(event) => reprice(item, event)}
                    />
                    <small class="quiet">{stock(item)}</small>
                </div>
            </li>
        {/each}
    </ul>
    {#if !purchase.isProven}
        <p class="quiet">The best found; there may be a better one.</p>
    {/if}
</section>

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: center;
        justify-content: space-between;
    }

    h2 .quiet {
        font-size: 0.875rem;
        font-weight: 400;
    }

    .open {
        padding-left: 10px;
        border-left: 4px solid var(--ink);
    }
    li {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 150px;
        gap: 12px;
        align-items: start;
        padding: 7px 0;
        border-top: 1px solid var(--line);
    }

    .what {
        display: grid;
        gap: 2px;
    }

    .does {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 16px;
    }

    .price {
        display: grid;
        justify-items: end;
    }

    input {
        width: 84px;
        height: 28px;
        border: 1px solid var(--line);
        border-radius: 3px;
        background: var(--raised);
        color: inherit;
        font: inherit;
        font-family: var(--face);
        font-weight: 700;
        text-align: right;
    }

    small {
        font-size: 0.8125rem;
        text-align: right;
    }
</style>
