<script lang="ts">
    import type { Schemas } from '../../lib/api';

    /** What one area of one model will look like, from recess to edge. */
    let {
        look,
        differs,
        painted,
        isChosen,
        name,
        place,
        areaId,
        model,
        press,
        hold,
        walk,
    }: {
        look: Schemas['SquadWay'] | null;
        /** Otherwise than most of them have it. */
        differs: boolean;
        /** Share of its coats that lie there, 0…1. */
        painted: number;
        isChosen: boolean;
        name: string;
        /** Row and column, for the arrows. */
        place: string;
        areaId: string;
        model: number;
        press: (event: MouseEvent) => void;
        hold: () => void;
        walk: (event: KeyboardEvent) => void;
    } = $props();

    const words = $derived(look === null ? 'does not have it' : `${look.name}, ${look.words}`);
</script>

<button
    type="button"
    class:differs
    class:none={look === null}
    data-cell={place}
    data-area={areaId}
    data-model={model}
    aria-pressed={isChosen}
    aria-label="{name}: {words}{differs ? ', otherwise than the others' : ''}{painted === 1
        ? ', done'
        : painted > 0
          ? ', begun'
          : ''}"
    title={words}
    onclick={press}
    onpointerdown={(event) => {
        if (event.shiftKey || event.ctrlKey || event.metaKey || event.pointerType === 'touch') return;
        press(event);
        hold();
    }}
    onkeydown={walk}
>
    {#if look}
        {#each look.zones as zone}<span style:background={zone}></span>{/each}
    {/if}
    {#if painted > 0}<i style:width="calc({100 * painted}% - {10 * painted}px)"></i>{/if}
</button>

<style>
    button {
        position: relative;
        display: flex;
        width: 56px;
        height: 40px;
        padding: 5px;
        overflow: hidden;
        border: 2px solid transparent;
        border-radius: 4px;
        background: var(--well);
        cursor: pointer;
    }

    span {
        flex: 1 1 0;
    }

    span:nth-child(3) {
        flex-grow: 2.2;
    }

    .differs {
        border-color: var(--ink);
    }

    .none {
        background: repeating-linear-gradient(135deg, var(--line) 0 2px, transparent 2px 8px);
    }

    button[aria-pressed='true'] {
        border-color: var(--accent);
        box-shadow: 0 0 0 2px var(--accent);
    }

    /* A foot of paint, as wide as so much of it lies on this model already. */
    i {
        position: absolute;
        bottom: 0;
        left: 5px;
        height: 3px;
        border-radius: 2px;
        background: var(--well-ink);
    }
</style>
