<script lang="ts">
    import { api, type Paint, type Schemas } from '../lib/api';
    import Swatch from './Swatch.svelte';

    /** Finds a paint by typing: owned ones first, then the rest of the catalogue. */
    let {
        label,
        hideLabel = false,
        chosen = null,
        fault = '',
        kinds = null,
        pick,
    }: {
        label: string;
        hideLabel?: boolean;
        chosen?: { id: string; name: string } | null;
        fault?: string;
        kinds?: Schemas['Kind'][] | null;
        pick: (paint: Paint) => void;
    } = $props();

    const uid = $props.id();
    let text = $state('');
    let open = $state(false);
    let found = $state<Paint[]>([]);
    let at = $state(0);
    let asked = 0;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    let input: HTMLInputElement;

    async function search(words: string): Promise<void> {
        const turn = ++asked;
        const query = `search=${encodeURIComponent(words)}&sort=name&perPage=40`;
        const [owned, all] = await Promise.all([
            api.get<Schemas['PaintPage']>(`/paints?owned=owned&${query}`),
            api.get<Schemas['PaintPage']>(`/paints?${query}`),
        ]).catch(() => [null, null]);
        if (turn !== asked || owned === null || all === null) return;
        const seen = new Set(owned.paints.map((paint) => paint.id));
        found = [...owned.paints, ...all.paints.filter((paint) => !seen.has(paint.id))]
            .filter((paint) => paint.swatch !== null && (kinds === null || kinds.includes(paint.kind)))
            .slice(0, 40);
        at = 0;
    }

    function show(): void {
        open = true;
        text = '';
        void search('');
    }

    function take(paint: Paint | undefined): void {
        if (paint === undefined) return;
        open = false;
        pick(paint);
    }

    function key(event: KeyboardEvent): void {
        if (!open && event.key === 'ArrowDown') return show();
        if (!open) return;
        if (event.key === 'Escape') open = false;
        else if (event.key === 'ArrowDown') at = Math.min(found.length - 1, at + 1);
        else if (event.key === 'ArrowUp') at = Math.max(0, at - 1);
        else if (event.key === 'Enter') take(found[at]);
        else return;
        event.preventDefault();
        document.getElementById(`${uid}-${at}`)?.scrollIntoView({ block: 'nearest' });
    }
</script>

<div class="picker">
    <label class="bx--label" class:sr={hideLabel} for="{uid}-input">{label}</label>
    <input
        bind:this={input}
        id="{uid}-input"
        class="bx--text-input bx--text-input--sm"
        role="combobox"
        autocomplete="off"
        aria-expanded={open}
        aria-controls="{uid}-list"
        aria-activedescendant={open && found.length > 0 ? `${uid}-${at}` : undefined}
        aria-invalid={fault !== ''}
        aria-describedby={fault === '' ? undefined : `${uid}-fault`}
        placeholder={open ? 'Type a name, a code, a colour' : 'Choose a paint'}
        value={open ? text : (chosen?.name ?? '')}
        dir="auto"
        onfocus={show}
        onblur={() => setTimeout(() => (open = false), 120)}
        oninput={(event) => {
            text = event.currentTarget.value;
            open = true;
            clearTimeout(waiting);
            waiting = setTimeout(() => void search(text), 70);
        }}
        onkeydown={key}
    />
    {#if fault !== ''}<p class="fault" id="{uid}-fault">{fault}</p>{/if}
    <ul id="{uid}-list" role="listbox" aria-label={label} hidden={!open}>
        {#each found as paint, index (paint.id)}
            <li
                id="{uid}-{index}"
                role="option"
                aria-selected={index === at}
                onmousedown={(event) => {
                    // At once, not when the button comes up: the list may have moved by then.
                    event.preventDefault();
                    take(paint);
                }}
            >
                <Swatch hex={paint.swatch} kind={paint.kind} size={26} />
                <span class="name"
                    ><bdi>{paint.name}</bdi><small class="quiet"><bdi>{paint.maker}</bdi> · {paint.colour}</small></span
                >
                <small class="owned">{paint.pot.pots > 0 ? `${paint.pot.remainingMl} ml` : 'not owned'}</small>
            </li>
        {:else}
            <li class="none quiet" role="option" aria-selected="false" aria-disabled="true">
                Nothing in the catalogue fits “{text}”.
            </li>
        {/each}
    </ul>
</div>

<style>
    .picker {
        position: relative;
        min-width: 0;
    }

    ul {
        position: absolute;
        z-index: 12;
        width: max(100%, 300px);
        max-height: 290px;
        margin: 2px 0 0;
        padding: 4px;
        overflow: auto;
        border: 1px solid var(--line-strong);
        border-radius: 4px;
        background: var(--raised);
        box-shadow: 0 6px 20px var(--shade);
        list-style: none;
    }

    li {
        display: flex;
        gap: 10px;
        align-items: center;
        padding: 4px 6px;
        border-radius: 3px;
        cursor: pointer;
    }

    li[aria-selected='true'],
    li:hover {
        background: var(--shade);
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

    .owned {
        color: var(--ink-quiet);
    }

    .none {
        cursor: default;
    }

    .fault {
        margin-top: 3px;
        font-size: 0.8125rem;
        font-weight: 700;
    }
</style>
