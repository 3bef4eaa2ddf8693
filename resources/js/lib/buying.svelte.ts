import { api, asProblem, type Problem, type Schemas } from './api';
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
    advice = $state.raw<Schemas['Advice'] | null>(null);
    problem = $state<Problem | null>(null);
    busy = $state(false);
    private turn = 0;
    private timer: ReturnType<typeof setTimeout> | undefined;

    get purchase(): Schemas['Purchase'] | null {
        return this.advice?.purchases[this.way] ?? null;
    }

    ask(): void {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => void this.fetch(), ASK_AFTER_MS);
    }

    async setPrice(item: Item, price: number | null): Promise<void> {
        const [sort, id] = [item.item.slice(0, 3), item.item.slice(4)];
        try {
            await api.put(`/${sort === 'set' ? 'sets' : 'paints'}/${id}/price`, { price });
        } catch (error) {
            warn(asProblem(error).message);
        }
        await this.fetch();
    }

    async bought(items: Item[]): Promise<void> {
        const names = items.map((item) => item.item);
        try {
            const { pots, wished } = await api.post<Schemas['Brought']>('/purchases', { items: names });
            tell(`${plural(pots, 'pot')} put on the shelf.`, {
                label: 'Undo',
                run: async () => {
                    await api.post('/purchases', { items: names, back: true, wished });
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
        if ((this.source === 'plan' && this.planId === '') || (this.source === 'list' && this.text.trim() === '')) {
            this.advice = null;
            this.problem = null;
            this.busy = false;
            return;
        }
        this.busy = true;
        try {
            const advice = await api.post<Schemas['Advice']>('/purchases/advice', {
                plan: this.source === 'plan' ? this.planId : null,
                text: this.source === 'list' ? this.text : null,
                tolerance: this.tolerance,
                budget: this.budget,
                inStockOnly: this.inStockOnly,
                shelfStandsIn: this.shelfStandsIn,
            });
            if (turn !== this.turn) return;
            this.advice = advice;
            this.problem = null;
        } catch (error) {
            if (turn === this.turn) this.problem = asProblem(error);
        }
        if (turn === this.turn) this.busy = false;
    }
}
