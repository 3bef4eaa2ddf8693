import * as v from 'valibot';
import { got, server } from './api';
import { keep, kept } from './kept';

const NAME = 'desk';

/** Which desk this page belongs to: the identity of the database that answers at this address, which may be another tomorrow. */
class Home {
    desk = $state<string | null>(kept(NAME, v.string()));

    known(desk: string): void {
        if (this.desk === desk) return;
        this.desk = desk;
        keep(NAME, desk);
    }

    async ask(): Promise<void> {
        try {
            this.known((await got(server.GET('/settings'))).desk);
        } catch {
            // It is what it was until somebody says otherwise.
        }
    }

    /** With them a write is taken by that desk only. */
    headers(desk: string | null): Record<string, string> {
        return desk === null ? {} : { 'Kalokroma-Desk': desk };
    }
}

export const home = new Home();
