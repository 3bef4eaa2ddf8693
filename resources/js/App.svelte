<script lang="ts">
    import Router, { push, router } from 'svelte-spa-router';
    import Broken from './parts/Broken.svelte';
    import KeysPanel from './parts/KeysPanel.svelte';
    import Notices from './parts/Notices.svelte';
    import Rail from './parts/Rail.svelte';
    import Undecided from './parts/Undecided.svelte';
    import { loadCraft } from './lib/craft.svelte';
    import { outbox } from './lib/outbox.svelte';
    import { home } from './lib/home.svelte';
    import { keepFocusHome } from './lib/focusHome';
    import { forgetOld } from './lib/kept';
    import { bindKeys, onKeydown } from './lib/keys.svelte';
    import { takeBack } from './lib/notices.svelte';
    import { settings } from './lib/settings.svelte';
    import BatchView from './views/BatchView.svelte';
    import BenchView from './views/BenchView.svelte';
    import EveningsView from './views/EveningsView.svelte';
    import GuideView from './views/GuideView.svelte';
    import HandbookView from './views/HandbookView.svelte';
    import LogbookView from './views/LogbookView.svelte';
    import MissingView from './views/MissingView.svelte';
    import MixingView from './views/MixingView.svelte';
    import MusterView from './views/MusterView.svelte';
    import NewPlanView from './views/NewPlanView.svelte';
    import PaintView from './views/PaintView.svelte';
    import PlansView from './views/PlansView.svelte';
    import PlanView from './views/PlanView.svelte';
    import RecipesView from './views/RecipesView.svelte';
    import ShelfView from './views/ShelfView.svelte';
    import SwatchSheetView from './views/SwatchSheetView.svelte';
    import WantedView from './views/WantedView.svelte';

    const routes = {
        '/': BenchView,
        '/plans': PlansView,
        '/plans/new': NewPlanView,
        '/plans/guide': GuideView,
        '/plans/muster': MusterView,
        '/plans/recipes': RecipesView,
        '/plans/:id': PlanView,
        '/batches/:id': BatchView,
        '/batches/:id/paint': PaintView,
        '/shelf': ShelfView,
        '/shelf/*': ShelfView,
        '/mixing': MixingView,
        '/mixing/list': WantedView,
        '/print/swatches': SwatchSheetView,
        '/evenings': EveningsView,
        '/logbook': LogbookView,
        '/logbook/lessons': LogbookView,
        '/handbook': HandbookView,
        '*': MissingView,
    };

    /** At the desk nothing stands beside the pass. */
    const isPainting = $derived(/^\/batches\/[^/]+\/paint/.test(router.location));
    let keysShown = $state(false);
    let work: HTMLElement;

    $effect(() => keepFocusHome(work));
    $effect(() => outbox.run());
    // Whenever another desk answers, what waits for it can go.
    $effect(() => {
        if (home.desk !== null) void outbox.send();
    });
    forgetOld();

    void loadCraft().catch(() => undefined);
    void settings.load().catch(() => undefined);

    $effect(() =>
        bindKeys([
            { key: '?', does: 'show or hide these keys', run: () => (keysShown = !keysShown) },
            { key: '/', does: 'find a paint', run: findPaint },
            { key: 'z', does: 'undo what was just done', run: () => takeBack() },
        ]),
    );

    /** The list takes the cursor when it is opened to find something. */
    function findPaint() {
        if (location.hash.startsWith('#/shelf/list'))
            document.querySelector<HTMLInputElement>('.bx--search-input')?.focus();
        else void push('/shelf/list?find=');
    }
</script>

<!-- Leaving the page hands on what is typed in the field that has the cursor. -->
<svelte:window onkeydown={onKeydown} onpagehide={() => (document.activeElement as HTMLElement | null)?.blur()} />

<a class="skip" href="#main" onclick={(event) => (event.preventDefault(), document.getElementById('main')?.focus())}>
    Skip to the work
</a>
<div class="frame" class:isPainting>
    {#if !isPainting}<Rail showKeys={() => (keysShown = !keysShown)} />{/if}
    <main id="main" tabindex="-1" bind:this={work}>
        <Undecided />
        <svelte:boundary onerror={(error) => console.error(error)}>
            <Router {routes} />
            {#snippet failed(error, reset)}
                <Broken {error} {reset} />
            {/snippet}
        </svelte:boundary>
    </main>
</div>
{#if keysShown}
    <KeysPanel close={() => (keysShown = false)} />
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
