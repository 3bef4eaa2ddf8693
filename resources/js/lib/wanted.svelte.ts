import {
    asProblem,
    got,
    of,
    type Plan,
    type PlanDocument,
    type Problem,
    type Schemas,
    server,
    type Step,
    type StandIn,
} from './api';
import { Latest } from './latest.svelte';
import { tell, warn } from './notices.svelte';

export const USUAL_TOLERANCE = 4;
const ASK_AFTER_MS = 150;

export const STANDINGS: Record<Schemas['Standing'], string> = {
    owned: 'owned',
    substitute: 'by another paint',
    mix: 'by a mix',
    made: 'made with medium',
    missing: 'missing',
    unknown: 'not known',
};

export const WAYS: Record<StandIn['way'], string> = {
    paint: STANDINGS.substitute,
    mix: STANDINGS.mix,
    weaker: 'thinned further',
    stronger: 'thinned less',
    'thinned-paint': STANDINGS.made,
};

/** One row as both tables need it. */
export type Row = {
    key: string;
    name: string;
    hex: string | null;
    standing: Schemas['Standing'];
    advised: number | null;
    offers: StandIn[];
    list: Schemas['ListRow'] | null;
    parts: Schemas['Mix']['parts'];
    uses: Schemas['NeedRow']['uses'];
};

type Answer = { plan: Plan | null; rows: Row[]; counts: Schemas['StandingCounts'] };

/** A list or a plan held against the shelf: what stands in for what, and what was chosen of it. */
export class Wanted {
    text = $state('');
    planId = $state<string | null>(null);
    tolerance = $state(USUAL_TOLERANCE);
    private picks = $state<Record<string, number>>({});
    private latest = new Latest<Answer>(() => {
        this.picks = {};
        return this.preview();
    });
    private looks = new Latest<Schemas['Looks']>();

    get rows(): Row[] | null {
        return this.latest.answer?.rows ?? null;
    }

    get counts(): Schemas['StandingCounts'] | null {
        return this.latest.answer?.counts ?? null;
    }

    get plan(): Plan | null {
        return this.latest.answer?.plan ?? null;
    }

    get problem(): Problem | null {
        return this.latest.problem ?? this.looks.problem;
    }

    get busy(): boolean {
        return this.latest.busy;
    }

    get after(): Schemas['Looks'] | null {
        return this.looks.answer;
    }

    pick(row: Row): StandIn | null {
        const at = this.picks[row.key] ?? row.advised;
        return at === null ? null : (row.offers[at] ?? null);
    }

    choose(row: Row, index: number): void {
        this.picks = { ...this.picks, [row.key]: index };
        void this.preview();
    }

    /** Rows of the plan that something could be taken for. */
    get takeable(): Row[] {
        return (this.rows ?? []).filter(
            (row) => row.uses.length > 0 && row.standing !== 'owned' && this.pick(row) !== null,
        );
    }

    ask(): void {
        this.latest.soon(ASK_AFTER_MS, () => this.fetch());
    }

    async take(rows: Row[]): Promise<void> {
        if (this.plan === null) return;
        const document = this.taken(rows);
        try {
            const body = { version: this.plan.version, edit: { do: 'set' as const, at: [], fields: document } };
            const { id, version } = await got(server.POST('/plans/{id}/edits', { ...of(this.plan.id), body }));
            tell(rows.length === 1 ? 'Taken into the plan.' : `${rows.length} taken into the plan.`, {
                label: 'Undo',
                of: `plan.${id}`,
                run: async () => {
                    try {
                        await got(server.POST('/plans/{id}/undo', { ...of(id), body: { version } }));
                    } catch (error) {
                        warn(asProblem(error).message);
                    }
                    await this.fetch();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
        await this.fetch();
    }

    private async fetch(): Promise<void> {
        const { planId } = this;
        if (planId === null && this.text.trim() === '') {
            this.latest.drop();
            this.looks.drop();
            return;
        }
        await this.latest.ask(() => (planId === null ? this.ofList() : this.ofPlan(planId)));
    }

    private async ofList(): Promise<Answer> {
        const { rows, counts } = await got(
            server.POST('/lists', { body: { text: this.text, tolerance: this.tolerance } }),
        );
        return {
            plan: null,
            counts,
            rows: rows.map((row, at) => ({
                key: nth(rows, at, (one) => `${one.line} ${one.written}`),
                name: row.paint?.name ?? row.written,
                hex: row.paint?.colour?.hex ?? null,
                list: row,
                parts: [],
                uses: [],
                ...row,
            })),
        };
    }

    private async ofPlan(id: string): Promise<Answer> {
        const [plan, { rows, counts }] = await Promise.all([
            got(server.GET('/plans/{id}', of(id))),
            got(server.GET('/plans/{id}/needs', { params: { path: { id }, query: { tolerance: this.tolerance } } })),
        ]);
        return {
            plan,
            counts,
            rows: rows.map((row, at) => ({
                key: nth(rows, at, (one) => one.wanted.words),
                name: row.wanted.words,
                hex: row.wanted.colour.hex,
                list: null,
                parts: row.wanted.parts,
                ...row,
            })),
        };
    }

    /** What the plan would look like with all that is chosen. */
    private async preview(): Promise<void> {
        if (this.plan === null || this.takeable.length === 0) return this.looks.drop();
        const { id } = this.plan;
        const body = { document: this.taken(this.takeable) };
        await this.looks.ask(() => got(server.POST('/plans/{id}/preview', { ...of(id), body })));
    }

    private taken(rows: Row[]): PlanDocument {
        const document = $state.snapshot(this.plan!.document) as PlanDocument;
        for (const row of rows) {
            for (const { stepId, mix, dilution } of this.pick(row)?.changes ?? []) {
                // Only single paints are offered for an undercoat.
                if (stepId === 'undercoat' && document.undercoat) document.undercoat.base = mix[0]?.paint ?? '';
                if (stepId === 'undercoat-light' && document.undercoat)
                    document.undercoat.light = mix[0]?.paint ?? null;
                const take = (step: Step) => (step.id === stepId ? { ...step, mix, dilution } : step);
                for (const area of document.areas) area.steps = area.steps.map(take);
                document.wholeModel = (document.wholeModel ?? []).map(take);
            }
        }
        return document;
    }
}

/** What tells a row from all others, also where two say the same. */
function nth<Row>(rows: Row[], at: number, say: (row: Row) => string): string {
    const said = say(rows[at]!);
    const before = rows.slice(0, at).filter((one) => say(one) === said).length;
    return before === 0 ? said : `${said} ${before + 1}`;
}
