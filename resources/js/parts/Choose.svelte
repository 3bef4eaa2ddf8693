<script lang="ts">
    import { Select, SelectItem } from 'carbon-components-svelte';

    /** A choice among the craft's words. */
    let {
        label,
        value,
        choices,
        fault = '',
        hideLabel = false,
        change,
    }: {
        label: string;
        value: string;
        choices: { value: string; label: string }[];
        fault?: string;
        hideLabel?: boolean;
        change: (value: string) => void;
    } = $props();
</script>

<Select
    size="sm"
    labelText={label}
    {hideLabel}
    selected={value}
    invalid={fault !== ''}
    invalidText={fault}
    on:change={(event) => change((event.target as HTMLSelectElement).value)}
>
    {#each choices as choice (choice.value)}
        <SelectItem value={choice.value} text={choice.label} />
    {/each}
</Select>
