import { ulid } from 'ulid';
import type { Craft, Area, Step } from './api';

/** The order in which a recipe usually grows; a new step proposes what comes after the last one. */
const USUAL_NEXT: Record<string, string> = {
    '': 'basecoat',
    primer: 'basecoat',
    'spray-from-above': 'one-coat',
    'one-coat': 'highlight',
    basecoat: 'wash',
    wash: 'drybrush',
    drybrush: 'highlight',
    layer: 'highlight',
    highlight: 'highlight',
    glaze: 'highlight',
};

export function newStep(craft: Craft, after: Step | undefined): Step {
    const technique = USUAL_NEXT[after?.technique ?? ''] ?? 'basecoat';
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
