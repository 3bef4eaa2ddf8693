import type { Schemas } from '../lib/api';

/**
 * The marks of paint kinds, one each wherever a kind is told by shape: a disc covers, a disc with a hole covers half, a drop runs, a flask
 * tints, a triangle shades itself, a cut stone is metal, a square primes. What has no colour of its own is open. Paths in a box from -1 to 1.
 */
type Shape = { path: string; open?: true };
const DISC = 'M-1 0a1 1 0 1 0 2 0a1 1 0 1 0-2 0Z';
const HOLE = 'M-.38 0a.38.38 0 1 1 .76 0a.38.38 0 1 1-.76 0Z';

export const KIND_SHAPES: Record<Schemas['Kind'], Shape> = {
    opaque: { path: DISC },
    'semi-opaque': { path: DISC + HOLE },
    'one-coat': { path: 'M0-1.1 1.05.85H-1.05Z' },
    wash: { path: 'M0-1.25C.35-.6.9-.15.9.45A.9.9 0 0 1-.9.45C-.9-.15-.35-.6 0-1.25Z' },
    ink: { path: 'M-.4-1.1H.4V-.3L1 .9H-1L-.4-.3Z' },
    metallic: { path: 'M0-1.15 1.15 0 0 1.15-1.15 0Z' },
    primer: { path: 'M-.85-.85H.85V.85H-.85Z' },
    texture: { path: 'M-1 .8V0L-.5-.7 0 0 .5-.7 1 0V.8Z' },
    effect: { path: 'M0-1.15.3-.3 1.15 0 .3.3 0 1.15-.3.3-1.15 0-.3-.3Z' },
    enamel: { path: 'M-.5-1H.5L1-.5V.5L.5 1H-.5L-1 .5V-.5Z' },
    pigment: { path: 'M0 1.1 1.05-.85H-1.05Z' },
    varnish: { path: 'M-.9-.6H.9V.6H-.9ZM-.4.25.4-.25', open: true },
    medium: { path: DISC, open: true },
    chipping: { path: 'M-.85-.85H.85V.85H-.85ZM-.1-.85.2-.1-.3.2.1.85', open: true },
    decal: { path: 'M-.9-.9H.2L.9-.2V.9H-.9Z', open: true },
};
