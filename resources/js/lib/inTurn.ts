/**
 * One after the other, however quickly it is pressed: what is begun waits for what was begun before, also where that failed.
 */
export function inTurn(): <T>(act: () => Promise<T>) => Promise<T> {
    let last: Promise<unknown> = Promise.resolve();
    return (act) => {
        const next = last.then(act);
        last = next.catch(() => undefined);
        return next;
    };
}
