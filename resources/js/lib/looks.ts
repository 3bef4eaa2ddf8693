import type { Look } from './api';

/** What a zone is filled with: one colour, or the left flank's above the right one's where light from one side tells them apart. */
export function zoneFill(look: Pick<Look, 'zones' | 'flanks'>, zone: number): string {
    const [left, right] = [look.flanks?.left[zone], look.flanks?.right[zone]];
    return left === undefined || right === undefined || left === right
        ? (look.zones[zone]?.hex ?? '')
        : `linear-gradient(${left} 50%, ${right} 50%)`;
}

/** The look of one flank by itself. */
export function flankOf<T extends Pick<Look, 'zones' | 'flanks'>>(look: T, flank: 'left' | 'right'): T {
    const hexes = look.flanks?.[flank];
    if (hexes === undefined) return look;
    return { ...look, zones: look.zones.map((zone, at) => ({ ...zone, hex: hexes[at] ?? zone.hex })) };
}
