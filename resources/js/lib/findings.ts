import type { Finding } from './api';

/** What tells findings apart within a plan. */
export const keyOf = (finding: Pick<Finding, 'rule' | 'areaId' | 'stepId'>) =>
    `${finding.rule} ${finding.areaId} ${finding.stepId}`;

/** Findings are numbered as they stand in the plan's list, worst first; silenced ones have no number. */
export function numbered(findings: Finding[]): Map<string, number> {
    return new Map(findings.filter((one) => !one.isSilenced).map((one, index) => [keyOf(one), index + 1]));
}

/** The numbers that stand on a step, or on the name of an area. */
export function numbersAt(findings: Finding[], at: { stepId: string } | { areaId: string }): number[] {
    const numbers = numbered(findings);
    return findings
        .filter((one) => ('stepId' in at ? one.stepId === at.stepId : one.stepId === null && one.areaId === at.areaId))
        .flatMap((one) => numbers.get(keyOf(one)) ?? []);
}
