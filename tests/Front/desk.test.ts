import { describe, expect, it, vi } from 'vitest';
import { no, ok, server, storage } from './server';

describe('money', () => {
    it('is told in the currency that is set, in the units that has', async () => {
        server(ok({ currency: 'CHF' }), ok({ currency: 'JPY' }));
        const { settings } = await import('../../resources/js/lib/settings.svelte');
        const { amount, minorUnits, money } = await import('../../resources/js/lib/money');
        expect([money(1250), minorUnits('12,5'), minorUnits(' 3.20 ')]).toEqual(['€12.50', 1250, 320]);
        expect([minorUnits(''), minorUnits('much'), minorUnits('1e999')]).toEqual([null, null, null]);
        await settings.load();
        expect(money(1250)).toContain('CHF');
        expect(await settings.keep('currency', 'JPY')).toBe('');
        expect([amount(500), minorUnits('500'), money(500)]).toEqual([500, 500, '¥500']);
    });

    it('a currency that is none stays unset and says so', async () => {
        server(no(422, { faults: [{ field: 'currency', message: 'Three capital letters.' }] }));
        const { settings } = await import('../../resources/js/lib/settings.svelte');
        expect([await settings.keep('currency', 'euro'), settings.currency]).toEqual(['Three capital letters.', 'EUR']);
    });
});

describe('keys', () => {
    const press = async (key: string, more: object = {}) => {
        const { onKeydown } = await import('../../resources/js/lib/keys.svelte');
        const event = {
            key,
            target: { matches: (selector: string) => selector.includes((more as { on?: string }).on ?? 'nothing') },
            preventDefault: vi.fn(),
            ...more,
        };
        onKeydown(event as never);
        return event.preventDefault.mock.calls.length > 0;
    };

    it('work until letters are switched off; arrows and space still do then', async () => {
        const { bindKeys } = await import('../../resources/js/lib/keys.svelte');
        const { settings } = await import('../../resources/js/lib/settings.svelte');
        const ran: string[] = [];
        const unbind = bindKeys(
            ['z', '?', ' ', 'ArrowDown'].map((key) => ({ key, does: key, run: () => ran.push(key) })),
        );
        for (const key of ['z', '?', ' ', 'ArrowDown']) await press(key);
        settings.setLetterKeys(false);
        for (const key of ['z', '?', ' ', 'ArrowDown']) await press(key);
        expect(ran).toEqual(['z', '?', ' ', 'ArrowDown', ' ', 'ArrowDown']);
        expect(storage.getItem('kalokroma.letterKeys')).toBe('off');
        unbind();
        await press('ArrowDown');
        expect(ran.length).toBe(6);
    });

    it('stay out of fields and of the browser’s own, and are struck once however long they are held', async () => {
        const { bindKeys } = await import('../../resources/js/lib/keys.svelte');
        const run = vi.fn();
        bindKeys([
            { key: 'z', does: 'undo', run },
            { key: 'ArrowDown', does: 'next', run, repeats: true },
        ]);
        await press('z', { on: 'input' });
        await press('z', { ctrlKey: true });
        await press('z', { repeat: true });
        await press('z', { defaultPrevented: true });
        expect(run).not.toHaveBeenCalled();
        await press('ArrowDown', { repeat: true });
        expect(run).toHaveBeenCalledTimes(1);
    });

    it('the one bound last goes first, and gives way when it is gone', async () => {
        const { bindKeys } = await import('../../resources/js/lib/keys.svelte');
        const ran: string[] = [];
        bindKeys([{ key: 'z', does: 'take back what was just done', run: () => ran.push('notice') }]);
        const unbind = bindKeys([{ key: 'z', does: 'undo the last change of the plan', run: () => ran.push('plan') }]);
        await press('z');
        unbind();
        await press('z');
        expect(ran).toEqual(['plan', 'notice']);
    });
});

