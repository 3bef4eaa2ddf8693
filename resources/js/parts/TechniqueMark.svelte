<script lang="ts">
    /** How the paint goes on, drawn as the stroke it leaves. */
    let { technique, size = 16 }: { technique: string; size?: number } = $props();
</script>

<svg
    width={size}
    height={size}
    viewBox="0 0 16 16"
    fill="none"
    stroke="currentColor"
    stroke-width="1.6"
    aria-hidden="true"
>
    {#if technique === 'primer'}
        <path d="M3 13h10" stroke-width="2.400" /><path
            d="M4 4h.01M8 3h.01M12 4h.01M6 8h.01M10 8h.01"
            stroke-width="2.200"
            stroke-linecap="round"
        />
    {:else if technique === 'spray-from-above'}
        <path d="M8 2 3 9M8 2v7M8 2l5 7" /><path d="M2 13q6-4 12 0" />
    {:else if technique === 'basecoat'}
        <path d="M2 8h12" stroke-width="6" />
    {:else if technique === 'wash'}
        <path d="M1 5q2 7 4.700 0t4.700 0T15 5" /><path d="M3 13h10" stroke-width="1" />
    {:else if technique === 'drybrush'}
        <path d="M2 4h3M7 4h2M11 4h3M3 8h2M7 8h4M2 12h1M5 12h4M12 12h2" />
    {:else if technique === 'layer'}
        <path d="M2 12h12" stroke-width="3" /><path d="M4 8h8" stroke-width="2.400" /><path
            d="M6 4.500h4"
            stroke-width="1.800"
        />
    {:else if technique === 'highlight'}
        <path d="M2 13 8 3l6 10" /><path d="M8 3h.01" stroke-width="4" stroke-linecap="round" />
    {:else if technique === 'glaze'}
        <path d="M2 5h12M2 8h12M2 11h12" stroke-width="1" />
    {:else}
        <path d="M2 3h12L8 14z" />
    {/if}
</svg>
