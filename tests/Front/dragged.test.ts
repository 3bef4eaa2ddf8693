import { describe, expect, it } from 'vitest';
import { Dragged } from '../../resources/js/lib/dragged.svelte';

const told = (id: string, ids: string[]): never =>
    new CustomEvent('consider', { detail: { info: { id }, items: ids.map((one) => ({ id: one })) } }) as never;
const ids = (order: Dragged): string[] => order.items.map((item) => item.id);

describe('a list of which one is dragged', () => {
    it('keeps its stand-in when an answer comes meanwhile, and shows that when it is let go', () => {
        const moves: [number, number][] = [];
        const order = new Dragged((from, to) => moves.push([from, to]));
        order.set(['a', 'b', 'c']);

        order.consider(told('c', ['a', 'stand-in', 'b']));
        order.set(['b', 'a', 'c']);
        expect(ids(order)).toEqual(['a', 'stand-in', 'b']);
        expect(order.idOf({ id: 'stand-in' }, (id) => ['a', 'b', 'c'].includes(id))).toBe('c');

        order.finalize(['b', 'a', 'c'])(told('c', ['a', 'c', 'b']));
        expect(ids(order)).toEqual(['b', 'a', 'c']);
        expect(moves).toEqual([[2, 1]]);
        order.set(['b', 'c', 'a']);
        expect(ids(order)).toEqual(['b', 'c', 'a']);
    });

    it('is moved nowhere when it is let go where it was', () => {
        const order = new Dragged(() => expect.unreachable());
        order.set(['a', 'b']);
        order.consider(told('a', ['stand-in', 'b']));
        order.finalize(['a', 'b'])(told('a', ['a', 'b']));
        expect(ids(order)).toEqual(['a', 'b']);
    });
});
