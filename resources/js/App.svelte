<script lang="ts">
    import { type Component, onMount } from 'svelte';
    import Router, { router } from 'svelte-spa-router';
    import { wrap } from 'svelte-spa-router/wrap';
    import Broken from './parts/Broken.svelte';
    import NotLoaded from './parts/NotLoaded.svelte';
    import Notices from './parts/Notices.svelte';
    import Rail from './parts/Rail.svelte';
    import { loadCraft } from './lib/craft.svelte';
    import { outbox } from './lib/outbox.svelte';
    import { home } from './lib/home.svelte';
    import { keepFocusHome } from './lib/focusHome';
    import { forgetOld } from './lib/kept';
    import { bindKeys, onKeydown } from './lib/keys.svelte';
    import { takeBack } from './lib/notices.svelte';
    import { settings } from './lib/settings.svelte';

    /** A place is loaded when somebody goes there. */
    const view = (load: () => Promise<{ default: Component<any> }>) =>
        wrap({ asyncComponent: () => load().catch(() => ({ default: NotLoaded })) });
    const routes = {
        '/': view(() => import('./views/BenchView.svelte')),
        '/plans': view(() => import('./views/PlansView.svelte')),
        '/plans/new': view(() => import('./views/NewPlanView.svelte')),
        '/plans/guide': view(() => import('./views/GuideView.svelte')),
        '/plans/muster': view(() => import('./views/MusterView.svelte')),
        '/plans/recipes': view(() => import('./views/RecipesView.svelte')),
        '/plans/:id': view(() => import('./views/PlanView.svelte')),
        '/batches/:id': view(() => import('./views/BatchView.svelte')),
        '/batches/:id/paint': view(() => import('./views/PaintView.svelte')),
        '/shelf': view(() => import('./views/ShelfView.svelte')),
        '/shelf/*': view(() => import('./views/ShelfView.svelte')),
        '/mixing': view(() => import('./views/MixingView.svelte')),
        '/mixing/list': view(() => import('./views/WantedView.svelte')),
        '/print/swatches': view(() => import('./views/SwatchSheetView.svelte')),
        '/print/plan/:id': view(() => import('./views/PlanCardView.svelte')),
        '/evenings': view(() => import('./views/EveningsView.svelte')),
        '/logbook': view(() => import('./views/LogbookView.svelte')),
        '/logbook/lessons': view(() => import('./views/LogbookView.svelte')),
        '/settings': view(() => import('./views/SettingsView.svelte')),
        '/handbook': view(() => import('./views/HandbookView.svelte')),
        '*': view(() => import('./views/MissingView.svelte')),
    };

    /** At the desk nothing stands beside the pass. */
    const isPainting = $derived(/^\/batches\/[^/]+\/paint/.test(router.location));
    let keysShown = $state(false);
    let finding = $state(false);
    /** What is looked for: typed into the panel, or before it was there. */
    let sought = $state('');
    let work: HTMLElement;

    const SOON_MS = 1000;
    /** It comes when nothing else is to be done, or when somebody presses for it, and types on meanwhile. */
    const findPanel = () => import('./parts/FindPanel.svelte');
    onMount(() => {
        // What is to be said when the line is cut has to be there before.
        const soon = setTimeout(() => {
            const parts = [findPanel(), import('./parts/Undecided.svelte'), import('./parts/Notice.svelte')];
            void Promise.all(parts).catch(() => undefined);
        }, SOON_MS);
        return () => clearTimeout(soon);
    });

    $effect(() => keepFocusHome(work));
    $effect(() => outbox.run());
    // Whenever another desk answers, what waits for it can go.
    $effect(() => {
        if (home.desk !== null) void outbox.send();
    });
    forgetOld();

    function find(): void {
        sought = '';
        finding = true;
    }

    function keydown(event: KeyboardEvent): void {
        const isText = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
        if (!finding || !isText || (event.target as HTMLElement).closest('[role=dialog]')) return onKeydown(event);
        event.preventDefault();
        sought += event.key;
    }

    void loadCraft().catch(() => undefined);
    void settings.load().catch(() => undefined);

    $effect(() =>
        bindKeys([
            { key: '?', does: 'show or hide these keys', run: () => (keysShown = !keysShown) },
            { key: '/', does: 'find anything', run: find },
            { key: 'z', does: 'undo what was just done', run: () => takeBack() },
        ]),
    );
</script>

<!-- Leaving the page hands on what is typed in the field that has the cursor. -->
<!-- An open menu stays where it was when the page is turned or resized, so it closes then. -->
<svelte:window
    onkeydown={keydown}
    onpagehide={() => (document.activeElement as HTMLElement | null)?.blur()}
    onresize={() => document.querySelector<HTMLElement>('.bx--overflow-menu--open')?.click()}
/>

<a class="skip" href="#main" onclick={(event) => (event.preventDefault(), document.getElementById('main')?.focus())}>
    Skip to the work
</a>
<div class="frame" class:isPainting>
    {#if !isPainting}<Rail showKeys={() => (keysShown = !keysShown)} {find} />{/if}
    <main id="main" tabindex="-1" bind:this={work}>
        {#if outbox.isUndecided}
            {#await import('./parts/Undecided.svelte') then { default: Undecided }}<Undecided />{/await}
        {/if}
        <svelte:boundary onerror={(error) => console.error(error)}>
            <Router {routes} />
            {#snippet failed(error, reset)}
                <Broken {error} {reset} />
            {/snippet}
        </svelte:boundary>
    </main>
</div>
{#if finding}
    {#await findPanel() then { default: FindPanel }}<FindPanel
            bind:words={sought}
            close={() => (finding = false)}
        />{/await}
{/if}
{#if keysShown}
    {#await import('./parts/KeysPanel.svelte') then { default: KeysPanel }}
        <KeysPanel close={() => (keysShown = false)} />
    {/await}
{/if}
<Notices />

<style>
    .frame {
        display: grid;
        grid-template-columns: 84px minmax(0, 1fr);
        height: 100vh;
    }

    .frame.isPainting {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: minmax(0, 1fr);
    }

    main {
        overflow: auto;
        padding: 20px 22px 24px;
        outline: none;
    }

    /* While a message lies at the foot, what is below it can be scrolled up from there. */
    .frame:has(~ :global(.notices > *)) main {
        padding-bottom: 96px;
    }

    .skip {
        position: absolute;
        left: -999px;
        z-index: 20;
        padding: 0.5rem 1rem;
        background: var(--raised);
        color: var(--ink);
    }

    .skip:focus {
        left: 0;
    }

    @media (max-width: 700px) {
        .frame {
            grid-template-columns: minmax(0, 1fr);
            grid-template-rows: minmax(0, 1fr) auto;
        }

        main {
            padding: 14px 12px 20px;
            grid-row: 1;
        }
    }
</style>
