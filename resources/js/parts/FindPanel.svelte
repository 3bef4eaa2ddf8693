<script lang="ts">
    import { onMount, tick } from 'svelte';
    import { push } from 'svelte-spa-router';
    import { got, type Schemas, server } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import Swatch from './Swatch.svelte';
    import Trouble from './Trouble.svelte';

    /** Whatever has a name, by a few letters of it: a plan, an area, a batch, a recipe, a technique, a paint. */
    let { words = $bindable(''), close }: { words?: string; close: () => void } = $props();

    type Found = Schemas['Found'];
    const KINDS: Record<Found['kind'], string> = {
        plan: 'Plan',
        batch: 'Batch',
        area: 'Area',
        recipe: 'Shared recipe',
        technique: 'Technique',
        paint: 'Paint',
    };
    const WAIT_MS = 90;
    let at = $state(0);
    let input: HTMLInputElement | undefined;
    const latest = new Latest<Found[]>(() => (at = 0));
    const found = $derived(words.trim() === '' ? [] : (latest.answer ?? []));

    onMount(() => {
        const before = document.activeElement as HTMLElement | null;
        input?.focus();
        return () => before?.isConnected && before.focus();
    });

    $effect(() => (words.trim() === '' ? latest.drop() : latest.soon(WAIT_MS, ask)));

    function ask(): Promise<void> {
        const query = { words: words.trim() };
        return latest.ask(() => got(server.GET('/find', { params: { query } })));
    }

    function whereIs(one: Found): string {
        const named = encodeURIComponent(one.title);
        switch (one.kind) {
            case 'plan':
                return `/plans/${one.id}`;
            case 'batch':
                return `/batches/${one.id}`;
            case 'area':
                return `/plans/${one.planId}?area=${one.id}`;
            case 'recipe':
                return `/plans/recipes?find=${named}`;
            case 'technique':
                return `/handbook?find=${named}`;
            case 'paint':
                return `/shelf/list?find=${named}`;
        }
    }

    function go(one: Found): void {
        close();
        void push(whereIs(one));
    }

    /** While it is open nothing below it takes the cursor, whoever moves it. */
    function stay(): void {
        if (document.hasFocus()) void tick().then(() => input?.isConnected && input.focus());
    }

    function key(event: KeyboardEvent): void {
        const chosen = found[at];
        if (event.key === 'Escape') close();
        else if (event.key === 'ArrowDown') at = Math.min(at + 1, found.length - 1);
        else if (event.key === 'ArrowUp') at = Math.max(at - 1, 0);
        else if (event.key === 'Enter' && chosen !== undefined) go(chosen);
        else return;
        event.preventDefault();
    }
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<div class="veil" onclick={(event) => event.target === event.currentTarget && close()}>
    <div class="panel find" role="dialog" aria-modal="true" aria-label="Find anything">
        <input
            bind:this={input}
            bind:value={words}
            onkeydown={key}
            onblur={stay}
            type="text"
            role="combobox"
            aria-label="Find anything"
            aria-expanded={found.length > 0}
            aria-controls="found"
            aria-activedescendant={found[at] ? `found-${at}` : undefined}
            placeholder="A plan, an area, a paint, a technique"
            autocomplete="off"
            dir="auto"
        />
        {#if latest.problem}<Trouble problem={latest.problem} retry={ask} />{/if}
        <ul id="found" role="listbox" aria-label="Found">
            {#each found as one, index (one.kind + one.id + one.planId)}
                <!-- svelte-ignore a11y_click_events_have_key_events -->
                <li
                    id="found-{index}"
                    role="option"
                    aria-selected={index === at}
                    onclick={() => go(one)}
                    onpointermove={() => (at = index)}
                >
                    <small class="fine-print">{KINDS[one.kind]}</small>
                    <span class="what">
                        {#if one.hex !== null}<Swatch hex={one.hex} size={18} />{/if}<b><bdi>{one.title}</bdi></b>
                    </span>
                    <span class="detail quiet"><bdi>{one.detail}</bdi></span>
                </li>
            {/each}
        </ul>
        {#if words.trim() !== '' && latest.answer !== null && found.length === 0 && !latest.busy}
            <p class="quiet">Nothing has all these words in its name.</p>
        {/if}
    </div>
</div>

<style>
    .veil {
        position: fixed;
        inset: 0;
        z-index: 26;
        display: grid;
        justify-items: center;
        align-items: start;
        padding: 9vh 12px 12px;
        background: color-mix(in srgb, var(--ink) 28%, transparent);
    }

    .find {
        display: grid;
        grid-template-rows: auto auto minmax(0, 1fr) auto;
        gap: 8px;
        width: min(620px, 100%);
        max-height: 78vh;
        padding: 12px;
        box-shadow: 0 10px 40px var(--shade);
    }

    input {
        width: 100%;
        padding: 10px 12px;
        border: 1.5px solid var(--line-strong);
        border-radius: var(--radius);
        background: var(--raised);
        color: var(--ink);
        font: inherit;
        font-size: 1.125rem;
    }

    ul {
        overflow: auto;
    }

    li {
        display: grid;
        grid-template-columns: 104px minmax(0, 1fr) minmax(0, 1fr);
        gap: 10px;
        align-items: center;
        min-height: 40px;
        padding: 4px 10px;
        border-radius: 4px;
        cursor: pointer;
    }

    li[aria-selected='true'] {
        background: var(--desk);
    }

    .what {
        display: flex;
        gap: 8px;
        align-items: center;
        min-width: 0;
    }

    .what b,
    .detail {
        overflow: hidden;
        text-overflow: ellipsis;
        white-space: nowrap;
    }

    p {
        padding: 0 10px 6px;
    }

    @media (max-width: 700px) {
        li {
            grid-template-columns: 74px minmax(0, 1fr);
        }

        .detail {
            display: none;
        }
    }
</style>
