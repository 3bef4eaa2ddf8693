<script lang="ts">
    import { ComboBox } from 'carbon-components-svelte';
    import { onMount, tick } from 'svelte';
    import { got, server, type Paint, type Schemas } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import NewPaintHere from './NewPaintHere.svelte';
    import Swatch from './Swatch.svelte';

    /** Finds a paint by typing: owned ones first, then the rest of the catalogue. One that is not there yet is added on the spot. */
    let {
        label,
        hideLabel = false,
        chosen = null,
        fault = '',
        first = null,
        ready = false,
        pick,
    }: {
        label: string;
        hideLabel?: boolean;
        chosen?: { id: string; name: string } | null;
        fault?: string;
        /** The kind that is most likely wanted: those come first, and a new paint is one. */
        first?: Schemas['Kind'] | null;
        /** It takes the cursor at once. */
        ready?: boolean;
        pick: (paint: Paint) => void;
    } = $props();

    type Item = { id: string; text: string; paint: Paint | null };
    const ADD = 'add';
    const ASK_AFTER_MS = 70;

    let text = $state('');
    let open = $state(false);
    /** While nothing is chosen. The list takes it, though its types speak of strings alone. */
    const NONE = undefined as unknown as string;
    let selectedId = $state(NONE);
    let adding = $state<string | null>(null);
    let input = $state<HTMLInputElement | null>(null);
    const latest = new Latest<Paint[]>();

    const isKnown = $derived(
        [chosen?.name, ...(latest.answer ?? []).map((paint) => paint.name)].some(
            (name) => name?.toLowerCase() === text.trim().toLowerCase(),
        ),
    );
    const items = $derived<Item[]>([
        ...(chosen && !latest.answer?.some((paint) => paint.id === chosen.id)
            ? [{ id: chosen.id, text: chosen.name, paint: null }]
            : []),
        ...(latest.answer ?? []).map((paint) => ({ id: paint.id, text: paint.name, paint })),
        ...(text.trim() === '' || isKnown ? [] : [{ id: ADD, text: text.trim(), paint: null }]),
    ]);

    $effect(() => {
        selectedId = chosen?.id || NONE;
        text = chosen?.name ?? '';
    });
    $effect(() => {
        if (!open) return undefined;
        return latest.sooner(
            ASK_AFTER_MS,
            (
                (words) => () =>
                    search(words)
            )(text.trim()),
        );
    });
    onMount(() => {
        if (ready) input?.focus();
    });

    const search = (words: string) => latest.ask(() => found(words));

    async function found(words: string): Promise<Paint[]> {
        const query = { search: words === chosen?.name ? '' : words, sort: 'name', perPage: 40 } as const;
        const asked = [
            ...(first === null ? [] : [{ ...query, kind: first }]),
            { ...query, owned: 'owned' } as const,
            query,
        ];
        const pages = await Promise.all(asked.map((one) => got(server.GET('/paints', { params: { query: one } }))));
        const all = new Map(pages.flatMap((page) => page.paints).map((paint) => [paint.id, paint]));
        const rank = (paint: Paint) => (paint.kind === first ? 0 : 2) + (paint.pot.pots > 0 ? 0 : 1);
        return [...all.values()]
            .filter((paint) => paint.swatch !== null)
            .sort((one, other) => rank(one) - rank(other))
            .slice(0, 40);
    }

    /** What was found for other words is not offered for these. */
    function fits(item: Item, words: string): boolean {
        if (item.id === ADD || item.paint === null) return words.trim() === '' || item.id === ADD;
        const { name, maker, code, colour, kind } = item.paint;
        const told = `${name} ${maker} ${code} ${colour} ${kind}`.toLowerCase();
        return words
            .toLowerCase()
            .split(/\s+/)
            .every((word) => told.includes(word));
    }

    async function take(item: Item | undefined): Promise<void> {
        if (item === undefined || item.id === chosen?.id) return;
        if (item.paint !== null) return hand(item.paint);
        selectedId = chosen?.id || NONE;
        // Who types faster than the shelf answers may mean one that stands there, whatever the list is asked meanwhile.
        const all = await found(item.text).catch(() => []);
        const there = all.find((paint) => paint.name.toLowerCase() === item.text.toLowerCase());
        if (there) hand(there);
        else adding = item.text;
    }

    function hand(paint: Paint): void {
        adding = null;
        if (chosen === null) [text, selectedId] = ['', NONE];
        pick(paint);
        // The cursor stays where it was chosen, whatever of the panel is gone by then.
        void tick().then(() => input?.isConnected && input.focus());
    }

    /** What was typed and is nobody's name is not lost: it may be a new paint's. */
    function left(): void {
        const typed = text.trim();
        if (typed === '' || isKnown || adding !== null || typed === chosen?.name) return;
        adding = typed;
    }
</script>

<div class="picker">
    <ComboBox
        size="sm"
        labelText={label}
        {hideLabel}
        {items}
        bind:value={text}
        bind:open
        bind:selectedId
        bind:ref={input}
        placeholder={open ? 'Type a name, a code, a colour' : 'Choose a paint'}
        invalid={fault !== ''}
        invalidText={fault}
        allowCustomValue
        clearFilterOnOpen
        autoHighlight="first-match"
        shouldFilterItem={fits}
        virtualize={false}
        dir="auto"
        on:select={(event) => take(event.detail.selectedItem)}
        on:blur={(event) => {
            if ((event.relatedTarget as HTMLElement | null)?.closest('.picker') === null) left();
        }}
        let:item
    >
        {#if item.id === ADD}
            <span class="add">Add “<bdi>{item.text}</bdi>” as a new paint</span>
        {:else if item.paint}
            <span class="found line-up">
                <Swatch hex={item.paint.swatch} kind={item.paint.kind} size={26} />
                <span class="name"
                    ><bdi>{item.paint.name}</bdi><small class="quiet"
                        ><bdi>{item.paint.maker}</bdi> · {item.paint.colour}</small
                    ></span
                >
                <small class="quiet">{item.paint.pot.pots > 0 ? `${item.paint.pot.remainingMl} ml` : 'not owned'}</small
                >
            </span>
        {:else}<bdi>{item.text}</bdi>{/if}
    </ComboBox>
    {#if adding !== null}
        {#key adding}
            <NewPaintHere name={adding} kind={first ?? 'opaque'} added={hand} leave={() => (adding = null)} />
        {/key}
    {/if}
</div>

<style>
    .picker {
        min-width: 0;
    }

    .name {
        display: grid;
        flex: 1;
        min-width: 0;
        line-height: 1.25;
    }

    .name bdi {
        overflow: hidden;
        text-overflow: ellipsis;
    }

    .add {
        font-weight: 700;
    }
</style>
