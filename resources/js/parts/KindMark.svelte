<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** What a pot is for, told by shape: full or half for how it hides, curves for what runs, a cut stone for metal. */
    let { kind, size = 14 }: { kind: Schemas['Kind']; size?: number } = $props();
</script>

<svg
    width={size}
    height={size}
    viewBox="0 0 14 14"
    fill="none"
    stroke="currentColor"
    stroke-width="1.4"
    aria-hidden="true"
>
    {#if kind === 'opaque'}
        <rect x="2" y="2" width="10" height="10" fill="currentColor" />
    {:else if kind === 'semi-opaque'}
        <rect x="2" y="2" width="10" height="10" /><rect
            x="2"
            y="7"
            width="10"
            height="5"
            fill="currentColor"
            stroke="none"
        />
    {:else if kind === 'one-coat'}
        <rect x="2" y="2" width="10" height="10" /><path d="M2 12 12 2v10z" fill="currentColor" stroke="none" />
    {:else if kind === 'wash'}
        <path d="M1 5q3-4 6 0t6 0M1 10q3-4 6 0t6 0" />
    {:else if kind === 'ink'}
        <path d="M2 3h10M2 7h10M2 11h10" stroke-width="1" />
    {:else if kind === 'metallic'}
        <path d="M4 2h6l3 4-6 7-6-7zM1 6h12" />
    {:else if kind === 'primer'}
        <path d="M1 12h12" stroke-width="2.4" /><path d="M4 2v5M7 1v7M10 3v4" />
    {:else if kind === 'varnish'}
        <path d="M1 12h12M3 8h8" /><path d="m5 2 4 3" />
    {:else if kind === 'medium'}
        <circle cx="7" cy="7" r="5" />
    {:else if kind === 'texture'}
        <path d="M1 12h12M2 9h2M6 8h2M10 9h2M4 5h2M8 4h2" stroke-width="2" />
    {:else if kind === 'effect'}
        <path d="M7 1v12M1 7h12M3 3l8 8M11 3l-8 8" />
    {:else if kind === 'enamel'}
        <circle cx="7" cy="7" r="5" /><circle cx="7" cy="7" r="2" fill="currentColor" stroke="none" />
    {:else if kind === 'pigment'}
        <path d="M1 12 7 3l6 9z" fill="currentColor" />
    {:else if kind === 'chipping'}
        <path d="M2 2h10v10H2z" /><path d="m5 2 2 4-2 2 3 4" />
    {:else}
        <path d="M2 4h10v6H2zM4 7h6" />
    {/if}
</svg>
