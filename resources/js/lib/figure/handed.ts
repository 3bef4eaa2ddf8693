/** Sculpts and pictures that were handed over where there is no figure yet to take them: dropped on a plan, or chosen where a plan begins. */
const SCULPT = /\.(stl|obj|glb|3mf)$/i;
const PICTURE = /\.(jpe?g|png|webp)$/i;

let waiting: { plan: string; files: File[] } | null = null;

export const isPicture = (file: File): boolean => PICTURE.test(file.name) || file.type.startsWith('image/');

export const sculptsOf = (files: Iterable<File>): File[] => [...files].filter((file) => SCULPT.test(file.name));

/** Sculpts, or else the first picture among them. */
export function figureOf(files: Iterable<File>): File[] {
    const all = [...files];
    const sculpts = sculptsOf(all);
    return sculpts.length > 0 ? sculpts : all.filter(isPicture).slice(0, 1);
}

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
