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

    async function leave(): Promise<void> {
        if (typed === value) {
            fault = '';
            return;
        }
        fault = await keep(typed ?? NaN);
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
