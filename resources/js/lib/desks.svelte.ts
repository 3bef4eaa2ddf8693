import { asProblem, got, server } from './api';
import { home } from './home.svelte';
import { warn } from './notices.svelte';

/** Two desks at this address: the demo's and the painter's own. */
class Desks {
    opening = $state(false);

    /** Opens the other one for good; the page begins anew there. What waits for the one that is left is kept for it. */
    async open(demo: boolean): Promise<void> {
        this.opening = true;
        try {
            await got(server.PUT('/desk', { body: { demo } }));
            await home.ask();
            location.hash = '#/';
            location.reload();
        } catch (error) {
            warn(asProblem(error).message);
            this.opening = false;
        }
    }
}

export const desks = new Desks();
