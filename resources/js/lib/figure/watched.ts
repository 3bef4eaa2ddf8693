const watchers = new Map<string, number>();

/**
 * Somebody looks at the figure of a plan: an edit's answer says what it is painted like then, so that it is not asked for once more.
 *
 * @returns ends it
 */
export function watch(plan: string): () => void {
    watchers.set(plan, (watchers.get(plan) ?? 0) + 1);
    return () => watchers.set(plan, (watchers.get(plan) ?? 1) - 1);
}

export const isWatched = (plan: string): boolean => (watchers.get(plan) ?? 0) > 0;
