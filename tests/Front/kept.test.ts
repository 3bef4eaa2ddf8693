import * as v from 'valibot';
import { describe, expect, it, vi } from 'vitest';
import { no, ok, server, storage } from './server';

const Note = v.object({ text: v.string() });
const DAY = 24 * 3600 * 1000;

describe('what is kept in the browser', () => {
    it('is there for a month and then dropped', async () => {
        const { forgetOld, keep, kept } = await import('../../resources/js/lib/kept');
        keep('note', { text: 'half a thought' });
        vi.advanceTimersByTime(30 * DAY);
        expect(kept('note', Note)).toEqual({ text: 'half a thought' });
        vi.advanceTimersByTime(2 * DAY);
        expect(kept('note', Note)).toBe(null);
        forgetOld();
        expect(Object.keys(storage)).toEqual([]);
    });

    it('is shown at the desk where it was typed, and at no other', async () => {
        const { forget, keep, keepFor, kept } = await import('../../resources/js/lib/kept');
        keepFor('one');
        keep('note', { text: 'of the one' });
        keepFor('other');
        expect(kept('note', Note)).toBe(null);
        keep('note', { text: 'of the other' });
        forget('note');
        keepFor('one');
        expect(kept('note', Note)).toEqual({ text: 'of the one' });
        keepFor(null);
        expect(kept('note', Note)).toBe(null);
    });

    it('is nothing when the storage is full or holds rubbish', async () => {
        const { keep, kept } = await import('../../resources/js/lib/kept');
        vi.spyOn(storage, 'setItem').mockImplementationOnce(() => {
            throw new Error('full');
        });
        expect(() => keep('note', 1)).not.toThrow();
        storage.setItem('kalokroma.kept.note', '{');
        expect(kept('note', Note)).toBe(null);
    });

    it.each([
        '5',
        '{}',
        '[]',
        'null',
        '"x"',
        '{"at":1}',
        '{"at":"x","value":{"text":"a"}}',
        '{"at":9e15,"value":{"text":5}}',
    ])('reads %s as nothing, and puts it aside', async (rubbish) => {
        const { kept } = await import('../../resources/js/lib/kept');
        storage.setItem('kalokroma.kept.note', rubbish);
        expect(kept('note', Note)).toBe(null);
        expect(storage.getItem('kalokroma.kept.note')).toBe(null);
        expect(storage.getItem('kalokroma.aside.note')).toBe(rubbish);
    });
});

describe('asking the server', () => {
    it('never sends a write again that was refused, and reads only once', async () => {
        const { got, of, server: asks } = await import('../../resources/js/lib/api');
        const asked = server(no(422), 'lost');
        await expect(got(asks.POST('/plans/{id}/duplicate', of('x')))).rejects.toMatchObject({ status: 422 });
        await expect(got(asks.GET('/bench'))).rejects.toMatchObject({ status: 0 });
        expect(asked.map((one) => [one.method, one.key === null])).toEqual([
            ['POST', false],
            ['GET', true],
        ]);
    });

    it('gives up after a few tries and says that nothing is lost', async () => {
        const { got, of, server: asks } = await import('../../resources/js/lib/api');
        const asked = server();
        const failed = expect(got(asks.PUT('/devices/scanner', { body: { barcode: '1' } }))).rejects.toThrow(
            'What you entered is still here',
        );
        await vi.runAllTimersAsync();
        await failed;
        expect(new Set(asked.map((one) => one.key)).size).toBe(1);
        expect(asked.length).toBe(4);
    });

    it('has no trouble with a full disk: that is said, not tried again', async () => {
        const { got, of, server: asks } = await import('../../resources/js/lib/api');
        const asked = server(no(507), ok({}));
        await expect(got(asks.PUT('/devices/scanner', { body: { barcode: '1' } }))).rejects.toMatchObject({
            status: 507,
        });
        expect(asked.length).toBe(1);
    });
});

describe('notices', () => {
    it('only the newest change of a thing can be taken back', async () => {
        const { notices, takeBack, tell } = await import('../../resources/js/lib/notices.svelte');
        const ran: string[] = [];
        tell('first', { label: 'Undo', of: 'plan', run: () => ran.push('first') });
        tell('second', { label: 'Undo', of: 'plan', run: () => ran.push('second') });
        expect(notices.map((one) => one.action?.label)).toEqual([undefined, 'Undo']);
        expect(takeBack()).toBe(true);
        expect(takeBack()).toBe(false);
        expect(ran).toEqual(['second']);
    });
});
