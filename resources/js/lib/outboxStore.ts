import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import * as v from 'valibot';
import type { Fault, Schemas } from './api';

export type PlanEdit = Schemas['EditInput']['edit'];
/** Fields as they were before an edit, at their place in the plan. */
export type Was = NonNullable<Schemas['EditInput']['was']>[number];

/** Why the server does not take something; it stays until somebody decides. */
export type Refusal = {
    message: string;
    faults: Fault[];
    /** The newest version, when what was touched here was changed elsewhere. */
    version: number | null;
    /** What was touched, as it is there now. */
    now: Was[];
};

type Common = {
    /** Its place in the order, and the key it is sent under: it is done once however often it is sent. */
    id: string;
    /** What was done, for people. */
    words: string;
    /** Which desk it was done at: the identity of its database; null when that was not known. */
    desk: string | null;
    refusal: Refusal | null;
};

/** Something done to the record of a batch. */
export type ForBatch = Common & {
    kind: 'batch';
    batchId: string;
    does:
        | { do: 'record'; entry: Schemas['LogInput'] }
        | { do: 'take-back'; entryId: string }
        | { do: 'put-back'; entryId: string };
};

/** Something done to a plan, and the version it was done on. */
export type ForPlan = Common & {
    kind: 'plan';
    planId: string;
    version: number;
    does:
        | { do: 'edit'; edit: PlanEdit; was: Was[] }
        | { do: 'undo' }
        | { do: 'redo' }
        | { do: 'share'; areaId: string; name: string; tags: string[] };
};

/** Something done to what is neither a record nor a plan. */
export type Does =
    | { do: 'slip'; batchId: string; slip: Schemas['SlipInput'] }
    | { do: 'no-slip'; slipId: string }
    | { do: 'settle'; slipId: string; isMended: boolean }
    | { do: 'desk'; batchId: string; rests: boolean; skipped: string[] }
    | { do: 'seat'; batchId: string; models: Schemas['MemberInput'][] }
    | { do: 'vary'; batchId: string; how: Omit<Schemas['VaryInput'], 'version'> }
    | { do: 'amend'; entryId: string; change: Omit<Schemas['LogChange'], 'version'> }
    | { do: 'picture'; batchId: string; pin: Omit<Schemas['PinInput'], 'photoId'>; content: Blob }
    | { do: 'no-picture'; pinId: string }
    | { do: 'pot'; paintId: string; pot: Omit<Schemas['PotInput'], 'version'> };

/** Such a thing, and the version it was done on, where what it is of has one. */
export type ForThing = Common & { kind: 'thing'; version: number | null; does: Does };

export type Waiting = ForBatch | ForPlan | ForThing;

const Part = v.object({ paint: v.string(), parts: v.number() });
const Dilution = v.looseObject({ paint: v.number(), thinner: v.number(), with: v.string() });
const Entry = v.looseObject({
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
});
const common = {
    id: v.pipe(v.string(), v.minLength(1)),
    words: v.string(),
    desk: v.nullable(v.string()),
    refusal: v.nullable(v.object({ message: v.string(), faults: v.array(v.any()), version: v.nullable(v.number()) })),
};
const Kept = v.variant('kind', [
    v.object({
        ...common,
        kind: v.literal('batch'),
        batchId: v.string(),
        does: v.variant('do', [
            v.object({ do: v.literal('record'), entry: Entry }),
            v.object({ do: v.picklist(['take-back', 'put-back']), entryId: v.string() }),
        ]),
    }),
    v.object({
        ...common,
        kind: v.literal('plan'),
        planId: v.string(),
        version: v.number(),
        does: v.variant('do', [
            v.object({ do: v.literal('edit'), edit: v.looseObject({ do: v.string() }), was: v.array(v.any()) }),
            v.object({ do: v.picklist(['undo', 'redo']) }),
            v.object({ do: v.literal('share'), areaId: v.string(), name: v.string(), tags: v.array(v.string()) }),
        ]),
    }),
    v.object({
        ...common,
        kind: v.literal('thing'),
        version: v.nullable(v.number()),
        does: v.variant('do', [
            v.object({ do: v.literal('slip'), batchId: v.string(), slip: v.looseObject({ id: v.string() }) }),
            v.object({ do: v.literal('no-slip'), slipId: v.string() }),
            v.object({ do: v.literal('settle'), slipId: v.string(), isMended: v.boolean() }),
            v.object({
                do: v.literal('desk'),
                batchId: v.string(),
                rests: v.boolean(),
                skipped: v.array(v.string()),
            }),
            v.object({ do: v.literal('seat'), batchId: v.string(), models: v.array(v.looseObject({})) }),
            v.object({ do: v.literal('vary'), batchId: v.string(), how: v.looseObject({ area: v.string() }) }),
            v.object({ do: v.literal('amend'), entryId: v.string(), change: v.looseObject({}) }),
            v.object({
                do: v.literal('picture'),
                batchId: v.string(),
                pin: v.looseObject({ id: v.string() }),
                content: v.blob(),
            }),
            v.object({ do: v.literal('no-picture'), pinId: v.string() }),
            v.object({ do: v.literal('pot'), paintId: v.string(), pot: v.looseObject({ pots: v.number() }) }),
        ]),
    }),
]);
/** A record as earlier releases kept it. */
const Before = v.object({
    batchId: v.string(),
    words: v.string(),
    desk: v.optional(v.nullable(v.string()), null),
    refusal: v.optional(v.nullable(v.string()), null),
    entry: Entry,
});

interface Shelves extends DBSchema {
    outbox: { key: string; value: Waiting };
    aside: { key: number; value: unknown };
}

/** Where earlier releases kept the list; it moves over. */
const BEFORE = 'kalokroma.kept.outbox';

/**
 * The one list of what waits, in the browser's database: all tabs write into it one by one, none over another's.
 * Where the browser has no database it lasts as long as the page.
 */
export class OutboxStore {
    private readonly memory = new Map<string, Waiting>();
    private readonly opened: Promise<IDBPDatabase<Shelves> | null>;

    constructor() {
        this.opened = this.open();
    }

    /** In the order it was done; what is nothing that waits is put aside. */
    async all(): Promise<Waiting[]> {
        const database = await this.opened;
        const found: unknown[] = database === null ? [...this.memory.values()] : await database.getAll('outbox');
        return found.filter(isWaiting).sort((one, other) => (one.id < other.id ? -1 : 1));
    }

    async put(one: Waiting): Promise<void> {
        const database = await this.opened;
        if (database === null) this.memory.set(one.id, one);
        else await database.put('outbox', one, one.id);
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
                if (isWaiting(value)) continue;
                const before = v.safeParse(Before, value);
                if (before.success) await database.put('outbox', asNow(before.output), key);
                else {
                    await database.add('aside', value);
                    await database.delete('outbox', key);
                }
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
                const before = v.safeParse(Before, one);
                if (!before.success) continue;
                const now = asNow(before.output);
                if (database === null) this.memory.set(now.id, now);
                else await database.put('outbox', now, now.id);
            }
            localStorage.removeItem(BEFORE);
        } catch {
            // Nothing that can be read waits there.
        }
    }
}

function isWaiting(value: unknown): value is Waiting {
    return v.is(Kept, value);
}

function asNow({ batchId, words, desk, refusal, entry }: v.InferOutput<typeof Before>): Waiting {
    return {
        kind: 'batch',
        id: entry.id,
        batchId,
        words,
        desk,
        refusal: refusal === null ? null : { message: refusal, faults: [], version: null, now: [] },
        does: { do: 'record', entry: entry as Schemas['LogInput'] },
    };
}
