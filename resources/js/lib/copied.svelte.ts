import * as v from 'valibot';
import type { Area, Step } from './api';
import { forget, keep, kept } from './kept';

/** Steps on their way to another area or another plan: kept in this browser, so that they come along. */
type Copied = { from: string; isRecipe: boolean; steps: Step[] };

const NAME = 'copiedSteps';
const Kept = v.object({
    from: v.string(),
    isRecipe: v.boolean(),
    steps: v.pipe(v.array(v.looseObject({ id: v.string(), technique: v.string() })), v.minLength(1)),
});

class Clipboard {
    one = $state.raw<Copied | null>(kept(NAME, Kept) as Copied | null);

    step(area: string, step: Step): void {
        this.take({ from: area, isRecipe: false, steps: [$state.snapshot(step) as Step] });
    }

    recipe(area: Area): void {
        if (area.steps.length === 0) return;
        this.take({ from: area.name, isRecipe: true, steps: $state.snapshot(area.steps) as Step[] });
    }

    drop(): void {
        this.one = null;
        forget(NAME);
    }

    private take(copied: Copied): void {
        this.one = copied;
        keep(NAME, copied);
    }
}

export const clipboard = new Clipboard();

/** What an area's name carries when it is dragged: its recipe. */
export const RECIPE = 'application/x-kalokroma-recipe';

type Copying = {
    /** A step by its id. */
    copyStep: (id: string) => void;
    copyRecipe: (area: string) => void;
    /** Into this area, or the open one; behind this step, or behind all. */
    put: (area: string | null, after: string | null) => void;
};

/** Copy and put in by the keys everybody has in their fingers, on what has the focus: a step of the strip, or an area of the list. */
export function copying(box: HTMLElement, options: Copying) {
    let current = options;

    function key(event: KeyboardEvent): void {
        const here = event.target as HTMLElement;
        if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey) return;
        if (here.closest('input, textarea, select, [contenteditable]') !== null) return;
        const step = here.closest<HTMLElement>('[data-step]')?.dataset.step ?? null;
        const area = here.closest<HTMLElement>('[data-area]')?.dataset.area ?? null;
        if (event.key === 'c' && (window.getSelection()?.isCollapsed ?? true)) {
            if (step !== null) current.copyStep(step);
            else if (area !== null) current.copyRecipe(area);
            else return;
        } else if (event.key === 'v') current.put(area, step);
        else return;
        event.preventDefault();
    }

    box.addEventListener('keydown', key);
    return { update: (next: Copying) => (current = next), destroy: () => box.removeEventListener('keydown', key) };
}
