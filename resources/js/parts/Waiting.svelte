<script lang="ts">
    /** Holds the place of what is on its way; says so only when it takes long enough to wonder. */
    let { what }: { what: string } = $props();
</script>

<div class="waiting" role="status"><span>Fetching {what}…</span></div>

<style>
    .waiting {
        display: grid;
        min-height: 200px;
        place-items: center;
        color: var(--ink-quiet);
    }

    span {
        animation: appear 0.2s 0.4s both;
    }

    @keyframes appear {
        from {
            opacity: 0;
        }
    }
</style>
