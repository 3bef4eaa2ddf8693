<script lang="ts">
    import { Button, ContentSwitcher, Switch } from 'carbon-components-svelte';
    import type { Moment } from '../../lib/figure/colours';
    import { LAMPS } from '../../lib/figure/lamps';
    import { stageOf } from '../../lib/figure/moments';
    import { got, type Schemas, server } from '../../lib/api';
    import { otherwise } from '../../lib/figure/besides';
    import { Latest } from '../../lib/latest.svelte';
    import { watch } from '../../lib/figure/watched';
    import { PlanFigures } from '../../lib/figures.svelte';
    import { bindKeys } from '../../lib/keys.svelte';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import FigureAreas from './FigureAreas.svelte';
    import { isHanded } from '../../lib/figure/handed';
    import FigureBring from './FigureBring.svelte';
    import FigureCautions from './FigureCautions.svelte';
    import FigureMeasures from './FigureMeasures.svelte';
    import FigureNaming from './FigureNaming.svelte';
    import FigureSteps from './FigureSteps.svelte';
    import Choose from '../../parts/Choose.svelte';
    import FigureCanvas from '../../parts/FigureCanvas.svelte';
    import Trouble from '../../parts/Trouble.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    /** The plan on the sculpt itself: every stage of it, turned in the hand. */
    let {
        desk,
        areaId,
        choose,
        open,
    }: {
        desk: PlanDesk;
        areaId: string | null;
        choose: (area: string) => void;
        open: (area: string | null, step: string | null) => void;
    } = $props();

    const figures = $derived(new PlanFigures(desk.id));
    let shown = $state<string | null>(null);
    // svelte-ignore state_referenced_locally
    let bringing = $state(isHanded(desk.id));
    let naming = $state(false);
    const figure = $derived(figures.figures?.find((one) => one.id === shown) ?? figures.figures?.[0] ?? null);
    const painted = $derived(figures.painted);
    const passes = $derived(painted?.passes ?? []);
    const last = $derived(passes.length);
    const primed = $derived(passes.filter((pass) => pass.isUndercoat).length);
    let wanted = $state<number | null>(null);
    const pass = $derived(Math.min(wanted ?? last, last));
    let onlyArea = $state(false);
    let lamp = $state(0);
    let squint = $state(false);
    let bare = $state(false);
    let lights = $state(false);
    let comparing = $state('');
    /** What another way would be painted like, once it is held beside. */
    const primers = new Latest<Schemas['PaintPage']>();
    $effect(() => {
        const query = { kind: 'primer' as const, owned: 'owned' as const, sort: 'value' as const, perPage: 5 };
        void primers.ask(() => got(server.GET('/paints', { params: { query } })));
    });
    const otherwisePainted = new Latest<Schemas['Painted']>();
    let wiper = $state(50);
    let held = $state(0);
    let pointed = $state<{ area: string | null; zone: number } | null>(null);

    /** The area that the step one stands at is done to; none where it is done to the whole model. */
    const worked = $derived.by(() => {
        const here = passes[pass - 1];
        if (here === undefined || here.isUndercoat) return null;
        const done = (painted?.areas ?? []).filter((one) => one.stages.some((stage) => stage.step === here.step));
        return done.length === 1 ? done[0]!.id : null;
    });
    const moment = $derived<Moment>({
        pass: bare ? primed : pass,
        only: onlyArea ? areaId : null,
        lit: lights && worked !== null && !bare ? { area: worked, step: passes[pass - 1]?.step ?? '' } : null,
    });
    const beside = $derived.by(() => {
        if (painted === null || comparing === '') return null;
        const at = (pass: number): Moment => ({ ...moment, pass });
        if (comparing === 'primed') return { painted, moment: at(primed) };
        if (comparing === 'now') return { painted, moment: at(held) };
        if (comparing === 'before') return figures.before === null ? null : { painted: figures.before, moment };
        const other = otherwisePainted.answer;
        // Its steps are others: it is seen painted to the end.
        return other === null ? null : { painted: other, moment: at(other.passes.length) };
    });
    const now = $derived(pass === 0 ? null : passes[pass - 1]);

    /** The strips' words for what lies under the pointer. */
    const said = $derived.by(() => {
        if (pointed === null || painted === null) return null;
        const at = pointed;
        const named = painted.areas.find((one) => one.id === at.area);
        if (named === undefined) return { where: 'In no area', what: 'Give it to one, and it is painted with it.' };
        const stage = stageOf(named, pass);
        const look = desk.plan?.looks.areas[named.id]?.strip.stages.find((one) => one.stepId === stage);
        const zone = look?.zones[at.zone];
        return zone === undefined
            ? { where: named.name, what: 'bare plastic' }
            : { where: `${named.name}, ${zone.label}`, what: zone.words };
    });

    $effect(() => {
        const all = figures;
        void all.load();
        return () => all.close();
    });
    $effect(() => {
        const version = desk.plan?.version;
        if (version !== undefined) void figures.look(version, desk.plan?.painted);
    });
    $effect(() => watch(desk.id));
    $effect(() =>
        bindKeys([
            { key: 'q', does: 'squint at the figure', run: () => (squint = !squint) },
            { key: 'p', does: 'see the figure primed', run: () => (bare = !bare) },
        ]),
    );

    function press(place: { area: string | null }): void {
        if (place.area !== null) choose(place.area);
    }

    const others = $derived(
        desk.document === null
            ? []
            : otherwise(
                  desk.document,
                  areaId,
                  (id) => desk.plan?.looks.areas[id]?.variants,
                  primers.answer?.paints ?? [],
              ),
    );
    $effect(() => {
        const edit = others.find((one) => one.value === comparing)?.edit;
        const version = desk.plan?.version;
        if (edit === undefined || version === undefined) return otherwisePainted.drop();
        const params = { path: { id: desk.id }, query: { painted: 1 as const } };
        void otherwisePainted.ask(async () => {
            const then = await got(server.POST('/plans/{id}/edits/preview', { params, body: { version, edit } }));
            return then.painted!;
        });
    });

    /** What was chosen for another area is not there for this one. */
    const isKnown = $derived(
        ['primed', 'now', 'before'].includes(comparing) || others.some((one) => one.value === comparing),
    );

    function compare(wanted: string): void {
        held = pass;
        comparing = wanted;
    }
