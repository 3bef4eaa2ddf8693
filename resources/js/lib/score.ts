import type { Schemas } from './api';

type Pass = Schemas['Pass'];

/** A trip through the batch as the score draws it: passes with one pot, put on one way, stand above each other. */
export type Column = { passes: Pass[]; rest: number };

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

/** "20 m", "4 h", "a day" */
export function span(minutes: number): string {
    if (minutes >= 1440) return minutes < 2880 ? 'a day' : `${Math.round(minutes / 1440)} days`;
    return minutes < 90 ? `${minutes} m` : `${Math.round((10 * minutes) / 60) / 10} h`;
}
