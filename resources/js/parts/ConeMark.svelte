<script lang="ts">
    /** How wide the sprayed light falls: what looks up by less than so many degrees off the sky gets it. */
    let { degrees, below = false }: { degrees: number; below?: boolean } = $props();

    const R = 18;
    const at = $derived((angle: number, sign: 1 | -1): string => {
        const radians = (angle * Math.PI) / 180;
        return `${(24 + sign * R * Math.sin(radians)).toFixed(1)} ${(24 - R * Math.cos(radians)).toFixed(1)}`;
    });
</script>

<svg viewBox="0 0 48 48" width="48" height="48" aria-hidden="true" style:transform={below ? 'scaleY(-1)' : undefined}>
    <circle class="model" cx="24" cy="24" r="14" />
    <path class="lit" d="M24 24L{at(degrees, -1)}A{R} {R} 0 {degrees > 90 ? 1 : 0} 1 {at(degrees, 1)}Z" />
    <path class="ray" d="M24 1v6M12 4l3 5M36 4l-3 5" />
</svg>

<style>
    svg {
        border-radius: 4px;
        background: var(--shade);
    }

    .model {
        fill: var(--well);
    }

    .lit {
        fill: var(--ink);
        fill-opacity: 0.3;
        stroke: var(--ink);
        stroke-width: 1;
    }

    .ray {
        fill: none;
        stroke: var(--ink);
        stroke-width: 1.2;
        stroke-linecap: round;
    }
</style>
