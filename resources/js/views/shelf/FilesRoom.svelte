<script lang="ts">
    import { Button, FileUploaderDropContainer } from 'carbon-components-svelte';
    import { asProblem, contentOf, got, type Named, type Problem, type Schemas, sent, server } from '../../lib/api';
    import { tell, warn } from '../../lib/notices.svelte';
    import { plural } from '../../lib/words';
    import Choose from '../../parts/Choose.svelte';
    import StarterShelves from '../../parts/StarterShelves.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    const ROWS_AT_ONCE = 2000;

    /** Lists in and out. A list is looked through first; what is at fault anywhere in it is told before any of it is taken. */
    type What = 'catalogue' | 'shelf' | 'palette';
    const forms: Record<What, string> = {
        catalogue:
            'A table (CSV) whose first row says: maker, range, code, name, kind, swatch, opacity, finish, volume_ml, price, barcode',
        shelf: 'A table (CSV) whose first row says: maker, code, pots, remaining_ml, note',
        palette:
            'A palette as drawing programs keep it (.gpl). A colour named “Name [Maker / Code]” finds its paint again; others are added under the palette’s name.',
    };

    let what = $state<What>('catalogue');
    let plans = $state<Named[]>([]);
    let planId = $state('');
    let file = $state<{ name: string; content: Blob } | null>(null);
    let preview = $state<Schemas['FileChange'] | null>(null);
    let problem = $state<Problem | null>(null);
    const outs = [
        { name: 'My shelf', query: 'what=shelf' },
        { name: 'All paints known here', query: 'what=catalogue' },
    ];

    void got(server.GET('/plans/names')).then((fetched) => {
        plans = fetched;
        planId = fetched[0]?.id ?? '';
    });

    let busy = $state('');

    /** A long file goes in portions: others can work between them, and one sees how far it is. Sent again it changes nothing twice. */
    async function send(isPreview: boolean): Promise<void> {
        if (file === null) return;
        const { name, content } = file;
        problem = null;
        const all: Schemas['FileChange'] = { total: 1, rows: 0, added: 0, changed: 0, same: 0, changes: [] };
        try {
            while (all.rows < all.total) {
                const far = all.total > ROWS_AT_ONCE ? ` ${all.rows} of ${all.total} rows` : '';
                busy = `${isPreview ? 'Looking through' : 'Taking in'} ${name}…${far}`;
                const part = await got(
                    server.POST('/paints/import', {
                        params: {
                            query: { what, from: all.rows, count: ROWS_AT_ONCE, preview: isPreview ? 1 : 0 },
                        },
                        ...sent(content, what === 'palette' ? 'text/plain' : 'text/csv'),
                    }),
                );
                all.total = part.total;
                all.rows += part.rows;
                all.added += part.added;
                all.changed += part.changed;
                all.same += part.same;
                all.changes.push(...part.changes);
                if (part.rows === 0) break;
            }
            if (isPreview) preview = all;
            else {
                tell(`${plural(all.added, 'paint')} added, ${all.changed} changed.`);
                file = preview = null;
            }
        } catch (error) {
            problem = asProblem(error);
            if (!isPreview && all.rows > 0)
                warn(
                    `The first ${all.rows} rows are taken in, the rest is not. Take the file in again: what is there stays as it is.`,
                );
            preview = null;
        }
        busy = '';
    }

    async function look(chosen: File | undefined): Promise<void> {
        preview = file = null;
        if (chosen === undefined) return;
        if (chosen.name.toLowerCase().endsWith('.gpl')) what = 'palette';
        try {
            file = { name: chosen.name, content: await contentOf(chosen) };
        } catch (error) {
            problem = asProblem(error);
            return;
        }
        await send(true);
    }
</script>

<div class="room">
    <section class="panel stack padded" aria-label="Bring in">
        <h2>Bring in</h2>
        <Choose
            label="What is in the file"
            value={what}
            choices={[
                { value: 'catalogue', label: 'paints that exist' },
                { value: 'shelf', label: 'what I own' },
                { value: 'palette', label: 'colours alone, as a palette' },
            ]}
            change={(value) => {
                what = value as typeof what;
                void send(true);
            }}
        />
        <FileUploaderDropContainer
            role={null as never}
            labelText="Drop a table or a palette here, or choose one"
            accept={['.csv', '.gpl', 'text/csv', 'text/plain']}
            on:change={(event) => void look(event.detail[0])}
        />
        <p class="quiet">{forms[what]}</p>
        {#if busy !== ''}<p role="status">{busy}</p>{/if}
        {#if problem}<Trouble {problem} />{/if}
        {#if preview && file}
            <div class="preview stack" role="status">
                <p>
                    <b><bdi>{file.name}</bdi></b>: {plural(preview.rows, 'row')}. {preview.added} would be added, {preview.changed}
                    changed, {preview.same} stay as they are.
                </p>
                {#if preview.changes.length > 0}
                    <ul class="points">
                        {#each preview.changes.slice(0, 80) as change}<li>
                                <bdi>{change.row}</bdi>
                                <span class="quiet"
                                    >{change.change}{change.fields.length > 0
                                        ? `: ${change.fields.join(', ')}`
                                        : ''}</span
                                >
                            </li>{/each}
                    </ul>
                {/if}
                <div class="acts">
                    <Button size="small" disabled={preview.added + preview.changed === 0} on:click={() => send(false)}
                        >Take it in</Button
                    >
                    <Button size="small" kind="tertiary" on:click={() => (file = preview = null)}>Leave it</Button>
                </div>
            </div>
        {/if}
    </section>
    <section class="panel stack padded" aria-label="Save to a file">
        <h2>Save to a file</h2>
        {#each outs as out}
            <div class="out stack-near">
                <h3>{out.name}</h3>
                <div class="acts">
                    <Button size="small" kind="tertiary" href="/api/paints/export?{out.query}" download
                        >As a table</Button
                    >
                    <Button size="small" kind="tertiary" href="/api/paints/export?{out.query}&format=gpl" download
                        >As a palette</Button
                    >
                </div>
            </div>
        {/each}
        {#if plans.length > 0}
            <div class="out stack-near">
                <Choose
                    label="The paints of a plan"
                    value={planId}
                    choices={plans.map((plan) => ({ value: plan.id, label: plan.name }))}
                    change={(id) => (planId = id)}
                />
                <div class="acts">
                    <Button size="small" kind="tertiary" href="/api/paints/export?what=plan&plan={planId}" download
                        >As a table</Button
                    >
                    <Button
                        size="small"
                        kind="tertiary"
                        href="/api/paints/export?what=plan&plan={planId}&format=gpl"
                        download>As a palette</Button
                    >
                </div>
            </div>
        {/if}
        <div class="out stack-near">
            <h3>On paper</h3>
            <div class="acts">
                <Button size="small" kind="tertiary" href="#/print/swatches">Swatch sheet of my shelf</Button>
            </div>
        </div>
        <p class="quiet">A few paints only? Choose them on the <a href="#/shelf">map</a>.</p>
    </section>
</div>
<section class="panel starters stack padded">
    <h2>Plain colours to start with</h2>
    <StarterShelves />
</section>

<style>
    .starters {
        display: grid;
        gap: 12px;
        margin-top: 12px;
        padding: 14px 16px;
    }

    .room {
        display: grid;
        grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
        gap: 12px;
        align-items: start;
    }

    a {
        color: var(--ink);
    }

    @media (max-width: 900px) {
        .room {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    p {
        overflow-wrap: anywhere;
    }
</style>
