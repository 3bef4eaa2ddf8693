import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { beforeEach, vi } from 'vitest';
import { storage } from './server';

/** A browser's storage and database, as far as the desks need them. */
vi.stubGlobal('localStorage', storage);

beforeEach(async () => {
    // Whatever the test before has left under way comes to nothing.
    vi.useRealTimers();
    vi.stubGlobal('fetch', () => new Promise(() => undefined));
    for (let turn = 0; turn < 30; turn++) await new Promise((go) => setImmediate(go));
    storage.clear();
    vi.stubGlobal('navigator', {});
    vi.stubGlobal('indexedDB', new IDBFactory());
    // The database goes on by immediates, which stay real.
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'] });
    vi.resetModules();
});
