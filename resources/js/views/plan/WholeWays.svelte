<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import { got, of, type Schemas, server } from '../../lib/api';
    import { Latest } from '../../lib/latest.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { plural } from '../../lib/words';
    import FigureAfter from '../../parts/FigureAfter.svelte';
    import OwnGround from '../../parts/OwnGround.svelte';
    import Quilt from '../../parts/Quilt.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import WayFacts from './WayFacts.svelte';

    /** Ways that paint several areas otherwise, the whole model side by side: put aside under one name, held against each other, taken with one press. */
    let { desk }: { desk: PlanDesk } = $props();

    const latest = new Latest<Schemas['Ways']>();
    const version = $derived(desk.plan?.version);
    const ways = $derived(latest.answer?.ways ?? []);
    const areas = $derived((desk.document?.areas ?? []).filter((area) => area.steps.length > 0));
    /** What is planned is one of the named ways already: it is not shown twice. */
    const shown = $derived(
        ways.filter((way) => way.name !== null || !ways.some((one) => one.name !== null && one.changed.length === 0)),
    );
    let name = $state('');
    let chosen = $state<string[]>([]);

    $effect(() => {
        void version;
        void ask();
    });

    function ask(): Promise<void> {
        return latest.ask(() => got(server.GET('/plans/{id}/ways', of(desk.id))));
    }

    async function putAside(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        if (name.trim() === '' || chosen.length < 2) return;
        await desk.addWay(name.trim(), chosen);
        name = '';
        chosen = [];
    }

    /** The undercoat that all its variants stand on, where they have one of their own. */
    function groundOf(way: string): { id: string; name: string } | null {
        const bases = (desk.document?.areas ?? [])
            .flatMap((area) => area.variants ?? [])
            .filter((one) => one.name === way)
            .map((one) => one.undercoat?.base);
        const base = bases[0];
        if (base === undefined || !bases.every((one) => one === base)) return null;
        return { id: base, name: desk.plan?.paints.find((paint) => paint.id === base)?.name ?? '' };
    }

    function named(ids: string[]): string {
        return (desk.document?.areas ?? [])
            .filter((area) => ids.includes(area.id))
            .map((area) => area.name)
            .join(', ');
    }
</script>

<section class="panel stack" aria-label="Ways to paint it" aria-busy={latest.busy}>
    <h2>Ways to paint it</h2>
    {#if latest.problem}
        <Trouble problem={latest.problem} retry={ask} />
    {:else if shown.length > 0}
        <ul class="candidates" aria-label="Ways">
            {#each shown as way (way.name ?? '')}
                <li class:now={way.changed.length === 0}>
                    {#if desk.plan && (desk.plan.figure?.areas.length ?? 0) > 0}
                        <FigureAfter
                            plan={desk.plan}
                            edit={way.name === null || way.changed.length === 0
                                ? null
                                : { do: 'promote-way', name: way.name, id: 'shown' }}
                            name={way.name === null ? 'The figure as it is planned' : `The figure as ${way.name}`}
                        />
                    {:else}
                        <Quilt
                            name={way.name === null ? 'As it is planned' : `In the end as ${way.name}`}
                            patches={desk.plan?.looks.quilt ?? []}
                            pieces={way.areas}
                            small
                        />
                    {/if}
                    <b><bdi>{way.name ?? 'as it is planned'}</bdi></b>
                    <WayFacts {way} all={shown} drying="longest drying" />
                    {#if way.name !== null && way.changed.length > 0}
                        {@const called = way.name}
                        <p class="quiet">otherwise: <bdi>{named(way.changed)}</bdi></p>
                        <div class="own">
                            <OwnGround
                                of={called}
                                base={groundOf(called)}
                                change={(base) => void desk.groundWay(called, base)}
                            />
                        </div>
                        <Button size="small" kind="secondary" on:click={() => void desk.promoteWay(called)}
                            >Paint it so<span class="sr">: {called}</span></Button
                        >
                    {:else if way.name !== null}<p class="quiet">painted so</p>{/if}
                </li>
            {/each}
        </ul>
    {/if}
    <details>
        <summary>Put the recipes of several areas aside as a way</summary>
        <form class="stack" onsubmit={putAside} aria-label="Put aside as a way">
            <p class="quiet">
                They are kept under one name. Change the areas then, and hold the two beside each other here.
            </p>
            <div class="pills" role="group" aria-label="Areas">
                {#each areas as area (area.id)}
                    <button
                        type="button"
                        class="pill"
                        aria-pressed={chosen.includes(area.id)}
                        onclick={() =>
                            (chosen = chosen.includes(area.id)
                                ? chosen.filter((one) => one !== area.id)
                                : [...chosen, area.id])}><bdi>{area.name}</bdi></button
                    >
                {/each}
            </div>
            <div class="put">
                <TextInput
                    size="sm"
                    labelText="Name of the way"
                    placeholder="layered, by the book …"
                    maxlength={60}
                    dir="auto"
                    bind:value={name}
                />
                <Button size="small" kind="tertiary" type="submit" disabled={name.trim() === '' || chosen.length < 2}
                    >Put {chosen.length > 1 ? plural(chosen.length, 'recipe') : 'two and more'} aside</Button
                >
            </div>
        </form>
    </details>
</section>

<style>
    .own {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
    }

    section {
        padding: 14px 16px;
    }

    li {
        display: grid;
        gap: 8px;
        align-content: start;
        justify-items: start;
        padding: 10px;
        border: 1px solid var(--line);
        border-radius: 4px;
        background: var(--raised);
    }

    li > :global(.quilt) {
        width: 100%;
    }

    .now {
        border-color: var(--ink);
    }

    form {
        padding-top: 10px;
    }

    summary {
        width: fit-content;
    }

    .put {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 12px;
        align-items: end;
    }
</style>
