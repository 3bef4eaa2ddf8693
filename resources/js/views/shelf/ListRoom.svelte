<script lang="ts">
    import Switcher from '../../parts/Switcher.svelte';
    import { Button, Search } from 'carbon-components-svelte';
    import { onMount, tick } from 'svelte';
    import { router } from 'svelte-spa-router';
    import type { Paint } from '../../lib/api';
    import { craft } from '../../lib/craft.svelte';
    import { Shelf } from '../../lib/shelf.svelte';
    import Choose from '../../parts/Choose.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import type { MeasuredPaint } from '../../lib/measuring';
    import PaintForm from './PaintForm.svelte';
    import PaintList from './PaintList.svelte';
    import PaintPanel from './PaintPanel.svelte';
    import PasteNames from './PasteNames.svelte';

    const shelf = new Shelf();
    $effect(() => shelf.listen());
    const owned = [
        { value: 'owned', label: 'On my shelf' },
        { value: 'all', label: 'All paints' },
        { value: 'wished', label: 'Wish list' },
    ] as const;

    const asked = new URLSearchParams(router.querystring);
    let side = $state<'paint' | 'add' | 'names'>(asked.has('add') ? 'add' : asked.has('names') ? 'names' : 'paint');
    const addWith = {
        ...(asked.has('swatch') ? { swatch: asked.get('swatch')! } : {}),
        ...(asked.has('barcode') ? { barcode: asked.get('barcode')! } : {}),
        ...(asked.has('measured') ? { measured: JSON.parse(asked.get('measured')!) as MeasuredPaint } : {}),
    };
    let chosenId = $state<string | null>(null);
    let waiting: ReturnType<typeof setTimeout> | undefined;

    const chosen = $derived(shelf.paints.find((paint) => paint.id === chosenId) ?? shelf.paints[0] ?? null);
    const kinds = $derived([
        { value: '', label: 'any kind' },
        ...(craft()?.kinds ?? []).map(({ value, label }) => ({ value, label })),
    ]);
    const makers = $derived([
        { value: '', label: 'any maker' },
        ...(shelf.page?.makers ?? []).map((maker) => ({ value: maker, label: maker })),
    ]);
    const sorts = [
        { value: 'kind', label: 'kind, then hue' },
        { value: 'hue', label: 'hue' },
        { value: 'value', label: 'value' },
        { value: 'name', label: 'name' },
        { value: 'maker', label: 'maker' },
    ];

    let beside = $state<HTMLElement>();
    /** Where list and panel do not fit beside each other, the panel comes to the one that was tapped. */
    function show(): void {
        if (!matchMedia('(max-width: 900px)').matches) return;
        void tick().then(() => beside?.scrollIntoView({ block: 'start' }));
    }

    let searchBox: HTMLElement;
    const find = new URLSearchParams(router.querystring).get('find');
    if (find !== null) shelf.wish.search = find;
    onMount(() => {
        if (find !== null) searchBox.querySelector('input')?.focus();
    });

    $effect(() => {
        const { kind, maker, owned: whose, sort } = shelf.wish;
        void [kind, maker, whose, sort];
        void shelf.load();
    });

    function search(text: string): void {
        shelf.wish.search = text;
        clearTimeout(waiting);
        waiting = setTimeout(() => void shelf.load(), 120);
    }

    async function added(paint: Paint): Promise<void> {
        await shelf.load();
        chosenId = paint.id;
    }
</script>

<div class="filters">
    <div class="search" bind:this={searchBox}>
        <Search
            size="sm"
            labelText="Find a paint"
            placeholder="Find a paint, a colour word, a code"
            value={shelf.wish.search}
            on:input={(event) => search((event.target as HTMLInputElement).value)}
            on:clear={() => search('')}
        />
    </div>
    <div class="acts">
        <Switcher
            label="Which paints"
            value={shelf.wish.owned}
            choices={owned}
            change={(value) => (shelf.wish.owned = value as typeof shelf.wish.owned)}
        />
        <Button size="small" kind="secondary" on:click={() => (side = 'add')}>Add a paint</Button>
        <Button size="small" kind="tertiary" on:click={() => (side = 'names')}>Paste names</Button>
    </div>
    <div class="choices">
        <Choose label="Kind" value={shelf.wish.kind} choices={kinds} change={(kind) => (shelf.wish.kind = kind)} />
        <Choose
            label="Maker"
            value={shelf.wish.maker}
            choices={makers}
            change={(maker) => (shelf.wish.maker = maker)}
        />
        <Choose
            label="Order"
            value={shelf.wish.sort}
            choices={sorts}
            change={(sort) => (shelf.wish.sort = sort as typeof shelf.wish.sort)}
        />
    </div>
</div>
{#if shelf.problem}
    <Trouble problem={shelf.problem} retry={() => shelf.load()} />
{:else}
    <div class="with-side" style:--side="340px">
        <PaintList
            {shelf}
            chosenId={chosen?.id ?? null}
            add={() => (side = 'add')}
            names={() => (side = 'names')}
            choose={(id) => {
                chosenId = id;
                side = 'paint';
                show();
            }}
        />
        <aside bind:this={beside}>
            {#if side === 'add'}
                <PaintForm start={addWith} saved={added} leave={() => (side = 'paint')} />
            {:else if side === 'names'}
                <PasteNames saved={() => shelf.load()} leave={() => (side = 'paint')} />
            {:else if chosen}
                {#key chosen.id}<PaintPanel {shelf} paint={chosen} />{/key}
            {/if}
        </aside>
    </div>
{/if}

<style>
    .filters {
        display: grid;
        grid-template-columns: minmax(220px, 330px) auto minmax(0, 1fr);
        gap: 10px 16px;
        align-items: end;
        margin-bottom: 12px;
    }

    .acts {
        flex-wrap: nowrap;
    }

    .choices {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 10px;
    }

    aside {
        position: sticky;
        top: 0;
        display: grid;
        gap: 12px;
    }

    @media (max-width: 1160px) {
        .filters {
            grid-template-columns: minmax(0, 1fr) auto;
        }

        .choices {
            grid-column: 1 / -1;
        }
    }

    @media (max-width: 500px) {
        .acts {
            flex-wrap: wrap;
        }
    }

    @media (max-width: 900px) {
        .filters {
            grid-template-columns: minmax(0, 1fr);
        }

        aside {
            position: static;
            order: -1;
        }
    }
</style>
