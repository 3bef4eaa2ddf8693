<script lang="ts">
    import type { Schemas } from '../lib/api';

    import { flankOf } from '../lib/looks';
    import PatchCloth from './PatchCloth.svelte';

    export type Piece = { id: string; name: string; texture: string; look: Schemas['Look'] | null };

    /** The whole scheme at a glance; squinted at, it is what is left of it at arm's length. */
    let {
        name,
        patches,
        pieces,
        squint = false,
        chosen = null,
        small = false,
        choose,
    }: {
        name: string;
        patches: Schemas['Patch'][];
        pieces: Piece[];
        squint?: boolean;
        chosen?: string | null;
        /** Beside others: no names on the patches. */
        small?: boolean;
        choose?: (area: string) => void;
    } = $props();

    const WIDTH = 1600;
    const HEIGHT = 1000;
    const SEAM = 7;
    const uid = $props.id();
    const byId = $derived(new Map(pieces.map((piece) => [piece.id, piece])));
    const laid = $derived(
        patches.flatMap((patch) => {
            const piece = byId.get(patch.area);
            return piece === undefined ? [] : [{ ...patch, piece }];
        }),
    );
    const spoken = $derived(
        laid.map((one) => `${one.piece.name}, ${one.piece.look?.words ?? 'no colour yet'}`).join('; '),
    );

    function step(event: KeyboardEvent, at: number): void {
        const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
        const to = laid[at + (by ?? 0)];
        if (by === undefined || to === undefined) return;
        event.preventDefault();
        choose?.(to.area);
        const buttons = (event.currentTarget as HTMLElement).parentElement?.querySelectorAll('button');
        buttons?.[at + by]?.focus();
    }
</script>

<div class="quilt" class:small class:squint>
    <svg viewBox="0 0 {WIDTH} {HEIGHT}" preserveAspectRatio="none" role="img" aria-label="{name}: {spoken}">
        <defs>
            <!-- Light adds up before the eye blurs it, so the grey and the blur are made of linear light. -->
            <filter id="{uid}-squint" x="0" y="0" width="1" height="1" color-interpolation-filters="linearRGB">
                <feColorMatrix type="saturate" values="0" />
                <feGaussianBlur stdDeviation="34" edgeMode="duplicate" />
            </filter>
        </defs>
        <g filter={squint ? `url(#${uid}-squint)` : undefined}>
            {#each laid as patch (patch.area)}
                {@const box = {
                    x: patch.x * WIDTH + SEAM / 2,
                    y: patch.y * HEIGHT + SEAM / 2,
                    width: Math.max(1, patch.width * WIDTH - SEAM),
                    height: Math.max(1, patch.height * HEIGHT - SEAM),
                }}
                {#if patch.piece.look?.flanks}
                    <!-- Lit from one side: each half as it looks. -->
                    {#each ['left', 'right'] as const as flank, half (flank)}
                        <PatchCloth
                            id="{uid}-{patch.area}-{flank}"
                            texture={patch.piece.texture}
                            look={flankOf(patch.piece.look, flank)}
                            {...box}
                            x={box.x + (half * box.width) / 2}
                            width={box.width / 2}
                        />
                    {/each}
                {:else if patch.piece.look}
                    <PatchCloth
                        id="{uid}-{patch.area}"
                        texture={patch.piece.texture}
                        look={patch.piece.look}
                        {...box}
                    />
                {:else}
                    <rect {...box} class="bare" />
                {/if}
            {/each}
        </g>
    </svg>
    {#if choose && !small}
        {#each laid as patch, at (patch.area)}
            <button
                type="button"
                aria-pressed={chosen === patch.area}
                tabindex={chosen === patch.area || (chosen === null && at === 0) ? 0 : -1}
                style:left="{100 * patch.x}%"
                style:top="{100 * patch.y}%"
                style:width="{100 * patch.width}%"
                style:height="{100 * patch.height}%"
                title={patch.piece.name}
                onclick={() => choose(patch.area)}
                onkeydown={(event) => step(event, at)}
            >
                <span class:sr={patch.width * patch.height < 0.02 || patch.width < 0.075}
                    ><bdi>{patch.piece.name}</bdi></span
                >
            </button>
        {/each}
    {/if}
</div>

<style>
    .quilt {
        position: relative;
        aspect-ratio: 1.6;
        overflow: hidden;
        border: 10px solid var(--well);
        border-radius: 4px;
        background: var(--well);
    }

    .small {
        border-width: 6px;
    }

    svg {
        display: block;
        width: 100%;
        height: 100%;
    }

    .bare {
        fill: none;
        stroke: var(--well-ink);
        stroke-dasharray: 18 14;
        stroke-width: 3;
    }

    button {
        position: absolute;
        display: flex;
        align-items: end;
        padding: 6px;
        border: 0;
        background: transparent;
        font: inherit;
        text-align: left;
        cursor: pointer;
        container-type: size;
    }

    /* Three letters of a name are none; the list beside has it whole. */
    @container (max-width: 62px) {
        button > span:not(:global(.sr)) {
            display: none;
        }
    }

    button[aria-pressed='true'] {
        outline: 3px solid var(--well-ink);
        outline-offset: -4px;
        box-shadow: inset 0 0 0 2px #000;
    }

    button:focus-visible {
        outline: 3px solid var(--accent);
        outline-offset: -3px;
    }

    button > span:not(:global(.sr)) {
        overflow: hidden;
        max-width: 100%;
        padding: 0 6px;
        border-radius: 3px;
        color: var(--ink);
        background: var(--panel);
        font-size: 0.8125rem;
        line-height: 1.5;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    .squint button > span {
        opacity: 0.75;
    }
</style>
