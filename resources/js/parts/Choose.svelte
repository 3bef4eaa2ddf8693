<script lang="ts">
    import { Select } from 'carbon-components-svelte';

    /** A choice among the craft's words. */
    let {
        label,
        value,
        choices,
        groups = [],
        fault = '',
        hideLabel = false,
        change,
    }: {
        label: string;
        value: string;
        choices: { value: string; label: string }[];
        /** Headings to put them under, and which each goes under. */
        groups?: { label: string; values: string[] }[];
        fault?: string | undefined;
        hideLabel?: boolean;
        change: (value: string) => void;
    } = $props();
</script>

<!-- Plain options: fifty techniques as components of their own take longer than all else on the panel. -->
{#snippet option(choice: { value: string; label: string })}
    <option class="bx--select-option" value={choice.value} selected={choice.value === value}>{choice.label}</option>
{/snippet}

<Select
    size="sm"
    labelText={label}
    {hideLabel}
    selected={value}
    invalid={fault !== ''}
    invalidText={fault}
    on:change={(event) => change((event.target as HTMLSelectElement).value)}
>
    {#each groups as group (group.label)}
        <optgroup class="bx--select-optgroup" label={group.label}>
            {#each choices.filter((choice) => group.values.includes(choice.value)) as choice (choice.value)}
                {@render option(choice)}
            {/each}
        </optgroup>
    {:else}
        {#each choices as choice (choice.value)}
            {@render option(choice)}
        {/each}
    {/each}
</Select>
