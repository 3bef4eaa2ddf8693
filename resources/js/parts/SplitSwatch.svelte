<script lang="ts">
    /** Two colours with nothing between them: the only way an eye can tell how far they are apart. */
    let {
        wanted,
        found,
        width = 44,
        height = 30,
    }: { wanted: string; found: string; width?: number; height?: number } = $props();
</script>

<span class="split" style:width="{width}px" style:height="{height}px" aria-hidden="true">
    <span style:background={wanted}></span><span style:background={found}></span>
</span>

<style>
    .split {
        display: inline-flex;
        flex: none;
        padding: 3px;
        border-radius: 4px;
        background: var(--well);
    }

    .split span {
        flex: 1;
    }

    .split span:first-child {
        border-radius: 2px 0 0 2px;
    }

    .split span:last-child {
        border-radius: 0 2px 2px 0;
    }
</style>
