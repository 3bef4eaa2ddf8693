/**
 * What was typed and is not saved yet, kept in this browser so that a reload or a crash loses nothing.
 * Entries nobody came back to are dropped after a month.
 */
const PREFIX = 'kalokroma.kept.';
const KEPT_MS = 31 * 24 * 3600 * 1000;

export function keep(name: string, value: unknown): void {
    try {
        localStorage.setItem(PREFIX + name, JSON.stringify({ at: Date.now(), value }));
    } catch {
        // A full or forbidden storage takes nothing; the work itself goes on.
    }
}

export function kept<T>(name: string): T | null {
    try {
        const entry = JSON.parse(localStorage.getItem(PREFIX + name) ?? 'null') as { at: number; value: T } | null;
        return entry === null || Date.now() - entry.at > KEPT_MS ? null : entry.value;
    } catch {
        return null;
    }
}

export function forget(name: string): void {
    try {
        localStorage.removeItem(PREFIX + name);
    } catch {
        // Nothing was kept there.
    }
}

export function forgetOld(): void {
    try {
        for (const key of Object.keys(localStorage)) {
            if (key.startsWith(PREFIX) && kept(key.slice(PREFIX.length)) === null) localStorage.removeItem(key);
        }
    } catch {
        // Nothing is kept here.
    }
}
