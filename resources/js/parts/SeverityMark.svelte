<script lang="ts">
    import type { Finding } from '../lib/api';

    /** How bad a finding is, told by shape: a barred stop, a clock's hand, a slope, a brush point. The number ties it to its note on the score. */
    let { severity, number = null }: { severity: Finding['severity']; number?: number | null } = $props();

    const shapes: Record<Finding['severity'], string> = {
        'stops-the-job': 'M7 1h8l6 6v8l-6 6H7l-6-6V7z',
        'costs-time': 'M11 1a10 10 0 1 0 .01 0z',
        risk: 'M11 1.500 21 20.500H1z',
        taste: 'M11 1.500 20.500 11 11 20.500 1.500 11z',
    };
</script>

<svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
    <path class={severity} d={shapes[severity]} />
    {#if number !== null}<text
            x="11"
            y={severity === 'risk' ? 17.5 : 15}
            class:hollow={severity === 'taste' || severity === 'risk'}>{number}</text
        >{/if}
</svg>

<style>
    svg {
        flex: none;
    }

    path {
        fill: var(--ink);
        stroke: var(--ink);
        stroke-width: 1.4;
    }

    path.taste,
    path.risk {
        fill: var(--panel);
    }

    text {
        fill: var(--panel);
        font-size: 11px;
        font-weight: 700;
        text-anchor: middle;
    }

    text.hollow {
        fill: var(--ink);
    }
</style>
