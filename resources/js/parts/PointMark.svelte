<script lang="ts">
    import type { Schemas } from '../lib/api';

    /**
     * A paint on the map, told by shape: a disc covers, a disc with a hole covers half, a drop runs, a flask tints,
     * a cut stone is metal, a square primes. Drawn round its own middle.
     */
    let { kind, hex, size = 9 }: { kind: Schemas['Kind']; hex: string | null; size?: number } = $props();

    const shapes: Partial<Record<Schemas['Kind'], string>> = {
        wash: 'M0-1.25C.35-.6.9-.15.9.45A.9.9 0 0 1-.9.45C-.9-.15-.35-.6 0-1.25Z',
        ink: 'M-.4-1.100H.4V-.3L1 .9H-1L-.4-.3Z',
        'one-coat': 'M0-1.1 1.050.85H-1.050Z',
        metallic: 'M0-1.15 1.150 0 0 1.150-1.150 0Z',
        primer: 'M-.85-.85H.85V.85H-.85Z',
        texture: 'M-.85-.85H.85V.85H-.85Z',
        effect: 'M-.5-1H.5L1-.5V.5L.5 1H-.5L-1 .5V-.5Z',
        enamel: 'M-.5-1H.5L1-.5V.5L.5 1H-.5L-1 .5V-.5Z',
        pigment: 'M0 1.100 1.050-.85H-1.050Z',
    };
    const shape = $derived(shapes[kind]);
</script>

{#if shape}
    <path d={shape} transform="scale({size})" fill={hex ?? 'none'} vector-effect="non-scaling-stroke" />
{:else}
    <circle r={size} fill={hex ?? 'none'} />
    {#if kind === 'semi-opaque'}<circle r={size * 0.38} fill="var(--well)" stroke="none" />{/if}
{/if}
