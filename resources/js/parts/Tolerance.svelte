<script lang="ts">
    import { craft } from '../lib/craft.svelte';

    /** How far off a paint may be and still do the job, with what the number means to the eye. */
    let { value, change, fault = '' }: { value: number; change: (value: number) => void; fault?: string } = $props();

    const uid = $props.id();
    const words = $derived(
        value === 0
            ? 'only the very colour'
            : (craft()?.closeness.find((one) => one.upTo === null || value <= one.upTo)?.words ?? ''),
    );
</script>

<div class="tolerance">
    <label class="bx--label" for={uid}>How near it must be</label>
    <input
        id={uid}
        type="range"
        min="0"
        max="12"
        step="0.5"
        {value}
        aria-valuetext="{value}: {words}"
        aria-invalid={fault !== ''}
        oninput={(event) => change(event.currentTarget.valueAsNumber)}
    />
    <p><b>{value}</b> <span class="quiet">{words}</span></p>
    {#if fault}<p><b>{fault}</b></p>{/if}
</div>

<style>
    .tolerance {
        display: grid;
    }

    input {
        width: 100%;
        accent-color: var(--ink);
    }
</style>
