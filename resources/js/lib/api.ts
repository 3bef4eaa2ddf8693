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

async function call<T>(method: string, path: string, body?: unknown, type = 'application/json'): Promise<T> {
    let response: Response;
    try {
        response = await fetch(`/api${path}`, {
            method,
            headers: { Accept: 'application/json', ...(body === undefined ? {} : { 'Content-Type': type }) },
            body: body === undefined ? undefined : type === 'application/json' ? JSON.stringify(body) : (body as Blob),
        });
    } catch {
        throw new Unreachable();
    }
    if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
    const problem = await response.json().catch(() => ({}));
    throw new Problem(
        response.status,
        problem.title ?? 'Refused',
        problem.detail ?? 'The server refused without saying why.',
        problem.faults ?? [],
        problem.version,
    );
}

export const api = {
    get: <T>(path: string) => call<T>('GET', path),
    post: <T>(path: string, body: unknown = {}) => call<T>('POST', path, body),
    put: <T>(path: string, body: unknown) => call<T>('PUT', path, body),
    delete: <T = void>(path: string) => call<T>('DELETE', path),
    sendFile: <T>(path: string, file: Blob, type = 'text/csv') => call<T>('POST', path, file, type),
};

export function asProblem(error: unknown): Problem {
    return error instanceof Problem ? error : new Problem(0, 'Our fault', String(error));
}
