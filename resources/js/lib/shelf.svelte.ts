import { asProblem, got, of, type Paint, type Problem, type Schemas, server, said } from './api';
import { Latest } from './latest.svelte';
import { tell, warn } from './notices.svelte';

type Sort = 'name' | 'maker' | 'value' | 'hue' | 'kind';
export type Wish = { search: string; kind: string; maker: string; owned: 'all' | 'owned' | 'wished'; sort: Sort };

const PER_PAGE = 60;

/** The list of paints as far as it has been looked at, and what is changed in it. */
export class Shelf {
    wish = $state<Wish>({ search: '', kind: '', maker: '', owned: 'owned', sort: 'hue' });
    paints = $state<Paint[]>([]);
    private latest = new Latest<Schemas['PaintPage']>(
        (page) => (this.paints = page.page === 1 ? page.paints : [...this.paints, ...page.paints]),
    );

    get page(): Schemas['PaintPage'] | null {
        return this.latest.answer;
    }

    get problem(): Problem | null {
        return this.latest.problem;
    }

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
                await got(
                    server.PUT('/paints/{id}/pot', {
                        ...of(paint.id),
                        body: {
                            pots,
                            remainingMl,
                            note,
                            wished,
                            version,
                            ...changes,
                        },
                    }),
                ),
            );
        } catch (error) {
            const problem = asProblem(error);
            warn(problem.message);
            if (problem.status === 409) await this.refresh(paint.id);
        }
    }

    async remove(paint: Paint): Promise<boolean> {
        try {
            await got(server.DELETE('/paints/{id}', of(paint.id)));
        } catch (error) {
            warn(asProblem(error).message);
            return false;
        }
        await this.load();
        tell(`“${paint.name}” is taken out of the catalogue.`, {
            label: 'Undo',
            run: async () => {
                await got(server.POST('/paints/{id}/restore', of(paint.id)));
                await this.load();
            },
        });
        return true;
    }

    replace(paint: Paint): void {
        this.paints = this.paints.map((one) => (one.id === paint.id ? paint : one));
    }

    async refresh(id: string): Promise<void> {
        this.replace((await got(server.GET('/paints/{id}', of(id)))).paint);
    }

    private fetch(page: number): Promise<void> {
        return this.latest.ask(() => {
            const { search, kind, maker, owned, sort } = this.wish;
            const query = said({
                search,
                kind: kind as Schemas['Kind'] | '',
                maker,
                owned,
                sort,
                page,
                perPage: PER_PAGE,
            });
            return got(server.GET('/paints', { params: { query } }));
        });
    }
}
