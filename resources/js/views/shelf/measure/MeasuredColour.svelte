<script lang="ts">
    import { push } from 'svelte-spa-router';
    import { api, asProblem, type Measured, type Paint, type Schemas } from '../../../lib/api';
    import { tell, warn } from '../../../lib/notices.svelte';
    import PaintPicker from '../../../parts/PaintPicker.svelte';

    /** A colour that was measured, how sure it is, and what can be done with it. */
    let { measured, title }: { measured: Measured; title: string } = $props();

    const isWide = $derived(measured.spread > 3);

    async function give(paint: Paint): Promise<void> {
        const old = paint.swatch;
        try {
            const kept = await save(paint, measured.colour.hex);
            tell(`“${paint.name}” has the measured swatch now.`, {
                label: 'Undo',
                run: () => (old === null ? undefined : save(kept, old)),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    function save(paint: Paint, swatch: string): Promise<Paint> {
        const { id, opacityIsEstimate, opacity, pot, value, colour, ...facts } = paint;
        void [pot, value, colour];
        return api.put<Schemas['Paint']>(`/paints/${id}`, {
            ...facts,
            opacity: opacityIsEstimate ? null : opacity,
            swatch,
        });
    }
</script>

<section class="panel" aria-label={title}>
    <div class="well"><span style:background={measured.colour.hex}></span></div>
    <div>
        <h2>{title}</h2>
        <p>{measured.colour.words}, value {measured.colour.value}</p>
        <p class="quiet">{measured.colour.hex} · L* a* b* {measured.lab}</p>
    </div>
    <p>
        sure to <b>±{measured.uncertainty.toFixed(2)}</b>, spread {measured.spread.toFixed(1)}
        <span class="quiet"
            >from {measured.kept}{measured.dropped > 0 ? `, ${measured.dropped} too far off and left out` : ''}</span
        >
    </p>
    {#if isWide}<p><b>The swatch is uneven.</b> Read an even, dry part of it for a surer colour.</p>{/if}
    <div class="acts">
        <button
            class="act main"
            type="button"
            onclick={() => push(`/mixing?${new URLSearchParams({ colour: measured.lab })}`)}>Mix it</button
        >
        <button
            class="act"
            type="button"
            onclick={() => push(`/shelf/list?${new URLSearchParams({ add: '1', swatch: measured.colour.hex })}`)}
            >New paint with it</button
        >
    </div>
    <PaintPicker label="Or give it to a paint as its swatch" pick={(paint) => void give(paint)} />
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        padding: 14px;
    }

    .well {
        padding: 10px;
    }

    .well span {
        display: block;
        height: 72px;
        border-radius: 3px;
    }
</style>
