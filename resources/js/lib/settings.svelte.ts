import { asProblem, got, server } from './api';

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

    /** What is wrong with it; nothing when it was taken. */
    async setCurrency(currency: string): Promise<string> {
        try {
            this.currency = (
                await got(server.PUT('/settings', { body: { currency: currency.trim().toUpperCase() } }))
            ).currency;
            return '';
        } catch (error) {
            return asProblem(error).faults[0]?.message ?? asProblem(error).message;
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
