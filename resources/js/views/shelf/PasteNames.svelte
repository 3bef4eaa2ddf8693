<script lang="ts">
    import { Button, TextArea } from 'carbon-components-svelte';
    import { asProblem, got, type Problem, type Schemas, server } from '../../lib/api';
    import { craft } from '../../lib/craft.svelte';
    import { forget, keep, kept } from '../../lib/kept';
    import { Latest } from '../../lib/latest.svelte';
    import { tell } from '../../lib/notices.svelte';
    import { takesCursor } from '../../lib/takesCursor';
    import { plural } from '../../lib/words';
    import * as v from 'valibot';
    import BusyButton from '../../parts/BusyButton.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import Trouble from '../../parts/Trouble.svelte';

    /** A whole shelf by its names, one a line: what each is stands beside it before any of it is put up. */
    let { saved, leave }: { saved: () => unknown; leave: () => void } = $props();

    type NamedPot = Schemas['NamedPot'];
    const AFTER_MS = 200;

    let text = $state(kept('shelfNames', v.string()) ?? '');
    let busy = $state(false);
    let refused = $state<Problem | null>(null);
    const looked = new Latest<{ text: string; pots: NamedPot[] }>();
    /** What the painter has said otherwise, by what is written. */
    let said = $state<Record<string, { paint?: string | null; kind?: Schemas['Kind']; swatch?: string }>>({});

    const rows = $derived(
        (text.trim() === '' ? [] : (looked.answer?.pots ?? [])).map((one) => {
            const own = said[one.written] ?? {};
            const meant =
                own.paint === undefined
                    ? one.known
                    : ([one.known, ...one.orElse].find((paint) => paint?.id === own.paint) ?? null);
            const kind = own.kind ?? one.kind;
            const isClear = craft()?.kinds.find((each) => each.value === kind)?.isClear ?? false;
            return {
                ...one,
                meant,
                kind,
                isClear,
                swatch: isClear ? null : (own.swatch ?? one.swatch ?? '#808080'),
                asksColour: meant === null && !isClear && own.swatch === undefined && !one.knowsColour,
            };
        }),
    );
    const going = $derived(rows.filter((row) => !row.meant?.owned));
    const asking = $derived(going.filter((row) => row.asksColour).length);

    $effect(() => {
        const asked = text;
        if (asked.trim() === '') {
            forget('shelfNames');
            return undefined;
        }
        keep('shelfNames', asked);
        return looked.soon(AFTER_MS, () =>
            looked.ask(async () => ({
                text: asked,
                pots: await got(server.POST('/shelf/named/look', { body: { text: asked } })),
            })),
        );
    });

    function say(written: string, more: (typeof said)[string]): void {
        said = { ...said, [written]: { ...said[written], ...more } };
    }

    async function put(): Promise<void> {
        busy = true;
        refused = null;
        try {
            const pots = going.map((row) =>
                row.meant === null
                    ? { name: row.name, kind: row.kind, swatch: row.swatch, pots: row.pots }
                    : { paint: row.meant.id, pots: row.pots },
            );
            const done = await got(server.POST('/shelf/named', { body: { pots } }));
            const written = text;
            text = '';
            said = {};
            await saved();
            tell(`${plural(done.pots.length, 'pot')} on your shelf, ${done.paints.length} of them new here.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.POST('/shelf/back', { body: done }));
                    text = written;
                    await saved();
                },
            });
        } catch (error) {
            refused = asProblem(error);
        }
        busy = false;
    }
</script>

<section class="panel stack padded" aria-label="Several by their names" use:takesCursor>
    <h2>Several by their names</h2>
    <TextArea
        labelText="One pot a line"
        helperText="As it stands on the pot, in any spelling. “2 x Boot Brown” are two; a colour may follow: “Marsh Umber #5b4632”."
        rows={5}
        dir="auto"
        placeholder={'Boot Brown\nBlack wash\n2 x Chalk white'}
        bind:value={text}
    />
    {#if looked.problem && text.trim() !== ''}<Trouble problem={looked.problem} />{/if}
    {#if refused}<Trouble problem={refused} retry={put} />{/if}
    {#if rows.length > 0}
        <ul aria-label="What they are">
            {#each rows as row (row.line)}
                <li>
                    <Swatch hex={row.meant?.swatch ?? row.swatch} kind={row.meant?.kind ?? row.kind} size={30} />
                    <div>
                        <b
                            ><bdi>{row.meant?.name ?? row.name}</bdi>{#if row.pots > 1}
                                <span class="quiet">&nbsp;× {row.pots}</span>{/if}</b
                        >
                        {#if row.meant}
                            <span class="quiet"
                                >{row.meant.owned ? 'on your shelf already' : row.meant.maker}{row.meant.name !==
                                row.written
                                    ? ` · written “${row.written}”`
                                    : ''}</span
                            >
                        {:else}
                            <span class="quiet"
                                >{row.asksColour ? 'The name tells no colour. Which is it?' : 'new'}</span
                            >
                        {/if}
                        {#if row.orElse.length > 0 || (row.meant !== null && said[row.written]?.paint !== undefined)}
                            <Choose
                                label="Which it is: {row.written}"
                                hideLabel
                                value={row.meant?.id ?? ''}
                                choices={[
                                    { value: '', label: 'a new paint' },
                                    ...[row.known, ...row.orElse]
                                        .filter((paint) => paint !== null)
                                        .map((paint) => ({ value: paint.id, label: `${paint.name}, ${paint.maker}` })),
                                ]}
                                change={(id) => say(row.written, { paint: id === '' ? null : id })}
                            />
                        {/if}
                        {#if row.meant === null}
                            <div class="new">
                                <Choose
                                    label="Kind of {row.name}"
                                    hideLabel
                                    value={row.kind}
                                    choices={craft()?.kinds ?? []}
                                    change={(kind) => say(row.written, { kind: kind as Schemas['Kind'] })}
                                />
                                {#if !row.isClear}
                                    <label>
                                        <span class="sr">Colour of {row.name}</span>
                                        <input
                                            type="color"
                                            value={row.swatch}
                                            onchange={(event) =>
                                                say(row.written, { swatch: event.currentTarget.value })}
                                        />
                                    </label>
                                {/if}
                            </div>
                        {/if}
                    </div>
                </li>
            {/each}
        </ul>
        {#if asking > 0}<p class="quiet">
                {asking === 1 ? 'One colour is' : `${asking} colours are`} not known yet: grey until you say it.
            </p>{/if}
    {/if}
    <div class="acts">
        <BusyButton {busy} disabled={going.length === 0 || looked.answer?.text !== text} press={put}
            >{going.length === 0
                ? 'Put them on my shelf'
                : `Put ${plural(going.length, 'paint')} on my shelf`}</BusyButton
        >
        <Button size="small" kind="tertiary" on:click={leave}>Leave it</Button>
    </div>
</section>

<style>
    ul {
        display: grid;
        gap: 10px;
        max-height: 36vh;
        overflow: auto;
        padding: 0 4px 0 0;
    }

    li {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr);
        gap: 10px;
        padding-top: 8px;
        border-top: 1px solid var(--line);
    }

    li > div {
        display: grid;
        gap: 3px;
    }

    .new {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 8px;
    }
</style>
