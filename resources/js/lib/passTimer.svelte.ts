import * as v from 'valibot';
import { forget, keep, kept } from './kept';

const Ran = v.object({ seconds: v.number(), since: v.nullable(v.number()) });

/** Longer than this nobody painted one pass without a pause: somebody has gone to bed. */
const LONGEST_SECONDS = 4 * 3600;
const WORTH_SECONDS = 30;

/** How long a pass has been painted on; it goes on through a reload, and stands still while paused. */
export class PassTimer {
    private ran = $state<v.InferOutput<typeof Ran>>({ seconds: 0, since: null });
    private now = $state(Date.now());

    constructor(private readonly name: string) {
        this.ran = kept(name, Ran) ?? { seconds: 0, since: Date.now() };
        keep(name, $state.snapshot(this.ran));
    }

    readonly isRunning = $derived.by(() => this.ran.since !== null);

    readonly seconds = $derived.by(
        () => this.ran.seconds + (this.ran.since === null ? 0 : Math.max(0, (this.now - this.ran.since) / 1000)),
    );

    /** Whole minutes worth noting; null when it ran too short or far too long. */
    get minutes(): number | null {
        return this.seconds < WORTH_SECONDS || this.seconds > LONGEST_SECONDS
            ? null
            : Math.max(1, Math.round(this.seconds / 60));
    }

    get words(): string {
        const minutes = Math.floor(this.seconds / 60);
        return `${minutes}:${String(Math.floor(this.seconds % 60)).padStart(2, '0')}`;
    }

    /** Use as `$effect(() => timer.tick())`. */
    tick(): () => void {
        const beat = setInterval(() => (this.now = Date.now()), 1000);
        return () => clearInterval(beat);
    }

    toggle(): void {
        this.now = Date.now();
        this.ran = { seconds: this.seconds, since: this.isRunning ? null : Date.now() };
        keep(this.name, $state.snapshot(this.ran));
    }

    end(): void {
        forget(this.name);
    }
}
