import { asProblem, got, of, server } from './api';
import { tell, warn } from './notices.svelte';

/** Puts a paint on the wish list, whatever else is known of its pot. */
export async function wishFor(id: string, name: string): Promise<void> {
    try {
        const { pot } = (await got(server.GET('/paints/{id}', of(id)))).paint;
        const wish = async (wished: boolean, version: typeof pot.version) => {
            const { pots, remainingMl, note } = pot;
            const body = { pots, remainingMl, note, version, wished };

            return (await got(server.PUT('/paints/{id}/pot', { ...of(id), body }))).pot;
        };
        const { version } = await wish(true, pot.version);
        tell(`“${name}” is on the wish list.`, {
            label: 'Undo',
            run: async () => {
                await wish(false, version);
            },
        });
    } catch (error) {
        warn(asProblem(error).message);
    }
}
