<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import MixCorner from './measure/MixCorner.svelte';
    import OpacityCorner from './measure/OpacityCorner.svelte';
    import PhotoCorner from './measure/PhotoCorner.svelte';
    import ReaderCorner from './measure/ReaderCorner.svelte';
    import ScannerCorner from './measure/ScannerCorner.svelte';

    /** Ways to get a colour, a pot or an opacity in without typing it. */
    const corners = [
        { href: '/shelf/measure', name: 'Photo' },
        { href: '/shelf/measure/reader', name: 'Swatch reader' },
        { href: '/shelf/measure/scanner', name: 'Barcode scanner' },
        { href: '/shelf/measure/opacity', name: 'How well it hides' },
        { href: '/shelf/measure/mix', name: 'A mix you made' },
    ];
    const corner = $derived(router.location.split('/')[3] ?? '');
</script>

<div class="acts corners" role="group" aria-label="Measure with">
    {#each corners as one}
        <Button
            size="small"
            kind="tertiary"
            href="#{one.href}"
            aria-current={router.location === one.href ? 'page' : undefined}>{one.name}</Button
        >
    {/each}
</div>
{#if corner === 'reader'}
    <ReaderCorner />
{:else if corner === 'scanner'}
    <ScannerCorner />
{:else if corner === 'opacity'}
    <OpacityCorner />
{:else if corner === 'mix'}
    <MixCorner />
{:else}
    <PhotoCorner />
{/if}

<style>
    .corners {
        margin-bottom: 12px;
    }

    .corners :global([aria-current]) {
        border-color: var(--ink);
        background: var(--ink);
        color: var(--panel);
    }
</style>
