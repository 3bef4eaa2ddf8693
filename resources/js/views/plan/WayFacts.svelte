<script lang="ts">
    import type { Schemas } from '../../lib/api';
    import { money } from '../../lib/money';
    import { span } from '../../lib/words';

    /** What a way takes on one model, the least of each among all the ways drawn strong. */
    type Way = Schemas['WayToPaint'] | Schemas['WayOfSeveral'];
    let { way, all, drying = 'drying' }: { way: Way; all: Way[]; drying?: string } = $props();

    /** It takes the least of all, and not all take the same. */
    function isLeast(of: (one: Way) => number): boolean {
        const numbers = all.map(of);
        return of(way) === Math.min(...numbers) && new Set(numbers).size > 1;
    }
</script>

<dl>
    <dt>at the brush</dt>
    <dd class:least={isLeast((one) => one.minutes)}>{span(Math.round(way.minutes))}</dd>
    <dt>coats</dt>
    <dd class:least={isLeast((one) => one.coats)}>{way.coats}</dd>
    <dt>{drying}</dt>
    <dd class:least={isLeast((one) => one.dryMinutes)}>{span(way.dryMinutes)}</dd>
    <dt>pots</dt>
    <dd class:least={isLeast((one) => one.pots)}>{way.pots}</dd>
    <dt>to buy</dt>
    <dd class:least={isLeast((one) => one.toBuy.length)}>
        {#if way.toBuy.length === 0}nothing{:else}<bdi>{way.toBuy.join(', ')}</bdi>, {money(way.price)}{/if}
    </dd>
    {#if way.slipMinutes !== null}
        <dt>a slip onto it</dt>
        <dd class:least={isLeast((one) => one.slipMinutes ?? 0)}>{span(way.slipMinutes)}</dd>
    {/if}
    {#if way.newTechniques.length > 0}
        <dt>you would learn</dt>
        <dd>{way.newTechniques.join(', ').toLowerCase()}</dd>
    {/if}
    {#if way.sprayedWith.length > 0}
        <dt>wants</dt>
        <dd>{way.sprayedWith.join(', ').toLowerCase()}</dd>
    {/if}
    {#if 'undercoat' in way && way.undercoat}
        <dt>stands on</dt>
        <dd><bdi>{way.undercoat}</bdi></dd>
    {/if}
</dl>

<style>
    dl {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr);
        gap: 2px 12px;
        font-size: 0.875rem;
    }

    dt {
        color: var(--ink-quiet);
    }

    .least {
        font-weight: 700;
    }
</style>
