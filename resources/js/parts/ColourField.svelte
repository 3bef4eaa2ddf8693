<script lang="ts">
    import { TextInput } from 'carbon-components-svelte';

    /** A colour written, or picked beside it. */
    let {
        label,
        value,
        shown = value,
        placeholder = '',
        fault = '',
        live = false,
        change,
    }: {
        label: string;
        value: string;
        /** What the picker shows, when what is written is no hex colour. */
        shown?: string;
        placeholder?: string;
        fault?: string;
        /** Handed on with every letter, not only when the painter is done with it. */
        live?: boolean;
        change: (colour: string) => void;
    } = $props();

    const hex = $derived(/^#[0-9a-f]{6}$/i.test(shown.trim()) ? shown.trim() : '#808080');
</script>

<div>
    <TextInput
        size="sm"
        labelText={label}
        {value}
        {placeholder}
        invalid={fault !== ''}
        invalidText={fault}
        on:input={(event) => live && change(String(event.detail ?? ''))}
        on:change={(event) => !live && change(String(event.detail ?? '').trim())}
    />
    <label
        ><span class="sr">Pick it: {label}</span><input
            type="color"
            value={hex}
            oninput={(event) => live && change(event.currentTarget.value)}
            onchange={(event) => !live && change(event.currentTarget.value)}
        /></label
    >
</div>

<style>
    div {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 32px;
        gap: 6px;
        align-items: start;
    }

    label {
        /* Beside the field, below its label. */
        margin-top: 21px;
    }
</style>
