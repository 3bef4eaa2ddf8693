import { asProblem, got, of, type Paint, type Problem, type Schemas, server, said } from './api';
import { Latest } from './latest.svelte';
import { tell, warn } from './notices.svelte';
import { outbox } from './outbox.svelte';
import { setPot } from './pots';

type Sort = 'name' | 'maker' | 'value' | 'hue' | 'kind';
export type Wish = { search: string; kind: string; maker: string; owned: 'all' | 'owned' | 'wished'; sort: Sort };

const PER_PAGE = 60;

/** The list of paints as far as it has been looked at, and what is changed in it. */
export class Shelf {
    wish = $state<Wish>({ search: '', kind: '', maker: '', owned: 'owned', sort: 'hue' });
    private told = $state<Paint[]>([]);
    /** As the server told them, with what is on its way to their pots. */
    readonly paints = $derived.by((): Paint[] => {
        const pots = outbox.things().filter((one) => one.do === 'pot');
        return pots.length === 0
            ? this.told
            : this.told.map((paint) =>
                  pots
                      .filter((one) => one.paintId === paint.id)
                      .reduce((so, { pot }) => ({ ...so, pot: { ...so.pot, ...pot } as Paint['pot'] }), paint),
              );
    });
    private latest = new Latest<Schemas['PaintPage']>(
        (page) => (this.told = page.page === 1 ? page.paints : [...this.told, ...page.paints]),
    );

    get page(): Schemas['PaintPage'] | null {
        return this.latest.answer;
    }

    get problem(): Problem | null {
        return this.latest.problem;
    }

    /** Hears what becomes of what was changed: use as `$effect(() => shelf.listen())`. */
    listen(): () => void {
        return outbox.listen((_, became) => {
            if (became.is === 'made' && became.paint !== undefined) this.replace(became.paint);
        });
    }

    async load(): Promise<void> {
        await this.fetch(1);
    }

    async more(): Promise<void> {
        if (this.page !== null && this.page.page < this.page.pages) await this.fetch(this.page.page + 1);
    }

    async setPot(paint: Paint, changes: Partial<Schemas['PotInput']>): Promise<void> {
        const became = await setPot(paint, changes);
        if (became === null) await this.refresh(paint.id);
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
        this.told = this.told.map((one) => (one.id === paint.id ? paint : one));
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
