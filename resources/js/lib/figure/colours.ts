import { Color, DataTexture, FloatType, NearestFilter, RGBAFormat } from 'three';
import type { Schemas } from '../api';

export type Painted = Schemas['Painted'];
export type PaintedArea = Schemas['PaintedArea'];
type Stage = PaintedArea['stages'][number];

const ZONES = 5;
/** Most shares of sprays that colours are told for: five from above, or three from above times three from below. */
const EXPOSURES = 9;
const FLANK = ZONES * EXPOSURES;
/** What is told of an area before its colours: how many shares, how it shines; then where a step lands. */
const HEAD = 1 + ZONES;
const WIDTH = HEAD + 2 * FLANK;
const MOST_AREAS = 255;

/** Turned from sRGB to light by the library. */
const colour = new Color();

/** What a figure shows: the stage of each area, and perhaps one step whose places are lit. */
export type Moment = { pass: number; only: string | null; lit: { area: string; step: string } | null };

/** The stage an area is in after so many passes; an area that is left out of the moment stays bare. */
export function stageAt(area: PaintedArea, moment: Moment): Stage {
    const until = moment.only === null || moment.only === area.id ? moment.pass : 0;
    return area.stages.findLast((stage) => stage.pass <= until) ?? area.stages[0]!;
}

/**
 * The colours of all areas at one moment, as a picture the drawing looks them up in: a row for each area, its zones side by side for every share of the
 * sprays, both flanks after each other. All of it is what the server said; nothing is worked out here.
 */
export class ColourTable {
    readonly texture = new DataTexture(
        new Float32Array(4 * WIDTH * (MOST_AREAS + 1)),
        WIDTH,
        MOST_AREAS + 1,
        RGBAFormat,
        FloatType,
    );

    constructor() {
        this.texture.minFilter = this.texture.magFilter = NearestFilter;
    }

    /** Whether the two flanks of some area differ: else the drawing need not ask twice. */
    isSided = false;

    show(painted: Painted, areas: readonly string[], moment: Moment): void {
        const values = this.texture.image.data as Float32Array;
        const byId = new Map(painted.areas.map((area) => [area.id, area]));
        areas.forEach((id, row) => {
            const area = byId.get(id);
            // An area that the plan has no more is shown like what was never named.
            if (area === undefined) values.fill(0, 4 * WIDTH * row, 4 * WIDTH * (row + 1));
            else this.write(values, row, area, stageAt(area, moment), moment);
        });
        this.isSided = painted.areas.some((area) => area.stages.some((stage) => stage.right !== undefined));
        this.texture.needsUpdate = true;
    }

    dispose(): void {
        this.texture.dispose();
    }

    private write(values: Float32Array, row: number, area: PaintedArea, stage: Stage, moment: Moment): void {
        const start = 4 * WIDTH * row;
        values.set([area.above.length, area.below.length, stage.gloss, 1], start);
        const lit = moment.lit?.area === area.id ? moment.lit.step : null;
        const lands = lit === null ? null : (area.stages.find((one) => one.step === lit)?.lands ?? null);
        for (let zone = 0; zone < ZONES; zone++) {
            values.set([lands?.[zone] ?? 0, lands === null ? 0 : 1], start + 4 * (1 + zone));
        }
        for (const [flank, digits] of [stage.left, stage.right ?? stage.left].entries()) {
            for (let at = 0; at < digits.length / 6; at++) {
                const { r, g, b } = colour.setHex(parseInt(digits.slice(6 * at, 6 * at + 6), 16));
                values.set([r, g, b, stage.sheen[at % ZONES] ?? 0], start + 4 * (HEAD + flank * FLANK + at));
            }
        }
    }
}

/** The same numbers for the drawing. */
export const TABLE = { ZONES, HEAD, FLANK };
