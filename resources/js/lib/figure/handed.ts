/** Sculpts that were handed over where there is no figure yet to take them: dropped on a plan, or chosen where a plan begins. */
const SCULPT = /\.(stl|obj|glb|3mf)$/i;

let waiting: { plan: string; files: File[] } | null = null;

export const sculptsOf = (files: Iterable<File>): File[] => [...files].filter((file) => SCULPT.test(file.name));

export function handOver(plan: string, files: File[]): void {
    waiting = { plan, files };
}

/** What was handed over for this plan; once. */
export function takeHanded(plan: string): File[] {
    if (waiting?.plan !== plan) return [];
    const { files } = waiting;
    waiting = null;
    return files;
}

export const isHanded = (plan: string): boolean => waiting?.plan === plan;
