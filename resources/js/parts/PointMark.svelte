<script lang="ts">
    import type { Schemas } from '../lib/api';
    import { KIND_SHAPES } from './kindShapes';

    /** A paint on the map: the shape of its kind in its own colour, drawn round its own middle. */
    let { kind, hex, size = 9 }: { kind: Schemas['Kind']; hex: string | null; size?: number } = $props();
</script>

<path
    d={KIND_SHAPES[kind].path}
    transform="scale({size})"
    fill={hex ?? 'none'}
    fill-rule="evenodd"
    vector-effect="non-scaling-stroke"
/>
