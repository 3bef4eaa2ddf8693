<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { asProblem, got, of, type Paint, type Schemas, server } from '../../../lib/api';
    import { Latest } from '../../../lib/latest.svelte';
    import { setMeasured } from '../../../lib/measuring';
    import { tell, warn } from '../../../lib/notices.svelte';
    import PaintPicker from '../../../parts/PaintPicker.svelte';
    import Trouble from '../../../parts/Trouble.svelte';
    import Words from '../../../parts/Words.svelte';
    import HalfCard from './HalfCard.svelte';

    /** The draw-down: one even coat over black and over white, and what shows through tells the opacity. */
    let paint = $state<Paint | null>(null);
    const asked = new URLSearchParams(router.querystring);
    let overBlack = $state(asked.get('black') ?? '');
    let overWhite = $state(asked.get('white') ?? '');
    /** The bare card, when it was read too: otherwise it is taken to be a usual one. */
    let black = $state('');
    let white = $state('');
    const photo = asked.get('photo') ?? '';
    let source = $state<'photo' | 'reader' | 'typed'>(photo === '' ? 'typed' : 'photo');
    const latest = new Latest<Schemas['Drawdown']>();
    const read = $derived(latest.problem === null ? latest.answer : null);
    const opacity = $derived(read?.opacity ?? null);
    const problem = $derived(latest.problem);

    const id = asked.get('paint');
    if (id !== null) void got(server.GET('/paints/{id}', of(id))).then((detail) => (paint = detail.paint));

    $effect(() => {
        const body = { overBlack, overWhite, black: black || null, white: white || null };
        if (overBlack === '' || overWhite === '') latest.drop();
        else void latest.ask(() => got(server.POST('/drawdowns', { body })));
    });

    async function keep(): Promise<void> {
        if (paint === null || read === null) return;
        const before = paint;
        try {
            const film = {
                ...read.film,
                source,
                readings: 1,
                ...(source === 'photo' && photo !== '' ? { photo } : {}),
            };
            paint = await setMeasured(before, { film });
            tell(
                `“${before.name}” hides ${Math.round(read.opacity * 100)} % now, and its colour is the measured one.`,
                {
                    label: 'Undo',
                    run: async () => {
                        try {
                            if (paint) paint = await setMeasured(paint, before.measured);
                        } catch (error) {
                            warn(asProblem(error).message);
                        }
                    },
                },
            );
        } catch (error) {
            warn(asProblem(error).message);
        }
    }
</script>

<ol class="steps">
    <li class="panel">
        <h2>1. Paint</h2>
        <p class="quiet">Brush one even, unthinned coat across the black and the white half of a card. Let it dry.</p>
        <PaintPicker
            label="The paint"
            chosen={paint === null ? null : { id: paint.id, name: paint.name }}
            pick={(picked) => (paint = picked)}
        />
    </li>
    <li class="panel">
        <h2>2. Over black</h2>
        <HalfCard
            half="black"
            hex={read?.overBlack.hex ?? null}
            value={overBlack}
            fault={problem?.at('overBlack') ?? ''}
            change={(lab, by) => ((overBlack = lab), (source = by))}
        />
    </li>
    <li class="panel">
        <h2>3. Over white</h2>
        <HalfCard
            half="white"
            hex={read?.overWhite.hex ?? null}
            value={overWhite}
            fault={problem?.at('overWhite') ?? ''}
            change={(lab, by) => ((overWhite = lab), (source = by))}
        />
    </li>
    <li class="panel" aria-live="polite">
        <h2>4. It hides</h2>
        {#if opacity === null}
            <p class="quiet">Read both halves. The more alike they are, the better it hides.</p>
        {:else}
            <p class="number">{Math.round(opacity * 100)} %</p>
            <p class="quiet">
                of one coat{paint === null
                    ? ''
                    : `; so far ${Math.round(paint.opacity * 100)} %, ${paint.known.opacity}`}
            </p>
            <p class="quiet masstone line-up">
                <span style:background={read?.masstone.hex}></span> thick enough to hide: {read?.masstone.words}, value
                {read?.masstone.value}
            </p>
            <details>
                <summary>The card was read too</summary>
                <Words
                    label="Bare black half"
                    value={black}
                    placeholder="3.6, 0, 0"
                    fault={problem?.at('black') ?? ''}
                    change={(text) => (black = text.trim())}
                />
                <Words
                    label="Bare white half"
                    value={white}
                    placeholder="91.7, 0, 0"
                    fault={problem?.at('white') ?? ''}
                    change={(text) => (white = text.trim())}
                />
            </details>
            <div>
                <Button size="small" disabled={paint === null} on:click={keep}
                    >{paint === null ? 'Choose the paint first' : `Set it on ${paint.name}`}</Button
                >
            </div>
        {/if}
        {#if problem && problem.faults.length === 0}<Trouble {problem} />{/if}
    </li>
</ol>

<style>
    .steps {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 12px;
        align-items: stretch;
    }

    li {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 10px;
        align-content: start;
        padding: 14px;
    }

    .masstone span {
        width: 28px;
        height: 28px;
        border-radius: 3px;
    }

    .number {
        font-size: 2.5rem;
        font-weight: 700;
        line-height: 1;
    }

    @media (max-width: 1100px) {
        .steps {
            grid-template-columns: repeat(2, minmax(0, 1fr));
        }
    }

    @media (max-width: 560px) {
        .steps {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