describe('what is dragged', () => {
    const event = (id: string, ids: string[]) =>
        ({ detail: { info: { id }, items: ids.map((one) => ({ id: one })) } }) as never;
    const dragged = async (move = vi.fn()) => {
        const { Dragged } = await import('../../resources/js/lib/dragged.svelte');
        const order = new Dragged(move);
        order.set(['a', 'b', 'c']);
        return { order, move };
    };

    it('is drawn where it would go, its place held by a stand-in, and moved when it is let go', async () => {
        const { order, move } = await dragged();
        order.consider(event('c', ['stand-in', 'a', 'b']));
        expect(order.items.map((item) => order.idOf(item, (id) => id !== 'stand-in'))).toEqual(['c', 'a', 'b']);
        expect(move).not.toHaveBeenCalled();
        order.finalize(['a', 'b', 'c'])(event('c', ['c', 'a', 'b']));
        expect(move.mock.calls).toEqual([[2, 0]]);
    });

    it('is not moved when it comes back to where it was, or left the list', async () => {
        const { order, move } = await dragged();
        order.finalize(['a', 'b', 'c'])(event('b', ['a', 'b', 'c']));
        order.finalize(['a', 'b', 'c'])(event('b', ['a', 'c']));
        order.finalize(['a', 'b', 'c'])(event('x', ['a', 'b', 'c']));
        expect(move).not.toHaveBeenCalled();
    });

    it('a list moves one from one place to another and keeps the rest in order', async () => {
        const { moved } = await import('../../resources/js/lib/reorder');
        const list = ['a', 'b', 'c', 'd'];
        expect([moved(list, 0, 2), moved(list, 3, 1), moved(list, 2, 2)]).toEqual([
            ['b', 'c', 'a', 'd'],
            ['a', 'd', 'b', 'c'],
            list,
        ]);
        expect(list).toEqual(['a', 'b', 'c', 'd']);
    });
});

describe('what to buy', () => {
    it('is asked once for a flurry of changes, with the money in the smallest unit', async () => {
        const asked = server(ok({ needs: [], purchases: {} }));
        const { Buying } = await import('../../resources/js/lib/buying.svelte');
        const buying = new Buying();
        buying.planId = 'p';
        buying.budget = 1250;
        for (let i = 0; i < 4; i++) buying.ask();
        await vi.runAllTimersAsync();
        expect(asked.map((one) => one.body)).toEqual([
            expect.objectContaining({ plan: 'p', text: null, budget: 1250 }),
        ]);
        expect([buying.busy, buying.advice === null]).toEqual([false, false]);
    });

    it('without anything wanted nothing is asked, and what was shown goes', async () => {
        const asked = server(ok({ needs: [], purchases: {} }));
        const { Buying } = await import('../../resources/js/lib/buying.svelte');
        const buying = new Buying();
        buying.planId = 'p';
        buying.ask();
        await vi.runAllTimersAsync();
        [buying.source, buying.text] = ['list', '  '];
        buying.ask();
        await vi.runAllTimersAsync();
        expect([asked.length, buying.advice, buying.problem]).toEqual([1, null, null]);
    });
});

describe('the shelf', () => {
    const page = (number: number, pages: number, ...names: string[]) => ({
        paints: names.map((name) => ({ id: name, name, pot: { pots: 1, version: 1 } })),
        page: number,
        pages,
        total: 9,
        makers: [],
        owned: 1,
    });

    it('goes on page by page and begins anew with another wish', async () => {
        const asked = server(ok(page(1, 2, 'a')), ok(page(2, 2, 'b')), ok(page(1, 1, 'c')));
        const { Shelf } = await import('../../resources/js/lib/shelf.svelte');
        const shelf = new Shelf();
        await shelf.load();
        await shelf.more();
        expect(shelf.paints.map((paint) => paint.id)).toEqual(['a', 'b']);
        await shelf.more();
        expect(asked.length).toBe(2);
        shelf.wish.search = 'c';
        await shelf.load();
        expect(shelf.paints.map((paint) => paint.id)).toEqual(['c']);
    });

    it('a pot that was changed elsewhere is fetched anew and the reason told', async () => {
        const newer = { id: 'a', name: 'a', pot: { pots: 7, version: 3 } };
        server(ok(page(1, 1, 'a')), no(409, { version: 3 }), ok({ paint: newer, sets: [], plans: [] }));
        const { Shelf } = await import('../../resources/js/lib/shelf.svelte');
        const { notices } = await import('../../resources/js/lib/notices.svelte');
        const shelf = new Shelf();
        await shelf.load();
        await shelf.setPot(shelf.paints[0]!, { pots: 2 });
        expect([shelf.paints[0]?.pot.pots, notices.at(-1)?.alarm]).toEqual([7, true]);
    });
});
