import type { Schemas } from './api';

type Pass = Schemas['Pass'];

/** A trip through the batch as the score draws it: passes with one pot, put on one way, stand above each other. */
export type Column = { passes: Pass[]; rest: number };

/** What is drawn of a plan's order: its passes, the steps of each stave, and how wide a note is in pixels. */
export type Sheet = { passes: Pass[]; staves: string[][]; width: number };

/** Between two notes, in pixels. */
const GAP = 5;
/** What a rest takes before the column that waits, in pixels. */
export const REST = 14;
/** Minutes from which on a rest is drawn. */
const LEAST_REST = 15;
/** Room behind the last column for the name of a stop, in pixels. */
const END = 30;

/** Where everything on a score stands, from the board's left in pixels, and what is next to what. */
export class Score {
    readonly columns: (Column & { left: number; isRested: boolean })[];
    readonly width: number;
    private readonly columnOfStep: Map<string, number>;
    private readonly walked: string[];

    constructor(private readonly sheet: Sheet) {
        let left = 0;
        this.columns = columns(sheet.passes).map((column) => {
            const isRested = column.rest >= LEAST_REST;
            if (isRested) left += REST;
            const placed = { ...column, left, isRested };
            left += sheet.width + GAP;
            return placed;
        });
        this.width = (this.columns.at(-1)?.left ?? 0) + sheet.width + END;
        this.columnOfStep = new Map(
            this.columns.flatMap((column, index) => column.passes.map((pass) => [pass.stepId, index] as const)),
        );
        this.walked = sheet.passes.filter((pass) => !pass.isUndercoat).map((pass) => pass.stepId);
    }

    columnOf(stepId: string): number | undefined {
        return this.columnOfStep.get(stepId);
    }

    /** Where a step stands; undefined when it is not drawn. */
    leftOf(stepId: string): number | undefined {
        const column = this.columnOf(stepId);
        return column === undefined ? undefined : this.columns[column]!.left;
    }

    /** Where what is put down before a column goes; behind the last one it is the end. */
    leftOfColumn(column: number): number {
        return this.columns[column]?.left ?? this.width - END;
    }

    /** Before which column something is put down there. */
    columnAt(x: number): number {
        const column = this.columns.findIndex((one) => one.left + this.sheet.width / 2 > x);
        return column < 0 ? this.columns.length : column;
    }

    /** Before which step it would stand if it were put down before a column; null at the very end, undefined when it stands there already. */
    before(stepId: string, column: number): string | null | undefined {
        const from = this.columnOf(stepId) ?? 0;
        // Right before or after itself it stands already, unless it shares its column.
        if ((column === from || column === from + 1) && this.columns[from]?.passes.length === 1) return undefined;
        const undercoats = this.sheet.passes.length - this.walked.length;
        return (
            this.columns
                .slice(Math.max(undercoats, column))
                .flatMap((one) => one.passes)
                .find((pass) => pass.stepId !== stepId)?.stepId ?? null
        );
    }

    /** The step painted right before or after it. */
    along(stepId: string, by: -1 | 1): string | undefined {
        return this.walked[this.walked.indexOf(stepId) + by];
    }

    /** The note of the next stave up or down that has any, which stands nearest. */
    across(stepId: string, by: -1 | 1): string | undefined {
        const { staves } = this.sheet;
        const here = this.columnOf(stepId) ?? 0;
        const off = (one: string) => Math.abs((this.columnOf(one) ?? 0) - here);
        for (
            let at = staves.findIndex((steps) => steps.includes(stepId)) + by;
            at >= 0 && at < staves.length;
            at += by
        ) {
            const near = [...staves[at]!].sort((one, other) => off(one) - off(other))[0];
            if (near !== undefined) return near;
        }
        return undefined;
    }
}

/** Before which step one goes that is run one pass earlier or later; null at the very end, undefined when it cannot. */
export function shifted(passes: Pass[], stepId: string, by: -1 | 1): string | null | undefined {
    const ids = passes.filter((pass) => !pass.isUndercoat).map((pass) => pass.stepId);
    const at = ids.indexOf(stepId);
    if (ids[at + by] === undefined) return undefined;
    return by < 0 ? ids[at - 1] : (ids[at + 2] ?? null);
}

/** Undercoat passes stand on every stave; the rest stand where they are, joined to what the same pot did just before. */
export function columns(passes: Pass[]): Column[] {
    const all: Column[] = [];
    for (const pass of passes) {
        const last = all.at(-1);
        const isJoined =
            pass.joinsLast &&
            last !== undefined &&
            last.passes.every((one) => one.areaId !== null && one.areaId !== pass.areaId);
        if (isJoined) last!.passes.push(pass);
        else all.push({ passes: [pass], rest: pass.restMinutes });
    }
    return all;
}
