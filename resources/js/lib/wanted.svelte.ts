import { api, asProblem, type Plan, type PlanDocument, type Problem, type Schemas, type StandIn } from './api';
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
    rows = $state.raw<Row[] | null>(null);
    counts = $state.raw<Schemas['StandingCounts'] | null>(null);
    problem = $state<Problem | null>(null);
    busy = $state(false);
    plan = $state.raw<Plan | null>(null);
    after = $state.raw<Schemas['Looks'] | null>(null);
    private picks = $state<Record<string, number>>({});
    private turn = 0;
    private previewTurn = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;

    pick(row: Row): StandIn | null {
        const at = this.picks[row.key] ?? row.advised;
        return at === null ? null : (row.offers[at] ?? null);
    }

    choose(row: Row, index: number): void {
        this.picks = { ...this.picks, [row.key]: index };
        void this.preview().catch((error) => warn(asProblem(error).message));
    }

    /** Rows of the plan that something could be taken for. */
    get takeable(): Row[] {
        return (this.rows ?? []).filter(
            (row) => row.uses.length > 0 && row.standing !== 'owned' && this.pick(row) !== null,
        );
    }

    ask(): void {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => void this.fetch(), ASK_AFTER_MS);
    }

    async take(rows: Row[]): Promise<void> {
        if (this.plan === null) return;
        const document = this.taken(rows);
        try {
            const { id, version } = await api.put<Plan>(`/plans/${this.plan.id}`, {
                document,
                version: this.plan.version,
            });
            tell(rows.length === 1 ? 'Taken into the plan.' : `${rows.length} taken into the plan.`, {
                label: 'Undo',
                of: `plan.${id}`,
                run: async () => {
                    try {
                        await api.post(`/plans/${id}/undo`, { version });
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
        const turn = ++this.turn;
        if (this.planId === null && this.text.trim() === '') {
            this.rows = this.counts = this.plan = this.after = this.problem = null;
            this.busy = false;
            return;
        }
        this.busy = true;
        try {
            const answer = this.planId === null ? await this.ofList() : await this.ofPlan(this.planId);
            if (turn !== this.turn) return;
            this.plan = answer.plan;
            this.rows = answer.rows;
            this.counts = answer.counts;
            this.picks = {};
            this.problem = null;
            await this.preview();
        } catch (error) {
            if (turn === this.turn) this.problem = asProblem(error);
        }
        if (turn === this.turn) this.busy = false;
    }

    private async ofList(): Promise<Answer> {
        const { rows, counts } = await api.post<Schemas['ListAnswers']>('/lists', {
            text: this.text,
            tolerance: this.tolerance,
        });
        return {
            plan: null,
            counts,
            rows: rows.map((row) => ({
                key: `${row.line} ${row.written}`,
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
            api.get<Plan>(`/plans/${id}`),
            api.get<Schemas['PlanNeeds']>(`/plans/${id}/needs?tolerance=${this.tolerance}`),
        ]);
        return {
            plan,
            counts,
            rows: rows.map((row) => ({
                key: row.wanted.words,
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
        const turn = ++this.previewTurn;
        const after =
            this.plan === null || this.takeable.length === 0
                ? null
                : await api.post<Schemas['Looks']>(`/plans/${this.plan.id}/preview`, {
                      document: this.taken(this.takeable),
                  });
        if (turn === this.previewTurn) this.after = after;
    }

    private taken(rows: Row[]): PlanDocument {
        const document = $state.snapshot(this.plan!.document) as PlanDocument;
        for (const row of rows) {
            for (const { stepId, mix, dilution } of this.pick(row)?.changes ?? []) {
                // Only single paints are offered for an undercoat.
                if (stepId === 'undercoat') document.undercoat.base = mix[0]?.paint ?? '';
                if (stepId === 'undercoat-light') document.undercoat.light = mix[0]?.paint ?? null;
                for (const area of document.areas) {
                    area.steps = area.steps.map((step) => (step.id === stepId ? { ...step, mix, dilution } : step));
                }
            }
        }
        return document;
    }
}
