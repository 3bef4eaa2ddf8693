<script lang="ts">
    import { zoneFill } from '../../lib/looks';
    import type { Schemas, Stage, Step } from '../../lib/api';
    import TechniqueMark from '../../parts/TechniqueMark.svelte';

    /** A step on the score: what the area looks like after it, how it is done, how often, and the findings that bite there. */
    let {
        step,
        pass,
        stage,
        spoken,
        numbers,
        isChosen,
        isFirst,
        left,
        top,
        width,
        isDragged,
        isSettling,
        grab,
        pull,
        drop,
        letGo,
        key,
        choose,
    }: {
        step: Step;
        pass: Schemas['Pass'];
        stage: Stage | null;
        spoken: string;
        numbers: number[];
        isChosen: boolean;
        isFirst: boolean;
        left: number;
        top: number;
        width: number;
        isDragged: boolean;
        /** It was just put down, and goes to where it may stand. */
        isSettling: boolean;
        grab: (event: PointerEvent) => void;
        pull: (event: PointerEvent) => void;
        drop: () => void;
        letGo: () => void;
        key: (event: KeyboardEvent) => void;
        choose: () => void;
    } = $props();

    const findings = $derived(numbers.length === 0 ? '' : `, caution ${numbers.join(', ')}`);
</script>

<button
    type="button"
    class="note"
    class:dragged={isDragged}
    class:settling={isSettling}
    class:locked={pass.isLocked}
    data-step={step.id}
    aria-label="{spoken}{pass.isLocked ? ', locked' : ''}{findings}"
    aria-current={isChosen ? 'step' : undefined}
    tabindex={isChosen || isFirst ? 0 : -1}
    style:left="{left}px"
    style:top="{top}px"
    style:width="{width}px"
    onpointerdown={grab}
    onpointermove={pull}
    onpointerup={drop}
    onpointercancel={letGo}
    onkeydown={key}
    onclick={(event) => event.detail === 0 && choose()}
>
    <span class="bars"
        >{#if stage}{#each stage.zones as zone, at (zone.zone)}<i style:background={zoneFill(stage, at)}
                ></i>{/each}{/if}</span
    >
    <span class="how">
        <TechniqueMark technique={step.technique} size={12} />
        {#if step.coats > 1 && width >= 30}<span>{step.coats}×</span>{/if}
    </span>
    {#if numbers.length > 0}<span class="finding">{numbers.length > 1 ? `${numbers[0]}+` : numbers[0]}</span>{/if}
</button>

<style>
    .note {
        position: absolute;
        z-index: 1;
        display: grid;
        grid-template-rows: 22px 12px;
        height: 36px;
        padding: 0;
        border: 1px solid var(--line-strong);
        border-radius: 3px;
        background: var(--raised);
        color: var(--ink);
        font: inherit;
        font-size: 0.625rem;
        cursor: grab;
        touch-action: none;
    }

    .note:focus-visible,
    .note[aria-current] {
        z-index: 2;
        outline: 2px solid var(--accent);
        outline-offset: 2px;
    }

    .dragged {
        z-index: 4;
        box-shadow: 0 3px 10px var(--shade);
        cursor: grabbing;
    }

    .locked {
        border-bottom: 3px solid var(--ink);
    }

    .bars {
        display: flex;
        overflow: hidden;
        border-radius: 2px 2px 0 0;
        background: repeating-linear-gradient(-45deg, var(--line) 0 2px, transparent 2px 5px);
    }

    i {
        flex: 1;
    }

    .how {
        display: flex;
        gap: 2px;
        align-items: center;
        justify-content: center;
        line-height: 1;
    }

    .finding {
        position: absolute;
        top: -8px;
        right: -7px;
        min-width: 16px;
        height: 16px;
        padding: 0 3px;
        border-radius: 8px;
        background: var(--ink);
        color: var(--panel);
        font-weight: 700;
        line-height: 16px;
        text-align: center;
    }

    .settling {
        transition: left 180ms ease-out;
    }

    @media (prefers-reduced-motion: reduce) {
        .settling {
            transition: none;
        }
    }
</style>
