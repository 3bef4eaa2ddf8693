import { ulid } from 'ulid';
import type { components } from './api-types';

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
export type Fault = { field: string; message: string; row?: number };

/** An answer that says no: what is wrong, where, and how to mend it. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        readonly title: string,
        detail: string,
        readonly faults: Fault[] = [],
        readonly version?: number,
    ) {
        super(detail);
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

async function call<T>(method: string, path: string, body?: unknown, more: Record<string, string> = {}): Promise<T> {
    let response: Response;
    const isFile = body instanceof Blob;
    try {
        response = await fetch(`/api${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                ...(body === undefined || isFile ? {} : { 'Content-Type': 'application/json' }),
                ...more,
            },
            body: body === undefined || isFile ? body : JSON.stringify(body),
        });
        if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
    } catch {
        throw new Unreachable();
    }
    const problem = await response.json().catch(() => ({}));
    throw new Problem(
        response.status,
        problem.title ?? 'Refused',
        problem.detail ?? 'The server refused without saying why.',
        problem.faults ?? [],
        problem.version,
    );
}

/** A write carries a key, so that sending it again after trouble never does it twice. */
async function write<T>(method: string, path: string, body?: unknown, key = newKey()): Promise<T> {
    for (const wait of [...AGAIN_AFTER_MS, null]) {
        try {
            return await call<T>(method, path, body, { 'Idempotency-Key': key });
        } catch (error) {
            if (wait === null || !isTrouble(asProblem(error))) throw error;
            await new Promise((go) => setTimeout(go, wait));
        }
    }
    throw new Unreachable();
}

/** Of a write that may be sent again later, even after a reload. */
export function newKey(): string {
    return ulid();
}

export const api = {
    get: <T>(path: string) => call<T>('GET', path),
    post: <T>(path: string, body: unknown = {}, key?: string) => write<T>('POST', path, body, key),
    put: <T>(path: string, body: unknown, key?: string) => write<T>('PUT', path, body, key),
    delete: <T = void>(path: string) => write<T>('DELETE', path),
    sendFile: <T>(path: string, file: Blob, type = 'text/csv') => call<T>('POST', path, file, { 'Content-Type': type }),
};

export function asProblem(error: unknown): Problem {
    return error instanceof Problem ? error : new Problem(0, 'Our fault', String(error));
}
