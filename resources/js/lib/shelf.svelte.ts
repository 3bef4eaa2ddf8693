import { api, asProblem, type Paint, type Problem, type Schemas } from './api';
import { tell, warn } from './notices.svelte';

export type Wish = { search: string; kind: string; maker: string; owned: 'all' | 'owned' | 'wished'; sort: string };

const PER_PAGE = 60;

/** The list of paints as far as it has been looked at, and what is changed in it. */
export class Shelf {
    wish = $state<Wish>({ search: '', kind: '', maker: '', owned: 'owned', sort: 'hue' });
    paints = $state<Paint[]>([]);
    page = $state<Schemas['PaintPage'] | null>(null);
    problem = $state<Problem | null>(null);
    private turn = 0;

    async load(): Promise<void> {
        await this.fetch(1);
    }

    async more(): Promise<void> {
        if (this.page !== null && this.page.page < this.page.pages) await this.fetch(this.page.page + 1);
    }

    async setPot(paint: Paint, changes: Partial<Schemas['PotInput']>): Promise<void> {
        const { pots, remainingMl, note, wished, version } = paint.pot;
        try {
            this.replace(
                await api.put<Paint>(`/paints/${paint.id}/pot`, {
                    pots,
                    remainingMl,
                    note,
                    wished,
                    version,
                    ...changes,
                }),
            );
        } catch (error) {
            const problem = asProblem(error);
            warn(problem.message);
            if (problem.status === 409) await this.refresh(paint.id);
        }
    }

    async remove(paint: Paint): Promise<boolean> {
        try {
            await api.delete(`/paints/${paint.id}`);
        } catch (error) {
            warn(asProblem(error).message);
            return false;
        }
        await this.load();
        tell(`“${paint.name}” is taken out of the catalogue.`, {
            label: 'Undo',
            run: async () => {
                await api.post(`/paints/${paint.id}/restore`);
                await this.load();
            },
        });
        return true;
    }

    replace(paint: Paint): void {
        this.paints = this.paints.map((one) => (one.id === paint.id ? paint : one));
    }

    async refresh(id: string): Promise<void> {
        this.replace((await api.get<Schemas['PaintDetail']>(`/paints/${id}`)).paint);
    }

    private async fetch(page: number): Promise<void> {
        const turn = ++this.turn;
        const query = new URLSearchParams({ ...this.wish, page: String(page), perPage: String(PER_PAGE) });
        for (const [key, value] of [...query]) if (value === '') query.delete(key);
        try {
            const answer = await api.get<Schemas['PaintPage']>(`/paints?${query}`);
            if (turn !== this.turn) return;
            this.paints = page === 1 ? answer.paints : [...this.paints, ...answer.paints];
            this.page = answer;
            this.problem = null;
        } catch (error) {
            if (turn === this.turn) this.problem = asProblem(error);
        }
    }
}
