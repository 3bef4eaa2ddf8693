/** Lamps to look at a figure by, in the order in which the shader numbers them. */
export const LAMPS = [
    { id: 'even', name: 'Even light' },
    { id: 'desk', name: 'Desk lamp' },
    { id: 'sky', name: 'Under the sky' },
] as const;
export type Lamp = (typeof LAMPS)[number]['id'];
