import * as v from 'valibot';
import type { Schemas } from './api';

/** Shapes of what is typed at the desk, as the browser keeps them. */
export const Dilution = v.looseObject({
    paint: v.number(),
    thinner: v.number(),
    with: v.picklist(['water', 'medium', 'thinner'] satisfies Schemas['Dilution']['with'][]),
});

export const Part = v.object({ paint: v.string(), parts: v.number(), name: v.exactOptional(v.string()) });

/** What may be noted of a step that was done. */
export const AsNoted = {
    dilution: Dilution,
    coats: v.number(),
    minutes: v.nullable(v.number()),
    note: v.string(),
};
