import { asProblem, got, of, server } from './api';
import { warn } from './notices.svelte';
import { setPot } from './pots';

/** Puts a paint on the wish list, whatever else is known of its pot. */
export async function wishFor(id: string, name: string): Promise<void> {
    try {
        const { paint } = await got(server.GET('/paints/{id}', of(id)));
        await setPot(paint, { wished: true }, `“${name}” is on the wish list.`, (now) =>
            setPot({ ...paint, pot: now.paint?.pot ?? paint.pot }, { wished: false }),
        );
    } catch (error) {
        warn(asProblem(error).message);
    }
}
