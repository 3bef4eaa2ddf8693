import { got, type MixAnswer, type Problem, type Schemas, server } from './api';
import { Latest } from './latest.svelte';

export type Target = Schemas['MixQuestion']['target'];
export type Limits = {
    mostPaints: number;
    mostParts: number;
    kinds: Schemas['Kind'][] | null;
    film: 'covering' | 'see-through' | 'metal' | null;
    avoid: { id: string; name: string }[];
    insist: { id: string; name: string }[];
    amountMl: number;
    enoughLeft: boolean;
};
type Group = 'singles' | 'pairs' | 'triples';

const ASK_AFTER_MS = 60;
export const GROUPS: { group: Group; label: string }[] = [
    { group: 'singles', label: 'One paint' },
    { group: 'pairs', label: 'Two' },
    { group: 'triples', label: 'Three' },
];

/** A question on the mixing bench and what the solver answers. Every change asks anew. */
export class MixBench {
    target = $state<Target | null>(null);
    limits = $state<Limits>({
        mostPaints: 3,
        mostParts: 9,
        kinds: null,
        film: null,
        avoid: [],
        insist: [],
        amountMl: 1,
        enoughLeft: false,
    });
    private picked = $state<{ group: Group; index: number } | null>(null);
    private latest = new Latest<Schemas['MixAnswers']>(() => (this.picked = null));

    get answers(): Schemas['MixAnswers'] | null {
        return this.latest.answer;
    }

    get problem(): Problem | null {
        return this.latest.problem;
    }

    get busy(): boolean {
        return this.latest.busy;
    }

    /** The answer that is looked at: the one chosen, else the one advised. */
    get shown(): MixAnswer | null {
        if (this.answers === null) return null;
        if (this.picked !== null) return this.answers[this.picked.group][this.picked.index] ?? null;
        const advised = GROUPS[this.answers.advised - 1];
        return advised === undefined ? null : (this.answers[advised.group][0] ?? null);
    }

    isAdvised(group: Group, index: number): boolean {
        return index === 0 && GROUPS[(this.answers?.advised ?? 0) - 1]?.group === group;
    }

    isShown(group: Group, index: number): boolean {
        return this.answers !== null && this.shown !== null && this.answers[group][index] === this.shown;
    }

    show(group: Group, index: number): void {
        this.picked = { group, index };
    }

    aim(target: Target): void {
        this.target = target;
        this.limits.film = null;
        this.limits.kinds = null;
        this.ask();
    }

    limit(changes: Partial<Limits>): void {
        this.limits = { ...this.limits, ...changes };
        this.ask();
    }

    ask(): void {
        this.latest.soon(ASK_AFTER_MS, () => this.fetch());
    }

    private async fetch(): Promise<void> {
        const { target } = this;
        if (target === null) return;
        const { avoid, insist, kinds, ...rest } = this.limits;
        const body = {
            target,
            ...rest,
            kinds: kinds ?? [],
            avoid: avoid.map((paint) => paint.id),
            insist: insist.map((paint) => paint.id),
        };
        await this.latest.ask(() => got(server.POST('/mixes', { body })));
    }
}
