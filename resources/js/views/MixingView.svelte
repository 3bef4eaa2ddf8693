<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { MixBench } from '../lib/mixBench.svelte';
    import Tabs from '../parts/Tabs.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import AnswerLists from './mixing/AnswerLists.svelte';
    import LimitsPanel from './mixing/LimitsPanel.svelte';
    import SideBySide from './mixing/SideBySide.svelte';
    import TargetPanel from './mixing/TargetPanel.svelte';

    /** A colour wanted, and what on the shelf makes it. The address says what is wanted, so other places can send one here. */
    const bench = new MixBench();

    $effect(() => {
        const wish = Object.fromEntries(new URLSearchParams(router.querystring));
        if (wish.paint || wish.colour || wish.plan) {
            const { paint = null, colour = null, plan = null, step = null, zone = null } = wish;
            bench.aim({ paint, colour, plan, step, zone });
        }
    });
</script>

<header>
    <div>
        <h1>Mixing</h1>
        <p class="quiet">
            {#if bench.answers}{bench.answers.tried} owned paints tried, alone, in twos and in threes{:else}What do I
                have that makes this colour?{/if}
        </p>
    </div>
    <Tabs
        label="Mixing"
        tabs={[
            { href: '/mixing', name: 'One colour' },
            { href: '/mixing/list', name: 'A list or plan' },
        ]}
    />
</header>
<div class="bench">
    <aside>
        <TargetPanel {bench} />
        <LimitsPanel {bench} />
    </aside>
    <div class="work" aria-busy={bench.busy}>
        {#if bench.problem}
            <Trouble problem={bench.problem} retry={() => bench.ask()} />
        {:else if bench.answers === null}
            <section class="panel nothing">
                <h2>{bench.target === null ? 'Say what you want to mix' : 'Trying every pair…'}</h2>
                <p class="quiet">
                    Choose a paint you lack, type a colour, or take one from a plan. A photo or the reader can send a
                    colour here too: <a href="#/shelf/measure">measure a swatch</a>.
                </p>
            </section>
        {:else}
            {#if bench.shown}
                <SideBySide answers={bench.answers} answer={bench.shown} />
            {/if}
            {#if !bench.answers.reach.isReached}
                <p class="reach panel" role="status"><b>{bench.answers.reach.words}</b></p>
            {/if}
            <AnswerLists {bench} />
        {/if}
    </div>
</div>

<style>
    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: start;
        justify-content: space-between;
        margin-bottom: 12px;
    }

    .bench {
        display: grid;
        grid-template-columns: 312px minmax(0, 1fr);
        gap: 12px;
        align-items: start;
    }

    aside,
    .work {
        display: grid;
        gap: 12px;
        min-width: 0;
    }

    .nothing {
        display: grid;
        gap: 8px;
        padding: 28px 22px;
    }

    .reach {
        padding: 12px 14px;
        border-left: 6px solid var(--ink);
    }

    a {
        color: var(--ink);
    }

    @media (max-width: 900px) {
        .bench {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
