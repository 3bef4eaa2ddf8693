<script lang="ts">
    import { TextInput } from 'carbon-components-svelte';

    /** A line of text that is handed on when the painter is done with it. */
    let {
        label,
        value,
        placeholder = '',
        list,
        hideLabel = false,
        fault = '',
        change,
    }: {
        label: string;
        value: string;
        placeholder?: string;
        /** Id of a datalist with what may be meant. */
        list?: string;
        hideLabel?: boolean;
        fault?: string;
        change: (value: string) => void;
    } = $props();
</script>

<TextInput
    size="sm"
    labelText={label}
    {hideLabel}
    {value}
    {placeholder}
    {list}
    dir="auto"
    invalid={fault !== ''}
    invalidText={fault}
    on:change={(event) => change(String(event.detail ?? ''))}
/>
