<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import Add from 'carbon-icons-svelte/lib/Add.svelte';

    /** One more of a list, by its name alone; Enter adds it, and the field is ready for the next. */
    let {
        label,
        placeholder,
        addLabel,
        add,
    }: { label: string; placeholder: string; addLabel: string; add: (name: string) => void } = $props();

    let name = $state('');

    function submit(event: SubmitEvent): void {
        event.preventDefault();
        if (name.trim() === '') return;
        add(name.trim());
        name = '';
    }
</script>

<form onsubmit={submit}>
    <TextInput size="sm" hideLabel labelText={label} {placeholder} dir="auto" bind:value={name} />
    <Button size="small" kind="tertiary" type="submit" icon={Add} iconDescription={addLabel} tooltipPosition="left" />
</form>

<style>
    form {
        display: flex;
        gap: 4px;
        align-items: center;
    }
</style>
