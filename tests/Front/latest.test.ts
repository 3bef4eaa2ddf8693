import { describe, expect, it, vi } from 'vitest';

/** An answer that comes when it is told to. */
function later<T>(): { answer: Promise<T>; come: (value: T) => void; fail: (error: unknown) => void } {
    let come!: (value: T) => void;
    let fail!: (error: unknown) => void;
    const answer = new Promise<T>((resolve, reject) => ([come, fail] = [resolve, reject]));
    return { answer, come, fail };
}

describe('questions asked one after the other', () => {
    it('only the newest answer counts, whichever comes first', async () => {
        const { Latest } = await import('../../resources/js/lib/latest.svelte');
        const taken: string[] = [];
        const latest = new Latest<string>((answer) => taken.push(answer));
        const [first, second] = [later<string>(), later<string>()];
        const asked = [latest.ask(() => first.answer), latest.ask(() => second.answer)];
        second.come('second');
        await asked[1];
        expect([latest.answer, latest.busy]).toEqual(['second', false]);
        first.come('first');
        await asked[0];
        expect([latest.answer, taken]).toEqual(['second', ['second']]);
    });

    it('an old failure is not shown over a new answer, and a new one keeps the answer before it', async () => {
        const { Latest } = await import('../../resources/js/lib/latest.svelte');
        const latest = new Latest<string>();
        const first = later<string>();
        const asked = latest.ask(() => first.answer);
        await latest.ask(async () => 'second');
        first.fail(new Error('old'));
        await asked;
        expect(latest.problem).toBe(null);
        await latest.ask(async () => Promise.reject(new Error('new')));
        expect([latest.answer, latest.problem?.message, latest.busy]).toEqual(['second', 'Error: new', false]);
    });

    it('asks once when asked often, and not at all when the question is dropped', async () => {
        const { Latest } = await import('../../resources/js/lib/latest.svelte');
        const latest = new Latest<number>();
        const ask = vi.fn(async () => 7);
        for (let i = 0; i < 5; i++) latest.soon(100, () => latest.ask(ask));
        await vi.runAllTimersAsync();
        expect([ask.mock.calls.length, latest.answer]).toEqual([1, 7]);
        latest.soon(100, () => latest.ask(ask));
        latest.drop();
        await vi.runAllTimersAsync();
        expect([ask.mock.calls.length, latest.answer]).toEqual([1, null]);
    });
});
