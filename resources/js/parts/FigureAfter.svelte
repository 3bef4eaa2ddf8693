<script lang="ts">
    import { got, of, type Plan, server } from '../lib/api';
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

    const HEIGHT = 270;
    const WIDEST = 600;
    /** As wide as there is room for; asked for once it is known. */
    let room = $state(0);
    const width = $derived(room === 0 ? 0 : Math.max(120, Math.min(WIDEST, Math.round(room / 20) * 20)));
    let picture = $state<string | null>(null);
    let isDrawn = $state(true);

    $effect(() => {
        const { figure, version } = plan;
        if (figure === null || width === 0) return;
        let left = false;
        let url: string | null = null;
        isDrawn = true;
        const nothing: PlanEdit = { do: 'set', at: [], fields: { name: plan.document.name } };
        const body = {
            version,
            edit: ($state.snapshot(edit) as PlanEdit | null) ?? nothing,
            width,
            height: HEIGHT,
            area,
        };
        got(server.POST('/figures/{id}/still', { ...of(figure.id), body, parseAs: 'blob' })).then(
            (blob) => {
                if (left) return;
                picture = url = URL.createObjectURL(blob as unknown as Blob);
            },
            () => (isDrawn = false),
        );
        return () => {
            left = true;
            if (url !== null) URL.revokeObjectURL(url);
        };
    });
</script>

{#if plan.figure !== null && isDrawn}
    <div class="well" class:near={area !== null} bind:clientWidth={room} aria-busy={picture === null}>
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
