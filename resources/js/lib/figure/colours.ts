import { Color, DataTexture, FloatType, NearestFilter, RGBAFormat } from 'three';
import type { Schemas } from '../api';

export type Painted = Schemas['Painted'];
export type PaintedArea = Schemas['PaintedArea'];
type Stage = PaintedArea['stages'][number];

const ZONES = 5;
/** Most shares of sprays that colours are told for: five from above, or three from above times three from below. */
const EXPOSURES = 9;
const FLANK = ZONES * EXPOSURES;
/** What lies on a patch: on it one more, and one more on that. */
const MARKS = 3;
/** What is told of an area before its colours: how many shares, how it shines; then where a step lands and flecks lie; then its marks. */
const ZONE = 1;
const MARK = ZONE + ZONES;
const HEAD = MARK + MARKS;
/** Ground of both flanks, flecks of both flanks. */
const WIDTH = HEAD + 4 * FLANK;
const MOST_AREAS = 255;
const GRAINS = ['flecks', 'streaks'] as const;

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
    /** Whether some area has flecks at this moment, or a mark. */
    isBroken = false;

    show(painted: Painted, areas: readonly string[], moment: Moment): void {
        const values = this.texture.image.data as Float32Array;
        const byId = new Map(painted.areas.map((area) => [area.id, area]));
        this.isBroken = false;
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
        const lights = lit === null ? null : (area.stages.find((one) => one.step === lit) ?? null);
        const { flecks, marks } = stage;
        this.isBroken ||= flecks !== undefined || marks !== undefined;
        for (let zone = 0; zone < ZONES; zone++) {
            values.set(
                [
                    lights?.lands[zone] ?? 0,
                    lights === null ? 0 : 1,
                    flecks?.shares[zone] ?? 0,
                    // Of the whole area in turn: how its flecks lie, and how far out a step on a mark goes.
                    zone === 0
                        ? flecks === undefined
                            ? -1
                            : GRAINS.indexOf(flecks.grain)
                        : outer(lights?.landsWithin ?? 1),
                ],
                start + 4 * (ZONE + zone),
            );
        }
        for (let at = 0; at < MARKS; at++) {
            const mark = marks?.[at];
            const { r, g, b } = colour.set(mark?.hex ?? '#000000');
            values.set([r, g, b, mark === undefined ? 0 : outer(mark.share)], start + 4 * (MARK + at));
        }
        const ground = [stage.left, stage.right ?? stage.left];
        const colours = [...ground, ...(flecks === undefined ? ground : [flecks.left, flecks.right ?? flecks.left])];
        for (const [flank, digits] of colours.entries()) {
            for (let at = 0; at < digits.length / 6; at++) {
                const { r, g, b } = colour.setHex(parseInt(digits.slice(6 * at, 6 * at + 6), 16));
                values.set([r, g, b, stage.sheen[at % ZONES] ?? 0], start + 4 * (HEAD + flank * FLANK + at));
            }
        }
    }
}

/** How far out from its middle a mark reaches that takes so much of the face. */
const outer = (share: number) => Math.sqrt(share);

/** The same numbers for the drawing. */
export const TABLE = { ZONES, ZONE, MARK, MARKS, HEAD, FLANK };
