<script lang="ts">
    import { Select, SelectItem, SelectItemGroup } from 'carbon-components-svelte';

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
    {#each groups as group (group.label)}
        <SelectItemGroup label={group.label}>
            {#each choices.filter((choice) => group.values.includes(choice.value)) as choice (choice.value)}
                <SelectItem value={choice.value} text={choice.label} />
            {/each}
        </SelectItemGroup>
    {:else}
        {#each choices as choice (choice.value)}
            <SelectItem value={choice.value} text={choice.label} />
        {/each}
    {/each}
</Select>
