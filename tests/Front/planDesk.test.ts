import { describe, expect, it, vi } from 'vitest';
import { late, no, ok, pass, server } from './server';

const area = (id: string, ...steps: string[]) => ({
    id,
    name: id,
    touches: [],
    liesUnder: [],
    steps: steps.map((one) => ({ id: one, coats: 1 })),
});
const document = (name: string) => ({
    name,
    model: { name: 'Warden' },
    areas: [area('coat', 'base', 'wash'), area('belt', 'leather')],
});
const plan = (version: number, name: string) => ({ id: 'p', version, document: document(name) });
const desk = async () => {
    const { PlanDesk } = await import('../../resources/js/lib/planDesk.svelte');
    const at = new PlanDesk('p');
    at.listen();
    await at.load();
    return at;
};
const edits = (asked: { body: unknown }[]) =>
    asked.flatMap(({ body }) => (body as { edit?: object } | undefined)?.edit ?? []);
const versions = (asked: { body: unknown }[]) =>
    asked.slice(1).map(({ body }) => (body as { version?: number } | undefined)?.version);

describe('a plan on the desk', () => {
    it('shows what is set at once, and sends it with the version and with what it takes the place of', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'new')));
        const at = await desk();
        at.set([], { name: 'new' });
        expect([at.saving, at.document?.name]).toEqual(['saving', 'new']);
        await pass(100);

        expect(asked[1]).toMatchObject({
            method: 'POST',
            path: '/plans/p/edits',
            body: {
                version: 1,
                edit: { do: 'set', at: [], fields: { name: 'new' } },
                was: [{ at: [], fields: { name: 'old' } }],
            },
        });
        expect([asked[1]?.key === null, at.saving, at.plan?.version]).toEqual([false, 'saved', 2]);
    });

    it('finds what is set by the ids of what it belongs to', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'old')), ok(plan(3, 'old')));
        const at = await desk();
        at.changeStep('wash', { coats: 3 });
        expect(at.document?.areas[0]?.steps[1]).toEqual({ id: 'wash', coats: 3 });
        at.changeArea('belt', { open: true });
        expect(at.document?.areas[1]).toMatchObject({ id: 'belt', open: true });
        await pass(200);

        expect(asked.slice(1).map(({ body }) => (body as { was: object[] }).was)).toEqual([
            [{ at: ['areas', 'coat', 'steps', 'wash'], fields: { coats: 1 } }],
            [{ at: ['areas', 'belt'], fields: { open: null } }],
        ]);
    });

    it('says quick presses in one, behind the one that is on its way', async () => {
        const asked = server(ok(plan(1, 'old')), late(300, plan(2, 'old')), ok(plan(3, 'old')));
        const at = await desk();
        at.changeStep('base', { coats: 2 });
        await pass(50);
        for (const coats of [3, 4, 5]) at.changeStep('base', { coats });
        expect(at.document?.areas[0]?.steps[0]).toMatchObject({ coats: 5 });
        await pass(600);

        expect(edits(asked).map((one) => (one as { fields: object }).fields)).toEqual([{ coats: 2 }, { coats: 5 }]);
        expect(versions(asked)).toEqual([1, 2]);
    });

    it('sends a change whose answer was lost as the very same again, and what came after it on the version it led to', async () => {
        const asked = server(
            ok(plan(1, 'old')),
            ...(['lost', 'lost', 'lost', 'lost'] as const),
            ok(plan(2, 'one')),
            ok(plan(3, 'one')),
            ok(plan(4, 'one')),
        );
        const at = await desk();
        at.set([], { name: 'one' });
        await pass(3600);
        expect(at.saving).toBe('unreachable');
        at.changeStep('wash', { coats: 2 });
        void at.addArea('Face');
        await pass(5000);

        expect(new Set(asked.slice(1, 6).map((one) => one.key)).size).toBe(1);
        expect(edits(asked).map((one) => (one as { do: string }).do)).toEqual([
            ...Array.from({ length: 6 }, () => 'set'),
            'add-area',
        ]);
        expect(versions(asked)).toEqual([1, 1, 1, 1, 1, 2, 3]);
        expect([at.saving, at.plan?.version]).toEqual(['saved', 4]);
    });

    it('finds what is not saved again after a reload, in its order', async () => {
        server(ok(plan(1, 'old')));
        const before = await desk();
        before.set([], { name: 'mine' });
        before.moveStep('coat', 1, 0);
        await pass(100);
        vi.clearAllTimers();
        vi.resetModules();
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'mine')), ok(plan(3, 'mine')));
        const after = await desk();
        const { outbox } = await import('../../resources/js/lib/outbox.svelte');
        const end = outbox.run();
        await pass(300);
        end();

        expect(edits(asked).map((one) => (one as { do: string }).do)).toEqual(['set', 'move-step']);
        expect(versions(asked)).toEqual([1, 2]);
        expect(after.document?.name).toBe('mine');
    });

    it('keeps what was changed here and elsewhere beside the newer state, and saves it only when told to', async () => {
        const theirs = { version: 4, now: [{ at: [], fields: { name: 'theirs' } }] };
        const asked = server(ok(plan(1, 'old')), no(409, theirs), ok(plan(4, 'theirs')), ok(plan(5, 'mine')));
        const at = await desk();
        at.set([], { name: 'mine' });
        await pass(200);
        expect([at.saving, at.document?.name, at.plan?.document.name]).toEqual(['stale', 'mine', 'theirs']);

        const { outbox } = await import('../../resources/js/lib/outbox.svelte');
        const { difference } = await import('../../resources/js/lib/planEdits');
        const [one] = outbox.refused;
        expect(difference(one as never)).toBe(': there theirs, here mine.');
        await Promise.all([outbox.retry(one!.id), pass(200)]);
        expect(asked.at(-1)?.body).toMatchObject({ version: 4, edit: { fields: { name: 'mine' } } });
        expect([at.saving, at.plan?.document.name]).toEqual(['saved', 'mine']);
    });

    it('takes theirs when told to', async () => {
        server(ok(plan(1, 'old')), no(409, { version: 7 }), ok(plan(7, 'theirs')));
        const at = await desk();
        at.set([], { name: 'mine' });
        await pass(200);
        expect(at.saving).toBe('stale');
        await at.undo();

        expect([at.saving, at.document?.name]).toEqual(['saved', 'theirs']);
    });

    it('names the field at fault, which stays as it was typed until it is mended', async () => {
        const faults = [{ field: 'name', message: 'Too long' }];
        const asked = server(ok(plan(1, 'old')), no(422, { faults }), ok(plan(2, 'short')));
        const at = await desk();
        at.set([], { name: 'x'.repeat(200) });
        await pass(100);
        expect([at.saving, at.faultAt('name'), at.document?.name.length]).toEqual(['faulty', 'Too long', 200]);
        at.set([], { name: 'short' });
        await pass(100);

        expect([at.saving, at.faultAt('name'), at.document?.name]).toEqual(['saved', '', 'short']);
        expect((asked.at(-1)?.body as { was: object[] }).was).toEqual([{ at: [], fields: { name: 'old' } }]);
    });

    it('tries what was refused again when something else has been changed, which may have put it right', async () => {
        const asked = server(
            ok(plan(1, 'old')),
            no(422, { faults: [{ field: 'areas.0.part', message: 'No such part' }] }),
            ok(plan(2, 'old')),
            ok(plan(3, 'old')),
        );
        const at = await desk();
        at.changeArea('coat', { part: 'shield' });
        await pass(100);
        expect(at.saving).toBe('faulty');
        await Promise.all([at.addPart('Shield'), pass(300)]);

        expect(edits(asked).map((one) => (one as { do: string }).do)).toEqual(['set', 'add-part', 'set']);
        expect(at.saving).toBe('saved');
    });

    it('drops a faulty edit before it undoes anything', async () => {
        const asked = server(ok(plan(1, 'old')), no(422, { faults: [{ field: 'name', message: 'Too long' }] }));
        const at = await desk();
        at.set([], { name: 'x'.repeat(200) });
        await pass(100);
        await at.undo();

        expect(asked.some((one) => one.path.endsWith('/undo'))).toBe(false);
        expect([at.saving, at.document?.name]).toEqual(['saved', 'old']);
    });

    it('takes back its own change and no other', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'mine')), ok(plan(3, 'later')));
        const at = await desk();
        at.set([], { name: 'mine' });
        const back = at.wayBack();
        await pass(100);
        at.set([], { name: 'later' });
        await pass(100);
        await back.run();
        await pass(100);

        expect(asked.some((one) => one.path.endsWith('/undo'))).toBe(false);
    });

    it('undoes with the version that what is on its way leads to', async () => {
        const asked = server(ok(plan(1, 'old')), late(100, plan(2, 'new')), ok(plan(3, 'old')));
        const at = await desk();
        at.set([], { name: 'new' });
        await pass(10);
        await Promise.all([at.undo(), pass(500)]);

        expect(asked.slice(1).map((one) => [one.path, (one.body as { version: number }).version])).toEqual([
            ['/plans/p/edits', 1],
            ['/plans/p/undo', 2],
        ]);
        expect(at.document?.name).toBe('old');
    });

    it('undoes without the server what the server has not seen', async () => {
        const asked = server(ok(plan(1, 'old')), late(5000, plan(2, 'one')));
        const at = await desk();
        at.set([], { name: 'one' });
        await pass(10);
        at.changeStep('wash', { coats: 2 });
        expect(at.document?.areas[0]?.steps[1]).toMatchObject({ coats: 2 });
        await at.undo();
        expect(at.document?.areas[0]?.steps[1]).toMatchObject({ coats: 1 });
        expect(asked.length).toBe(2);
    });

    it('names the neighbour an area goes before, and nobody when it goes last', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'old')), ok(plan(3, 'old')), ok(plan(4, 'old')));
        const at = await desk();
        at.moveArea(1, 0);
        expect(at.document?.areas.map((one) => one.id)).toEqual(['belt', 'coat']);
        at.moveArea(0, 1);
        expect(at.document?.areas.map((one) => one.id)).toEqual(['coat', 'belt']);
        at.moveArea(1, 1);
        at.moveStep('coat', 1, 0);
        expect(at.document?.areas[0]?.steps.map((one) => one.id)).toEqual(['wash', 'base']);
        await pass(300);

        expect(edits(asked)).toEqual([
            { do: 'move-area', area: 'belt', before: 'coat' },
            { do: 'move-area', area: 'belt', before: null },
            { do: 'move-step', step: 'wash', other: 'base', before: true },
        ]);
    });
});

