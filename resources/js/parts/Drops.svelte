<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** A mix as drops to count: each paint in its colour and name, then the medium as open drops. */
    let { drops, large = false }: { drops: Schemas['Drops']; large?: boolean } = $props();

    /** More than this nobody counts by looking: then one drop each stands for the number beside it. */
    const DRAWN = 12;
    const size = $derived(large ? 26 : 17);
    const isStraight = $derived(drops.length === 1);
    const isMany = $derived(drops.some((one) => one.count > DRAWN));
</script>

<ul class:large>
    {#each drops as one}
        <li>
            <span class="drops">
                {#each { length: isStraight || isMany ? 1 : one.count } as _}
                    <svg width={size * 0.72} height={size} viewBox="0 0 14 19" aria-hidden="true">
                        <path
                            d="M7 1C9 5.500 13 8.500 13 12.500a6 6 0 0 1-12 0C1 8.500 5 5.500 7 1z"
                            fill={one.hex ?? 'none'}
                            stroke="currentColor"
                            stroke-width={one.hex === null ? 1.4 : 0.6}
                        />
                    </svg>
                {/each}
            </span>
            <span>
                {#if !isStraight}<b>{one.count}</b>{/if}
                <bdi>{one.name}</bdi>
            </span>
        </li>
    {/each}
    {#if isStraight}
        <li class="quiet">straight, nothing added</li>
    {/if}
</ul>

<style>
    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 18px;
    }

    li {
        display: flex;
        gap: 7px;
        align-items: center;
    }

    .drops {
        display: inline-flex;
        gap: 2px;
    }

    .large {
        gap: 12px 28px;
        font-size: 1.125rem;
    }
</style>
