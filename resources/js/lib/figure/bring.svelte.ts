import { asProblem, contentOf, got, type Problem, sent, server } from '../api';
import type { Figure } from '../figures.svelte';
import type { Ask, Told, Unit } from './import.worker';
import type { Placement } from './placement';
import type { Up } from './upright';

export type Brought = Extract<Told, { glb: ArrayBuffer }>;

/** Sculpts on their way in: read, joined and thinned beside the page, so that it never stands still. */
export class Bringing {
    progress = $state.raw<{ share: number; words: string } | null>(null);
    fault = $state('');
    brought = $state.raw<Brought | null>(null);
    problem = $state.raw<Problem | null>(null);
    private worker: Worker | null = null;
    private name = '';

    constructor(
        private readonly plan: string,
        private readonly heightMm: number,
    ) {}

    /** A picture of the model is kept at once: there is nothing to turn upright, and the server says what it lacks. */
    async openPicture(file: File): Promise<Figure | null> {
        this.stop();
        this.progress = { share: 0.5, words: 'Looking at the picture' };
        try {
            const params = { path: { id: this.plan }, query: { name: file.name.replace(/\.\w+$/, '').slice(0, 120) } };
            const bytes = await contentOf(file);
            const figure = await got(
                server.POST('/plans/{id}/figures', { params, ...sent(bytes, file.type || 'image/jpeg') }),
            );
            this.stop();
            return figure;
        } catch (error) {
            this.fail(asProblem(error).message);
            return null;
        }
    }

    async open(files: readonly File[]): Promise<void> {
        if (files.length === 0) return;
        this.stop();
        this.name = files[0]!.name.replace(/\.\w+$/, '');
        this.progress = { share: 0, words: 'Opening' };
        const read = await Promise.all(
            files.map(async (file) => ({ name: file.name, bytes: await (await contentOf(file)).arrayBuffer() })),
        ).catch((error: unknown) => {
            this.fail(asProblem(error).message);
            return null;
        });
        if (read === null) return;
        this.worker = new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' });
        this.worker.onmessage = ({ data }: MessageEvent<Told>) => this.take(data);
        this.worker.onerror = (event) => this.fail(`This file cannot be read as a sculpt: ${event.message}`);
        this.ask(
            { files: read, heightMm: this.heightMm },
            read.map((file) => file.bytes),
        );
    }

    /** The same triangles, standing otherwise or in another unit. */
    again(up: Up, unit: Unit): void {
        if (this.brought === null) return;
        this.progress = { share: 0.3, words: 'Turning it' };
        this.ask({ up, unit, places: this.brought.parts.map((part) => part.at) });
    }

    /** Moves one of its parts against the others. */
    place(part: number, at: Placement): void {
        if (this.brought === null) return;
        const { up, unit, parts } = this.brought;
        // What is typed next goes on from here, however long it takes to be seen.
        this.brought = { ...this.brought, parts: parts.map((one, number) => (number === part ? { ...one, at } : one)) };
        this.ask({ up, unit, places: this.brought.parts.map((one) => one.at) });
    }

    stop(): void {
        this.worker?.terminate();
        this.worker = null;
        this.progress = null;
        this.brought = null;
        this.fault = '';
        this.problem = null;
    }

    /** Keeps what was brought. */
    async keep(): Promise<Figure | null> {
        if (this.brought === null) return null;
        try {
            const params = { path: { id: this.plan }, query: { name: this.name.slice(0, 120) } };
            const file = sent(new Blob([this.brought.glb]), 'model/gltf-binary');
            const figure = await got(server.POST('/plans/{id}/figures', { params, ...file }));
            this.stop();
            return figure;
        } catch (error) {
            this.problem = asProblem(error);
            return null;
        }
    }

    private ask(what: Ask, move: Transferable[] = []): void {
        this.worker?.postMessage(what, move);
    }

    private take(told: Told): void {
        if ('fault' in told) return this.fail(told.fault);
        if ('words' in told) {
            this.progress = told;
            return;
        }
        this.progress = null;
        this.brought = told;
    }

    private fail(words: string): void {
        this.stop();
        this.fault = words;
    }
}
