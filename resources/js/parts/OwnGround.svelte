<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import PaintPicker from './PaintPicker.svelte';

    /** A part or a way stands on an undercoat of its own, or on that of the model. */
    let {
        of,
        base,
        fault = '',
        change,
    }: {
        /** What stands on it. */
        of: string;
        /** Its paint; null where it stands on the model's. */
        base: { id: string; name: string } | null;
        fault?: string | undefined;
        change: (base: string | null) => void;
    } = $props();

    let asked = $state(false);

    function prime(paint: string | null): void {
        asked = false;
        change(paint);
    }
</script>

{#if base !== null || asked}
    <span class="ground">
        <PaintPicker
            label="Undercoat of {of}"
            hideLabel
            first="primer"
            ready={asked}
            chosen={base}
            {fault}
            pick={(paint) => prime(paint.id)}
        />
    </span>
    <Button size="small" kind="ghost" on:click={() => prime(null)}>As the rest<span class="sr">: {of}</span></Button>
{:else}
    <Button size="small" kind="ghost" on:click={() => (asked = true)}
        >Own undercoat<span class="sr"> for {of}</span></Button
    >
{/if}

<style>
    .ground {
        width: 190px;
        margin-left: 8px;
    }
</style>
