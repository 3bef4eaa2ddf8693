<script lang="ts">
    import { Checkbox } from 'carbon-components-svelte';

    /** A box to tick and what it means. */
    let { label, checked, change }: { label: string; checked: boolean; change: (checked: boolean) => void } = $props();
</script>

<Checkbox
    labelText={label}
    {checked}
    on:change={(event) => change((event.target as HTMLInputElement | null)?.checked ?? !checked)}
/>
