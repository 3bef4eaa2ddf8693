<script lang="ts">
    import { NumberInput, TextInput } from 'carbon-components-svelte';
    import { api, asProblem, type Paint, type Problem } from '../../lib/api';
    import { craft } from '../../lib/craft.svelte';
    import { tell } from '../../lib/notices.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** A paint by hand, new or changed. A measured swatch or a scanned code may be there to start with. */
    let {
        paint = null,
        start = {},
        saved,
        leave,
    }: {
        paint?: Paint | null;
        start?: Partial<Record<'swatch' | 'barcode', string>>;
        saved: (paint: Paint) => unknown;
        leave: () => void;
    } = $props();

    // svelte-ignore state_referenced_locally
    let form = $state({
        maker: paint?.maker ?? '',
        range: paint?.range ?? '',
        code: paint?.code ?? '',
        name: paint?.name ?? '',
        kind: (paint?.kind ?? 'opaque') as string,
        swatch: paint?.swatch ?? start.swatch ?? '#808080',
        opacity: paint === null || paint.opacityIsEstimate ? null : paint.opacity,
        finish: (paint?.finish ?? 'matt') as string,
        volumeMl: paint?.volumeMl ?? 17,
        price: paint?.price ?? 0,
        barcode: paint?.barcode ?? start.barcode ?? '',
    });
    let problem = $state<Problem | null>(null);
    let busy = $state(false);
    const isClear = $derived(craft()?.kinds.find((kind) => kind.value === form.kind)?.isClear ?? false);

    async function save(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        busy = true;
        const body = { ...form, swatch: isClear ? null : form.swatch };
        try {
            const kept =
                paint === null
                    ? await api.post<Paint>('/paints', body)
                    : await api.put<Paint>(`/paints/${paint.id}`, { ...body, version: paint.version });
            tell(`“${kept.name}” is in the catalogue.`);
            saved(kept);
        } catch (error) {
            problem = asProblem(error);
        }
        busy = false;
    }

    const at = (field: string) => ({ invalid: !!problem?.at(field), invalidText: problem?.at(field) ?? '' });
</script>

<form class="panel" onsubmit={save} novalidate>
    <h2>{paint === null ? 'Add a paint' : `Edit ${paint.name}`}</h2>
    {#if problem && problem.faults.length === 0}<Trouble {problem} />{/if}
    <TextInput size="sm" labelText="Name" bind:value={form.name} dir="auto" {...at('name')} />
    <div class="two">
        <TextInput size="sm" labelText="Maker" bind:value={form.maker} dir="auto" {...at('maker')} />
        <TextInput size="sm" labelText="Range" bind:value={form.range} dir="auto" {...at('range')} />
        <TextInput size="sm" labelText="Code" bind:value={form.code} {...at('code')} />
        <TextInput size="sm" labelText="Barcode" bind:value={form.barcode} {...at('barcode')} />
        <Choose
            label="Kind"
            value={form.kind}
            choices={craft()?.kinds ?? []}
            fault={problem?.at('kind') ?? ''}
            change={(kind) => (form.kind = kind)}
        />
        <Choose
            label="Finish"
            value={form.finish}
            choices={craft()?.finishes ?? []}
            fault={problem?.at('finish') ?? ''}
            change={(finish) => (form.finish = finish)}
        />
        {#if !isClear}
            <div class="swatch">
                <TextInput size="sm" labelText="Swatch" bind:value={form.swatch} {...at('swatch')} />
                <label class="colour"
                    ><span class="sr">Pick the swatch</span><input type="color" bind:value={form.swatch} /></label
                >
            </div>
            <NumberInput
                size="sm"
                labelText="Opacity, 0 to 1"
                allowEmpty
                step={0.05}
                bind:value={form.opacity}
                helperText="empty: estimated"
                {...at('opacity')}
            />
        {/if}
        <NumberInput size="sm" labelText="Pot, ml" step={1} bind:value={form.volumeMl} {...at('volumeMl')} />
        <NumberInput size="sm" labelText="Price, minor units" step={10} bind:value={form.price} {...at('price')} />
    </div>
    <div class="acts">
        <button class="act main" type="submit" disabled={busy}>{paint === null ? 'Add it' : 'Save it'}</button>
        <button class="act" type="button" onclick={leave}>Leave it</button>
    </div>
</form>

<style>
    form {
        display: grid;
        gap: 10px;
        padding: 14px;
    }

    .two {
        display: grid;
        grid-template-columns: repeat(2, minmax(0, 1fr));
        gap: 10px;
        align-items: start;
    }

    .swatch {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 32px;
        gap: 6px;
        align-items: end;
    }

    .colour input {
        width: 32px;
        height: 32px;
        padding: 3px;
        border: 0;
        border-radius: 4px;
        background: var(--well);
    }
</style>
