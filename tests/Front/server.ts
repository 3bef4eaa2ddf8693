import { vi } from 'vitest';

export type Asked = { method: string; path: string; key: string | null; body: unknown };
type Answer = { status: number; body: unknown; afterMs?: number } | 'lost' | 'never came';

class Storage {
    [key: string]: unknown;
    private get kept(): [string, unknown][] {
        return Object.entries(this);
    }
    getItem(key: string): string | null {
        return (this[key] as string | undefined) ?? null;
    }
    setItem(key: string, value: string): void {
        this[key] = value;
    }
    removeItem(key: string): void {
        delete this[key];
    }
    clear(): void {
        for (const [key] of this.kept) delete this[key];
    }
}

export const storage = new Storage();

/** A server that answers as told, one answer after the other, and writes down what it was asked. */
export function server(...answers: Answer[]): Asked[] {
    const asked: Asked[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        const body = await request.clone().text();
        asked.push({
            method: request.method,
            path: new URL(request.url).pathname.replace('/api', ''),
            key: request.headers.get('Idempotency-Key'),
            body: body === '' ? undefined : JSON.parse(body),
        });
        const answer = answers.shift() ?? 'never came';
        if (answer === 'lost' || answer === 'never came') throw new TypeError('no answer');
        if (answer.afterMs !== undefined) await new Promise((go) => setTimeout(go, answer.afterMs));
        return new Response(answer.status === 204 ? null : JSON.stringify(answer.body), { status: answer.status });
    });
    return asked;
}

export const ok = (body: unknown, status = 200): Answer => ({ status, body });
/** The same, on its way for so long. */
export const late = (afterMs: number, body: unknown, status = 200): Answer => ({ status, body, afterMs });
export const no = (status: number, more: object = {}): Answer => ({
    status,
    body: { title: 'No', detail: `Refused with ${status}`, status, ...more },
});

/** Lets so many milliseconds go by, and the browser's database do what it has to between. */
export async function pass(ms: number): Promise<void> {
    for (let gone = 0; gone <= ms; gone += 100) {
        for (let turn = 0; turn < 12; turn++) await new Promise((go) => setImmediate(go));
        await vi.advanceTimersByTimeAsync(Math.min(100, ms - gone));
    }
    for (let turn = 0; turn < 12; turn++) await new Promise((go) => setImmediate(go));
}
