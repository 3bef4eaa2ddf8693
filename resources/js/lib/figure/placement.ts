/** How a part is moved and turned against where its file has it: mm to the right, up and nearer; degrees about its own middle. */
export type Placement = { right: number; up: number; near: number; turn: number; tip: number; lean: number };

export const AS_FILED: Placement = { right: 0, up: 0, near: 0, turn: 0, tip: 0, lean: 0 };
