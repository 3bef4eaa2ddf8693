import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../resources/js/lib/api';
import { columns, Score, shifted } from '../../resources/js/lib/score';
import { span } from '../../resources/js/lib/words';

type Pass = Schemas['Pass'];

/** "coat-1" is the first step of the area coat; a plus joins it to the pot before, "/30" rests before it, "prime-1" is an undercoat. */
function passes(...written: string[]): Pass[] {
    return written.map((one, index) => {
        const [, plus, id, area, rest] = /^(\+?)((\w+)-\d+)(?:\/(\d+))?$/.exec(one)!;
        return {
            stepId: id,
            number: index + 1,
            areaId: area === 'prime' || area === 'whole' ? null : area,
            isUndercoat: area === 'prime',
            joinsLast: plus === '+',
            restMinutes: Number(rest ?? 0),
        } as Pass;
    });
}

const drawn = (all: { passes: Pass[] }[]) => all.map((column) => column.passes.map((pass) => pass.stepId).join(' '));

describe('columns of a score', () => {
    it('what the same pot does just after stands in one column, on another stave', () => {
        expect(drawn(columns(passes('prime-1', 'coat-1', '+boots-1', '+sash-1', 'coat-2')))).toEqual([
            'prime-1',
            'coat-1 boots-1 sash-1',
            'coat-2',
        ]);
    });

    it('but two steps of one area, or one and what came on the whole model before it, never share one', () => {
        expect(drawn(columns(passes('coat-1', '+coat-2', 'whole-1', '+boots-1')))).toEqual([
            'coat-1',
            'coat-2',
            'whole-1',
            'boots-1',
        ]);
    });

    it('a column waits as long as its first pass', () => {
        expect(columns(passes('coat-1', 'boots-1/30', '+sash-1/5')).map((one) => one.rest)).toEqual([0, 30]);
    });
});

describe('places on a score', () => {
    const score = new Score({
        passes: passes('prime-1', 'coat-1', '+boots-1', 'coat-2/30', 'boots-2/10', 'sash-1'),
        staves: [['coat-1', 'coat-2'], ['boots-1', 'boots-2'], [], ['sash-1']],
        width: 40,
    });

    it('notes stand side by side, apart by a rest that is worth drawing', () => {
        expect(score.columns.map((one) => one.left)).toEqual([0, 45, 104, 149, 194]);
        expect(score.columns.map((one) => one.isRested)).toEqual([false, false, true, false, false]);
        expect(score.width).toBe(194 + 40 + 30);
        expect([score.leftOf('boots-1'), score.leftOf('sash-1'), score.leftOf('gone-1')]).toEqual([45, 194, undefined]);
        expect([score.leftOfColumn(2), score.leftOfColumn(5)]).toEqual([104, 234]);
    });

    it('a note dropped left of a middle goes before it, beyond the last one to the end', () => {
        expect([0, 19, 21, 64, 66, 213, 400].map((x) => score.columnAt(x))).toEqual([0, 0, 1, 1, 2, 4, 5]);
    });

    it('where a drop puts it: never before the undercoat, nowhere when it stands there, null at the end', () => {
        expect(score.before('sash-1', 0)).toBe('coat-1');
        expect(score.before('sash-1', 2)).toBe('coat-2');
        expect([score.before('coat-2', 2), score.before('coat-2', 3)]).toEqual([undefined, undefined]);
        expect(score.before('coat-2', 5)).toBe(null);
        // It shares its column, so it can be taken out of it to stand right behind.
        expect([score.before('coat-1', 1), score.before('coat-1', 2)]).toEqual(['boots-1', 'coat-2']);
    });

    it('arrows walk along the passes, and to the nearest note of the next stave that has any', () => {
        expect([score.along('coat-1', 1), score.along('coat-1', -1), score.along('sash-1', 1)]).toEqual([
            'boots-1',
            undefined,
            undefined,
        ]);
        expect([score.across('coat-1', 1), score.across('coat-2', 1)]).toEqual(['boots-1', 'boots-1']);
        expect([score.across('boots-2', 1), score.across('sash-1', -1)]).toEqual(['sash-1', 'boots-2']);
        expect([score.across('coat-1', -1), score.across('sash-1', 1)]).toEqual([undefined, undefined]);
    });

    it('with one area shown they never walk to what is not', () => {
        const one = new Score({
            passes: passes('prime-1', 'coat-1', 'coat-2', 'whole-1'),
            staves: [['coat-1', 'coat-2'], ['whole-1']],
            width: 40,
        });
        expect([one.along('coat-1', 1), one.along('coat-2', 1), one.along('whole-1', 1)]).toEqual([
            'coat-2',
            'whole-1',
            undefined,
        ]);
    });

    it('an empty score has no width to speak of and leads nowhere', () => {
        const empty = new Score({ passes: [], staves: [[]], width: 40 });
        expect([empty.width, empty.columnAt(10), empty.leftOfColumn(0)]).toEqual([70, 0, 40]);
    });
});

describe('a step run one pass earlier or later', () => {
    const all = passes('prime-1', 'coat-1', 'boots-1', 'sash-1');

    it('changes places with the one beside it', () => {
        expect(shifted(all, 'boots-1', -1)).toBe('coat-1');
        expect(shifted(all, 'coat-1', 1)).toBe('sash-1');
        expect(shifted(all, 'boots-1', 1)).toBe(null);
    });

    it('but not with the undercoat, nor beyond the end', () => {
        expect([shifted(all, 'coat-1', -1), shifted(all, 'sash-1', 1)]).toEqual([undefined, undefined]);
    });
});

it('says how long in the unit one waits in', () => {
    expect([0, 15, 59.6, 60, 90, 125, 1439, 1440, 1500, 2880, 7200].map(span)).toEqual([
        '0 min',
        '15 min',
        '1 h',
        '1 h',
        '1 h 30',
        '2 h 05',
        '23 h 59',
        'a day',
        '25 h',
        '2 days',
        '5 days',
    ]);
});
