<script lang="ts">
    import { ContentSwitcher, Switch } from 'carbon-components-svelte';

    /** One of a few, side by side. */
    let {
        label,
        value,
        choices,
        change,
    }: {
        label: string;
        value: string;
        choices: readonly { value: string; label: string }[];
        change: (value: string) => void;
    } = $props();

    const index = $derived(
        Math.max(
            0,
            choices.findIndex((one) => one.value === value),
        ),
    );
</script>

<ContentSwitcher
    size="sm"
    aria-label={label}
    selectionMode="manual"
    selectedIndex={index}
    on:change={(event) => event.detail !== index && change(choices[event.detail]?.value ?? value)}
>
    {#each choices as choice (choice.value)}
        <Switch text={choice.label} />
    {/each}
</ContentSwitcher>
