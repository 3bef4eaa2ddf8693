<script lang="ts">
    import { NumberInput } from 'carbon-components-svelte';

    /** A number that is kept when the painter leaves the field; what is wrong with it stands under it. */
    let {
        label,
        value,
        step = 1,
        help = '',
        keep,
    }: {
        label: string;
        value: number;
        step?: number;
        help?: string;
        /** What is wrong with it; empty when it was taken. */
        keep: (value: number) => Promise<string>;
    } = $props();

    let typed = $state<number | null>(null);
    let fault = $state('');
    $effect.pre(() => {
        typed = value;
        fault = '';
    });

    /** Changing it and leaving it come right after each other: it is kept once. */
    let keeping: number | null = null;

    async function leave(): Promise<void> {
        if (typed === value) fault = '';
        if (typed === value || typed === keeping) return;
        keeping = typed;
        fault = await keep(typed ?? NaN);
        keeping = null;
    }
</script>

<NumberInput
    size="sm"
    labelText={label}
    helperText={help}
    {step}
    allowEmpty
    bind:value={typed}
    invalid={fault !== ''}
    invalidText={fault}
    on:change={() => void leave()}
    on:blur={() => void leave()}
/>
