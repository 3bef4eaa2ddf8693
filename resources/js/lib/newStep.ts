import { ulid } from 'ulid';
import type { Craft, Area, Step } from './api';

/** A step as the craft would go on after the last one; most recipes begin with a basecoat. */
export function newStep(craft: Craft, after: Step | undefined): Step {
    const technique = craft.techniques.find((one) => one.value === after?.technique)?.next ?? 'basecoat';
    return { id: ulid(), mix: [], note: '', technique, ...usualOf(craft, technique) };
}

/** Coats, dilution, brush and place the craft would start this technique with. */
export function usualOf(craft: Craft, technique: string): Pick<Step, 'coats' | 'dilution' | 'brush' | 'place'> {
    const usual = craft.techniques.find((one) => one.value === technique)?.usual;
    return {
        coats: usual?.coats ?? 1,
        dilution: usual?.dilution ?? { paint: 1, thinner: 0, with: 'water' },
        brush: usual?.brush ?? 'medium',
        place: usual?.place ?? 'everywhere',
    };
}

export function newArea(name: string): Area {
    return {
        id: ulid(),
        name,
        texture: 'broad-folds',
        size: 'medium',
        importance: 'normal',
        touches: [],
        liesUnder: [],
        steps: [],
    };
}
