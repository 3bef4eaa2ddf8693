<script lang="ts">
    /** Drawn marks of the places: a step to take, a strip, pots on a board, two drops that meet, blocks along an evening, a ruled book, an open one, sun and lamp. */
    let {
        name,
    }: {
        name:
            'bench' | 'plans' | 'shelf' | 'mixing' | 'evenings' | 'logbook' | 'handbook' | 'settings' | 'day' | 'lamp';
    } = $props();
</script>

<svg width="22" height="22" viewBox="0 0 22 22" fill="none" stroke="currentColor" stroke-width="1.6" aria-hidden="true">
    {#if name === 'bench'}
        <path d="M2 14h18M5 14v5M17 14v5M8 14V9h3v5M14 14l3-10" />
    {:else if name === 'plans'}
        <path d="M2 5h18M2 11h18M2 17h18" stroke-width="1" />
        <path d="M4 3h4v4H4zM10 9h4v4h-4zM15 15h4v4h-4z" fill="currentColor" />
    {:else if name === 'shelf'}
        <path d="M2 9.5h18M2 19h18M4 9V5h3v4M9.5 9V3h3v6M15 9V6h3v3M4 18.500v-4h3v4M13 18.500v-5h4v5" />
    {:else if name === 'mixing'}
        <circle cx="8" cy="13" r="5.500" /><circle cx="14" cy="13" r="5.500" /><path
            d="M11 2.500c1.200 2 2 2.900 2 4a2 2 0 0 1-4 0c0-1.100.8-2 2-4z"
            fill="currentColor"
            stroke="none"
        />
    {:else if name === 'evenings'}
        <path d="M2 17h18M2 5v12M20 5v12" stroke-width="1" /><path d="M4 7h6v4H4zM12 11h5v4h-5z" fill="currentColor" />
    {:else if name === 'logbook'}
        <path d="M5 3h12v16H5zM8 3v16M11 8h4M11 12h4" />
    {:else if name === 'handbook'}
        <path d="M11 5q-4-3-9-1v13q5-2 9 1 4-3 9-1V4q-5-2-9 1zM11 5v13" />
    {:else if name === 'settings'}
        <path d="M2 6h18M2 11h18M2 16h18" stroke-width="1" /><path
            d="M6 4h3v4H6zM14 9h3v4h-3zM4 14h3v4H4z"
            fill="currentColor"
        />
    {:else if name === 'day'}
        <circle cx="11" cy="11" r="4" /><path
            d="M11 2v3M11 17v3M2 11h3M17 11h3M4.600 4.600l2 2M15.400 15.400l2 2M4.600 17.400l2-2M15.400 6.600l2-2"
        />
    {:else}
        <path d="M6 12 9 4h4l3 8zM11 12v7M7 19h8" />
    {/if}
</svg>
