<script lang="ts">
    import * as v from 'valibot';
    import { keep, kept } from '../../lib/kept';

    /** The models as squares to tick, in the order they are painted, and the single places of the step. Both stay ticked through a reload. */
    let {
        models,
        on,
        counted,
        heads,
        keptAs,
        tick,
    }: { models: number; on: number; counted: number; heads: string[]; keptAs: string; tick: (count: number) => void } =
        $props();

    // svelte-ignore state_referenced_locally
    let places = $state<string[]>(kept(`${keptAs}.places`, v.array(v.string())) ?? []);

    function turn(place: string): void {
        places = places.includes(place) ? places.filter((one) => one !== place) : [...places, place];
        keep(`${keptAs}.places`, $state.snapshot(places));
    }
</script>

{#if models > 1 || heads.length > 0}
    <div class="ticks">
        {#if models > 1}
            <ol aria-label="Models">
                {#each { length: models } as _, at}
                    {@const number = at + 1}
                    <li>
                        <button
                            type="button"
                            disabled={number <= on}
                            aria-pressed={number <= on + counted}
                            aria-label="model {number}{number <= on ? ', has this coat' : ''}"
                            onclick={() => tick(number - on === counted ? counted - 1 : number - on)}>{number}</button
                        >
                    </li>
                {/each}
            </ol>
            <p class="quiet">{on + counted} of {models}</p>
        {/if}
        {#if heads.length > 0}
            <ul aria-label="Places">
                {#each heads as place}
                    <li>
                        <button type="button" aria-pressed={places.includes(place)} onclick={() => turn(place)}
                            ><bdi>{place}</bdi></button
                        >
                    </li>
                {/each}
            </ul>
        {/if}
    </div>
{/if}

<style>
    .ticks {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
    }

    ol,
    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
        margin: 0;
        padding: 0;
        list-style: none;
    }

    button {
        min-width: 46px;
        min-height: 46px;
        padding: 0 10px;
        border: 1.5px solid var(--line-strong);
        border-radius: 4px;
        background: none;
        color: var(--ink);
        font: inherit;
        font-family: var(--face);
        font-weight: 700;
        cursor: pointer;
    }

    button[aria-pressed='true'] {
        border-color: var(--ink);
        background: var(--ink);
        color: var(--panel);
    }

    button:disabled {
        border-color: var(--line);
        background: var(--line);
        color: var(--ink-quiet);
        cursor: default;
    }
</style>
