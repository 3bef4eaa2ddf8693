<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { currentTheme, setTheme } from '../lib/theme.svelte';
    import PlaceMark from './PlaceMark.svelte';

    let { showKeys, find }: { showKeys: () => void; find: () => void } = $props();

    const places = [
        { href: '#/', name: 'Bench', mark: 'bench', holds: (at: string) => at === '/' || at.startsWith('/batches') },
        { href: '#/plans', name: 'Plans', mark: 'plans', holds: (at: string) => at.startsWith('/plans') },
        { href: '#/shelf', name: 'Shelf', mark: 'shelf', holds: (at: string) => at.startsWith('/shelf') },
        { href: '#/mixing', name: 'Mixing', mark: 'mixing', holds: (at: string) => at.startsWith('/mixing') },
        { href: '#/evenings', name: 'Evenings', mark: 'evenings', holds: (at: string) => at.startsWith('/evenings') },
        { href: '#/logbook', name: 'Logbook', mark: 'logbook', holds: (at: string) => at.startsWith('/logbook') },
        { href: '#/handbook', name: 'Handbook', mark: 'handbook', holds: (at: string) => at.startsWith('/handbook') },
    ] as const;
    /** On a phone the others are one press further away. */
    const FURTHER: readonly string[] = ['Mixing', 'Handbook'];
    const further = places.filter((place) => FURTHER.includes(place.name));
    let more = $state(false);
    let moreButton = $state<HTMLButtonElement>();
    const isFurther = $derived(
        further.some((place) => place.holds(router.location)) || router.location === '/settings',
    );
    const isLamp = $derived(currentTheme() === 'lamp');

    $effect(() => {
        void router.location;
        more = false;
    });

    function escape(event: KeyboardEvent): void {
        if (!more || event.key !== 'Escape') return;
        event.stopPropagation();
        more = false;
        moreButton?.focus();
    }
</script>

<svelte:window onkeydown={escape} />
<nav aria-label="Places">
    {#if more}
        <div class="sheet" id="further">
            {#each further as place}
                <a href={place.href} aria-current={place.holds(router.location) ? 'page' : undefined}
                    ><PlaceMark name={place.mark} />{place.name}</a
                >
            {/each}
            <a href="#/settings" aria-current={router.location === '/settings' ? 'page' : undefined}
                ><PlaceMark name="settings" />Settings</a
            >
            <button type="button" onclick={() => ((more = false), find())}><kbd>/</kbd>Find anything</button>
            <button type="button" onclick={() => setTheme(isLamp ? 'day' : 'lamp')}
                ><PlaceMark name={isLamp ? 'lamp' : 'day'} />{isLamp ? 'Day light' : 'Lamp light'}</button
            >
        </div>
    {/if}
    <a class="name" href="#/">Kalokroma</a>
    {#each places as place}
        <a
            class="place"
            class:further={FURTHER.includes(place.name)}
            href={place.href}
            aria-current={place.holds(router.location) ? 'page' : undefined}
        >
            <PlaceMark name={place.mark} />
            {place.name}
        </a>
    {/each}
    <button class="light last" type="button" onclick={find}>
        <kbd>/</kbd>
        Find
    </button>
    <a class="place settings" href="#/settings" aria-current={router.location === '/settings' ? 'page' : undefined}>
        <PlaceMark name="settings" />
        Settings
    </a>
    <button class="light keys" type="button" onclick={showKeys}>
        <kbd>?</kbd>
        Keys
    </button>
    <button class="light" type="button" aria-pressed={isLamp} onclick={() => setTheme(isLamp ? 'day' : 'lamp')}>
        <PlaceMark name={isLamp ? 'lamp' : 'day'} />
        {isLamp ? 'Lamp' : 'Day'}<span class="sr"> light: press for {isLamp ? 'day' : 'lamp'} light</span>
    </button>
    <button
        bind:this={moreButton}
        class="more"
        class:here={isFurther}
        type="button"
        aria-expanded={more}
        aria-controls={more ? 'further' : undefined}
        onclick={() => (more = !more)}
    >
        <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true"
            ><path d="M4 10h.01M10 10h.01M16 10h.01" /></svg
        >
        More
    </button>
</nav>

<style>
    nav {
        display: flex;
        flex-direction: column;
        background: var(--rail);
        border-right: 1px solid var(--line);
    }

    .name {
        padding: 24px 0 18px;
        color: var(--ink);
        font-size: 0.875rem;
        font-weight: 800;
        text-align: center;
        line-height: 1;
        letter-spacing: -0.02em;
        text-decoration: none;
    }

    .place,
    .light {
        display: flex;
        flex-direction: column;
        gap: 3px;
        align-items: center;
        padding: 9px 0 8px;
        border: 0;
        border-left: 3px solid transparent;
        background: none;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
        text-decoration: none;
        cursor: pointer;
    }

    .place:hover,
    .light:hover {
        color: var(--ink);
    }

    .place[aria-current] {
        border-left-color: var(--ink);
        background: var(--desk);
        color: var(--ink);
        font-weight: 700;
    }

    .last {
        margin-top: auto;
    }

    .light kbd,
    .sheet kbd {
        display: grid;
        place-items: center;
        width: 22px;
        height: 22px;
        border: 1.5px solid currentcolor;
        border-radius: 4px;
        font-family: var(--face);
        font-weight: 700;
    }

    .light:last-child {
        padding-bottom: 16px;
    }

    a:focus-visible,
    button:focus-visible {
        outline-offset: -2px;
    }

    .more,
    .sheet {
        display: none;
    }

    .more path {
        stroke: currentcolor;
        stroke-width: 3.5;
        stroke-linecap: round;
    }

    @media (max-width: 700px) {
        nav {
            position: relative;
            flex-direction: row;
            grid-row: 2;
            justify-content: space-around;
            border-top: 1px solid var(--line);
            border-right: 0;
        }

        .place,
        .more {
            display: flex;
            flex-direction: column;
            gap: 3px;
            align-items: center;
            flex: 1;
            margin: 0;
            min-width: 0;
            padding: 7px 0 8px;
            border: 0;
            background: none;
            color: var(--ink-quiet);
            font-size: 0.75rem;
        }

        .name,
        .light,
        .settings,
        .further {
            display: none;
        }

        .more.here,
        .place[aria-current] {
            background: var(--desk);
            color: var(--ink);
            font-weight: 700;
        }

        .sheet {
            position: absolute;
            right: 0;
            bottom: 100%;
            z-index: 20;
            display: grid;
            min-width: 220px;
            border: 1px solid var(--line);
            background: var(--rail);
        }

        .sheet a,
        .sheet button {
            display: flex;
            gap: 12px;
            align-items: center;
            min-height: 48px;
            padding: 0 18px;
            border: 0;
            background: none;
            color: var(--ink);
            font-size: 1rem;
            text-align: left;
            text-decoration: none;
        }

        .sheet [aria-current] {
            font-weight: 700;
        }
    }
</style>
