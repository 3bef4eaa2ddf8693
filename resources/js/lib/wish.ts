import { asProblem, got, of, server } from './api';
import { tell, warn } from './notices.svelte';

/** Puts a paint on the wish list, whatever else is known of its pot. */
export async function wishFor(id: string, name: string): Promise<void> {
    try {
        const { paint } = await got(server.GET('/paints/{id}', of(id)));
        const { pots, remainingMl, note, version } = paint.pot;
        const pot = await got(
            server.PUT('/paints/{id}/pot', {
                ...of(id),
                body: {
                    pots,
                    remainingMl,
                    note,
                    version,
                    wished: true,
                },
            }),
        );
        tell(`“${name}” is on the wish list.`, {
            label: 'Undo',
            run: async () => {
                await got(
                    server.PUT('/paints/{id}/pot', {
                        ...of(id),
                        body: {
                            pots,
                            remainingMl,
                            note,
                            version: pot.pot.version,
                            wished: false,
                        },
                    }),
                );
            },
        });
    } catch (error) {
        warn(asProblem(error).message);
    }
}
