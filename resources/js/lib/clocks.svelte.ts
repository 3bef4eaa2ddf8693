import * as v from 'valibot';
import { got, type Schemas, server } from './api';
import { keep, kept } from './kept';
import { tell } from './notices.svelte';

export type Clock = Schemas['Clock'];

const SOUND = 'clockSound';

/** What dries, on all batches. The server knows it from what was recorded; here the hands move on. */
class Clocks {
    all = $state.raw<Clock[]>([]);
    now = $state(Date.now());
    hasSound = $state(kept(SOUND, v.boolean()) ?? false);
    private rung = new Set<string>(kept('rung', v.array(v.string())) ?? []);

    private asked: Promise<void> | null = null;

    /** Asked for once, however many want to know at the same time. */
    load(): Promise<void> {
        this.asked ??= got(server.GET('/clocks'))
            .then((answer) => void (this.all = answer.clocks))
            // They go on by what is known.
            .catch(() => undefined)
            .finally(() => (this.asked = null));
        return this.asked;
    }

    /** Use as `$effect(() => clocks.run())`. */
    run(): () => void {
        void this.load();
        const hand = setInterval(() => this.beat(), 1000);
        const again = setInterval(() => void this.load(), 60000);
        return () => {
            clearInterval(hand);
            clearInterval(again);
        };
    }

    left(clock: Clock): number {
        return Math.max(0, Math.ceil((new Date(clock.until).getTime() - this.now) / 1000));
    }

    setSound(on: boolean): void {
        this.hasSound = on;
        keep(SOUND, on);
        if (on) ring();
    }

    private beat(): void {
        this.now = Date.now();
        for (const clock of this.all) {
            const key = `${clock.batchId} ${clock.stepId} ${clock.coat} ${clock.until}`;
            const late = this.now - new Date(clock.until).getTime();
            if (late < 0 || late > 60000 || this.rung.has(key)) continue;
            this.rung.add(key);
            keep('rung', [...this.rung].slice(-50));
            tell(`${clock.areaName}, ${clock.label.toLowerCase()}: ${clock.ready}.`);
            if (this.hasSound) ring();
        }
    }
}

/** Two soft notes; nothing is fetched for it. */
function ring(): void {
    try {
        const context = new AudioContext();
        for (const [at, pitch] of [
            [0, 660],
            [0.25, 880],
        ] as const) {
            const tone = context.createOscillator();
            const loud = context.createGain();
            tone.frequency.value = pitch;
            loud.gain.setValueAtTime(0.12, context.currentTime + at);
            loud.gain.exponentialRampToValueAtTime(0.001, context.currentTime + at + 0.5);
            tone.connect(loud).connect(context.destination);
            tone.start(context.currentTime + at);
            tone.stop(context.currentTime + at + 0.5);
        }
    } catch {
        // No sound on this machine.
    }
}

/** "12:05", "1 h 20" */
export function remaining(seconds: number): string {
    if (seconds >= 5400)
        return `${Math.floor(seconds / 3600)} h ${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`;
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

export const clocks = new Clocks();
