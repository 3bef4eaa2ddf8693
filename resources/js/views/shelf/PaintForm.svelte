<script lang="ts">
    import * as v from 'valibot';
    import { Button, NumberInput, TextInput } from 'carbon-components-svelte';
    import { asProblem, got, of, type Paint, type Problem, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import type { MeasuredPaint } from '../../lib/measuring';
    import { craft } from '../../lib/craft.svelte';
    import { toFirstFault } from '../../lib/faults';
    import { forget, keep, kept } from '../../lib/kept';
    import { tell } from '../../lib/notices.svelte';
    import { amount, minorUnits } from '../../lib/money';
    import { inTurn } from '../../lib/inTurn';
    import { settings } from '../../lib/settings.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import { tick } from 'svelte';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';
    import ColourField from '../../parts/ColourField.svelte';
    import Tick from '../../parts/Tick.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** A paint by hand, new or changed. A measured swatch or a scanned code may be there to start with. */
    let {
        paint = null,
        start = {},
        saved,
        leave,
    }: {
        paint?: Paint | null;
        start?: { swatch?: string; barcode?: string; measured?: MeasuredPaint };
        saved: (paint: Paint) => unknown;
        leave: () => void;
    } = $props();

    // svelte-ignore state_referenced_locally
    const keptAs = `paint.${paint === null ? 'new' : `${paint.id}.${paint.version}`}`;
    /** Of the paint added last: the next one is often of the same maker and size. */
    const Last = v.object({ maker: v.string(), range: v.string(), volumeMl: v.number(), price: v.number() });
    const Typed = v.object({
        ...Last.entries,
        code: v.string(),
        name: v.string(),
        kind: v.string(),
        swatch: v.string(),
        opacity: v.nullable(v.number()),
        finish: v.string(),
        barcode: v.string(),
    });
    // svelte-ignore state_referenced_locally
    const last = paint === null ? kept('lastPaint', Last) : null;
    // svelte-ignore state_referenced_locally
    const first = {
        maker: paint?.maker ?? last?.maker ?? '',
        range: paint?.range ?? last?.range ?? '',
        code: paint?.code ?? '',
        name: paint?.name ?? '',
        kind: (paint?.kind ?? 'opaque') as string,
        swatch: paint?.swatch ?? start.swatch ?? '#808080',
        opacity: paint === null || paint.opacityIsEstimate ? null : paint.opacity,
        finish: (paint?.finish ?? 'matt') as string,
        volumeMl: paint?.volumeMl ?? last?.volumeMl ?? 17,
        price: paint?.price ?? last?.price ?? 0,
        barcode: paint?.barcode ?? start.barcode ?? '',
    };
    // What comes along from a measurement or a scan goes before what was typed and left.
    // svelte-ignore state_referenced_locally
    const { measured, ...given } = start;
    // svelte-ignore state_referenced_locally
    let form = $state({ ...first, ...kept(keptAs, Typed), ...given });

    $effect(() => {
        if (JSON.stringify(form) === JSON.stringify(first)) forget(keptAs);
        else keep(keptAs, $state.snapshot(form));
    });

    /** What the painter set by hand is not guessed any more. */
    // svelte-ignore state_referenced_locally
    let isSetByHand = $state({ kind: paint !== null, swatch: paint !== null || start.swatch !== undefined });
    let knowsColour = $state(true);
    let guessed = '';
    const turn = inTurn();

    /** Kind and colour as the name tells them, as long as nobody said otherwise. */
    const guess = (): Promise<void> => turn(guessOnce);

    async function guessOnce(): Promise<void> {
        const name = form.name.trim();
        if (paint !== null || name === '' || name === guessed || (isSetByHand.kind && isSetByHand.swatch)) return;
        guessed = name;
        try {
            const query = { name, ...(isSetByHand.kind ? { kind: form.kind as Schemas['Kind'] } : {}) };
            const found = await got(server.GET('/paint-guess', { params: { query } }));
            if (!isSetByHand.kind) form.kind = found.kind;
            if (!isSetByHand.swatch) {
                form.swatch = found.swatch ?? '#808080';
                knowsColour = found.knowsColour;
            }
        } catch {
            // Without a guess the form is filled in by hand.
        }
    }

    /** The next of a row: what they have in common stays. */
    function again(): void {
        Object.assign(form, { code: '', name: '', swatch: '#808080', opacity: null, barcode: '' });
        isSetByHand = { kind: false, swatch: false };
        [guessed, knowsColour, problem] = ['', true, null];
        box?.querySelector<HTMLInputElement>('input')?.focus();
    }

    const MORE = ['maker', 'range', 'code', 'barcode', 'volumeMl', 'price', 'finish', 'opacity'];
    let owned = $state(true);
    let price = $state(form.price === 0 ? '' : amount(form.price).toFixed(2));
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    let asksColour = $state(false);
    let box = $state<HTMLFormElement>();
    const isTransparent = $derived(craft()?.kinds.find((kind) => kind.value === form.kind)?.isTransparent ?? false);
    let asksBottle = $state(false);
    let bottle = $state('#3a1f10');
    const coat = new Latest<Schemas['Colour']>((found) => (form.swatch = found.hex));

    /** The bottle shows a transparent many coats deep. */
    function takeBottle(): void {
        const body = { kind: form.kind, colour: bottle };
        void coat.ask(() => got(server.POST('/bottle-colours', { body })));
    }
    const isClear = $derived(craft()?.kinds.find((kind) => kind.value === form.kind)?.isClear ?? false);

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        await guess();
        if (paint === null && !isClear && !knowsColour && !isSetByHand.swatch && form.name.trim() !== '') {
            // A grey that nobody meant is worse than one question.
            asksColour = true;
            await tick();
            box?.querySelector<HTMLInputElement>('.colour input')?.focus();
            return;
        }
        busy = true;
        const body = {
            ...form,
            price: price.trim() === '' ? 0 : (minorUnits(price) ?? -1),
            swatch: isClear ? null : form.swatch,
            ...(paint === null ? { pots: owned ? 1 : 0 } : {}),
            // A measured colour is kept as it was measured, unless another was typed over it.
            ...(measured !== undefined && form.swatch === given.swatch ? { measured } : {}),
        };
        try {
            const stored =
                paint === null
                    ? await got(server.POST('/paints', { body }))
                    : await got(
                          server.PUT('/paints/{id}', { ...of(paint.id), body: { ...body, version: paint.version } }),
                      );
            forget(keptAs);
            const { maker, range, volumeMl, price: cost } = stored;
            keep('lastPaint', { maker, range, volumeMl, price: cost });
            tell(`“${stored.name}” is ${paint === null && owned ? 'on your shelf' : 'kept among all paints'}.`);
            saved(stored);
            if (paint === null) again();
        } catch (error) {
            problem = asProblem(error);
            void toFirstFault(box);
        }
        busy = false;
    }

    const faulty = (fields: string[]) => fields.some((field) => problem?.at(field));
    const at = (field: string) => ({ invalid: !!problem?.at(field), invalidText: problem?.at(field) ?? '' });
