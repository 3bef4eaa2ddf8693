import * as v from 'valibot';

/**
 * What was typed and is not saved yet, kept in this browser so that a reload or a crash loses nothing.
 * Entries nobody came back to are dropped after a month. What is kept is read as strictly as what comes over the line:
 * an entry that is not what it should be counts as none, and is put aside, where nothing reads it.
 */
const PREFIX = 'kalokroma.kept.';
const ASIDE = 'kalokroma.aside.';
const KEPT_MS = 31 * 24 * 3600 * 1000;

const Entry = v.object({ at: v.number(), value: v.unknown() });

/** Told under whom all else is kept: it belongs to the address, not to a desk. */
export const DESK = 'desk';
let owner = '';

/** What is typed at one desk is not shown at another. */
export function keepFor(desk: string | null): void {
    owner = desk === null ? '' : `${desk}.`;
}

const keyOf = (name: string): string => PREFIX + (name === DESK ? '' : owner) + name;

export function keep(name: string, value: unknown): void {
    try {
        localStorage.setItem(keyOf(name), JSON.stringify({ at: Date.now(), value }));
    } catch {
        // A full or forbidden storage takes nothing; the work itself goes on.
    }
}

/** What is kept under a name, of the shape it must have; null when there is none. */
export function kept<S extends v.GenericSchema>(name: string, shape: S): v.InferOutput<S> | null {
    return read(keyOf(name), shape);
}

function read<S extends v.GenericSchema>(key: string, shape: S): v.InferOutput<S> | null {
    try {
        const text = localStorage.getItem(key);
        if (text === null) return null;
        const entry = v.safeParse(Entry, JSON.parse(text));
        const value = v.safeParse(shape, entry.success ? entry.output.value : undefined);
        if (entry.success && value.success) return Date.now() - entry.output.at > KEPT_MS ? null : value.output;
    } catch {
        // No storage, or no JSON in it.
    }
    putAside(key);
    return null;
}

export function forget(name: string): void {
    try {
        localStorage.removeItem(keyOf(name));
    } catch {
        // Nothing was kept there.
    }
}

export function forgetOld(): void {
    try {
        for (const key of Object.keys(localStorage)) {
            if (key.startsWith(PREFIX)) read(key, v.unknown()) ?? localStorage.removeItem(key);
        }
    } catch {
        // Nothing is kept here.
    }
}

/** All that was typed and not saved: when a view breaks over it, it can still begin anew. */
export function putAllAside(): void {
    try {
        for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) putAside(key);
    } catch {
        // Nothing is kept here.
    }
}

function putAside(key: string): void {
    try {
        const text = localStorage.getItem(key);
        if (text === null) return;
        localStorage.removeItem(key);
        localStorage.setItem(ASIDE + key.slice(PREFIX.length), text);
    } catch {
        // There is no room to put it; it is gone from where it did harm.
    }
}
