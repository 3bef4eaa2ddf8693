<script lang="ts">
    import type { Schemas } from '../lib/api';

    /** What fills a patch: its zone colours, drawn with the light and shadow of its texture. Units are those of the quilt's view box. */
    let {
        id,
        texture,
        look,
        x,
        y,
        width,
        height,
    }: {
        id: string;
        texture: string;
        look: Schemas['Look'];
        x: number;
        y: number;
        width: number;
        height: number;
    } = $props();

    const zones = $derived(look.zones.map((zone) => zone.hex));
    const [recess, lower, face, raised, edge] = $derived([
        zones[0],
        zones[1],
        look.mark?.plain ?? zones[2],
        zones[3],
        zones[4],
    ]);
    /** Whatever is painted on a patch is drawn as one quiet shape: a lozenge of the mark's share, what lies on it inside. */
    const marks = $derived.by(() => {
        let left = (look.mark?.on ?? []).reduce((sum, one) => sum + one.share, 0);
        return (look.mark?.on ?? []).map((one) => {
            const size = Math.sqrt(left) * Math.min(width, height) * 0.62;
            left -= one.share;
            return { hex: one.hex, size };
        });
    });
    /** Where folds, strokes and strips of light repeat, and which way they run. */
    const FOLDS: Record<string, { every: number; tilt: number }> = {
        'broad-folds': { every: 330, tilt: 9 },
        'close-folds': { every: 120, tilt: 6 },
        'rope-or-grain': { every: 52, tilt: 62 },
    };
    /** Where along the light which zone lies, counted from the recess. */
    const ALONG_FOLD: [number, number][] = [
        [0, 0],
        [0.16, 1],
        [0.36, 2],
        [0.58, 3],
        [0.68, 4],
        [0.76, 3],
        [0.9, 2],
        [0.97, 1],
        [1, 0],
    ];
    const ALONG: Record<string, [number, number][]> = {
        skin: [
            [0, 3],
            [0.25, 3],
            [0.52, 2],
            [0.82, 1],
            [1, 0],
        ],
        'tiny-detail': [
            [0, 4],
            [0.12, 3],
            [0.52, 2],
            [0.82, 1],
            [1, 0],
        ],
        'smooth-panel': [
            [0, 4],
            [0.05, 3],
            [0.3, 2],
            [0.74, 2],
            [0.96, 1],
            [1, 0],
        ],
    };
    const fold = $derived(FOLDS[texture]);
    const paint = $derived(`url(#${id})`);
</script>

{#snippet light()}
    {#each ALONG[texture] ?? ALONG_FOLD as [offset, zone], at (at)}<stop
            {offset}
            stop-color={zone === 2 ? face : zones[zone]}
        />{/each}
{/snippet}

<defs>
    {#if fold}
        <linearGradient
            {id}
            gradientUnits="userSpaceOnUse"
            spreadMethod="repeat"
            x1={x}
            x2={x + fold.every}
            y1="0"
            y2="0"
            gradientTransform="rotate({fold.tilt} {x} {y})"
        >
            {@render light()}
        </linearGradient>
    {:else if texture === 'skin' || texture === 'tiny-detail'}
        <radialGradient {id} cx="0.42" cy="0.34" r="0.78">
            {@render light()}
        </radialGradient>
    {:else if texture === 'smooth-panel'}
        <linearGradient {id} x1="0" x2="0.18" y1="0" y2="1">
            {@render light()}
        </linearGradient>
    {:else if texture === 'fur-or-feather'}
        <pattern {id} patternUnits="userSpaceOnUse" {x} {y} width="84" height="120">
            <rect width="84" height="120" fill={recess} />
            {#each [[0, -60], [84, -60], [42, 0], [-42, 0], [126, 0], [0, 60], [84, 60]] as [left = 0, top = 0], number (number)}
                <path d="M{left} {top}q-40 20-34 62q12 34 34 44q22-10 34-44q6-42-34-62z" fill={lower} />
                <path d="M{left} {top + 12}q-28 20-26 50q9 28 26 38q17-10 26-38q2-30-26-50z" fill={face} />
                <path d="M{left} {top + 46}q-18 10-17 24q6 20 17 29q11-9 17-29q1-14-17-24z" fill={raised} />
                <path d="M{left - 24} {top + 70}q8 26 24 36q16-10 24-36" fill="none" stroke={edge} stroke-width="7" />
            {/each}
        </pattern>
    {:else if texture === 'scales-or-chain'}
        <pattern {id} patternUnits="userSpaceOnUse" {x} {y} width="60" height="60">
            <rect width="60" height="60" fill={recess} />
            {#each [[15, 15], [45, 45]] as [left, top], number (number)}
                <circle cx={left} cy={top} r="19" fill="none" stroke={lower} stroke-width="12" />
                <circle cx={left} cy={top} r="18" fill="none" stroke={face} stroke-width="7" />
                <path
                    d="M{(left ?? 0) - 15} {(top ?? 0) - 9}a18 18 0 0 1 30 0"
                    fill="none"
                    stroke={raised}
                    stroke-width="7"
                />
                <path
                    d="M{(left ?? 0) - 8} {(top ?? 0) - 16}a18 18 0 0 1 12-1"
                    fill="none"
                    stroke={edge}
                    stroke-width="6"
                />
            {/each}
        </pattern>
    {:else}
        <pattern {id} patternUnits="userSpaceOnUse" {x} {y} width="190" height="160">
            <rect width="190" height="160" fill={recess} />
            {#each ['M8 20l46-14 40 22-12 40-52 8z', 'M104 34l54-20 26 30-20 40-52-10z', 'M20 92l60-12 30 34-26 38-62-8z', 'M118 100l48-6 18 28-26 30-40-10z'] as stone, number (number)}
                <path d={stone} fill={lower} />
                <path d={stone} fill={face} transform="translate(-3 -8)" />
                <path d={stone} fill={raised} transform="translate(2 -2) scale(0.94 0.72)" opacity="0.9" />
                <path
                    d={stone}
                    fill="none"
                    stroke={edge}
                    stroke-width="4"
                    stroke-dasharray="46 160"
                    transform="translate(-3 -8)"
                />
            {/each}
        </pattern>
    {/if}
</defs>
{#if texture === 'hard-edged-panel'}
    {@const rim = Math.min(width, height) * 0.07}
    {@const inner = { x: x + rim, y: y + rim, width: width - 2 * rim, height: height - 2 * rim }}
    <rect {x} {y} {width} {height} fill={recess} />
    <rect {...inner} fill={lower} />
    <rect {...inner} height={inner.height * 0.74} fill={face} />
    <rect {...inner} height={inner.height * 0.2} fill={raised} />
    <path
        d="M{inner.x} {inner.y + inner.height}v{-inner.height}h{inner.width}l{-rim * 0.7} {rim * 0.7}h{rim * 1.4 -
            inner.width}v{inner.height - rim * 1.4}z"
        fill={edge}
    />
{:else}
    <rect {x} {y} {width} {height} fill={paint} />
{/if}
{#each marks as { hex, size }, at (at)}
    <path d="M{x + width / 2} {y + height / 2 - size}l{size} {size}l{-size} {size}l{-size} {-size}z" fill={hex} />
{/each}
