<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Subtract from 'carbon-icons-svelte/lib/Subtract.svelte';
    import Add from 'carbon-icons-svelte/lib/Add.svelte';
    /** A small whole number with a button on each side, made for a thumb. */
    let {
        label,
        value,
        least = 0,
        most,
        fault = '',
        hideLabel = false,
        change,
    }: {
        label: string;
        value: number;
        least?: number;
        most: number;
        fault?: string | undefined;
        hideLabel?: boolean;
        change: (value: number) => void;
    } = $props();

    const uid = $props.id();

    function set(next: number): void {
        if (Number.isFinite(next)) change(Math.round(next));
    }
</script>

<div class="count">
    <label class="bx--label" class:sr={hideLabel} for={uid}>{label}</label>
    <div class="row">
        <Button
            size="small"
            kind="tertiary"
            icon={Subtract}
            iconDescription="{label}: one less"
            disabled={value <= least}
            on:click={() => set(value - 1)}
        />
        <input
            id={uid}
            type="number"
            inputmode="numeric"
            min={least}
            max={most}
            {value}
            aria-invalid={fault !== ''}
            aria-describedby={fault === '' ? undefined : `${uid}-fault`}
            onchange={(event) => set(event.currentTarget.valueAsNumber)}
        />
        <Button
            size="small"
            kind="tertiary"
            icon={Add}
            iconDescription="{label}: one more"
            disabled={value >= most}
            on:click={() => set(value + 1)}
        />
    </div>
    {#if fault !== ''}<p class="fault" id="{uid}-fault">{fault}</p>{/if}
</div>

<style>
    .row {
        display: flex;
    }

    input {
        width: 44px;
        height: 32px;
        border: 1px solid var(--line-strong);
        border-width: 1px 0;
        background: var(--raised);
        color: var(--ink);
        font: inherit;
        text-align: center;
        appearance: textfield;
    }

    input::-webkit-inner-spin-button {
        appearance: none;
    }

    .row :global(.bx--btn:first-child) {
        border-radius: 4px 0 0 4px;
    }

    .row :global(.bx--btn:last-child) {
        border-radius: 0 4px 4px 0;
    }

    .row :global(.bx--btn) {
        background: var(--raised);
        border-color: var(--line-strong);
    }

    .fault {
        font-size: 0.8125rem;
        font-weight: 700;
    }
</style>