</script>

{#if figures.problem}
    <Trouble problem={figures.problem} retry={() => figures.load()} />
{:else if figures.figures === null || painted === null}
    <Waiting what="the figure" />
{:else if figure === null || bringing}
    <FigureBring
        {desk}
        taken={(brought) => {
            bringing = false;
            naming = true;
            shown = brought.id;
            void figures.add(brought);
            void desk.load();
        }}
    />
    {#if figure}<Button size="small" kind="ghost" on:click={() => (bringing = false)}>Back to the figure</Button>{/if}
{:else if naming && figure.isWorkedOut}
    <FigureNaming
        {desk}
        {figure}
        {painted}
        {areaId}
        {choose}
        saved={(changed) => figures.take(changed)}
        renamed={(name) => void figures.rename(figure, name)}
        reload={() => figures.load()}
        done={() => (naming = false)}
    />
{:else}
    <div class="with-side">
        <section class="panel cloth" aria-label="Figure">
            <header>
                {#if figure.isPicture}<span class="quiet">on a photo</span>{:else}<ContentSwitcher
                        size="sm"
                        bind:selectedIndex={lamp}
                        aria-label="By what light"
                    >
                        {#each LAMPS as one (one.id)}<Switch text={one.name} />{/each}
                    </ContentSwitcher>{/if}
                <div class="acts">
                    <Button
                        size="small"
                        kind="tertiary"
                        href="#/plans/{desk.id}?face=quilt{areaId ? `&area=${areaId}` : ''}">Quilt</Button
                    >
                    <Button size="small" kind="tertiary" aria-pressed={squint} on:click={() => (squint = !squint)}
                        >Squint</Button
                    >
                    <Button size="small" kind="tertiary" aria-pressed={bare} on:click={() => (bare = !bare)}
                        >Primed</Button
                    >
                    <Button
                        size="small"
                        kind="tertiary"
                        aria-pressed={lights}
                        disabled={worked === null}
                        on:click={() => (lights = !lights)}>Where it goes</Button
                    >
                    <Choose
                        label="Beside it"
                        hideLabel
                        value={isKnown ? comparing : ''}
                        choices={[
                            { value: '', label: 'Nothing beside it' },
                            { value: 'primed', label: 'Beside it: primed' },
                            { value: 'now', label: `Beside it: as after step ${comparing === 'now' ? held : pass}` },
                            ...(figures.before
                                ? [{ value: 'before', label: 'Beside it: before the last change' }]
                                : []),
                            ...others,
                        ]}
                        change={compare}
                    />
                </div>
            </header>
            <div class="well">
                <FigureCanvas
                    {figure}
                    {painted}
                    {moment}
                    {beside}
                    wiper={wiper / 100}
                    lamp={figure.isPicture ? 'even' : (LAMPS[lamp]?.id ?? 'even')}
                    {squint}
                    chosen={onlyArea ? areaId : null}
                    name="{figure.name}, {now ? `${now.where}: ${now.words}` : 'bare plastic'}"
                    point={(place) => (pointed = place)}
                    {press}
                />
                <p class="said" aria-hidden="true">
                    {#if said}<b>{said.where}</b> {said.what}{/if}
                </p>
                {#if beside}
                    <input
                        class="wipe"
                        type="range"
                        min="0"
                        max="100"
                        bind:value={wiper}
                        aria-label="Wiper between the two"
                    />
                {/if}
            </div>
            <FigureSteps {passes} {pass} {worked} go={(pass) => (wanted = pass)} {open} />
        </section>
        <aside class="stack-far">
            <FigureCautions {figure} />
            <FigureAreas {desk} {figure} {painted} {pass} {areaId} bind:onlyArea {choose} {open} />
            {#if !figure.isPicture}<FigureMeasures {desk} {figure} {areaId} />{/if}
            <div class="acts">
                {#if (figures.figures?.length ?? 0) > 1}
                    <Choose
                        label="Figure"
                        value={figure.id}
                        choices={(figures.figures ?? []).map((one) => ({ value: one.id, label: one.name }))}
                        change={(id) => (shown = id)}
                    />
                {/if}
                <Button size="small" kind="tertiary" on:click={() => (naming = true)}>Name its areas</Button>
                <Button size="small" kind="tertiary" on:click={() => (bringing = true)}>Another figure</Button>
                <Button size="small" kind="ghost" on:click={() => void figures.remove(figure).then(() => desk.load())}
                    >Take it out</Button
                >
            </div>
        </aside>
    </div>
{/if}

<style>
    .cloth {
        display: grid;
        gap: 8px;
        padding: 10px;
    }

    header {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: center;
        justify-content: space-between;
    }

    header :global(.bx--content-switcher) {
        width: auto;
    }

    header :global(.bx--content-switcher-btn) {
        width: auto;
        min-width: 0;
        white-space: nowrap;
    }

    .well {
        position: relative;
        height: clamp(320px, calc(100vh - 310px), 900px);
    }

    .said {
        position: absolute;
        top: 10px;
        left: 12px;
        min-height: 1.4em;
        margin: 0;
        color: var(--well-ink);
        pointer-events: none;
    }

    .wipe {
        position: absolute;
        right: 0;
        bottom: 8px;
        left: 0;
        width: 100%;
        margin: 0;
        accent-color: var(--ink);
    }

    .acts :global([aria-pressed='true']) {
        background: var(--ink);
        color: var(--panel);
    }

    @media (max-width: 1000px) {
        .well {
            height: clamp(320px, 62vh, 900px);
        }
    }
</style>
