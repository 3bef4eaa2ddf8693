<script lang="ts">
    import type { Schemas } from '../lib/api';
    import { KIND_SHAPES } from './kindShapes';

    /** A paint's kind by shape, in the colour of the words beside it. */
    let { kind, size = 14 }: { kind: Schemas['Kind']; size?: number } = $props();

    const shape = $derived(KIND_SHAPES[kind]);
</script>

<svg width={size} height={size} viewBox="-1.4 -1.4 2.8 2.8" aria-hidden="true">
    <path
        d={shape.path}
        fill={shape.open ? 'none' : 'currentColor'}
        fill-rule="evenodd"
        stroke={shape.open ? 'currentColor' : 'none'}
        stroke-width="0.28"
    />
</svg>
