import type { Craft } from './api';

/** Techniques under the headings of their families, in the order of the work. */
export function groupsOf(craft: Craft, techniques = craft.techniques): { label: string; values: string[] }[] {
    return craft.families
        .map((family) => ({
            label: family.label,
            values: techniques.filter((one) => one.family === family.value).map((one) => one.value),
        }))
        .filter((group) => group.values.length > 0);
}
