import type { Paint, Schemas } from './api';
import { type Done, done } from './doing';
import type { Answer } from './outbox.svelte';

type Changes = Partial<Omit<Schemas['PotInput'], 'version'>>;

/** Something else is known of a pot, now or once the server answers. */
export function setPot(
    paint: { id: string; name: string; pot: Paint['pot'] },
    changes: Changes,
    told: string | null = null,
    back?: (answer: Answer) => unknown,
): Promise<Done> {
    const { version, pots, remainingMl, note, wished } = paint.pot;
    const pot = { pots, remainingMl, note, wished, ...changes };
    return done(
        { kind: 'thing', does: { do: 'pot', paintId: paint.id, pot }, version, words: `Pot of “${paint.name}”` },
        told,
        back,
    );
}