describe('a change whose consequences are the craft’s', () => {
    const changed = (version: number, name = 'old') => ({
        ...plan(version, name),
        document: { ...document(name), by: 'server' },
    });
    const step = { id: 'base', mix: [], coats: 1 } as never;
    const red = [{ paint: 'red', parts: 1, name: 'Red' }];

    it('goes to the server with the version, under a key, and what comes back stands on the desk', async () => {
        const asked = server(ok(plan(1, 'old')), ok(changed(2)));
        const at = await desk();
        const [id] = await Promise.all([at.addStep('coat'), pass(100)]);
        expect(id).toEqual(expect.any(String));
        expect(asked[1]).toMatchObject({
            method: 'POST',
            path: '/plans/p/edits',
            body: { version: 1, edit: { do: 'add-step', area: 'coat' }, was: [] },
        });
        expect([asked[1]?.key === null, at.plan?.version, at.saving]).toEqual([false, 2, 'saved']);
    });

    it('what is changed meanwhile lies on what comes back', async () => {
        const asked = server(ok(plan(1, 'old')), late(100, changed(2)), ok(changed(3, 'typed')));
        const at = await desk();
        void at.addArea('Face');
        await pass(10);
        at.set([], { name: 'typed' });
        await pass(100);
        expect(at.document).toMatchObject({ name: 'typed', by: 'server' });
        await pass(500);
        expect(asked.at(-1)?.body).toMatchObject({ version: 2, edit: { fields: { name: 'typed' } } });
        expect(at.saving).toBe('saved');
    });

    it('a refusal is told to who looks on and changes nothing', async () => {
        const { notices } = await import('../../resources/js/lib/notices.svelte');
        server(ok(plan(1, 'old')), no(422, { faults: [{ field: 'area', message: 'This area is gone.' }] }));
        const at = await desk();
        at.moveStep('coat', 1, 0);
        await pass(100);
        expect(at.document?.areas[0]?.steps.map((one) => one.id)).toEqual(['base', 'wash']);
        expect([notices.at(-1)?.text, at.plan?.version, at.saving]).toEqual(['This area is gone.', 1, 'saved']);
    });

    it('what it takes the place of goes with it, and when that was changed elsewhere both are kept', async () => {
        const asked = server(ok(plan(1, 'old')), no(409, { version: 5 }), ok(plan(5, 'newer')));
        const at = await desk();
        void at.removeStep('wash');
        await pass(200);
        expect(asked[1]?.body).toMatchObject({
            was: [{ at: ['areas', 'coat', 'steps', 'wash'], fields: { coats: 1 } }],
        });
        expect([at.saving, at.plan?.version, at.refused[0]?.words]).toEqual(['stale', 5, 'coat, step 2: taken out']);
    });

    it('is not lost while the server is away: it waits, says so, and is made when it is back', async () => {
        const asked = server(ok(plan(1, 'old')), ...(['lost', 'lost', 'lost', 'lost'] as const), ok(plan(2, 'old')));
        const at = await desk();
        const made = at.edit({ do: 'paint-step', step: 'base', mix: red });
        await pass(3600);
        expect([await made, at.saving, at.document?.areas[0]?.steps[0]]).toEqual([
            'waits',
            'unreachable',
            { id: 'base', coats: 1, mix: red },
        ]);
        await pass(5000);
        expect(asked.at(-1)?.body).toMatchObject({ version: 1, edit: { do: 'paint-step' } });
        expect(at.saving).toBe('saved');
    });

    it('that was refused after it had waited stays until somebody decides', async () => {
        server(
            ok(plan(1, 'old')),
            ...(['lost', 'lost', 'lost', 'lost'] as const),
            no(422, { faults: [{ field: 'area', message: 'This area is gone.' }] }),
        );
        const at = await desk();
        void at.addStep('coat');
        await pass(9000);
        expect([at.saving, at.refused[0]?.words, at.refused[0]?.refusal?.message]).toEqual([
            'faulty',
            'coat: a step more',
            'This area is gone.',
        ]);
    });

    it('more parts of the same paint are only noted', async () => {
        const asked = server(ok(plan(1, 'old')), ok(plan(2, 'old')), ok(plan(3, 'old')));
        const at = await desk();
        at.paintStep({ id: 'base', mix: red } as never, [{ ...red[0]!, parts: 3 }]);
        await pass(100);
        at.paintStep(step, red);
        await pass(100);
        expect(edits(asked).map((one) => (one as { do: string }).do)).toEqual(['set', 'paint-step']);
    });
});
