import type { Area, Craft, Step } from './api';
import { label } from './craft.svelte';

/** Techniques under the headings of their families, in the order of the work. */
export function groupsOf(craft: Craft, techniques = craft.techniques): { label: string; values: string[] }[] {
    return craft.families
        .map((family) => ({
            label: family.label,
            values: techniques.filter((one) => one.family === family.value).map((one) => one.value),
        }))
        .filter((group) => group.values.length > 0);
}

/** A step as one speaks of it among those of a plan: no two of an area are called the same. */
export function stepName(craft: Craft | null, area: Area, step: Step): string {
    const number = area.steps.findIndex((one) => one.id === step.id) + 1;
    return `${area.name}, ${number}: ${label(craft?.techniques, step.technique).toLowerCase()}`;
}
