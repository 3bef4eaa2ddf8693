<script lang="ts">
    import { onDestroy } from 'svelte';
    import type { paths } from '../lib/api-types';
    import { got, of, type Plan, server } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import type { PlanEdit } from '../lib/outboxStore';

    /** A plan's own figure as it would be painted after an edit that is not made. Nothing where it cannot be drawn. */
    let {
        plan,
        edit,
        area = null,
        name,
    }: {
        plan: Pick<Plan, 'version' | 'figure' | 'document'>;
        /** Null: as it is planned. */
        edit: PlanEdit | null;
        /** It is turned to where this area is seen. */
        area?: string | null;
        name: string;
    } = $props();

    type Wish = NonNullable<paths['/figures/{id}/still']['post']['requestBody']>['content']['application/json'];

    const HEIGHT = 270;
    const WIDEST = 600;
    /** As wide as there is room for; asked for once it is known. */
    let room = $state(0);
    const width = $derived(room === 0 ? 0 : Math.max(120, Math.min(WIDEST, Math.round(room / 20) * 20)));
    let picture = $state<string | null>(null);

    let isNear = $state(false);
    /** What is asked for, as it is sent: asked once, however often what it is made of is handed in. */
    const wish = $derived.by(() => {
        if (plan.figure === null || width === 0) return null;
        const nothing: PlanEdit = { do: 'set', at: [], fields: { name: plan.document.name } };
        return JSON.stringify({ version: plan.version, edit: edit ?? nothing, width, height: HEIGHT, area });
    });
    let asked: string | null = null;
    const latest = new Latest<Blob>((blob) => show(URL.createObjectURL(blob)));

    $effect(() => {
        const { figure } = plan;
        if (figure === null || wish === null || wish === asked || !isNear) return;
        asked = wish;
        const body = JSON.parse(wish) as Wish;
        void latest.ask(() =>
            got<unknown>(server.POST('/figures/{id}/still', { ...of(figure.id), body, parseAs: 'blob' })).then(
                (blob) => blob as Blob,
            ),
        );
    });
    onDestroy(() => {
        latest.drop();
        show(null);
    });

    function show(url: string | null): void {
        if (picture !== null) URL.revokeObjectURL(picture);
        picture = url;
    }

    /** A picture is asked for when somebody is about to see it: of a row of five, on a phone, one. */
    function watched(well: HTMLElement): { destroy: () => void } {
        const watch = new IntersectionObserver((seen) => (isNear = seen.at(-1)?.isIntersecting ?? false), {
            rootMargin: '200px',
        });
        watch.observe(well);
        return { destroy: () => watch.disconnect() };
    }
</script>

{#if plan.figure !== null && latest.problem === null}
    <div
        class="well"
        class:near={area !== null}
        bind:clientWidth={room}
        use:watched
        aria-busy={isNear && picture === null}
    >
        {#if picture !== null}<img class="fills" src={picture} alt={name} />{:else}<p>drawing it …</p>{/if}
    </div>
{/if}

<style>
    div {
        width: 100%;
        height: 270px;
        padding: 6px;
        border-radius: 4px;
    }

    p {
        display: grid;
        place-items: center;
        height: 100%;
    }

    /* Cut out of the figure: it reaches to the edges. */
    .near {
        padding: 0;
        overflow: hidden;
    }

    .near img {
        object-fit: cover;
    }
</style>
