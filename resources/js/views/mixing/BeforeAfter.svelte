<script lang="ts">
    import type { Plan, Schemas } from '../../lib/api';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** Every area the stand-ins change, as planned and with them. */
    let { plan, after }: { plan: Plan; after: Schemas['Looks'] } = $props();

    const changed = $derived(
        plan.document.areas.filter((area) => {
            const [before, next] = [plan.looks.areas[area.id], after.areas[area.id]];
            return JSON.stringify(before?.strip.final) !== JSON.stringify(next?.strip.final);
        }),
    );
</script>

<section class="panel stack padded" aria-label="Before and after">
    <h2>What it would look like</h2>
    <div class="areas">
        {#each changed as area (area.id)}
            {@const before = plan.looks.areas[area.id]}
            {@const next = after.areas[area.id]}
            {#if before && next}
                <article class="well">
                    <h3><bdi>{area.name}</bdi></h3>
                    <ZoneBars look={before.strip.final} height={24} label="as planned" />
                    <ZoneBars look={next.strip.final} height={24} label="with the stand-ins" />
                    <p>
                        {before.strip.final.lowest} – {before.strip.final.highest} → {next.strip.final.lowest} – {next
                            .strip.final.highest}
                    </p>
                </article>
            {/if}
        {/each}
    </div>
    <p class="quiet">Above as planned, below with the stand-ins; the numbers are darkest and lightest value.</p>
</section>

<style>
    .areas {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
        gap: 10px;
    }

    article {
        display: grid;
        gap: 0;
        padding: 8px 10px;
    }

    h3 {
        padding-bottom: 4px;
    }

    p {
        padding-top: 2px;
        font-size: 0.8125rem;
    }
</style>
