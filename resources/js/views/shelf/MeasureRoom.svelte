<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { settings } from '../../lib/settings.svelte';
    import MixCorner from './measure/MixCorner.svelte';
    import OpacityCorner from './measure/OpacityCorner.svelte';
    import PhotoCorner from './measure/PhotoCorner.svelte';
    import ReaderCorner from './measure/ReaderCorner.svelte';
    import ScannerCorner from './measure/ScannerCorner.svelte';

    /** Ways to get a colour, a pot or an opacity in without typing it. */
    const corners = $derived([
        { href: '/shelf/measure', name: 'Photo' },
        { href: '/shelf/measure/opacity', name: 'How well it hides' },
        { href: '/shelf/measure/mix', name: 'A mix you made' },
        ...(settings.devices.reader ? [{ href: '/shelf/measure/reader', name: 'Swatch reader, simulated' }] : []),
        ...(settings.devices.scanner ? [{ href: '/shelf/measure/scanner', name: 'Barcode scanner, simulated' }] : []),
    ]);
    const corner = $derived(router.location.split('/')[3] ?? '');
    const isOff = $derived(
        (corner === 'reader' && !settings.devices.reader) || (corner === 'scanner' && !settings.devices.scanner),
    );
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
{#if isOff}
    <p class="panel off">This device is switched off. <a href="#/settings">Switch it on in the settings</a></p>
{:else if corner === 'reader'}
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
    .off {
        padding: 18px;
    }

    .corners {
        margin-bottom: 12px;
    }

    .corners :global([aria-current]) {
        border-color: var(--ink);
        background: var(--ink);
        color: var(--panel);
    }
</style>
