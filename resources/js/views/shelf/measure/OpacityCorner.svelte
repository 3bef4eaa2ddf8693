<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { api, asProblem, type Paint, type Problem, type Schemas } from '../../../lib/api';
    import { tell, warn } from '../../../lib/notices.svelte';
    import PaintPicker from '../../../parts/PaintPicker.svelte';
    import Trouble from '../../../parts/Trouble.svelte';
    import HalfCard from './HalfCard.svelte';

    /** The draw-down: one even coat over black and over white, and what shows through tells the opacity. */
    let paint = $state<Paint | null>(null);
    const asked = new URLSearchParams(router.querystring);
    let overBlack = $state(asked.get('black') ?? '');
    let overWhite = $state(asked.get('white') ?? '');
    let read = $state.raw<Schemas['Drawdown'] | null>(null);
    const opacity = $derived(read?.opacity ?? null);
    let problem = $state<Problem | null>(null);

    const id = asked.get('paint');
    if (id !== null) void api.get<Schemas['PaintDetail']>(`/paints/${id}`).then((detail) => (paint = detail.paint));

    $effect(() => {
        if (overBlack === '' || overWhite === '') read = null;
        else void compute(overBlack, overWhite);
    });

    async function compute(black: string, white: string): Promise<void> {
        try {
            read = await api.post<Schemas['Drawdown']>('/drawdowns', { overBlack: black, overWhite: white });
            problem = null;
        } catch (error) {
            read = null;
            problem = asProblem(error);
        }
    }

    async function keep(): Promise<void> {
        if (paint === null || opacity === null) return;
        const before = paint;
        try {
            paint = await save(before, opacity);
            tell(`“${before.name}” hides ${Math.round(opacity * 100)} % now.`, {
                label: 'Undo',
                run: async () => {
                    if (paint) paint = await save(paint, before.opacityIsEstimate ? null : before.opacity);
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    function save(of: Paint, share: number | null): Promise<Paint> {
        const { id, opacityIsEstimate, pot, value, colour, ...facts } = of;
        void [opacityIsEstimate, pot, value, colour];
        return api.put<Paint>(`/paints/${id}`, { ...facts, opacity: share });
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
            change={(lab) => (overBlack = lab)}
        />
    </li>
    <li class="panel">
        <h2>3. Over white</h2>
        <HalfCard
            half="white"
            hex={read?.overWhite.hex ?? null}
            value={overWhite}
            fault={problem?.at('overWhite') ?? ''}
            change={(lab) => (overWhite = lab)}
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
                    : `; so far ${Math.round(paint.opacity * 100)} %${paint.opacityIsEstimate ? ', estimated' : ''}`}
            </p>
            <div>
                <button class="act main" type="button" disabled={paint === null} onclick={keep}
                    >{paint === null ? 'Choose the paint first' : `Set it on ${paint.name}`}</button
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
        margin: 0;
        padding: 0;
        list-style: none;
    }

    li {
        display: grid;
        grid-template-columns: minmax(0, 1fr);
        gap: 10px;
        align-content: start;
        padding: 14px;
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
