import { asProblem, got, of, type Problem, type Schemas, server } from './api';
import { done } from './doing';
import { type Does, outbox } from './outbox.svelte';

export type SquadAnswer = Schemas['Squad'];
export type Member = Schemas['Member'];
export type Toward = Schemas['VaryInput']['toward'];
type Told = Schemas['MemberInput'];

/** What a model is told to be, as it is sent. */
const told = ({ name, role, ways, without }: Member): Told => ({ name, role, ways, without });

/** Who of a batch is painted how: asked, changed, and each change taken back with one press. */
export class Squad {
    private answered = $state.raw<SquadAnswer | null>(null);
    /** As the server told it, with who is on the way to another place. */
    readonly answer = $derived.by((): SquadAnswer | null => {
        const seats = outbox
            .things()
            .filter((one) => one.do === 'seat')
            .filter((one) => one.batchId === this.batchId);
        const last = seats.at(-1);
        return this.answered === null || last === undefined ? this.answered : seated(this.answered, last.models);
    });
    problem = $state<Problem | null>(null);
    isBusy = $state(false);

    constructor(
        private readonly batchId: string,
        /** Whoever shows the batch hears when it has become another. */
        private readonly changed: () => void,
    ) {}

    /** Hears what becomes of what was changed: use as `$effect(() => squad.listen())`. */
    listen(): () => void {
        return outbox.listen((one, became) => {
            if (one.kind !== 'thing' || !('batchId' in one.does) || one.does.batchId !== this.batchId) return;
            if (became.is !== 'made' || became.batch !== undefined) return;
            if (became.squad === undefined) void this.load();
            else this.answered = became.squad;
            this.changed();
        });
    }

    async load(): Promise<void> {
        try {
            this.answered = await got(server.GET('/batches/{id}/squad', of(this.batchId)));
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
    vary(area: string, models: number[], toward: Toward, within: number): Promise<boolean> {
        const how = { area, models, toward, within };
        return this.make(
            { do: 'vary', batchId: this.batchId, how },
            `A touch ${toward} on ${models.length === 1 ? `model ${models[0]}` : `${models.length} models`}.`,
        );
    }

    private seat(models: Told[], words: string): Promise<boolean> {
        return this.make({ do: 'seat', batchId: this.batchId, models }, words);
    }

    private async make(does: Does, words: string): Promise<boolean> {
        const before = (this.answer?.models ?? []).map(told);
        const version = this.answer?.version ?? 0;
        this.isBusy = true;
        const became = await done(
            { kind: 'thing', does, version, words: words.replace(/\.$/, '') },
            words,
            () => void this.seat(before, 'The models are as they were.'),
        );
        this.isBusy = false;
        if (became === null) await this.load();
        return became !== null;
    }
}

/** The same with people on their way to their places. */
function seated(answer: SquadAnswer, models: Told[]): SquadAnswer {
    const people = models.map((one, at): Member => ({
        name: '',
        role: null,
        ways: {},
        without: [],
        ...answer.models[at],
        ...one,
        number: at + 1,
    }));
    const areas = answer.areas.map((area) => ({
        ...area,
        painted: people.map((_, at) => area.painted[at] ?? 0),
        cells: people.map((one) =>
            one.without.includes(area.id)
                ? null
                : Math.max(
                      0,
                      area.looks.findIndex((look) => look.variant === (one.ways[area.id] ?? null)),
                  ),
        ),
    }));
    return { ...answer, models: people, areas };
}
