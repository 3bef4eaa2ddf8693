<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { craft, label } from '../../lib/craft.svelte';
    import type { Shelf } from '../../lib/shelf.svelte';
    import Swatch from '../../parts/Swatch.svelte';

    /** Paints as a list that grows as one reads on. What is owned is edited in its row. */
    let {
        shelf,
        chosenId,
        choose,
        add,
        names,
    }: {
        shelf: Shelf;
        chosenId: string | null;
        choose: (id: string) => void;
        /** Opens the form of a new paint, or that of a whole list of names. */
        add: () => void;
        names: () => void;
    } = $props();

    const hasMore = $derived(shelf.page !== null && shelf.page.page < shelf.page.pages);

    function growing(end: HTMLElement) {
        const watch = new IntersectionObserver((seen) => seen.some((one) => one.isIntersecting) && void shelf.more(), {
            rootMargin: '600px',
        });
        watch.observe(end);
        return { destroy: () => watch.disconnect() };
    }

    function number(event: Event): number | null {
        const value = (event.target as HTMLInputElement).valueAsNumber;
        return Number.isFinite(value) ? value : null;
    }
</script>

<div class="panel list">
    <table class="rows">
        <caption class="sr">Paints</caption>
        <thead>
            <tr
                ><th scope="col">Paint</th><th scope="col">Colour</th><th scope="col" class="num">Value</th><th
                    scope="col"
                    class="num">Hides</th
                ><th scope="col" class="num">Pots</th><th scope="col" class="num">ml left</th></tr
            >
        </thead>
        <tbody>
            {#each shelf.paints as paint (paint.id)}
                <tr class:chosen={chosenId === paint.id} class:absent={paint.pot.pots === 0}>
                    <th scope="row">
                        <button type="button" aria-pressed={chosenId === paint.id} onclick={() => choose(paint.id)}>
                            <Swatch hex={paint.swatch} kind={paint.kind} size={34} />
                            <span
                                ><bdi>{paint.name}</bdi><small class="fine-print"
                                    ><bdi>{paint.maker}</bdi> {paint.code} · {label(craft()?.kinds, paint.kind)}</small
                                ></span
                            >
                        </button>
                    </th>
                    <td>{paint.colour}</td>
                    <td class="num">{paint.value ?? ''}</td>
                    <td class="num" title={paint.opacityIsEstimate ? 'estimated from kind and colour' : 'set'}
                        >{paint.swatch === null
                            ? ''
                            : `${paint.opacityIsEstimate ? '~' : ''}${Math.round(paint.opacity * 100)} %`}</td
                    >
                    <td class="num"
                        ><input
                            type="number"
                            min="0"
                            max="999"
                            aria-label="Pots of {paint.name}"
                            value={paint.pot.pots}
                            onchange={(event) => {
                                const pots = number(event);
                                if (pots !== null)
                                    void shelf.setPot(paint, {
                                        pots,
                                        ...(paint.pot.pots === 0 ? { remainingMl: null } : {}),
                                    });
                            }}
                        /></td
                    >
                    <td class="num ml"
                        ><input
                            type="number"
                            min="0"
                            step="0.5"
                            aria-label="ml left of {paint.name}"
                            value={paint.pot.remainingMl}
                            onchange={(event) => {
                                const remainingMl = number(event);
                                if (remainingMl !== null) void shelf.setPot(paint, { remainingMl });
                            }}
                        />{#if paint.pot.level === 'low'}<b>low</b>{/if}</td
                    >
                </tr>
            {/each}
        </tbody>
    </table>
    {#if shelf.page !== null && shelf.paints.length === 0}
        <div class="nothing">
            {#if shelf.page.owned === 0 && shelf.wish.owned === 'owned' && shelf.wish.search === ''}
                <h2>Your shelf is empty</h2>
                <p class="quiet">Write down what stands before you; everything else here goes by it.</p>
                <div class="acts">
                    <Button size="small" on:click={names}>Paste their names</Button>
                    <Button size="small" kind="tertiary" on:click={add}>Add one paint</Button>
                    <Button size="small" kind="ghost" href="#/shelf">Plain colours to start with</Button>
                </div>
            {:else}
                <h2>{shelf.wish.search === '' ? 'Nothing here yet' : `Nothing is called “${shelf.wish.search}”`}</h2>
                <p class="quiet">
                    {shelf.wish.owned === 'all'
                        ? 'No paint is known here by these choices.'
                        : 'Look through all paints, or loosen the choices above.'}
                </p>
                <div class="acts">
                    {#if shelf.wish.owned !== 'all'}<Button
                            size="small"
                            kind="tertiary"
                            on:click={() => (shelf.wish.owned = 'all')}>Look through all paints</Button
                        >{/if}
                    <Button size="small" kind="tertiary" on:click={add}>Add one paint</Button>
                </div>
            {/if}
        </div>
    {/if}
    {#if hasMore}<div class="end quiet" use:growing>more…</div>{/if}
</div>

<style>
    .list {
        min-width: 0;
        overflow: auto hidden;
    }

    tbody tr {
        content-visibility: auto;
        contain-intrinsic-size: auto 47px;
    }

    tbody tr:hover {
        background: var(--shade);
    }

    .chosen {
        box-shadow: inset 3px 0 0 var(--ink);
    }

    button {
        display: flex;
        gap: 14px;
        align-items: center;
        width: 100%;
        padding: 0;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        font-family: var(--face);
        text-align: left;
        cursor: pointer;
    }

    button span {
        display: grid;
        line-height: 1.25;
    }

    bdi {
        font-weight: 700;
    }

    small bdi {
        font-weight: 400;
    }

    .absent bdi {
        font-weight: 400;
    }

    input {
        width: 62px;
        height: 28px;
        border: 1px solid transparent;
        border-radius: 3px;
        background: none;
        color: inherit;
        font: inherit;
        text-align: right;
    }

    tr:hover input,
    input:focus {
        border-color: var(--line-strong);
        background: var(--raised);
    }

    .absent input:not(:focus) {
        color: var(--ink-quiet);
    }

    .ml b {
        margin-left: 4px;
    }

    .nothing {
        display: grid;
        gap: 8px;
        justify-items: start;
        padding: 36px 24px;
    }

    .end {
        padding: 14px;
        text-align: center;
    }

    @media (max-width: 700px) {
        td:nth-child(2),
        thead th:nth-child(2),
        td:nth-child(4),
        thead th:nth-child(4) {
            display: none;
        }
    }
</style>
