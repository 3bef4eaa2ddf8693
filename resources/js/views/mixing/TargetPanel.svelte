<script lang="ts">
    import Switcher from '../../parts/Switcher.svelte';
    import { push } from 'svelte-spa-router';
    import { got, type Named, of, type Plan, server } from '../../lib/api';
    import { craft } from '../../lib/craft.svelte';
    import { Latest } from '../../lib/latest.svelte';
    import { stepName } from '../../lib/techniques';
    import type { MixBench } from '../../lib/mixBench.svelte';
    import Choose from '../../parts/Choose.svelte';
    import ColourField from '../../parts/ColourField.svelte';
    import PaintPicker from '../../parts/PaintPicker.svelte';

    /** What is to be mixed: a paint, a colour, a step of a plan or what is seen after it. */
    let { bench }: { bench: MixBench } = $props();

    type Source = 'paint' | 'colour' | 'plan';
    const sources: { value: Source; label: string }[] = [
        { value: 'paint', label: 'A paint' },
        { value: 'colour', label: 'A colour' },
        { value: 'plan', label: 'A plan' },
    ];
    const zones = [
        { value: '', label: 'the paint of the step' },
        { value: 'recess', label: 'what shows in the recess' },
        { value: 'lower-side', label: 'what shows on lower sides' },
        { value: 'face', label: 'what shows on faces' },
        { value: 'raised', label: 'what shows on raised parts' },
        { value: 'edge', label: 'what shows on edges' },
    ];

    let chosenSource = $state<Source | null>(null);
    let plans = $state<Named[]>([]);
    const opened = new Latest<Plan>(aimAtAStep);
    const plan = $derived(opened.answer);
    const source = $derived(
        chosenSource ?? (bench.target?.plan ? 'plan' : bench.target?.colour ? 'colour' : ('paint' as Source)),
    );
    const named = $derived(bench.answers?.target ?? null);
    const hex = $derived(bench.target?.colour ? (named?.colour.hex ?? '#7a5230') : (named?.colour.hex ?? '#7a5230'));
    const steps = $derived(
        (plan?.document.areas ?? []).flatMap((area) =>
            area.steps
                .filter((step) => step.mix.length > 0)
                .map((step) => ({
                    value: step.id,
                    label: stepName(craft(), area, step),
                })),
        ),
    );

    $effect(() => {
        if (source !== 'plan' || plans.length > 0) return;
        void got(server.GET('/plans/names')).then(async (fetched) => {
            plans = fetched;
            await open(bench.target?.plan ?? fetched[0]?.id ?? '');
        });
    });

    /** Of plans opened one after the other only the last counts. */
    async function open(id: string): Promise<void> {
        if (id === '') return;
        await opened.ask(() => got(server.GET('/plans/{id}', of(id))));
    }

    function aimAtAStep(opened: Plan): void {
        const step = steps.find((one) => one.value === bench.target?.step) ?? steps[0];
        if (step && bench.target?.step !== step.value) aim({ plan: opened.id, step: step.value });
    }

    function aim(target: Record<string, string>): void {
        chosenSource = null;
        void push(`/mixing?${new URLSearchParams(target)}`);
    }
</script>

<section class="panel stack padded" aria-label="Wanted">
    <Switcher
        label="Where the colour comes from"
        value={source}
        choices={sources}
        change={(value) => (chosenSource = value as Source)}
    />
    {#if source === 'paint'}
        <PaintPicker
            label="Paint wanted"
            chosen={bench.target?.paint && named ? { id: bench.target.paint, name: named.name } : null}
            fault={bench.problem?.at('target.paint') ?? ''}
            pick={(paint) => aim({ paint: paint.id })}
        />
    {:else if source === 'colour'}
        <ColourField
            label="Colour, in words or as a code"
            value={bench.target?.colour ?? ''}
            shown={hex}
            placeholder="warm red, or #7a5230"
            fault={bench.problem?.at('target.colour') ?? ''}
            change={(colour) => aim({ colour })}
        />
    {:else}
        <Choose
            label="Plan"
            value={plan?.id ?? ''}
            choices={plans.map((one) => ({ value: one.id, label: one.name }))}
            change={(id) => void open(id)}
        />
        <Choose
            label="Step"
            value={bench.target?.step ?? ''}
            choices={steps}
            fault={bench.problem?.at('target.step') ?? ''}
            change={(step) => aim({ plan: plan?.id ?? '', step })}
        />
        <Choose
            label="Wanted of it"
            value={bench.target?.zone ?? ''}
            choices={zones}
            change={(zone) =>
                aim({
                    plan: plan?.id ?? '',
                    step: bench.target?.step ?? steps[0]?.value ?? '',
                    ...(zone === '' ? {} : { zone }),
                })}
        />
    {/if}
</section>
