<script lang="ts">
    import type { Craft, Schemas } from '../../lib/api';
    import { wished } from '../../lib/wishes';

    /** What one would rather have, in plain words: pressed again it asks for more, the opposite takes it back. */
    let {
        craft,
        wishes,
        change,
    }: { craft: Craft; wishes: Schemas['Wish'][]; change: (wishes: Schemas['Wish'][]) => void } = $props();

    const times = (value: string) => wishes.filter((one) => one === value).length;
</script>

<div class="pills" role="group" aria-label="Rather">
    <span class="quiet">Rather</span>
    {#each craft.wishes as wish (wish.value)}
        <button
            type="button"
            class="pill"
            aria-pressed={times(wish.value) > 0}
            onclick={() => change(wished(craft.wishes, wishes, wish.value))}
            >{wish.label}{#if times(wish.value) > 1}<span class="sr">, said</span>&nbsp;{times(wish.value)}
                ×{/if}</button
        >
    {/each}
    {#if wishes.length > 0}<button type="button" class="pill none" onclick={() => change([])}>as it was</button>{/if}
</div>

<style>
    .none {
        border-color: transparent;
        text-decoration: underline;
    }
</style>
