<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import ArrowLeft from 'carbon-icons-svelte/lib/ArrowLeft.svelte';
    import ArrowRight from 'carbon-icons-svelte/lib/ArrowRight.svelte';
    import type { Figure } from '../lib/figures.svelte';

    /** The figure where a browser draws none: the server draws it, turned by an eighth at a time. */
    let {
        figure,
        pass,
        name,
        squint = false,
    }: { figure: Figure; pass: number; name: string; squint?: boolean } = $props();

    const EIGHTH = 45;
    let turn = $state(0);

    function by(degrees: number): void {
        turn = ((turn + degrees + 540) % 360) - 180;
    }
</script>

<div class="still">
    <img
        class="fills"
        class:squint
        src="/api/figures/{figure.id}/still?width=600&height=750&turn={turn}&pass={pass}"
        alt="{name}, from {turn}°"
    />
    {#if !figure.isPicture}
        <div class="turns">
            <Button
                size="small"
                kind="tertiary"
                icon={ArrowLeft}
                iconDescription="Turn it to the left"
                on:click={() => by(-EIGHTH)}
            />
            <Button
                size="small"
                kind="tertiary"
                icon={ArrowRight}
                iconDescription="Turn it to the right"
                on:click={() => by(EIGHTH)}
            />
        </div>
    {/if}
</div>

<style>
    .still {
        position: relative;
        height: 100%;
    }

    .squint {
        filter: grayscale(1) blur(3px);
    }

    .turns {
        position: absolute;
        bottom: 10px;
        left: 50%;
        display: flex;
        gap: 8px;
        padding: 4px;
        border-radius: 4px;
        background: var(--panel);
        transform: translateX(-50%);
    }
</style>
