import * as v from 'valibot';
import { got, server } from './api';
import { DESK, keep, keepFor, kept } from './kept';

/** Which desk this page belongs to: the identity of the database that answers at this address, which may be another tomorrow. */
class Home {
    desk = $state<string | null>(kept(DESK, v.string()));

    constructor() {
        keepFor(this.desk);
    }

    known(desk: string): void {
        if (this.desk === desk) return;
        this.desk = desk;
        keep(DESK, desk);
        keepFor(desk);
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
