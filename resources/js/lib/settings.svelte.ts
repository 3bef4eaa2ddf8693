import { asProblem, got, server } from './api';
import { warn } from './notices.svelte';

const LETTER_KEYS = 'kalokroma.letterKeys';

function read(): string | null {
    try {
        return localStorage.getItem(LETTER_KEYS);
    } catch {
        return null;
    }
}

/** What the painter has set for the whole application. Keys are a matter of this desk, money of the shelf. */
class Settings {
    currency = $state('EUR');
    /** Single letters and signs work as keys. */
    letterKeys = $state(read() !== 'off');

    async load(): Promise<void> {
        this.currency = (await got(server.GET('/settings'))).currency;
    }

    async setCurrency(currency: string): Promise<boolean> {
        try {
            this.currency = (
                await got(server.PUT('/settings', { body: { currency: currency.trim().toUpperCase() } }))
            ).currency;
            return true;
        } catch (error) {
            warn(asProblem(error).faults[0]?.message ?? asProblem(error).message);
            return false;
        }
    }

    setLetterKeys(on: boolean): void {
        this.letterKeys = on;
        try {
            localStorage.setItem(LETTER_KEYS, on ? 'on' : 'off');
        } catch {
            // It holds until the page is left.
        }
    }
}

export const settings = new Settings();
