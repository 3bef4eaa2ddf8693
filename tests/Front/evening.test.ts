import { describe, expect, it } from 'vitest';
import { across, type Evening, hour, inRows, rules } from '../../resources/js/lib/evening';

const item = (start: string, end: string, stepId = start): Evening['items'][number] =>
    ({
        batchId: 'b',
        batchName: 'Night shift',
        stepId,
        areaName: 'Coat',
        label: 'Wash',
        words: 'Umber Wash',
        coat: 1,
        coats: 1,
        models: [1],
        ofModels: 1,
        start: `2026-11-26T${start}:00+01:00`,
        end: `2026-11-26T${end}:00+01:00`,
        minutes: 1,
        zones: [],
    }) as Evening['items'][number];

const evening = (items: Evening['items'], minutes = 100): Evening => ({
    day: '2026-11-26',
    start: '2026-11-26T19:30:00+01:00',
    end: '2026-11-26T21:10:00+01:00',
    minutes,
    isNow: false,
    items,
    waits: [],
    waitMinutes: 0,
    driesOn: null,
});

describe('an evening as a bar', () => {
    it('puts times where they fall', () => {
        expect(across(evening([]), '2026-11-26T20:20:00+01:00')).toBeCloseTo(50);
        expect(across(evening([]), '2026-11-26T19:20:00Z')).toBeCloseTo(50);
        expect(hour('2026-11-26T19:30:00+01:00')).toBe('19:30');
    });

    it('gives narrow blocks that follow each other rows of their own, and wide ones the first', () => {
        const blocks = inRows(
            evening([item('19:30', '19:34'), item('19:34', '19:38'), item('19:38', '20:10'), item('20:10', '21:00')]),
            10,
        );

        expect(blocks.map((one) => one.row)).toEqual([0, 1, 2, 0]);
        // No block lies over another in its row, with the room its words need.
        for (const one of blocks) {
            for (const other of blocks) {
                if (one === other || one.row !== other.row || one.start > other.start) continue;
                expect(across(evening([]), other.start)).toBeGreaterThanOrEqual(
                    across(evening([]), one.start) + 10 - 0.05,
                );
            }
        }
    });

    it('lets the words of a short last block begin before it, so that they end within the bar', () => {
        const [first, last] = inRows(evening([item('19:30', '19:34'), item('20:56', '21:00')]), 20);

        expect(first!.before).toBe(0);
        expect(across(evening([]), last!.start) - last!.before).toBeCloseTo(80);
    });

    it('rules the bar by half hours, and by hours where it is long', () => {
        expect(rules(evening([])).map((one) => one.at)).toEqual(['19:30', '20:00', '20:30', '21:00']);
        expect(rules(evening([], 300)).map((one) => one.at)).toEqual(['20:00', '21:00', '22:00', '23:00', '00:00']);
    });
});
