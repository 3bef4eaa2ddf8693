<script lang="ts">
    import * as v from 'valibot';
    import type { Batch } from '../../lib/api';
    import { keep, kept } from '../../lib/kept';

    /** The models as squares to tick, those of this pass alone, and the single places of the step. Both stay ticked through a reload. */
    let {
        squad,
        models,
        laid,
        ticked,
        heads,
        keptAs,
        tick,
    }: {
        squad: Batch['squad'];
        /** Numbers of those the pass is for. */
        models: number[];
        /** Numbers of those that have this coat. */
        laid: number[];
        ticked: number[];
        heads: string[];
        keptAs: string;
        tick: (models: number[]) => void;
    } = $props();

    // svelte-ignore state_referenced_locally
    let places = $state<string[]>(kept(`${keptAs}.places`, v.array(v.string())) ?? []);
    let last = $state<number | null>(null);

    const named = $derived(new Map(squad.map((one) => [one.number, one.name])));
    const others = $derived(squad.length - models.length);

    function turn(place: string): void {
        places = places.includes(place) ? places.filter((one) => one !== place) : [...places, place];
        keep(`${keptAs}.places`, $state.snapshot(places));
    }

    /** One model; with shift all from the last one pressed to this. */
    function press(model: number, event: MouseEvent): void {
        const isOn = !ticked.includes(model);
        const [from, to] =
            event.shiftKey && last !== null ? [Math.min(last, model), Math.max(last, model)] : [model, model];
        const meant = models.filter((one) => one >= from && one <= to && !laid.includes(one));
        const rest = ticked.filter((one) => !meant.includes(one));
        tick(isOn ? [...rest, ...meant].sort((one, other) => one - other) : rest);
        last = model;
    }
</script>

{#if models.length > 1 || others > 0 || heads.length > 0}
    <div class="ticks">
        {#if models.length > 1 || others > 0}
            <ol class="acts" aria-label="Models">
                {#each models as number (number)}
                    {@const has = laid.includes(number)}
                    {@const name = named.get(number) ?? ''}
                    <li>
                        <button
                            type="button"
                            disabled={has}
                            aria-pressed={has || ticked.includes(number)}
                            aria-label="model {number}{name === '' ? '' : `, ${name}`}{has ? ', has this coat' : ''}"
                            onclick={(event) => press(number, event)}
                            >{number}{#if name !== ''}<small><bdi>{name}</bdi></small>{/if}</button
                        >
                    </li>
                {/each}
            </ol>
            <p class="quiet">
                {laid.length + ticked.filter((one) => !laid.includes(one)).length} of {models.length}{#if others > 0};
                    the other {others === 1 ? 'one is' : `${others} are`} painted otherwise{/if}
            </p>
        {/if}
        {#if heads.length > 0}
            <ul class="acts" aria-label="Places">
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

    button {
        display: flex;
        gap: 6px;
        align-items: center;
        justify-content: center;
        min-width: 46px;
        max-width: 180px;
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

    small {
        overflow: hidden;
        font-size: 0.8125rem;
        font-weight: 500;
        text-overflow: ellipsis;
        white-space: nowrap;
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