</script>

<form class="panel stack padded" onsubmit={save} bind:this={box} use:takesCursor novalidate>
    <h2>{paint === null ? 'Add a paint' : `Edit ${paint.name}`}</h2>
    {#if problem && problem.faults.length === 0}<Trouble {problem} />{/if}
    <TextInput
        size="sm"
        labelText="Name"
        bind:value={form.name}
        dir="auto"
        {...at('name')}
        on:blur={() => void guess()}
    />
    <div class="two">
        <Choose
            label="Kind"
            value={form.kind}
            choices={craft()?.kinds ?? []}
            fault={problem?.at('kind') ?? ''}
            change={(kind) => {
                form.kind = kind;
                isSetByHand.kind = true;
            }}
        />
        {#if !isClear}
            <div class="colour">
                <ColourField
                    label={isTransparent ? 'One coat over white' : 'Its colour, dry'}
                    value={form.swatch}
                    fault={problem?.at('swatch') || (asksColour ? 'The name tells no colour. Which is it?' : '')}
                    live
                    change={(swatch) => {
                        form.swatch = swatch;
                        isSetByHand.swatch = true;
                        asksColour = false;
                    }}
                />
            </div>
        {/if}
        {#if isTransparent}
            <div class="bottle">
                {#if asksBottle}
                    <label>
                        <span>In the bottle</span>
                        <input type="color" bind:value={bottle} onchange={takeBottle} />
                    </label>
                    <p class="quiet">
                        Deep as many coats. The swatch is now what one coat of it over white should look like; brush one
                        to be sure.
                    </p>
                {:else}
                    <p class="quiet">
                        A transparent is known by one coat over white: in the bottle it looks far darker.
                    </p>
                    <Button size="small" kind="tertiary" on:click={() => ((asksBottle = true), void takeBottle())}
                        >I only know the colour in the bottle</Button
                    >
                {/if}
            </div>
        {/if}
    </div>
    <details open={paint !== null || form.barcode !== '' || faulty(MORE)}>
        <summary>Maker, code, price and more <span class="quiet">{paint === null ? 'if you like' : ''}</span></summary>
        <div class="two">
            <TextInput size="sm" labelText="Maker" bind:value={form.maker} dir="auto" {...at('maker')} />
            <TextInput size="sm" labelText="Range" bind:value={form.range} dir="auto" {...at('range')} />
            <TextInput size="sm" labelText="Code" bind:value={form.code} {...at('code')} />
            <TextInput size="sm" labelText="Barcode" bind:value={form.barcode} {...at('barcode')} />
            <NumberInput size="sm" labelText="Pot, ml" hideSteppers bind:value={form.volumeMl} {...at('volumeMl')} />
            <TextInput
                size="sm"
                labelText="Price, {settings.currency}"
                inputmode="decimal"
                bind:value={price}
                {...at('price')}
            />
            <Choose
                label="Finish"
                value={form.finish}
                choices={craft()?.finishes ?? []}
                fault={problem?.at('finish') ?? ''}
                change={(finish) => (form.finish = finish)}
            />
            {#if !isClear}
                <NumberInput
                    size="sm"
                    labelText="Hides in one coat, %"
                    allowEmpty
                    hideSteppers
                    step={5}
                    min={0}
                    max={100}
                    bind:value={
                        () => (form.opacity === null ? null : Math.round(form.opacity * 1000) / 10),
                        (percent) => (form.opacity = percent === null ? null : percent / 100)
                    }
                    helperText="empty: estimated"
                    {...at('opacity')}
                />
            {/if}
        </div>
    </details>
    {#if paint === null}
        <Tick label="I have it: one pot on my shelf" checked={owned} change={(checked) => (owned = checked)} />
    {/if}
    <div class="acts">
        <BusyButton type="submit" {busy}>{paint === null ? 'Add it' : 'Save it'}</BusyButton>
        <Button size="small" kind="tertiary" on:click={leave}>Leave it</Button>
    </div>
</form>

<style>
    .two {
        display: grid;
        grid-template-columns: repeat(2, minmax(0, 1fr));
        gap: 10px;
        align-items: start;
    }

    summary {
        margin-bottom: 8px;
    }

    .bottle {
        display: grid;
        grid-column: 1 / -1;
        gap: 8px;
        justify-items: start;
    }

    .bottle label {
        display: flex;
        gap: 10px;
        align-items: center;
    }
</style>
