import createClient from 'openapi-fetch';
import { monotonicFactory } from 'ulid';
import type { components, paths } from './api-types';

export type Schemas = components['schemas'];
export type Paint = Schemas['Paint'];
export type Plan = Schemas['Plan'];
export type PlanDocument = Schemas['PlanDocument'];
export type Area = Schemas['Area'];
export type Step = Schemas['Step'];
export type Stage = Schemas['Stage'];
export type Look = Schemas['Look'];
export type Strip = Schemas['Strip'];
export type Finding = Schemas['Finding'];
export type Batch = Schemas['Batch'];
export type BatchStep = Schemas['BatchStep'];
export type Craft = Schemas['Craft'];
export type Offer = Schemas['Offer'];
export type MixAnswer = Schemas['MixAnswer'];
export type StandIn = Schemas['StandIn'];
export type PaintBrief = Schemas['PaintBrief'];
export type Measured = Schemas['Measured'];
export type Named = Schemas['Named'];
export type Fault = { field: string; message: string; row?: number };

/** An answer that says no: what is wrong, where, and how to mend it. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        readonly title: string,
        detail: string,
        readonly faults: Fault[] = [],
        readonly version?: number,
        /** What an edit touches, as it is now, where that was changed elsewhere. */
        readonly now: Schemas['FieldsAt'][] = [],
    ) {
        super(detail);
    }

    /** The same when a field has been mended; nothing when no other was at fault. */
    without(field: string): Problem | null {
        const faults = this.faults.filter((fault) => fault.field !== field && !fault.field.startsWith(`${field}.`));
        if (faults.length === this.faults.length) return this;
        return faults.length === 0 ? null : new Problem(this.status, this.title, this.message, faults, this.version);
    }

    /** The message for a field, if it is at fault. */
    at(field: string): string {
        return this.faults.find((fault) => fault.field === field)?.message ?? '';
    }
}

/** The server did not answer: it is stopped, or starting anew. */
export class Unreachable extends Problem {
    constructor() {
        super(0, 'No answer', 'The server does not answer. What you entered is still here.');
    }
}

/** Waits before a write is sent again, when its answer was lost or the server had trouble. */
const AGAIN_AFTER_MS = [300, 900, 2000];

/** True when nobody knows whether it was done, or it was not done for no fault of what was sent. */
export function isTrouble(problem: Problem): boolean {
    return problem.status === 0 || (problem.status >= 500 && problem.status !== 507);
}

/** The answer, or a problem. */
async function ask(request: Request): Promise<Response> {
    let response: Response;
    try {
        response = await fetch(request);
    } catch {
        throw new Unreachable();
    }
    if (response.ok) return response;
    const problem = await response.json().catch(() => ({}));
    throw new Problem(
        response.status,
        problem.title ?? 'Refused',
        problem.detail ?? 'The server refused without saying why.',
        problem.faults ?? [],
        problem.version,
        problem.now ?? [],
    );
}

/**
 * A write carries a key, so that sending it again after trouble never does it twice. Who gives it one sends it again later: all but a
 * moment is no reason then not to say that it waits. Files are sent once.
 */
async function patiently(request: Request): Promise<Response> {
    const isFile = !/json/.test(request.headers.get('Content-Type') ?? 'json');
    if (request.method === 'GET' || isFile) return ask(request);
    const waits = request.headers.has(KEY) ? AGAIN_AFTER_MS.slice(0, 1) : AGAIN_AFTER_MS;
    if (!request.headers.has(KEY)) request.headers.set(KEY, newKey());
    for (const wait of waits) {
        try {
            return await ask(request.clone());
        } catch (error) {
            if (!isTrouble(asProblem(error))) throw error;
            await new Promise((go) => setTimeout(go, wait));
        }
    }
    return ask(request);
}

const KEY = 'Idempotency-Key';

const next = monotonicFactory();

/** Of a write that may be sent again later, even after a reload; sorted by it, what was done in this page stands in its order. */
export function newKey(): string {
    return next();
}

/** The server, by its description: paths, what they are sent and what they answer. */
export const server = createClient<paths>({
    baseUrl: new URL('/api', globalThis.location?.origin ?? 'http://localhost').href,
    headers: { Accept: 'application/json' },
    fetch: patiently,
});

/** What was answered; throws a Problem when it is none. */
export async function got<T>(answer: Promise<{ data?: T }>): Promise<T> {
    return (await answer).data as T;
}

/** The path of one thing. */
/** A question without what is left open in it: nothing is asked for where nothing was said. */
export function said<T extends object>(fields: T): { [Key in keyof T]?: Exclude<NonNullable<T[Key]>, ''> } {
    return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== '' && value !== undefined)) as {
        [Key in keyof T]?: Exclude<NonNullable<T[Key]>, ''>;
    };
}

export const of = <Id extends string>(id: Id) => ({ params: { path: { id } } });

/** Sends a write under a key of its own, known again when it is sent again. */
export const under = (key: string) => ({ headers: { [KEY]: key } });

/** What is in a file that somebody handed in. Read once: what is sent is what was looked through, even when the file changes meanwhile. */
export async function contentOf(file: File): Promise<Blob> {
    try {
        return new Blob([await file.arrayBuffer()], { type: file.type || 'application/octet-stream' });
    } catch {
        throw new Problem(
            0,
            'This file cannot be read',
            `${file.name} was moved, or the place where it lies is not there any more. Choose it again.`,
        );
    }
}

/** Sends a file as it is. */
export const sent = (content: Blob, type = 'text/csv') => ({
    body: content as never,
    bodySerializer: (body: unknown) => body as Blob,
    headers: { 'Content-Type': type },
});

export function asProblem(error: unknown): Problem {
    return error instanceof Problem ? error : new Problem(0, 'Our fault', String(error));
}
