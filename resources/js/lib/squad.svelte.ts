import { asProblem, got, of, type Problem, type Schemas, server } from './api';
import { tell, warn } from './notices.svelte';

export type SquadAnswer = Schemas['Squad'];
export type Member = Schemas['Member'];
export type Toward = Schemas['VaryInput']['toward'];
type Told = Schemas['MemberInput'];

/** What a model is told to be, as it is sent. */
const told = ({ name, role, ways, without }: Member): Told => ({ name, role, ways, without });

/** Who of a batch is painted how: asked, changed, and each change taken back with one press. */
export class Squad {
    answer = $state.raw<SquadAnswer | null>(null);
    problem = $state<Problem | null>(null);
    isBusy = $state(false);

    constructor(
        private readonly batchId: string,
        /** Whoever shows the batch hears when it has become another. */
        private readonly changed: () => void,
    ) {}

    async load(): Promise<void> {
        try {
            this.answer = await got(server.GET('/batches/{id}/squad', of(this.batchId)));
            this.problem = null;
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    /** Some of the models are otherwise than they were. */
    async change(models: number[], how: (one: Member) => Partial<Told>, words: string): Promise<boolean> {
        const all = this.answer?.models ?? [];
        return this.seat(
            all.map((one) => (models.includes(one.number) ? { ...told(one), ...how(one) } : told(one))),
            words,
        );
    }

    /** Some models are painted as another is: with its role, its ways, and without what it has not. Names stay. */
    async copy(from: number, to: number[]): Promise<boolean> {
        const one = this.answer?.models.find((each) => each.number === from);
        if (one === undefined) return false;
        const { role, ways, without } = one;
        const whom = to.length === 1 ? `Model ${to[0]} is` : `${to.length} models are`;
        return this.change(to, () => ({ role, ways, without }), `${whom} painted as model ${from}.`);
    }

    /** One model more, or the last one fewer. */
    async resize(by: 1 | -1): Promise<boolean> {
        const all = (this.answer?.models ?? []).map(told);
        return this.seat(by > 0 ? [...all, {}] : all.slice(0, -1), by > 0 ? 'One model more.' : 'One model fewer.');
    }

    /** An area of some models is painted by another way, or not there. */
    async give(areaId: string, models: number[], variant: string | null | 'without', words: string): Promise<boolean> {
        return this.change(
            models,
            (one) => {
                const rest = one.without.filter((id) => id !== areaId);
                const { [areaId]: _, ...ways } = one.ways;
                return variant === 'without'
                    ? { ways, without: [...rest, areaId] }
                    : { ways: { ...ways, [areaId]: variant }, without: rest };
            },
            words,
        );
    }

    /** Some models a touch otherwise than the others. */
    async vary(area: string, models: number[], toward: Toward, within: number): Promise<boolean> {
        const version = this.answer?.version ?? 0;
        return this.take(
            () =>
                got(
                    server.POST('/batches/{id}/squad/vary', {
                        ...of(this.batchId),
                        body: { area, models, toward, within, version },
                    }),
                ),
            `A touch ${toward} on ${models.length === 1 ? `model ${models[0]}` : `${models.length} models`}.`,
        );
    }

    private seat(models: Told[], words: string): Promise<boolean> {
        const version = this.answer?.version ?? 0;
        return this.take(
            () => got(server.PUT('/batches/{id}/squad', { ...of(this.batchId), body: { models, version } })),
            words,
        );
    }

    private async take(ask: () => Promise<SquadAnswer>, words: string): Promise<boolean> {
        const before = (this.answer?.models ?? []).map(told);
        this.isBusy = true;
        try {
            this.answer = await ask();
            this.changed();
            tell(words, { label: 'Undo', run: () => void this.seat(before, 'The models are as they were.') });
            return true;
        } catch (error) {
            const problem = asProblem(error);
            warn(problem.faults[0]?.message ?? problem.message);
            if (problem.status === 409) await this.load();
            return false;
        } finally {
            this.isBusy = false;
        }
    }
}
