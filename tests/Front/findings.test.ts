import { describe, expect, it } from 'vitest';
import type { Finding } from '../../resources/js/lib/api';
import { keyOf, numbered, numbersAt } from '../../resources/js/lib/findings';

const finding = (rule: string, areaId: string | null, stepId: string | null, isSilenced = false) =>
    ({ rule, areaId, stepId, isSilenced }) as Finding;

const findings = [
    finding('unprimed', null, null),
    finding('blotchy-wash', 'coat', 'coat-2', true),
    finding('coats-to-cover', 'coat', 'coat-1'),
    finding('paint-missing', 'coat', 'coat-1'),
    finding('flat-at-arms-length', 'coat', null),
];

describe('numbers of findings', () => {
    it('run through what is told, as it stands in the list', () => {
        expect([...numbered(findings).values()]).toEqual([1, 2, 3, 4]);
        expect(numbered(findings).has(keyOf(findings[1]!))).toBe(false);
    });

    it('stand on the step they bite at, all of them', () => {
        expect(numbersAt(findings, { stepId: 'coat-1' })).toEqual([2, 3]);
        expect(numbersAt(findings, { stepId: 'coat-2' })).toEqual([]);
    });

    it('stand on an area only when no step of it is meant', () => {
        expect(numbersAt(findings, { areaId: 'coat' })).toEqual([4]);
        expect(numbersAt(findings, { areaId: 'boots' })).toEqual([]);
    });

    it('tell one rule at two steps apart', () => {
        expect(keyOf(finding('unprimed', 'coat', 'coat-1'))).not.toBe(keyOf(finding('unprimed', 'coat', 'coat-2')));
    });
});
