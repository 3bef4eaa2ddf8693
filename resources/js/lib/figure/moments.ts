import type { Schemas } from '../api';

/** The step that left an area as it is after so many passes; none while it is bare. */
export function stageOf(area: Schemas['PaintedArea'], pass: number): string | null {
    return area.stages.findLast((stage) => stage.pass <= pass)?.step ?? null;
}
