import { beforeEach, vi } from 'vitest';
import { storage } from './server';

/** A browser's storage, as far as the desks need one. */
vi.stubGlobal('localStorage', storage);

beforeEach(() => {
    storage.clear();
    vi.useFakeTimers();
    vi.resetModules();
});
