import { asProblem, type Batch, got, of, type Plan, type Schemas, sent, server, under } from './api';
import { isWatched } from './figure/watched';
import { home } from './home.svelte';
import { warn } from './notices.svelte';
import type { ForBatch, ForPlan, ForThing, Waiting } from './outboxStore';
import { clock, day } from './words';

/** Told later than this by the server's clock than by ours is said. */
const WORTH_SAYING_MS = 60000;

/** What the server answered: what was changed as it is now; nothing when another tab has heard it, or when it was not there any more. */
export type Answer = {
    batch?: Batch;
    plan?: Plan;
    squad?: Schemas['Squad'];
    paint?: Schemas['Paint'];
    /** That of what was changed, where it has one. */
    version?: number;
};

type Headers = Record<string, string>;

/** Sends what was done under its key, to the desk it belongs to; what has become of what it is of. */
export function post(one: Waiting): Promise<Answer> {
    const headers = { ...under(one.id).headers, ...home.headers(one.desk) };
    if (one.kind === 'batch') return record(one, headers);
    return one.kind === 'plan' ? edit(one, headers) : change(one, headers);
}

async function record({ batchId, does, words }: ForBatch, headers: Headers): Promise<Answer> {
    switch (does.do) {
        case 'record': {
            const batch = await got(server.POST('/batches/{id}/log', { ...of(batchId), body: does.entry, headers }));
            sayWhenDated(words, does.entry, batch);
            return { batch };
        }
        case 'take-back':
            return unlessGone(got(server.DELETE('/log/{id}', { ...of(does.entryId), headers })));
        case 'put-back':
            return { batch: await got(server.POST('/log/{id}/restore', { ...of(does.entryId), headers })) };
    }
}

async function edit({ planId, does, version }: ForPlan, headers: Headers): Promise<Answer> {
    const params = { path: { id: planId }, query: isWatched(planId) ? { painted: 1 as const } : {} };
    const asked = (): Promise<Plan> => {
        switch (does.do) {
            case 'edit': {
                const body = { version, edit: does.edit, was: does.was };
                return got(server.POST('/plans/{id}/edits', { params, body, headers }));
            }
            case 'undo':
                return got(server.POST('/plans/{id}/undo', { params, body: { version }, headers }));
            case 'redo':
                return got(server.POST('/plans/{id}/redo', { params, body: { version }, headers }));
            case 'share': {
                const { name, tags } = does;
                const params = { path: { id: planId, area: does.areaId } };
                const body = { name, tags, version };
                return got(server.POST('/plans/{id}/areas/{area}/shared', { params, body, headers }));
            }
        }
    };
    const plan = await asked();
    return { plan, version: plan.version };
}

async function change(one: ForThing, headers: Headers): Promise<Answer> {
    const { does } = one;
    const version = one.version ?? 0;
    switch (does.do) {
        case 'slip':
            return {
                batch: await got(server.POST('/batches/{id}/slips', { ...of(does.batchId), body: does.slip, headers })),
            };
        case 'no-slip':
            return unlessGone(got(server.DELETE('/slips/{id}', { ...of(does.slipId), headers })));
        case 'settle': {
            const body = { isMended: does.isMended, version };
            const batch = await got(server.PUT('/slips/{id}', { ...of(does.slipId), body, headers }));
            return { batch, version: version + 1 };
        }
        case 'desk': {
            const body = { rests: does.rests, skipped: does.skipped, version };
            const batch = await got(server.PUT('/batches/{id}/desk', { ...of(does.batchId), body, headers }));
            return { batch, version: batch.version };
        }
        case 'seat': {
            const body = { models: does.models, version };
            const squad = await got(server.PUT('/batches/{id}/squad', { ...of(does.batchId), body, headers }));
            return { squad, version: squad.version };
        }
        case 'vary': {
            const body = { ...does.how, version };
            const squad = await got(server.POST('/batches/{id}/squad/vary', { ...of(does.batchId), body, headers }));
            return { squad, version: squad.version };
        }
        case 'amend': {
            const body = { ...does.change, version };
            await got(server.PUT('/log/{id}', { ...of(does.entryId), body, headers }));
            return { version: version + 1 };
        }
        case 'picture': {
            const photo = await got(server.POST('/photos', { ...sent(does.content, does.content.type) }));
            const body = { ...does.pin, photoId: photo.id };
            return { batch: await got(server.POST('/batches/{id}/photos', { ...of(does.batchId), body, headers })) };
        }
        case 'no-picture':
            return unlessGone(got(server.DELETE('/pinned-photos/{id}', { ...of(does.pinId), headers })));
        case 'pot': {
            const body = { ...does.pot, version };
            const paint = await got(server.PUT('/paints/{id}/pot', { ...of(does.paintId), body, headers }));
            return { paint, version: paint.pot.version };
        }
    }
}

/** What never got there is taken back already. */
async function unlessGone(asked: Promise<Batch>): Promise<Answer> {
    try {
        return { batch: await asked };
    } catch (error) {
        if (asProblem(error).status === 404) return {};
        throw error;
    }
}

function sayWhenDated(words: string, told: { id: string; at?: string | null }, batch: Batch): void {
    const entry = batch.steps?.flatMap((step: Schemas['BatchStep']) => step.entries).find((one) => one.id === told.id);
    if (told.at == null || entry === undefined) return;
    if (Math.abs(new Date(entry.doneAt).getTime() - new Date(told.at).getTime()) <= WORTH_SAYING_MS) return;
    warn(`${words} is dated ${day(entry.doneAt)}, ${clock(entry.doneAt)}: the time it was told with cannot be right.`);
}
