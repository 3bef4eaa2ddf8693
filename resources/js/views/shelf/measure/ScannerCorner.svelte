<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { asProblem, got, type Paint, type Problem, type Schemas, server } from '../../../lib/api';
    import { inTurn } from '../../../lib/inTurn';
    import { setPot } from '../../../lib/pots';
    import { plural } from '../../../lib/words';
    import PaintPicker from '../../../parts/PaintPicker.svelte';
    import Swatch from '../../../parts/Swatch.svelte';
    import Trouble from '../../../parts/Trouble.svelte';
    import Words from '../../../parts/Words.svelte';

    /** The barcode scanner. It is a stand-in that ships along: one holds a pot before it, and scans pot after pot onto the shelf. */
    let held = $state('');
    let heldName = $state<{ id: string; name: string } | null>(null);
    let scan = $state.raw<Schemas['Scan'] | null>(null);
    let problem = $state<Problem | null>(null);
    let done = $state<{ name: string; pots: number }[]>([]);

    /** The scanner is asked when it has been told what lies before it. */
    const turn = inTurn();
    const hold = (barcode: string, name: typeof heldName): Promise<void> => turn(() => holdOnce(barcode, name));
    const read = (): Promise<void> => turn(readOnce);

    async function holdOnce(barcode: string, name: typeof heldName): Promise<void> {
        held = barcode;
        heldName = name;
        try {
            await got(server.PUT('/devices/scanner', { body: { barcode } }));
            problem = null;
        } catch (error) {
            problem = asProblem(error);
        }
    }

    async function readOnce(): Promise<void> {
        try {
            scan = await got(server.POST('/devices/scanner/scans'));
            problem = null;
        } catch (error) {
            scan = null;
            problem = asProblem(error);
        }
    }

    async function put(paint: Paint, pots: number): Promise<void> {
        const { remainingMl, wished } = paint.pot;
        const changes = {
            pots: Math.max(0, paint.pot.pots + pots),
            remainingMl: Math.max(0, remainingMl + pots * paint.volumeMl),
            wished: pots > 0 ? false : wished,
        };
        const words = pots > 0 ? `A pot of “${paint.name}” is on the shelf.` : null;
        const became = await setPot(paint, changes, words, (now) => now.paint && put(now.paint, -1));
        if (became === null) return;
        const changed = became === 'waits' ? undefined : became.paint;
        if (changed !== undefined) scan = { barcode: paint.barcode, paint: changed };
        if (pots > 0) done = [{ name: paint.name, pots: changes.pots }, ...done];
    }
</script>

<div class="corner">
    <section class="panel stack padded" aria-label="Before the scanner">
        <h2>Hold a pot before the scanner</h2>
        <p class="quiet">This scanner is simulated: choose the pot, or type the code on it.</p>
        <PaintPicker
            label="A pot of"
            chosen={heldName}
            pick={(paint) => void hold(paint.barcode, { id: paint.id, name: paint.name })}
        />
        <Words
            label="Or the code on it"
            value={held}
            placeholder="2005000039595"
            fault={problem?.at('barcode') ?? ''}
            change={(barcode) => void hold(barcode.trim(), null)}
        />
    </section>
    <section class="panel stack padded" aria-label="Scan">
        <h2>Scan</h2>
        <p class="quiet">
            A pot that is known is put on the shelf with one press more; one that is not gets its code with it.
        </p>
        <div><Button size="small" class="read" on:click={read}>Scan it</Button></div>
        {#if problem && problem.at('barcode') === ''}<Trouble {problem} />{/if}
        {#if scan}
            {@const paint = scan.paint}
            <div class="found" role="status">
                {#if paint}
                    <Swatch hex={paint.swatch} kind={paint.kind} size={48} />
                    <div>
                        <p><b><bdi>{paint.name}</bdi></b> <span class="quiet">{paint.maker} {paint.code}</span></p>
                        <p>
                            {paint.pot.pots === 0
                                ? 'not on the shelf yet'
                                : `${plural(paint.pot.pots, 'pot')}, ${paint.pot.remainingMl} ml`}
                        </p>
                    </div>
                    <Button size="small" kind="secondary" on:click={() => put(paint, 1)}>Put a pot on the shelf</Button>
                {:else}
                    <p><b>{scan.barcode}</b> is the code of no paint known here.</p>
                    <Button
                        size="small"
                        kind="secondary"
                        on:click={() =>
                            push(`/shelf/list?${new URLSearchParams({ add: '1', barcode: scan?.barcode ?? '' })}`)}
                        >Add a paint with it</Button
                    >
                {/if}
            </div>
        {/if}
        {#if done.length > 0}
            <ul class="points">
                {#each done as one}<li>
                        <bdi>{one.name}</bdi> <span class="quiet">now {plural(one.pots, 'pot')}</span>
                    </li>{/each}
            </ul>
        {/if}
    </section>
</div>

<style>
    .corner {
        display: grid;
        grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
        gap: 12px;
        align-items: start;
    }

    div :global(.read) {
        min-height: 48px;
        padding: 0 28px;
        font-size: 1.125rem;
    }

    .found {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 16px;
        align-items: center;
    }

    @media (max-width: 700px) {
        .corner {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
