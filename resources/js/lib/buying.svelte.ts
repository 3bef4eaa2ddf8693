import { asProblem, got, of, type Problem, type Schemas, server } from './api';
import { Latest } from './latest.svelte';
import { tell, warn } from './notices.svelte';
import { plural } from './words';

export type Way = 'cheapest' | 'fewestBoxes' | 'bestValue';
export type Source = 'plan' | 'wishes' | 'list';
type Item = Schemas['PurchaseItem'];

export const WAYS: { way: Way; name: string }[] = [
    { way: 'cheapest', name: 'Cheapest' },
    { way: 'fewestBoxes', name: 'Fewest boxes' },
    { way: 'bestValue', name: 'Best value' },
];
const ASK_AFTER_MS = 180;

/** What to buy, asked anew with every change of what is wanted. */
export class Buying {
    source = $state<Source>('plan');
    planId = $state('');
    text = $state('');
    tolerance = $state(4);
    budget = $state<number | null>(null);
    inStockOnly = $state(false);
    shelfStandsIn = $state(false);
    way = $state<Way>('cheapest');
    private latest = new Latest<Schemas['Advice']>();

    get advice(): Schemas['Advice'] | null {
        return this.latest.answer;
    }

    get problem(): Problem | null {
        return this.latest.problem;
    }

    get busy(): boolean {
        return this.latest.busy;
    }

    get purchase(): Schemas['Purchase'] | null {
        return this.advice?.purchases[this.way] ?? null;
    }

    ask(): void {
        this.latest.soon(ASK_AFTER_MS, () => this.fetch());
    }

    async setPrice(item: Item, price: number | null): Promise<void> {
        const [sort, id] = [item.item.slice(0, 3), item.item.slice(4)];
        try {
            await got(
                server.PUT(sort === 'set' ? '/sets/{id}/price' : '/paints/{id}/price', { ...of(id), body: { price } }),
            );
        } catch (error) {
            warn(asProblem(error).message);
        }
        await this.fetch();
    }

    async bought(items: Item[]): Promise<void> {
        const names = items.map((item) => item.item);
        try {
            const { pots, wished } = await got(server.POST('/purchases', { body: { items: names } }));
            tell(`${plural(pots, 'pot')} put on the shelf.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.POST('/purchases', { body: { items: names, back: true, wished } }));
                    await this.fetch();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
        await this.fetch();
    }

    private async fetch(): Promise<void> {
        if ((this.source === 'plan' && this.planId === '') || (this.source === 'list' && this.text.trim() === '')) {
            this.latest.drop();
            return;
        }
        const body = {
            plan: this.source === 'plan' ? this.planId : null,
            text: this.source === 'list' ? this.text : null,
            tolerance: this.tolerance,
            budget: this.budget,
            inStockOnly: this.inStockOnly,
            shelfStandsIn: this.shelfStandsIn,
        };
        await this.latest.ask(() => got(server.POST('/purchases/advice', { body })));
    }
}
