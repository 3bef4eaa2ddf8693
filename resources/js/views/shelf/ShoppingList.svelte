<script lang="ts">
    import type { Schemas } from '../../lib/api';
    import { money } from '../../lib/money';
    import { day as longDay } from '../../lib/words';

    /** The purchase on paper, with boxes to tick. */
    let { day, purchase }: { day: string; purchase: Schemas['Purchase'] } = $props();
</script>

<section class="print-only" aria-label="Shopping list">
    <h1>Shopping list</h1>
    <p>{longDay(day)} · {money(purchase.total)} in all</p>
    <table>
        <tbody>
            {#each purchase.items as item (item.item)}
                <tr>
                    <td>☐</td>
                    <td
                        ><b>{item.name}</b><br />{item.maker}
                        {item.code}{item.isSet ? `, a set of ${item.paints.length}` : ''}</td
                    >
                    <td
                        >{item.does
                            .filter((does) => item.isSet || does.by.id !== does.wanted.id)
                            .map((does) => does.wanted.name)
                            .join(', ')}</td
                    >
                    <td>{money(item.quote.price)}</td>
                </tr>
            {/each}
        </tbody>
    </table>
</section>

<style>
    table {
        width: 100%;
        margin-top: 12px;
        border-collapse: collapse;
    }

    td {
        padding: 6px 12px 6px 0;
        border-top: 1px solid #999;
        vertical-align: top;
    }

    td:first-child {
        width: 24px;
    }

    td:last-child {
        text-align: right;
    }
</style>
