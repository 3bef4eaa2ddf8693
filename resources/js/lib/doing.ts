import { supersede, tell, warn } from './notices.svelte';
import { type Answer, type ForThing, outbox, subject } from './outbox.svelte';

/** What has become of something: what was changed as it is now; nothing where it waits for the server; null where it was refused. */
export type Done = Answer | 'waits' | null;

/**
 * Does something now, or once the server answers: until then it waits, also over a reload. Whoever asks is told at once where it is refused.
 *
 * @param told what is said once it is made; nothing where one sees it
 * @param back what it tells the way back with, once it is made
 */
export async function done(
    made: Omit<ForThing, 'id' | 'desk' | 'refusal'>,
    told: string | null,
    back?: (answer: Answer) => unknown,
): Promise<Done> {
    const of = subject(made);
    supersede(of);
    const id = outbox.add(made);
    const became = await outbox.fate(id);
    switch (became.is) {
        case 'waiting':
            return 'waits';
        case 'refused':
            warn(became.problem.faults[0]?.message ?? became.problem.message);
            await outbox.drop(id);
            return null;
        case 'made':
            if (told !== null) tell(told, back && { label: 'Undo', of, run: () => void back(became) });
            return became;
    }
}
