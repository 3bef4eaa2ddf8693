/** Keeps the screen on for as long as a view lives: use as `$effect(() => stayAwake())`. Where the browser cannot, nothing happens. */
export function stayAwake(): () => void {
    let lock: WakeLockSentinel | null = null;
    let ended = false;

    async function take(): Promise<void> {
        if (ended || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
        try {
            lock = await navigator.wakeLock.request('screen');
            if (ended) await lock.release();
        } catch {
            // Low battery, or not allowed: the screen goes dark as it always did.
        }
    }

    // A screen that was looked away from has lost its lock.
    const again = (): void => void take();
    document.addEventListener('visibilitychange', again);
    void take();
    return () => {
        ended = true;
        document.removeEventListener('visibilitychange', again);
        void lock?.release().catch(() => undefined);
    };
}
