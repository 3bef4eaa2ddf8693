<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { got, of, server, type Paint, type Schemas } from '../../lib/api';
    import { craft, label } from '../../lib/craft.svelte';
    import type { Shelf } from '../../lib/shelf.svelte';
    import { money } from '../../lib/money';
    import { plural } from '../../lib/words';
    import Words from '../../parts/Words.svelte';
    import PaintForm from './PaintForm.svelte';

    /** Everything about one paint: its colour large, what is owned, where it is used. */
    let { shelf, paint }: { shelf: Shelf; paint: Paint } = $props();

    let detail = $state<Schemas['PaintDetail'] | null>(null);
    let editing = $state(false);

    $effect(() => {
        void got(server.GET('/paints/{id}', of(paint.id)))
            .then((fetched) => (detail = fetched))
            .catch(() => (detail = null));
    });

    function saved(changed: Paint): void {
        shelf.replace(changed);
        editing = false;
    }
</script>

{#if editing}
    <PaintForm {paint} {saved} leave={() => (editing = false)} />
{:else}
    <section class="panel stack padded" aria-label={paint.name}>
        <div class="big well"><span class:clear={paint.swatch === null} style:background={paint.swatch}></span></div>
        <div>
            <h2><bdi>{paint.name}</bdi></h2>
            <p>{paint.colour}</p>
            <p class="quiet">
                <bdi>{paint.maker}</bdi> <bdi>{paint.range}</bdi>
                {paint.code} · {label(craft()?.kinds, paint.kind)}, {paint.finish}
            </p>
        </div>
        <dl>
            {#if paint.swatch !== null}
                <dt>Value</dt>
                <dd>{paint.value}</dd>
                <dt>Colour</dt>
                <dd>
                    {#if paint.known.colour}<span title="L* a* b* {paint.lab}">{paint.known.colour}</span>{:else}swatch
                        as typed{/if}
                </dd>
                <dt>Hides</dt>
                <dd>
                    {Math.round(paint.opacity * 100)} % in one coat,
                    <span class="quiet"
                        >{paint.opacityIsEstimate ? 'estimated from kind and colour' : paint.known.opacity}</span
                    >
                </dd>
            {/if}
            <dt>Pot</dt>
            <dd>{paint.volumeMl} ml, {money(paint.price)}</dd>
            <dt>Owned</dt>
            <dd>
                {paint.pot.pots === 0
                    ? 'none'
                    : `${plural(paint.pot.pots, 'pot')}, ${paint.pot.remainingMl} ml left`}{#if paint.pot.level === 'low'}
                    <b>running low</b>{/if}
            </dd>
            {#if detail && detail.plans.length > 0}
                <dt>Used in</dt>
                <dd>
                    {#each detail.plans as plan, index}{index > 0 ? ', ' : ''}<a href="#/plans/{plan.id}"
                            ><bdi>{plan.name}</bdi></a
                        >{/each}
                </dd>
            {/if}
            {#if paint.swatch !== null && paint.pot.pots > 0}
                <dt>Measure</dt>
                <dd>
                    <a href="#/shelf/measure/opacity?paint={paint.id}">how well it hides</a>
                </dd>
            {/if}
            {#if detail && detail.sets.length > 0}
                <dt>In sets</dt>
                <dd>{detail.sets.map((set) => `${set.name} (${money(set.price)})`).join(', ')}</dd>
            {/if}
        </dl>
        <Words
            label="Note"
            value={paint.pot.note}
            placeholder="Thick, drying, lent to…"
            change={(note) => shelf.setPot(paint, { note })}
        />
        <div class="acts">
            {#if paint.swatch !== null}<Button size="small" kind="secondary" href="#/mixing?paint={paint.id}"
                    >Mix it</Button
                >{/if}
            <Button
                size="small"
                kind="tertiary"
                aria-pressed={paint.pot.wished}
                on:click={() => shelf.setPot(paint, { wished: !paint.pot.wished })}
                >{paint.pot.wished ? 'On the wish list' : 'Wish for it'}</Button
            >
            <Button size="small" kind="tertiary" on:click={() => (editing = true)}>Edit</Button>
            <Button size="small" kind="tertiary" on:click={() => shelf.remove(paint)}>Delete</Button>
        </div>
    </section>
{/if}

<style>
    .big {
        padding: 12px;
    }

    .big span {
        display: block;
        height: 92px;
        border-radius: 3px;
    }

    .big .clear {
        border: 1px dashed var(--well-ink);
    }

    dl {
        display: grid;
        grid-template-columns: auto 1fr;
        gap: 6px 14px;
    }

    dt {
        color: var(--ink-quiet);
    }
    a {
        color: var(--ink);
    }
</style>
