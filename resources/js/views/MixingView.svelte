<script lang="ts">
    import { router } from 'svelte-spa-router';
    import { got, server, type Schemas } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import { MixBench } from '../lib/mixBench.svelte';
    import Desk from '../parts/Desk.svelte';
    import Nothing from '../parts/Nothing.svelte';
    import Trouble from '../parts/Trouble.svelte';
    import AnswerLists from './mixing/AnswerLists.svelte';
    import KeptMixes from './mixing/KeptMixes.svelte';
    import LimitsPanel from './mixing/LimitsPanel.svelte';
    import MixActions from './mixing/MixActions.svelte';
    import MixingHead from './mixing/MixingHead.svelte';
    import OutOfReach from './mixing/OutOfReach.svelte';
    import SideBySide from './mixing/SideBySide.svelte';
    import TargetPanel from './mixing/TargetPanel.svelte';

    /** A colour wanted, and what on the shelf makes it. The address says what is wanted, so other places can send one here. */
    const bench = new MixBench();

    const mine = new Latest<Schemas['KeptMix'][]>();
    const loadMine = (): Promise<void> => mine.ask(() => got(server.GET('/kept-mixes')));
    $effect(() => void loadMine());

    $effect(() => {
        const wish = Object.fromEntries(new URLSearchParams(router.querystring));
        if (wish.paint || wish.colour || wish.plan) {
            const { paint = null, colour = null, plan = null, step = null, zone = null } = wish;
            bench.aim({ paint, colour, plan, step, zone });
        }
    });
</script>

<svelte:head><title>Mixing · Kalokroma</title></svelte:head>
<MixingHead
    >{#if bench.answers}{bench.answers.tried} owned paints tried, alone, in twos and in threes{:else}What do I have that
        makes this colour?{/if}</MixingHead
>
<Desk sideWidth="312px" framed={false} busy={bench.busy}>
    {#snippet side()}
        <TargetPanel {bench} />
        <KeptMixes mixes={mine.answer ?? []} changed={loadMine} />
        <LimitsPanel {bench} />
    {/snippet}
    {#if bench.problem}
        <Trouble problem={bench.problem} retry={() => bench.ask()} />
    {:else if bench.answers === null}
        <Nothing title={bench.target === null ? 'Say what you want to mix' : 'Trying every pair…'}>
            <p class="quiet">
                Choose a paint you lack, type a colour, or take one from a plan. A photo or the reader can send a colour
                here too: <a href="#/shelf/measure">measure a swatch</a>.
            </p>
        </Nothing>
    {:else}
        {#if !bench.answers.reach.isReached}
            <OutOfReach answers={bench.answers} />
        {/if}
        {#if bench.shown}
            <SideBySide answers={bench.answers} answer={bench.shown}>
                <MixActions
                    answer={bench.shown}
                    target={bench.answers.target}
                    asked={{ plan: bench.target?.plan ?? null, step: bench.target?.step ?? null }}
                    kept={loadMine}
                />
            </SideBySide>
        {/if}
        <AnswerLists {bench} />
    {/if}
</Desk>

<style>
    a {
        color: var(--ink);
    }
</style>
