<script lang="ts">
    /** How far something is, as a bar and in words beside it. */
    let { share, label }: { share: number; label: string } = $props();
</script>

<div
    class="meter"
    role="progressbar"
    aria-label={label}
    aria-valuenow={Math.round(share * 100)}
    aria-valuemin="0"
    aria-valuemax="100"
>
    <span style:width="{share * 100}%"></span>
</div>

<style>
    .meter {
        height: 6px;
        overflow: hidden;
        border-radius: 3px;
        background: var(--line);
    }

    span {
        display: block;
        height: 100%;
        background: var(--ink);
    }
</style>
