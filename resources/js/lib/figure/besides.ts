import type { PlanDocument, Schemas } from '../api';
import type { PlanEdit } from '../outboxStore';

/** What a figure can be held against that is not painted: another way of the open area, or of several, another undercoat. */
export type Otherwise = { value: string; label: string; edit: PlanEdit };

/** More undercoats than these are not tried one by one. */
const MOST_GROUNDS = 4;

type Brief = Schemas['Looks']['areas'][string]['variants'];

/**
 * @param briefs which variants of an area are its recipe just now
 * @param primers what else it could be primed with, all over
 */
export function otherwise(
    document: PlanDocument,
    areaId: string | null,
    briefs: (areaId: string) => Brief | undefined,
    primers: readonly { id: string; name: string }[] = [],
): Otherwise[] {
    const area = document.areas.find((one) => one.id === areaId);
    const recipes = new Set(
        (areaId === null ? [] : (briefs(areaId) ?? [])).filter((one) => one.isRecipe).map((one) => one.id),
    );
    const variants = (area?.variants ?? [])
        .filter((one) => !recipes.has(one.id))
        .map(({ id, name }): Otherwise => ({
            value: `variant ${id}`,
            label: `Beside it: ${area!.name} as “${name}”`,
            edit: { do: 'promote-variant', area: area!.id, variant: id, id: 'shown' },
        }));
    const counts = new Map<string, number>();
    for (const one of document.areas) {
        for (const name of new Set((one.variants ?? []).map((variant) => variant.name))) {
            counts.set(name, (counts.get(name) ?? 0) + 1);
        }
    }
    const ways = [...counts]
        .filter(([, areas]) => areas > 1)
        .map(([name]): Otherwise => ({
            value: `way ${name}`,
            label: `Beside it: all of “${name}”`,
            edit: { do: 'promote-way', name, id: 'shown' },
        }));
    const { base, light, below } = document.undercoat ?? {};
    const grounds = primers
        .filter((one) => one.id !== base || light || below)
        .slice(0, MOST_GROUNDS)
        .map(({ id, name }): Otherwise => ({
            value: `ground ${id}`,
            label: `Beside it: over ${name} alone`,
            edit: { do: 'set', at: [], fields: { undercoat: { base: id } } },
        }));
    return [...variants, ...ways, ...grounds];
}
