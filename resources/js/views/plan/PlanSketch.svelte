<script lang="ts">
    import type { Schemas } from '../../lib/api';
    import ZoneBars from '../../parts/ZoneBars.svelte';

    /** The plan taking shape beside the form: each area as large as its share, primed, with what it was taken for. */
    let { name, base, areas }: { name: string; base: string; areas: Schemas['Sketch']['areas'] } = $props();
</script>

<section class="panel" aria-label="The plan taking shape">
    <h2><bdi>{name.trim() === '' ? 'Your plan' : name}</bdi></h2>
    {#if areas.length === 0}
        <p class="quiet">
            Write the areas down and they stand here as they will be primed, each with the texture its name suggests: a
            “face” is skin, a “cloak” broad folds, a “lantern” metal. What is taken wrongly is put right later.
        </p>
    {:else}
        <p class="quiet">
            {base === '' ? 'Choose an undercoat to see them primed.' : `As ${base} leaves them.`} Texture, stuff and share
            follow from the names and can be changed.
        </p>
        <ul>
            {#each areas as area}
                <li style:flex-grow={Math.max(1, area.share * 20)}>
                    <div class="look well">
                        {#if area.look}<ZoneBars look={area.look} height={64} label="primed" />{:else}<span></span>{/if}
                    </div>
                    <b><bdi>{area.name}</bdi></b>
                    <small>{area.texture}{area.material === 'other' ? '' : `, ${area.material}`}</small>
                    <small class="quiet">{area.size} · first {area.first.toLowerCase()}</small>
                </li>
            {/each}
        </ul>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        padding: 16px 18px 18px;
    }

    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 14px 12px;
    }

    li {
        display: grid;
        flex: 1 1 130px;
        align-content: start;
        min-width: 0;
        line-height: 1.3;
    }

    .look {
        margin-bottom: 6px;
        padding: 8px;
    }

    .look span {
        display: block;
        height: 64px;
        border: 1px dashed var(--well-ink);
        border-radius: 3px;
    }
</style>
