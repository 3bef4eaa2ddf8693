import { describe, expect, it } from 'vitest';
import { inTurn } from '../../resources/js/lib/inTurn';

describe('one after the other', () => {
    it('begins nothing before what was begun is through, also where that failed', async () => {
        const turn = inTurn();
        const said: string[] = [];
        let open = (): void => undefined;
        const first = turn(async () => {
            said.push('first begins');
            await new Promise<void>((done) => (open = done));
            said.push('first ends');
            throw new Error('refused');
        });
        const second = turn(async () => {
            said.push('second begins');
            return 2;
        });
        await Promise.resolve();
        expect(said).toEqual(['first begins']);
        open();
        await expect(first).rejects.toThrow('refused');
        await expect(second).resolves.toBe(2);
        expect(said).toEqual(['first begins', 'first ends', 'second begins']);
    });
});
