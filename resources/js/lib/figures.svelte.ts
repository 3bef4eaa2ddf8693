import { untrack } from 'svelte';
import { asProblem, got, of, type Problem, type Schemas, server } from './api';
import { Latest } from './latest.svelte';
import { tell, warn } from './notices.svelte';

export type Figure = Schemas['Figure'];
export type Painted = Schemas['Painted'];

/** The sculpts of a plan, and the colours it gives them. */
export class PlanFigures {
    figures = $state.raw<Figure[] | null>(null);
    problem = $state.raw<Problem | null>(null);
    /** The colours before the last change of the plan: what one looks back at. */
    before = $state.raw<Painted | null>(null);
    private readonly colours = new Latest<Painted>();
    private version = 0;
    private closed = false;

    constructor(private readonly plan: string) {}

    get painted(): Painted | null {
        return this.colours.answer;
    }

    async load(): Promise<void> {
        try {
            this.figures = await got(server.GET('/plans/{id}/figures', of(this.plan)));
            this.problem = null;
            for (const figure of this.figures) await this.workOut(figure);
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    /**
     * Asks for the colours of this state of the plan.
     *
     * @param told with the plan already, where an edit's answer said them
     */
    async look(version: number, told?: Painted): Promise<void> {
        // What it looks like is no reason to ask what it looks like.
        const last = untrack(() => this.painted);
        await this.colours.ask(async () => told ?? got(server.GET('/plans/{id}/painted', of(this.plan))));
        // Which zone is where on a picture follows from the textures of its areas.
        if (last !== null && this.figures?.some((one) => one.isPicture)) await this.load();
        if (last !== null && this.version !== version && this.painted !== last) this.before = last;
        this.version = version;
    }

    /** The server works out a relief for as long as somebody waits for it. */
    private async workOut(figure: Figure): Promise<void> {
        let now = figure;
        while (!now.isWorkedOut && !this.closed) {
            now = await got(server.POST('/figures/{id}/relief', of(figure.id)));
            this.take(now);
        }
    }

    /** One more, brought in just now. */
    async add(figure: Figure): Promise<void> {
        this.figures = [...(this.figures ?? []), figure];
        try {
            await this.workOut(figure);
        } catch (error) {
            this.problem = asProblem(error);
        }
    }

    /** Takes one out, and says how it comes back. */
    async remove(figure: Figure): Promise<void> {
        try {
            await got(server.DELETE('/figures/{id}', of(figure.id)));
            this.figures = (this.figures ?? []).filter((one) => one.id !== figure.id);
            tell(`The figure “${figure.name}” is taken out.`, {
                label: 'Undo',
                run: async () => this.add(await got(server.POST('/figures/{id}/restore', of(figure.id)))),
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    async rename(figure: Figure, name: string): Promise<void> {
        const before = figure.name;
        try {
            this.take(await got(server.PUT('/figures/{id}', { ...of(figure.id), body: { name } })));
            tell(`The figure is called “${name}” now.`, { label: 'Undo', run: () => this.rename(figure, before) });
        } catch (error) {
            warn(asProblem(error).message);
        }
    }

    take(figure: Figure): void {
        this.figures = (this.figures ?? []).map((one) => (one.id === figure.id ? figure : one));
    }

    close(): void {
        this.closed = true;
    }
}

async function bytes(path: string): Promise<ArrayBuffer> {
    const response = await fetch(`/api${path}`);
    if (!response.ok) throw asProblem(new Error(`The figure could not be fetched (${response.status}).`));
    return response.arrayBuffer();
}

/** The patch of each triangle. */
export async function patchesOf(figure: Figure): Promise<Uint16Array> {
    return new Uint16Array(await bytes(`/figures/${figure.id}/patches?of=${figure.version}`));
}

/** What a figure is drawn from: each of them has an address that changes when it does. */
export async function partsOf(figure: Figure): Promise<{ glb: ArrayBuffer; relief: Uint8Array; labels: Uint8Array }> {
    const [glb, relief, labels] = await Promise.all([
        bytes(`/figures/${figure.id}/sculpt`),
        bytes(`/figures/${figure.id}/relief?of=${figure.reliefKey}`),
        bytes(`/figures/${figure.id}/labels?of=${figure.version}`),
    ]);
    return { glb, relief: new Uint8Array(relief), labels: new Uint8Array(labels) };
}

/** Whether a figure so painted shows marks at some stage: only then is it asked where they lie. */
export const hasMarks = (painted: Painted): boolean =>
    painted.areas.some((area) =>
        area.stages.some((stage) => stage.marks !== undefined || stage.landsWithin !== undefined),
    );

/** Where marks lie on the areas: asked for only where there are some. */
export async function marksOf(figure: Figure): Promise<Uint8Array> {
    return new Uint8Array(await bytes(`/figures/${figure.id}/marks?of=${figure.version}.${figure.reliefKey}`));
}
