<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, type Measured, type Paint } from '../../../lib/api';
    import { setMeasured } from '../../../lib/measuring';
    import { tell, warn } from '../../../lib/notices.svelte';
    import { plural } from '../../../lib/words';
    import PaintPicker from '../../../parts/PaintPicker.svelte';

    /** A colour that was measured, how sure it is, and what can be done with it. */
    let {
        measured,
        title,
        source,
        photo = '',
    }: { measured: Measured; title: string; source: 'photo' | 'reader'; photo?: string } = $props();

    const isWide = $derived(measured.spread > 3);
    const sure = $derived(
        measured.uncertainty <= 1
            ? 'Sure'
            : measured.uncertainty <= 3
              ? 'Sure to about a shade'
              : 'Not sure yet: read it once more',
    );
    /** Kept as it was read: a screen colour may lie some way off. */
    const colour = $derived({
        lab: measured.numbers,
        source,
        readings: source === 'photo' ? 1 : measured.kept,
        ...(photo === '' ? {} : { photo }),
    });
    const asNew = $derived(
        new URLSearchParams({ add: '1', swatch: measured.colour.hex, measured: JSON.stringify({ colour }) }),
    );

    async function give(paint: Paint): Promise<void> {
        const before = paint.measured;
        try {
            let stored = await setMeasured(paint, { colour });
            tell(`“${paint.name}” has the measured swatch now.`, {
                label: 'Undo',
                run: async () => {
                    try {
                        stored = await setMeasured(stored, before);
                    } catch (error) {
                        warn(asProblem(error).message);
                    }
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<section class="panel stack padded" aria-label={title}>
    <div class="well"><span style:background={measured.colour.hex}></span></div>
    <div>
        <h2>{title}</h2>
        <p>{measured.colour.words}, value {measured.colour.value}</p>
    </div>
    <p>
        <b>{sure}</b>
        <span class="quiet"
            >from {plural(measured.kept, source === 'photo' ? 'point' : 'reading')}{measured.dropped > 0
                ? `, ${measured.dropped} too far off and left out`
                : ''}</span
        >
    </p>
    <details>
        <summary>In numbers</summary>
        <p class="quiet">
            {measured.colour.hex} · L* a* b* {measured.lab} · sure to ±{measured.uncertainty.toFixed(2)}, points spread
            by {measured.spread.toFixed(1)}
        </p>
    </details>
    {#if isWide}<p><b>The swatch is uneven.</b> Read an even, dry part of it for a surer colour.</p>{/if}
    <div class="acts">
        <Button size="small" on:click={() => push(`/mixing?${new URLSearchParams({ colour: measured.lab })}`)}
            >Mix it</Button
        >
        <Button size="small" kind="tertiary" on:click={() => push(`/shelf/list?${asNew}`)}>New paint with it</Button>
    </div>
    <PaintPicker label="Or give it to a paint as its swatch" pick={(paint) => void give(paint)} />
</section>

<style>
    .well {
        padding: 10px;
    }

    .well span {
        display: block;
        height: 72px;
        border-radius: 3px;
    }
</style>
