<script lang="ts">
    import { Slider } from 'carbon-components-svelte';
    import { craft } from '../lib/craft.svelte';

    /** How far off a paint may be and still do the job, with what the number means to the eye. */
    let { value, change, fault = '' }: { value: number; change: (value: number) => void; fault?: string } = $props();

    const words = $derived(
        value === 0
            ? 'only the very colour'
            : (craft()?.closeness.find((one) => one.upTo === null || value <= one.upTo)?.words ?? ''),
    );
</script>

<div class="tolerance">
    <Slider
        labelText="How near it must be"
        min={0}
        max={12}
        step={0.5}
        minLabel=" "
        maxLabel=" "
        hideTextInput
        fullWidth
        {value}
        invalid={fault !== ''}
        on:input={(event) => event.detail !== null && event.detail !== value && change(event.detail)}
    />
    <p><b>{value}</b> <span class="quiet">{words}</span></p>
    {#if fault}<p><b>{fault}</b></p>{/if}
</div>

<style>
    .tolerance {
        display: grid;
    }
</style>
