<script lang="ts">
    /** Where these stand: beside the list of plans, behind its menu. */
</script>

<nav aria-label="Where this is"><a href="#/plans">All plans</a></nav>

<style>
    nav {
        margin-bottom: 2px;
        font-size: 0.875rem;
    }

    a {
        display: inline-flex;
        align-items: center;
        min-height: 24px;
        color: var(--ink-quiet);
    }
</style>
