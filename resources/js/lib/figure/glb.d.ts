export function glb(positions: ArrayLike<number>, triangles: ArrayLike<number>): Uint8Array<ArrayBuffer>;
