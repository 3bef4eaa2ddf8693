import { api, asProblem, type Schemas } from './api';
import { tell, warn } from './notices.svelte';

/** Puts a paint on the wish list, whatever else is known of its pot. */
export async function wishFor(id: string, name: string): Promise<void> {
    try {
        const { paint } = await api.get<Schemas['PaintDetail']>(`/paints/${id}`);
        const { pots, remainingMl, note, version } = paint.pot;
        const pot = await api.put<Schemas['Paint']>(`/paints/${id}/pot`, {
            pots,
            remainingMl,
            note,
            version,
            wished: true,
        });
        tell(`“${name}” is on the wish list.`, {
            label: 'Undo',
            run: async () => {
                await api.put(`/paints/${id}/pot`, {
                    pots,
                    remainingMl,
                    note,
                    version: pot.pot.version,
                    wished: false,
                });
            },
        });
    } catch (error) {
        warn(asProblem(error).message);
    }
}
