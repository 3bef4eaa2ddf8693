import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import * as v from 'valibot';
import type { Schemas } from './api';

/** A record of work on its way: it has its id, so that it is recorded once however often it is sent. */
export type Waiting = {
    batchId: string;
    entry: Schemas['LogInput'];
    words: string;
    /** Which desk it was done at: the identity of its database; null when that was not known. */
    desk: string | null;
    /** Why the server does not take it; it stays until somebody decides. */
    refusal: string | null;
};

const Part = v.object({ paint: v.string(), parts: v.number() });
const Dilution = v.looseObject({ paint: v.number(), thinner: v.number(), with: v.string() });
const Record = v.object({
    batchId: v.string(),
    words: v.string(),
    desk: v.optional(v.nullable(v.string()), null),
    refusal: v.optional(v.nullable(v.string()), null),
    entry: v.looseObject({
        id: v.pipe(v.string(), v.minLength(1)),
        stepId: v.string(),
        models: v.optional(v.number()),
        on: v.optional(v.nullable(v.array(v.number()))),
        coat: v.optional(v.nullable(v.number())),
        at: v.optional(v.nullable(v.string())),
        minutes: v.optional(v.nullable(v.number())),
        note: v.optional(v.nullable(v.string())),
        used: v.optional(
            v.looseObject({
                mix: v.optional(v.array(Part)),
                dilution: v.optional(Dilution),
                coats: v.optional(v.number()),
            }),
        ),
    }),
});

interface Shelves extends DBSchema {
    outbox: { key: string; value: Waiting };
    aside: { key: number; value: unknown };
}

/** Where earlier releases kept the list; it moves over. */
const BEFORE = 'kalokroma.kept.outbox';

/**
 * The one list of what waits, in the browser's database: all tabs write into it record by record, none over another's.
 * Where the browser has no database it lasts as long as the page.
 */
export class OutboxStore {
    private readonly memory = new Map<string, Waiting>();
    private readonly opened: Promise<IDBPDatabase<Shelves> | null>;

    constructor() {
        this.opened = this.open();
    }

    /** In the order it was done; what is no record is put aside. */
    async all(): Promise<Waiting[]> {
        const database = await this.opened;
        const found: unknown[] = database === null ? [...this.memory.values()] : await database.getAll('outbox');
        return found.filter(isRecord).sort((one, other) => (one.entry.id < other.entry.id ? -1 : 1));
    }

    async put(record: Waiting): Promise<void> {
        const database = await this.opened;
        if (database === null) this.memory.set(record.entry.id, record);
        else await database.put('outbox', record, record.entry.id);
    }

    async remove(id: string): Promise<void> {
        const database = await this.opened;
        if (database === null) this.memory.delete(id);
        else await database.delete('outbox', id);
    }

    private async open(): Promise<IDBPDatabase<Shelves> | null> {
        let database: IDBPDatabase<Shelves> | null = null;
        try {
            database = await openDB<Shelves>('kalokroma', 1, {
                upgrade(made) {
                    made.createObjectStore('outbox');
                    made.createObjectStore('aside', { autoIncrement: true });
                },
            });
            for (const key of await database.getAllKeys('outbox')) {
                const value: unknown = await database.get('outbox', key);
                if (isRecord(value)) continue;
                await database.add('aside', value);
                await database.delete('outbox', key);
            }
        } catch {
            database = null;
        }
        await this.takeOver(database);
        return database;
    }

    private async takeOver(database: IDBPDatabase<Shelves> | null): Promise<void> {
        try {
            const text = localStorage.getItem(BEFORE);
            if (text === null) return;
            const list: unknown = (JSON.parse(text) as { value?: unknown } | null)?.value;
            for (const one of Array.isArray(list) ? list : []) {
                const record = v.safeParse(Record, one);
                if (!record.success) continue;
                if (database === null) this.memory.set(record.output.entry.id, record.output as Waiting);
                else await database.put('outbox', record.output as Waiting, record.output.entry.id);
            }
            localStorage.removeItem(BEFORE);
        } catch {
            // Nothing that can be read waits there.
        }
    }
}

function isRecord(value: unknown): value is Waiting {
    return v.is(Record, value);
}
